'use client';

import { styled } from 'styled-components';
import { color, space } from '@/ui/tokens/tokens';

export const Understood = styled.p`
  color: ${color.quiet}; display: flex; gap: ${space(2)} ${space(4)}; flex-wrap: wrap;
  strong { color: ${color.ink}; font-weight: 600; }
`;
export const Entries = styled.ul`
  list-style: none; margin: 0; padding: 0; columns: 2; column-gap: ${space(8)};
  li { padding: 2px 0; break-inside: avoid; }
`;
