import { type ReactNode, useEffect, useRef } from 'react';
import { styled } from 'styled-components';
import type { Store } from '@/session/store';
import { space } from '@/ui/tokens/tokens';
import type { LinePlace } from './linePlace';

/** The list that the lines of the ledger stand in. */
export const LedgerList = styled.ol`
  list-style: none; margin: 0; padding: ${space(2)} 0 ${space(6)}; overflow-y: auto; flex: 1; min-height: 0;
`;

export interface LinesProps {
  readonly count: number;
  /** Where the line stands that is to be seen: of the moment, else the chosen one; -1 for none. */
  readonly shownIndex: () => number;
  readonly now: Store<string | undefined>;
  readonly selectedId: string | undefined;
  readonly lineAt: (index: number, place?: LinePlace) => ReactNode;
}
export const listNames = { role: 'listbox', 'aria-label': 'Marks of the round', 'aria-multiselectable': true } as const;

/** Brings the line that is to be seen into sight: after a new choice, a new mark, and as the moment moves on. */
export function useFollow(
  { count, shownIndex, now, selectedId }: Omit<LinesProps, 'lineAt'>,
  show: (index: number) => void,
): void {
  const latest = useRef({ shownIndex, show });
  latest.current = { shownIndex, show };
  useEffect(() => {
    const follow = () => {
      const index = latest.current.shownIndex();
      if (index >= 0) latest.current.show(index);
    };
    return now.subscribe(follow);
  }, [now]);
  // biome-ignore lint/correctness/useExhaustiveDependencies: a new choice or a new mark is what scrolls
  useEffect(() => {
    const index = latest.current.shownIndex();
    if (index >= 0) latest.current.show(index);
  }, [selectedId, count]);
}
