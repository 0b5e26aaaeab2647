'use client';

import { type ReactNode, useState } from 'react';
import { styled } from 'styled-components';
import { color, space } from '../tokens/tokens';

const Toggle = styled.button`
  background: none; border: 0; padding: ${space(1)} 0; cursor: pointer; font: inherit; text-decoration: underline; color: ${color.quiet};
  @media print { display: none; }
`;

/** The first few of a list, and a button that shows all of it: nothing is cut without a word. */
export function useShowAll<Item>(
  items: readonly Item[],
  few: number,
): { readonly shown: readonly Item[]; readonly toggle: ReactNode } {
  const [all, setAll] = useState(false);
  if (items.length <= few) return { shown: items, toggle: null };
  const toggle = (
    <Toggle type="button" aria-expanded={all} onClick={() => setAll(!all)}>
      {all ? 'fewer' : `all ${items.length}`}
    </Toggle>
  );
  return { shown: all ? items : items.slice(0, few), toggle };
}
