'use client';

import dynamic from 'next/dynamic';
import { memo, type ReactNode, useCallback, useMemo, useRef } from 'react';
import type { Contradiction, Damage, Mark } from '@/core/round';
import { createStore, type Store } from '@/session/store';
import type { Names } from '../reviewView';
import { LedgerLine } from './LedgerLine';
import { LedgerList, type LinesProps, listNames, useFollow } from './LedgerList';
import type { LinePlace } from './linePlace';

/** A ledger that no playhead moves along. */
const never = createStore<string | undefined>(undefined);
/** Damage below this is not worth a word. */
const LEAST_COST = 0.5;
/** From this many marks on only the lines in sight are laid out. */
const LONG_LEDGER = 300;
// Most rounds never need it.
const LongLines = dynamic(() => import('./LongLines').then((one) => one.LongLines));

export interface LedgerProps {
  readonly outline: readonly { readonly mark: Mark; readonly depth: number }[];
  /** How the moment of a mark is written: in the time of the round, of the file, or of a clock. */
  readonly timeOf: (mediaSeconds: number) => string;
  readonly names: Names;
  readonly selectedId?: string;
  /** Everything that is chosen, the selected one included. */
  readonly chosenIds: ReadonlySet<string>;
  /** Which mark is the last one at or before the moment that is looked at. */
  readonly now?: Store<string | undefined>;
  readonly linkingFromId?: string;
  readonly contradictions: readonly Contradiction[];
  readonly damage: ReadonlyMap<string, Damage>;
  readonly onSelect: (mark: Mark, more: boolean) => void;
}

/** The marks of the round as an outline under their first causes. */
export const Ledger = memo(function Ledger(props: LedgerProps) {
  const { outline, timeOf, names, selectedId, chosenIds, now = never, linkingFromId, contradictions, damage } = props;
  const latest = useRef(props.onSelect);
  latest.current = props.onSelect;
  const select = useCallback((mark: Mark, more: boolean) => latest.current(mark, more), []);
  const doubts = useMemo(() => doubtsByMark(contradictions), [contradictions]);
  const lineAt = (index: number, place?: LinePlace): ReactNode => {
    const { mark, depth } = outline[index]!;
    const cost = damage.get(mark.id)?.total ?? 0;
    return (
      <LedgerLine
        key={mark.id}
        {...{ mark, depth, names, place }}
        at={timeOf(mark.atSeconds)}
        selected={mark.id === selectedId || chosenIds.has(mark.id)}
        now={now}
        linking={mark.id === linkingFromId}
        doubts={doubts.get(mark.id)}
        cost={cost >= LEAST_COST ? cost : undefined}
        onSelect={select}
      />
    );
  };
  const shownIndex = useCallback(() => {
    const id = now.get() ?? selectedId;
    return outline.findIndex(({ mark }) => mark.id === id);
  }, [outline, now, selectedId]);
  const Lines = outline.length > LONG_LEDGER ? LongLines : ShortLines;
  return <Lines count={outline.length} {...{ shownIndex, now, selectedId, lineAt }} />;
});

function ShortLines({ count, shownIndex, now, selectedId, lineAt }: LinesProps) {
  const list = useRef<HTMLOListElement>(null);
  useFollow({ count, shownIndex, now, selectedId }, (index) => {
    // Newer browsers answer with a promise, which must not become the effect's clean-up.
    void list.current?.children[index]?.scrollIntoView?.({ block: 'nearest' });
  });
  return (
    <LedgerList ref={list} {...listNames}>
      {Array.from({ length: count }, (_, index) => lineAt(index))}
    </LedgerList>
  );
}

function doubtsByMark(contradictions: readonly Contradiction[]): ReadonlyMap<string, readonly Contradiction[]> {
  const byMark = new Map<string, Contradiction[]>();
  for (const one of contradictions) {
    const [id] = one.markIds;
    if (id) byMark.set(id, [...(byMark.get(id) ?? []), one]);
  }
  return byMark;
}
