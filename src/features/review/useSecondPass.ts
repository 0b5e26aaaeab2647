'use client';

import { useMemo, useState } from 'react';
import { attemptEnds, listUnjudged, type Mark, punishments, type RoundReading } from '@/core/round';
import type { Playhead } from '@/player/usePlayhead';
import { withJudgement } from './markEdits';
import { punishedWords } from './reviewView';
import type { useMarkMoves } from './useMarkMoves';
import type { useMarks } from './useMarks';

const LEAD_IN_SECONDS = 1.5;

/** The second pass: from one mark that lacks a judgement to the next, each answered with a digit. */
export function useSecondPass(
  marks: ReturnType<typeof useMarks>,
  reading: RoundReading,
  moves: ReturnType<typeof useMarkMoves>,
  playhead: Playhead,
  say: (words: string | undefined) => void,
) {
  const [on, setOn] = useState(false);
  const open = useMemo(() => listUnjudged(reading.marks), [reading]);
  const current = on ? open.find((one) => one.markId === moves.selected?.id) : undefined;
  const markOf = (id: string): Mark | undefined => marks.state.held.get(id)?.mark;
  const lookAt = (mark: Mark | undefined) => {
    if (!mark) return;
    moves.goTo(mark);
    playhead.seek(mark.atSeconds - LEAD_IN_SECONDS);
    moves.stay();
  };
  /** The next mark without a judgement after this one, then from the start; the one just answered is out already. */
  const next = (without?: string) => {
    const from = moves.selected?.atSeconds ?? Number.NEGATIVE_INFINITY;
    const left = open.filter((one) => one.markId !== without).flatMap((one) => markOf(one.markId) ?? []);
    const after = left.find(
      (mark) =>
        mark.atSeconds > from || (mark.atSeconds === from && mark.id !== moves.selected?.id && mark.id !== without),
    );
    const target = after ?? left[0];
    if (!target) {
      setOn(false);
      return say('Every error and every attempt is judged.');
    }
    lookAt(target);
  };
  return {
    on,
    left: open.length,
    current,
    choices: current?.asks === 'punished' ? punishments.map((one) => punishedWords(one) ?? one) : attemptEnds,
    toggle: () => {
      if (on) return setOn(false);
      const first = open[0] && markOf(open[0].markId);
      if (!first) return say('Every error and every attempt is judged.');
      setOn(true);
      say(undefined);
      lookAt(first);
    },
    skip: () => next(moves.selected?.id),
    answer: (number: number) => {
      const { selected } = moves;
      const judged = current && selected ? withJudgement(selected, number) : undefined;
      if (!selected || !judged) return;
      marks.replace(selected, judged);
      next(selected.id);
    },
  };
}
export type SecondPass = ReturnType<typeof useSecondPass>;
