'use client';

import { useEffect, useMemo, useState } from 'react';
import type { Mark } from '@/core/round';
import type { Playhead } from '@/player/usePlayhead';
import { createStore, type Store } from '@/session/store';
import type { ReviewDeskParts } from '../useReviewDesk';
import { FilterStrip } from './FilterStrip';
import { Ledger } from './Ledger';

/** The ledger with its filter; while there is nothing in it, how to begin. */
export function LedgerPanel({ desk }: { readonly desk: ReviewDeskParts }) {
  const { filter, names, marks, moves, reading, playhead } = desk;
  const chosenKey = moves.chosen.map((mark) => mark.id).join(' ');
  const chosenIds = useMemo(() => new Set(chosenKey.split(' ')), [chosenKey]);
  const now = useMarkOfNow(playhead, reading.marks);
  if (reading.marks.length === 0) {
    const [a, b] = [names.a.toLowerCase(), names.b.toLowerCase()];
    return (
      <div className="start">
        <p>The ledger is empty.</p>
        <p>
          Play with Space. When something happens press Enter and write it as you would say it: “{a} half guard”, “{b}{' '}
          knee slice finished”, “{a} flat in half guard punished”.
        </p>
      </div>
    );
  }
  return (
    <>
      {filter.open ? (
        <FilterStrip
          filter={filter.filter}
          names={names}
          shown={filter.shown.length}
          all={reading.marks.length}
          onFilter={filter.setFilter}
          onClose={() => filter.setOpen(false)}
        />
      ) : null}
      {filter.shown.length === 0 ? <p className="start">No mark fits. “Show all” shows the others again.</p> : null}
      <Ledger
        outline={filter.lines}
        timeOf={desk.face.timeOf}
        names={names}
        selectedId={marks.state.selectedId}
        chosenIds={chosenIds}
        now={now}
        linkingFromId={moves.linkFrom}
        contradictions={desk.contradictions}
        damage={desk.chains.damageByRoot}
        onSelect={(mark, more) => (more ? moves.chooseMore(mark) : moves.goTo(mark))}
      />
    </>
  );
}

/** The last mark at or shortly after the moment that is looked at, for whoever watches it: this panel is not drawn anew when it is another one. */
function useMarkOfNow(playhead: Playhead, marks: readonly Mark[]): Store<string | undefined> {
  const [now] = useState(() => createStore<string | undefined>(undefined));
  useEffect(() => {
    const look = () => {
      const seconds = Math.floor(playhead.now() * 2) / 2 + 0.5;
      now.set(marks.findLast((mark) => mark.atSeconds <= seconds)?.id);
    };
    look();
    return playhead.subscribe(look);
  }, [playhead, marks, now]);
  return now;
}
