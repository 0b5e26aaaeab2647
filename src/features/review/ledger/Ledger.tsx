'use client';

import { memo, useCallback, useEffect, useMemo, useRef } from 'react';
import { styled } from 'styled-components';
import type { Contradiction, Damage, Mark } from '@/core/round';
import { space } from '@/ui/tokens/tokens';
import type { Names } from '../reviewView';
import { LedgerLine } from './LedgerLine';

const List = styled.ol`
  list-style: none; margin: 0; padding: ${space(2)} 0 ${space(6)}; overflow-y: auto; flex: 1; min-height: 0;
`;
/** Damage below this is not worth a word. */
const LEAST_COST = 0.5;

export interface LedgerProps {
  readonly outline: readonly { readonly mark: Mark; readonly depth: number }[];
  /** How the moment of a mark is written: in the time of the round, of the file, or of a clock. */
  readonly timeOf: (mediaSeconds: number) => string;
  readonly names: Names;
  readonly selectedId?: string;
  /** Everything that is chosen, the selected one included. */
  readonly chosenIds: ReadonlySet<string>;
  /** The last mark at or before the moment that is looked at. */
  readonly currentId?: string;
  readonly linkingFromId?: string;
  readonly contradictions: readonly Contradiction[];
  readonly damage: ReadonlyMap<string, Damage>;
  readonly onSelect: (mark: Mark, more: boolean) => void;
}

/** The marks of the round as an outline under their first causes. */
export const Ledger = memo(function Ledger(props: LedgerProps) {
  const { outline, timeOf, names, selectedId, chosenIds, currentId, linkingFromId, contradictions, damage } = props;
  const list = useRef<HTMLOListElement>(null);
  const latest = useRef(props.onSelect);
  latest.current = props.onSelect;
  const select = useCallback((mark: Mark, more: boolean) => latest.current(mark, more), []);
  const doubts = useMemo(() => {
    const byMark = new Map<string, Contradiction[]>();
    for (const one of contradictions) {
      const [id] = one.markIds;
      if (id) byMark.set(id, [...(byMark.get(id) ?? []), one]);
    }
    return byMark;
  }, [contradictions]);
  // biome-ignore lint/correctness/useExhaustiveDependencies: a new choice, a new mark or a new moment is what scrolls
  useEffect(() => {
    const shown = list.current?.querySelector(`[id="mark-${currentId ?? selectedId}"]`);
    // Newer browsers answer with a promise, which must not become the effect's clean-up.
    void shown?.scrollIntoView?.({ block: 'nearest' });
  }, [selectedId, currentId, outline.length]);
  return (
    <List ref={list} role="listbox" aria-label="Marks of the round" aria-multiselectable>
      {outline.map(({ mark, depth }) => {
        const cost = damage.get(mark.id)?.total ?? 0;
        return (
          <LedgerLine
            key={mark.id}
            {...{ mark, depth, names }}
            at={timeOf(mark.atSeconds)}
            selected={mark.id === selectedId || chosenIds.has(mark.id)}
            current={mark.id === currentId}
            linking={mark.id === linkingFromId}
            doubts={doubts.get(mark.id)}
            cost={cost >= LEAST_COST ? cost : undefined}
            onSelect={select}
          />
        );
      })}
    </List>
  );
});
