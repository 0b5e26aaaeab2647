'use client';

import { useMemo } from 'react';
import {
  type Contradiction,
  type Mark,
  proposeAgreed,
  proposeLinks,
  type Repair,
  type Restriction,
  type RoundReading,
  repairOf,
} from '@/core/round';
import { withLink } from '../markEdits';
import type { useMarks } from '../useMarks';
import { useRemembered } from '../useRemembered';

/** Something that one mark asks: whether a contradiction is to be mended so, whether it was agreed, what it led to. */
export type Question =
  | { readonly kind: 'doubt'; readonly markId: string; readonly contradiction: Contradiction; readonly repair: Repair }
  | { readonly kind: 'agreed'; readonly markId: string; readonly restriction: Restriction }
  | { readonly kind: 'led-to'; readonly markId: string; readonly toId: string };

/** What was waved away is known by the mark, the question and what it was about; "led to" keeps the form in which it was always kept. */
export function questionKey(question: Question): string {
  if (question.kind === 'led-to') return `${question.markId} ${question.toId}`;
  if (question.kind === 'agreed') return `agreed ${question.markId}`;
  return `doubt ${question.contradiction.code} ${question.markId}`;
}

export interface QuestionsOptions {
  readonly roundId: string;
  readonly reading: RoundReading;
  readonly contradictions: readonly Contradiction[];
  readonly restrictions: readonly Restriction[];
  readonly theme: string;
}

/** Every open question of the round, doubts before what was agreed before consequences; an answer is a step that can be taken back. */
export function useQuestions(options: QuestionsOptions, marks: ReturnType<typeof useMarks>) {
  const { roundId, reading, contradictions, restrictions, theme } = options;
  const [kept, remember, askAgain] = useRemembered(`owl-links-${roundId}`);
  const open = useMemo(() => {
    const doubts = contradictions.flatMap((contradiction): Question[] => {
      const repair = repairOf(contradiction, reading);
      return repair ? [{ kind: 'doubt', markId: contradiction.markIds[0]!, contradiction, repair }] : [];
    });
    const agreed = proposeAgreed(reading.marks, restrictions, theme).map(
      (one): Question => ({ kind: 'agreed', ...one }),
    );
    const led = proposeLinks(reading).map(({ fromId, toId }): Question => ({ kind: 'led-to', markId: fromId, toId }));
    const waved = new Set(kept);
    return [...doubts, ...agreed, ...led].filter((one) => !waved.has(questionKey(one)));
  }, [reading, contradictions, restrictions, theme, kept]);
  const markOf = (id: string): Mark | undefined => marks.state.held.get(id)?.mark;
  return {
    open,
    /** The first question that a mark asks. */
    of: (markId: string | undefined) => open.find((one) => one.markId === markId),
    wave: (question: Question) => remember(questionKey(question)),
    waved: kept.length,
    /** Everything that was waved away asks again. */
    askAgain,
    confirm: (question: Question) => {
      const mark = markOf(question.markId);
      if (!mark) return;
      if (question.kind === 'agreed') marks.replace(mark, { ...mark, verdict: 'agreed' });
      if (question.kind === 'led-to') marks.replace(mark, withLink(mark, question.toId));
      if (question.kind !== 'doubt') return;
      const { before, after } = question.repair;
      if (after) marks.replace(before, after);
      else marks.remove(before);
    },
  };
}
