'use client';

import Link from 'next/link';
import { styled } from 'styled-components';
import { color, size, space } from '../tokens/tokens';

const Foot = styled.div`
  display: flex; gap: ${space(5)}; align-items: baseline; padding-top: ${space(3)}; font-size: ${size.small}; color: ${color.quiet};
  @media print { display: none; }
`;

export interface PieceFootProps {
  /** Where the list goes on; absent at its end. */
  readonly more?: { readonly href: string; readonly words: string };
  /** Back to its beginning; absent there. */
  readonly start?: { readonly href: string; readonly words: string };
  /** Entries that could not be read and are left out. */
  readonly unreadable?: number;
}

/** The end of a piece of a list: where it goes on, and what of it cannot be shown. Nothing where the list is whole. */
export function PieceFoot({ more, start, unreadable = 0 }: PieceFootProps) {
  if (!more && !start && unreadable === 0) return null;
  return (
    <Foot>
      {start ? <Link href={start.href}>{start.words}</Link> : null}
      {more ? <Link href={more.href}>{more.words}</Link> : null}
      {unreadable > 0 ? (
        <span role="status">
          {unreadable === 1
            ? '1 entry could not be read and is left out.'
            : `${unreadable} entries could not be read and are left out.`}{' '}
          The log says which.
        </span>
      ) : null}
    </Foot>
  );
}
