import { countsAsError, type Mark } from '../marks';
import { findTechnique } from '../vocabulary';

export interface Unjudged {
  readonly markId: string;
  /** What is not said about it yet. */
  readonly asks: 'punished' | 'end';
}

/** Marks that were made in haste and still lack a judgement, in reading order: errors without "punished or not", attempts without an end. */
export function listUnjudged(marks: readonly Mark[]): Unjudged[] {
  return marks.flatMap((mark): Unjudged[] => {
    if (mark.kind === 'error' && mark.punished === undefined && countsAsError(mark))
      return [{ markId: mark.id, asks: 'punished' }];
    const isOpen = mark.kind === 'attempt' && mark.end === undefined && mark.stage !== 'finished';
    return isOpen && findTechnique(mark.techniqueId) ? [{ markId: mark.id, asks: 'end' }] : [];
  });
}
