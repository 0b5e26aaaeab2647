'use client';

import { styled } from 'styled-components';
import { font, size, space } from '@/ui/tokens/tokens';

export const Counted = styled.p`
  font-family: ${font.serif}; font-size: ${size.large}; max-width: 70ch;
`;
export const Answered = styled.div`
  display: flex; gap: ${space(4)} ${space(6)}; align-items: center; justify-content: space-between; flex-wrap: wrap;
`;
export const Entries = styled.ul`
  list-style: none; margin: 0; padding: 0; columns: 2; column-gap: ${space(8)};
  li { padding: 2px 0; break-inside: avoid; }
`;
