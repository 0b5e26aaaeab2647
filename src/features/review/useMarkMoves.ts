'use client';

import { useRef, useState } from 'react';
import { formatClock, type Span } from '@/core/clock';
import { type Mark, type RoundReading, swapFrom } from '@/core/round';
import type { Playhead } from '@/player/usePlayhead';
import { copyAt } from './markEdits';
import { markProblemText } from './reviewView';
import { CHOOSE_FIRST, useMarkLinks } from './useMarkLinks';
import type { useMarks } from './useMarks';

const nobody: ReadonlySet<string> = new Set();

export interface MarkMovesOptions {
  readonly marks: ReturnType<typeof useMarks>;
  readonly reading: RoundReading;
  /** The marks that the ledger shows: ↑ and ↓ go along them. */
  readonly shown: readonly Mark[];
  readonly playhead: Playhead;
  readonly span: Span;
  readonly reactionLeadSeconds: number;
  /** Tells the coach why nothing happened. */
  readonly say: (words: string | undefined) => void;
}

/** Going from mark to mark, choosing several, and what one key does to the chosen ones. */
export function useMarkMoves(options: MarkMovesOptions) {
  const { marks, reading, shown, playhead, span, reactionLeadSeconds, say } = options;
  const { state } = marks;
  // Marks that are chosen besides the selected one.
  const [also, setAlso] = useState(nobody);
  // Where the playhead stood when a mark was chosen: until it moves on, ↑ and ↓ go from that mark, not from the moment.
  const chosenAt = useRef(Number.NaN);
  const markOf = (id: string | undefined) => (id === undefined ? undefined : state.held.get(id)?.mark);
  const selected = markOf(state.selectedId);
  const chosen = selected
    ? [selected, ...[...also].flatMap((id) => (id === selected.id ? [] : (markOf(id) ?? [])))]
    : [];

  const stay = () => {
    chosenAt.current = playhead.now();
  };
  const goTo = (mark: Mark | undefined, keepOthers = false) => {
    if (!mark) return;
    if (!keepOthers && also.size > 0) setAlso(nobody);
    marks.select(mark.id);
    playhead.seek(mark.atSeconds);
    stay();
  };
  const links = useMarkLinks({ marks, reading, selected, goTo, say });
  const neighbour = (direction: 1 | -1): Mark | undefined => {
    const now = playhead.now();
    const at = shown.findIndex((mark) => mark.id === state.selectedId);
    if (at >= 0 && Math.abs(now - chosenAt.current) < 0.3) return shown[at + direction];
    return direction === 1
      ? shown.find((mark) => mark.atSeconds > now + 0.02)
      : shown.findLast((mark) => mark.atSeconds < now - 0.02);
  };
  const chooseMore = (mark: Mark | undefined) => {
    if (!mark) return;
    const next = new Set(also);
    if (selected) next.add(selected.id);
    // Going back over what was chosen lets it go again.
    if (selected && next.has(mark.id)) next.delete(selected.id);
    setAlso(next);
    goTo(mark, true);
  };
  const replaceSelected = (edit: (mark: Mark) => Mark | undefined) => {
    if (chosen.length === 0) return say(CHOOSE_FIRST);
    const edits = chosen.flatMap((mark) => {
      const next = edit(mark);
      return next && next !== mark ? [{ mark, next }] : [];
    });
    const [first] = edits;
    if (chosen.length === 1 && edit(chosen[0]!) === undefined)
      return say(markProblemText({ code: 'ends-before-start' }));
    if (!first) return;
    if (edits.length === 1) marks.replace(first.mark, first.next);
    else
      marks.replaceAll(
        edits.map((one) => one.mark),
        edits.map((one) => one.next),
      );
    if (edits.length > 1) say(`${edits.length} marks changed. Z takes it back.`);
  };
  const removeChosen = () => {
    if (chosen.length === 0) return;
    marks.remove(...chosen);
    setAlso(nobody);
    if (chosen.length > 1) say(`${chosen.length} marks deleted. Z brings them back.`);
  };
  const addCopy = (make: (mark: Mark, id: string) => Mark | undefined, whyNot: string) => {
    if (!selected) return say(CHOOSE_FIRST);
    const copy = make(selected, crypto.randomUUID());
    if (!copy) return say(whyNot);
    marks.add(copy);
    stay();
  };
  const repeatLast = () => {
    const last = markOf(marks.lastAddedId());
    if (!last || last.kind === 'turn' || last.kind === 'board')
      return say('Nothing was marked here yet that can be repeated.');
    const at = Math.max(span.startSeconds, playhead.now() - (playhead.playing ? reactionLeadSeconds : 0));
    marks.add(copyAt(last, at, crypto.randomUUID()));
    stay();
  };
  const swapAthletes = (seconds: number) => {
    const changed = reading.marks.filter((mark) => mark.atSeconds >= seconds);
    if (changed.length === 0) return say('There is no mark from here on.');
    marks.replaceAll(changed, swapFrom(changed, seconds));
    say(`The two are exchanged from ${formatClock(seconds - span.startSeconds)} on. Z takes it back.`);
  };
  return {
    ...{ selected, chosen, stay, goTo, neighbour, chooseMore, replaceSelected, removeChosen },
    ...{ addCopy, repeatLast, swapAthletes },
    ...links,
    unchoose: () => setAlso(nobody),
  };
}
