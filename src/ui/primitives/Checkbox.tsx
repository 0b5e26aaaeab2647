'use client';

import type { ReactNode } from 'react';
import { Checkbox as AriaCheckbox, type CheckboxProps as AriaCheckboxProps } from 'react-aria-components/Checkbox';
import { styled } from 'styled-components';
import { color, space } from '../tokens/tokens';

const Box = styled(AriaCheckbox)`
  display: inline-flex; align-items: center; gap: ${space(2)}; cursor: pointer; min-height: 28px;
  .box { width: 18px; height: 18px; flex: none; border: 1.5px solid ${color.strongRule}; display: grid; place-items: center; font-size: 13px; line-height: 1; background: ${color.raised}; }
  &[data-selected] .box { background: ${color.ink}; color: ${color.ground}; border-color: ${color.ink}; }
  &[data-focus-visible] .box { outline: 2px solid ${color.focus}; outline-offset: 2px; }
`;

export function Checkbox({
  children,
  ...props
}: Omit<AriaCheckboxProps, 'children'> & { readonly children?: ReactNode }) {
  return (
    <Box {...props}>
      {({ isSelected }) => (
        <>
          <span className="box" aria-hidden>
            {isSelected ? '✓' : ''}
          </span>
          {children}
        </>
      )}
    </Box>
  );
}
