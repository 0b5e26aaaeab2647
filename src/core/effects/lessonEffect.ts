import type { CalendarDate } from '../kernel';
import { type GammaPrior, shrunkRate } from '../patterns';
import { type PlanNumbers, usualNumbers } from '../planning';
import type { CountOver, Interval, RateRatio } from '../statistics';
import { compareRates, pooledRateRatio, type Stratum } from '../statistics';
import { priorOf, sumOf, type Worker } from './drilled';

/** How often an error came after something over how often it came before: 0.5 is half as often. */
export interface BeforeAfter {
  readonly people: number;
  readonly before: CountOver;
  readonly after: CountOver;
  /** Undefined where too little was seen. */
  readonly ratio?: number;
  readonly interval?: Interval;
}

/** What happened to one error after one lesson. */
export interface LessonEffect extends BeforeAfter {
  readonly drillId: string;
  readonly errorId: string;
  /** The day of the first lesson, and of the middle one of everybody's first. */
  readonly since: CalendarDate;
  /** Those who showed the error before and never drilled it, parted at the middle day. */
  readonly others: BeforeAfter;
  /** Exposure that is lacking before anything can be said; 0 where there is enough. */
  readonly lacking: number;
  /** Each who drilled it, for their own line. */
  readonly each: readonly { readonly personId: string; readonly before: CountOver; readonly after: CountOver }[];
}

interface Parted {
  readonly personId: string;
  readonly before: CountOver;
  readonly after: CountOver;
}

/**
 * What happened to an error of those who did a drill, after it: a Mantel–Haenszel rate ratio for person-time with students as layers, each parted at the day of
 * their own first lesson. Lessons are given on what was seen often, which by chance alone comes less often afterwards: the rate before is the one drawn towards
 * comparable students, and those who never drilled it stand beside. Undefined where nobody who did the drill was ever seen.
 * @source Rothman, Greenland & Lash, Modern Epidemiology; regression to the mean: Galton 1886
 */
export function lessonEffect(
  drillId: string,
  errorId: string,
  workers: readonly Worker[],
  { enoughExposure }: PlanNumbers = usualNumbers,
): LessonEffect | undefined {
  const drilled = workers.flatMap((one) => {
    const first = one.doses.find((dose) => dose.drillId === drillId);
    return first ? [{ worker: one, first: first.day }] : [];
  });
  const days = drilled.map((one) => one.first).sort();
  const [since] = days;
  const middle = days[Math.floor(days.length / 2)];
  if (since === undefined || middle === undefined) return undefined;
  const own = drilled.map(({ worker, first }) => partAt(worker, first));
  if (own.every(({ before, after }) => before.exposure + after.exposure === 0)) return undefined;
  const undrilled = workers.filter((one) => one.doses.length === 0).map((one) => partAt(one, middle));
  const prior = priorOf([...own, ...undrilled].map((one) => one.before));
  const others = undrilled.filter((one) => one.before.count > 0);
  const effect = compare(own, prior);
  const isLacking = effect.after.exposure < enoughExposure || effect.before.count === 0;
  return {
    ...{ drillId, errorId, since },
    ...(isLacking ? { people: effect.people, before: effect.before, after: effect.after } : effect),
    others: compare(others, prior),
    lacking: Math.max(0, enoughExposure - effect.after.exposure),
    each: own.map(({ personId, before, after }) => ({ personId, before, after })),
  };
}

/** What one person showed before and since a day, and whether that differs; a round on the day itself is before. */
export function sinceDay(
  rounds: Worker['rounds'],
  day: CalendarDate,
): { readonly before: CountOver; readonly after: CountOver; readonly ratio?: RateRatio } {
  const before = sumOf(rounds.filter((one) => one.day <= day));
  const after = sumOf(rounds.filter((one) => one.day > day));
  return { before, after, ratio: compareRates(before, after) };
}

const partAt = ({ personId, rounds }: Worker, day: CalendarDate): Parted => {
  const { before, after } = sinceDay(rounds, day);
  return { personId, before, after };
};

function compare(parted: readonly Parted[], prior: GammaPrior): BeforeAfter {
  const seen = parted.filter((one) => one.before.exposure > 0 && one.after.exposure > 0);
  const sums = {
    people: parted.length,
    before: sumOf(parted.map((one) => one.before)),
    after: sumOf(parted.map((one) => one.after)),
  };
  const strata = seen.map(({ before, after }): Stratum => {
    const count = shrunkRate(before, prior) * before.exposure;
    return { exposed: after, unexposed: { count, exposure: before.exposure } };
  });
  const pooled = pooledRateRatio(strata);
  if (pooled) return { ...sums, ...pooled };
  // No event after: only how large the ratio may be at most, exactly, given how many there were in all.
  const [before, after] = [sumOf(strata.map((one) => one.unexposed)), sumOf(strata.map((one) => one.exposed))];
  const exact = after.count === 0 ? compareRates({ ...before, count: Math.round(before.count) }, after) : undefined;
  return exact ? { ...sums, ratio: 0, interval: { low: 0, high: exact.interval.high } } : sums;
}
