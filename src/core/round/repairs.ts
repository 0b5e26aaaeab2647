import { type Mark, swapAthletes } from '../marks';
import type { Contradiction } from './contradictions';
import type { RoundReading } from './readRound';

/** The likeliest way to mend a contradiction in one step; whoever looks at it decides. */
export interface Repair {
  readonly code: 'other-athlete' | 'drop-earlier' | 'end-at-start' | 'into-round' | 'escaped' | 'ask-about-it';
  readonly before: Mark;
  /** What it becomes; undefined when it is taken away. */
  readonly after: Mark | undefined;
}

/** The repair that a contradiction offers; undefined when its mark is gone. */
export function repairOf({ code, markIds }: Contradiction, { marks, round }: RoundReading): Repair | undefined {
  const markOf = (id: string | undefined) => marks.find((mark) => mark.id === id);
  const before = markOf(markIds[0]);
  if (!before) return undefined;
  switch (code) {
    case 'already-past':
    case 'attack-from-below':
    case 'sweep-from-top':
      return { code: 'other-athlete', before, after: swapAthletes(before) };
    case 'both-on-top': {
      const earlier = markOf(markIds[1]);
      return earlier && { code: 'drop-earlier', before: earlier, after: undefined };
    }
    case 'ends-before-start':
      return { code: 'end-at-start', before, after: { ...before, endSeconds: before.atSeconds } as Mark };
    case 'outside-round': {
      const atSeconds = Math.min(Math.max(before.atSeconds, round.startSeconds), round.endSeconds);
      return { code: 'into-round', before, after: { ...before, atSeconds } };
    }
    case 'finish-without-end':
      return { code: 'escaped', before, after: { ...before, stage: 'locked', end: 'escaped' } as Mark };
    case 'not-seen':
      return { code: 'ask-about-it', before, after: { ...before, unsure: true } };
  }
}
