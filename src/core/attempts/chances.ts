import { type Athlete, type AttemptMark, isFinished, type Mark, type Stage, stages } from '../round';
import { type Interval, quantile, wilsonInterval } from '../statistics';
import { findTechnique, type TechniqueClass } from '../vocabulary';

/** Openings, attempts and successes of one athlete with one class of techniques. */
export interface ChanceFigures {
  readonly techniqueClass: TechniqueClass;
  /** Missed chances and attempts together. */
  readonly openings: number;
  readonly missed: number;
  readonly attempts: number;
  /** How many came at least so far. */
  readonly reached: Readonly<Record<Stage, number>>;
  readonly successes: number;
  /** Successes of attempts, with its interval; undefined for no attempt. */
  readonly conversion?: { readonly ratio: number; readonly interval: Interval };
  /** Declined on purpose, or tapped for another reason than the technique: shown, and in no rate. */
  readonly setApart: number;
  readonly medianSecondsToEnd?: number;
}

/** Whether an attempt says something about technique: not spared, not a tap out of injury, illness or courtesy, not a success by luck or by gift, not given or agreed, not unsure. */
export const countsAsAttempt = (mark: AttemptMark): boolean =>
  mark.end !== 'declined' &&
  (mark.tapCause ?? 'technique') === 'technique' &&
  !mark.came &&
  !mark.verdict &&
  !mark.unsure;

/** A later stage implies the earlier ones. */
export const hasReached = (mark: AttemptMark, stage: Stage): boolean =>
  stages.indexOf(mark.stage) >= stages.indexOf(stage);

/** What one athlete made of their openings, class by class, most openings first. */
export function chanceFigures(marks: readonly Mark[], athlete: Athlete): ChanceFigures[] {
  const byClass = new Map<TechniqueClass, { attempts: AttemptMark[]; missed: number; setApart: number }>();
  for (const mark of marks) {
    if ((mark.kind !== 'attempt' && mark.kind !== 'chance') || mark.athlete !== athlete) continue;
    // An opening that is no technique's (a grip, a position) is counted with those that have no name.
    const techniqueClass = findTechnique(mark.techniqueId)?.class ?? (mark.kind === 'chance' ? 'openings' : undefined);
    if (!techniqueClass) continue;
    const known = byClass.get(techniqueClass) ?? { attempts: [], missed: 0, setApart: 0 };
    byClass.set(techniqueClass, known);
    if (mark.kind === 'chance') {
      if (mark.verdict || mark.unsure) known.setApart += 1;
      else known.missed += 1;
    } else if (countsAsAttempt(mark)) known.attempts.push(mark);
    else known.setApart += 1;
  }
  return [...byClass]
    .map(([techniqueClass, { attempts, missed, setApart }]): ChanceFigures => {
      const successes = attempts.filter(isFinished).length;
      const interval = wilsonInterval(successes, attempts.length);
      const lasted = attempts.flatMap((one) => (one.endSeconds === undefined ? [] : [one.endSeconds - one.atSeconds]));
      return {
        techniqueClass,
        openings: attempts.length + missed,
        missed,
        attempts: attempts.length,
        reached: Object.fromEntries(
          stages.map((stage) => [stage, attempts.filter((one) => hasReached(one, stage)).length]),
        ) as Record<Stage, number>,
        successes,
        conversion: interval && { ratio: successes / attempts.length, interval },
        setApart,
        medianSecondsToEnd: quantile(lasted, 0.5),
      };
    })
    .sort((one, other) => other.openings - one.openings || (one.techniqueClass < other.techniqueClass ? -1 : 1));
}
