'use client';

import { useRef, useState } from 'react';
import { formatClock, type Span } from '@/core/clock';
import { checkLink, type Mark, type RoundReading, swapFrom } from '@/core/round';
import type { Playhead } from '@/player/usePlayhead';
import { withLink } from './markEdits';
import { markProblemText } from './reviewView';
import type { useMarks } from './useMarks';

/** Going from mark to mark, and what one key does to the chosen one. `say` tells the coach why nothing happened. */
export function useMarkMoves(
  marks: ReturnType<typeof useMarks>,
  reading: RoundReading,
  playhead: Playhead,
  span: Span,
  say: (words: string | undefined) => void,
) {
  const { state } = marks;
  const [linkFrom, setLinkFrom] = useState<string>();
  // Where the playhead stood when a mark was chosen: until it moves on, ↑ and ↓ go from that mark, not from the moment.
  const chosenAt = useRef(Number.NaN);
  const selected = state.selectedId ? state.held.get(state.selectedId)?.mark : undefined;

  const stay = () => {
    chosenAt.current = playhead.now();
  };
  const goTo = (mark: Mark | undefined) => {
    if (!mark) return;
    marks.select(mark.id);
    playhead.seek(mark.atSeconds);
    stay();
  };
  const neighbour = (direction: 1 | -1): Mark | undefined => {
    const now = playhead.now();
    const at = reading.marks.findIndex((mark) => mark.id === state.selectedId);
    if (at >= 0 && Math.abs(now - chosenAt.current) < 0.3) return reading.marks[at + direction];
    return direction === 1
      ? reading.marks.find((mark) => mark.atSeconds > now + 0.02)
      : [...reading.marks].reverse().find((mark) => mark.atSeconds < now - 0.02);
  };
  const replaceSelected = (edit: (mark: Mark) => Mark | undefined) => {
    if (!selected) return say('Choose a mark first, with ↑ and ↓.');
    const next = edit(selected);
    if (!next) say(markProblemText({ code: 'ends-before-start' }));
    else if (next !== selected) marks.replace(selected, next);
  };
  const link = () => {
    const cause = linkFrom ? state.held.get(linkFrom)?.mark : undefined;
    if (!linkFrom) {
      if (selected?.kind !== 'error') return say('Choose an error first: only errors lead to something.');
      setLinkFrom(selected.id);
      return say('What did it lead to? Choose the later mark with ↓, then press L.');
    }
    setLinkFrom(undefined);
    if (!cause || !selected) return;
    const checked = checkLink(reading.marks, cause.id, selected.id);
    if (!checked.ok) return say(markProblemText(checked.problem));
    marks.replace(cause, withLink(cause, selected.id));
    say(undefined);
  };
  const swapAthletes = (seconds: number) => {
    const changed = reading.marks.filter((mark) => mark.atSeconds >= seconds);
    if (changed.length === 0) return say('There is no mark from here on.');
    marks.replaceAll(changed, swapFrom(changed, seconds));
    say(`The two are exchanged from ${formatClock(seconds - span.startSeconds)} on. Z takes it back.`);
  };
  return {
    selected,
    linkFrom,
    stay,
    goTo,
    neighbour,
    replaceSelected,
    link,
    unlink: () => setLinkFrom(undefined),
    swapAthletes,
  };
}
