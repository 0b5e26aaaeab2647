import type { ReactNode } from 'react';
import { styled } from 'styled-components';
import { space } from '@/ui/tokens/tokens';
import type { LinePlace } from './linePlace';

/** The list that the lines of the ledger stand in. */
export const LedgerList = styled.ol`
  list-style: none; margin: 0; padding: ${space(2)} 0 ${space(6)}; overflow-y: auto; flex: 1; min-height: 0;
`;

export interface LinesProps {
  readonly count: number;
  readonly shownIndex: number;
  readonly selectedId: string | undefined;
  readonly lineAt: (index: number, place?: LinePlace) => ReactNode;
}
export const listNames = { role: 'listbox', 'aria-label': 'Marks of the round', 'aria-multiselectable': true } as const;
