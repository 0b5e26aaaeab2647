import { conceptIdOf, type Mark } from '../round';
import type { RoundToClose } from './roundToClose';

/** Something that only the athlete can say of a mark that is unsure. */
export interface DraftQuestion {
  readonly markId: string;
  /** What they wanted with what they did, or what they felt of what was done to them. */
  readonly asks: 'wanted' | 'felt';
  /** What it may have been, when that can be chosen; else it is answered in words. */
  readonly conceptIds: readonly string[];
}

/** Stages in which whoever suffers an attempt feels how far it is: outside of them there is nothing to feel. */
const felt = new Set(['control', 'locked', 'finished']);

/**
 * The questions to one athlete of a round: about what they did, what they wanted; about what was locked on them, how it felt. What the other wanted is the
 * other's to say. @source common practice: nobody but the one in the lock knows how tight it was
 */
export function draftQuestions({ reading, athlete }: RoundToClose): DraftQuestion[] {
  return reading.marks.flatMap((mark): DraftQuestion[] => {
    if (!mark.unsure) return [];
    const whose = 'athlete' in mark ? mark.athlete : 'holder' in mark ? mark.holder : undefined;
    if (whose === undefined || whose === athlete)
      return [{ markId: mark.id, asks: 'wanted', conceptIds: namesOf(mark) }];
    return mark.kind === 'attempt' && felt.has(mark.stage) ? [{ markId: mark.id, asks: 'felt', conceptIds: [] }] : [];
  });
}

/** The names that a mark may have; nothing to choose from where there is one. */
function namesOf(mark: Mark): string[] {
  const first = conceptIdOf(mark);
  return mark.kind === 'attempt' && mark.orElse && first ? [first, mark.orElse] : [];
}
