import type { LessonEffect } from '@/core/effects';
import { exposureUnit } from '@/core/figures';
import type { CountOver } from '@/core/statistics';
import { findError } from '@/core/vocabulary';
import { exposureWords } from './exposureWords';

/** "9 in 20 minutes" with what the error is counted over left to the column beside. */
export function countOverWords({ count, exposure }: CountOver, errorId: string): string {
  const error = findError(errorId);
  const isTime = error ? exposureUnit(error.exposure) === 'minutes' : false;
  return exposure === 0 ? 'not seen' : `${count} in ${isTime ? exposure.toFixed(1) : exposure}`;
}

/** "0.4 times as often (0.2 to 0.8)". */
const ratioWords = ({ ratio, interval }: Pick<LessonEffect, 'ratio' | 'interval'>): string | undefined =>
  ratio === undefined || !interval
    ? undefined
    : `${ratio.toFixed(2)} times as often (${interval.low.toFixed(2)} to ${interval.high.toFixed(2)})`;

/** What followed, as a coach would say it, and how sure that is. */
export function effectWords(effect: Pick<LessonEffect, 'ratio' | 'interval' | 'lacking' | 'before' | 'errorId'>): {
  readonly said: string;
  readonly figures?: string;
} {
  const { interval, lacking, before, errorId } = effect;
  const error = findError(errorId);
  if (before.count === 0) return { said: 'not yet: it was not seen before the lesson' };
  if (lacking > 0)
    return { said: `not yet: ${Math.ceil(lacking)} more ${error ? exposureWords(error, true) : 'chances'} would tell` };
  const figures = ratioWords(effect);
  if (!interval || !figures) return { said: 'not yet: too little was seen' };
  if (interval.high < 1) return { said: 'comes less often', figures };
  if (interval.low > 1) return { said: 'comes more often', figures };
  return { said: 'no change that can be told', figures };
}

/** How it went with those who never drilled it; undefined where that cannot be said. */
export function othersWords({ others }: Pick<LessonEffect, 'others'>): string | undefined {
  const words = ratioWords(others);
  return words && `${others.people === 1 ? 'one' : others.people}: ${words}`;
}

/** "counts with 0.22 in plans (catalogue 0.35), from 8 people". */
export const learnedWords = ({ kappa, before, people }: { kappa: number; before: number; people: number }): string =>
  `a full dose takes away ${Math.round(kappa * 100)} % by what happened here to ${people === 1 ? 'one person' : `${people} people`}; the catalogue says ${Math.round(before * 100)} %`;
