import type { ChanceFigures } from '@/core/attempts';
import type { ReactionFigures } from '@/core/reaction';
import type { Third } from '@/core/round';
import { techniqueFamilyWords } from '@/terms/techniqueFamilyWords';
import { type Names, tideWords } from '../../reviewView';

export const classWords: Readonly<Record<ChanceFigures['techniqueClass'], string>> = {
  ...techniqueFamilyWords,
  submissions: 'Submissions',
};

/** "4 openings, 3 tried, 2 locked, 1 finished"; what never came is left out. */
export function chanceWords(figures: ChanceFigures): string {
  const { openings, attempts, reached, successes, setApart } = figures;
  const isSubmission = figures.techniqueClass === 'submissions';
  const parts = [
    `${openings} ${openings === 1 ? 'opening' : 'openings'}`,
    `${attempts} tried`,
    isSubmission && `${reached.locked} locked`,
    `${successes} finished`,
    setApart > 0 && `${setApart} set apart`,
  ];
  return parts.filter(Boolean).join(', ');
}

/** "33 % (6–79 %)"; nothing for no attempt. */
export function conversionWords({ conversion }: ChanceFigures): string | undefined {
  if (!conversion) return undefined;
  const percent = (ratio: number) => Math.round(ratio * 100);
  const { ratio, interval } = conversion;
  return `${percent(ratio)} % (${percent(interval.low)}–${percent(interval.high)} %)`;
}

export function reactionWords(figures: ReactionFigures | undefined, count: number): string {
  if (!figures)
    return count === 0
      ? 'none taken: the stopwatch takes one'
      : `${count === 1 ? '1 answer' : `${count} answers`}: too few for figures, four are needed`;
  const { medianSeconds, medianIsOver, unanswered, quartiles, slowRatio, passiveRatio } = figures;
  const percent = (ratio: number) => `${Math.round(ratio * 100)} %`;
  const never = unanswered > 0 ? `, ${unanswered} never answered` : '';
  const shares = `slow ${percent(slowRatio)}, waited ${percent(passiveRatio)}`;
  if (medianIsOver) return `${figures.count}${never}; ${shares}`;
  return `${figures.count}${never}, half within ${medianSeconds.toFixed(1)} s (middle half ${quartiles[0].toFixed(1)}–${quartiles[1].toFixed(1)} s); ${shares}`;
}

/** What marks alone say of answers: when the next thing was marked, no more. The man who runs the round marks when he sees it. */
export const nextMarkWords = ({ count, medianSeconds, medianIsOver }: ReactionFigures): string =>
  `Their next mark after what the other began: ${medianIsOver ? 'over ' : ''}${medianSeconds.toFixed(1)} s in the middle of ${count}, as dense as the marks are.`;

export function thirdWords(third: Third, names: Names): string {
  const tide = third.meanTide === undefined ? 'nothing live' : tideWords(third.meanTide, names);
  const both = (counts: Readonly<Record<'a' | 'b', number>>) => `${counts.a} : ${counts.b}`;
  return `${tide}; errors ${both(third.errors)}, attempts ${both(third.attempts)}`;
}
