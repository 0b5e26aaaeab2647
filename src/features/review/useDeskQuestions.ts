'use client';

import type { Span } from '@/core/clock';
import type { Circumstances, Contradiction, Mark, RoundReading } from '@/core/round';
import { useLulls } from './lulls/useLulls';
import { useQuestions } from './questions/useQuestions';
import type { useMarks } from './useMarks';

export interface DeskQuestionsOptions {
  readonly round: { readonly id: string; readonly theme: string; readonly circumstances: Circumstances };
  readonly scopeId: string;
  readonly lulls: readonly Span[];
  readonly marks: ReturnType<typeof useMarks>;
  readonly reading: RoundReading;
  readonly settled: RoundReading;
  readonly contradictions: readonly Contradiction[];
}

/** What the marks and the footage ask of the coach: doubts, what was agreed, consequences, lulls. */
export function useDeskQuestions(options: DeskQuestionsOptions) {
  const { round, scopeId, marks, reading, settled, contradictions } = options;
  const { held, selectedId } = marks.state;
  const { restrictions } = round.circumstances;
  const asked = { roundId: scopeId, reading: settled, contradictions, restrictions, theme: round.theme };
  const questions = useQuestions(asked, marks);
  const lulls = useLulls(round.id, options.lulls, reading.marks);
  const lull = lulls.open[0];
  /** The next mark that asks something, from a moment on, then from the start. */
  const nextAfter = (seconds: number): Mark | undefined => {
    const asking = questions.open
      .flatMap((one) => held.get(one.markId)?.mark ?? [])
      .sort((one, other) => one.atSeconds - other.atSeconds);
    return asking.find((mark) => mark.atSeconds > seconds + 0.02) ?? asking[0];
  };
  const markLull = (offCamera: boolean) => {
    if (!lull) return;
    const { startSeconds: atSeconds, endSeconds } = lull;
    const mark = { kind: 'stoppage' as const, id: crypto.randomUUID(), atSeconds, endSeconds };
    marks.add(offCamera ? { ...mark, offCamera: true } : mark);
  };
  /** What the chosen mark asks. */
  const question = questions.of(selectedId);
  return { questions, question, nextAfter, lulls, lull, markLull };
}
