'use client';

import { useRef, useState } from 'react';
import { formatClock, type Span } from '@/core/clock';
import { causeOf, checkLink, type Mark, type RoundReading, swapFrom } from '@/core/round';
import type { Playhead } from '@/player/usePlayhead';
import { copyAt, withLink } from './markEdits';
import { markProblemText } from './reviewView';
import type { useMarks } from './useMarks';

const CHOOSE_FIRST = 'Choose a mark first, with ↑ and ↓.';
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
  const [linkFrom, setLinkFrom] = useState<string>();
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
  const link = () => {
    const cause = markOf(linkFrom);
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
  /** From a mark to the error that led to it, step by step to the first cause. */
  const toCause = () => {
    if (!selected) return say(CHOOSE_FIRST);
    const cause = causeOf(reading.marks, selected.id);
    if (cause) {
      goTo(cause);
      return say(
        causeOf(reading.marks, cause.id) ? 'This led to it. Shift R goes further back.' : 'The first cause of it.',
      );
    }
    say(selected.kind === 'error' ? 'This is a first cause.' : 'Nothing is linked to it. L on an error links the two.');
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
    ...{ selected, chosen, linkFrom, stay, goTo, neighbour, chooseMore, replaceSelected, removeChosen },
    ...{ link, toCause, addCopy, repeatLast, swapAthletes },
    unlink: () => setLinkFrom(undefined),
    unchoose: () => setAlso(nobody),
  };
}
