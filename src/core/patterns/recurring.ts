import { type ExposureUnit, exposureIn, exposureUnit, type Occurrence, type RoundFigures } from '../figures';
import type { CalendarDate } from '../kernel';
import { type CountOver, type Interval, poissonInterval, proportionInterval, type RateRatio } from '../statistics';
import { type CatalogueError, findError } from '../vocabulary';
import { type Cohort, countOverOf, groupOf, type SumsByError, sumsOf } from './cohort';
import { type OccurrenceCost, occurrenceCost, punishedShare, teachableAt } from './cost';
import { gammaPriorOf, shrunkRate } from './shrunkRate';
import { type PatternStatus, statusOf, trendOf } from './status';
import type { StudentRecord } from './studentRecord';

/** The factors of a priority: their product, plus what symptoms handed over, is the priority. */
export interface PriorityFactors {
  readonly shrunkRate: number;
  readonly exposurePerTenMinutes: number;
  readonly cost: OccurrenceCost;
  readonly teachable: number;
  readonly handedOver: number;
}

export interface RecurringError {
  readonly errorId: string;
  readonly count: number;
  readonly exposure: number;
  readonly unit: ExposureUnit;
  /** Count per unit of exposure; undefined when no exposure was marked. */
  readonly rate?: number;
  readonly interval?: Interval;
  readonly punishedShare?: number;
  readonly status: PatternStatus;
  readonly trend?: RateRatio;
  /** 60 % or more of its occurrences hang from an earlier error of the same athlete. */
  readonly symptom: boolean;
  readonly occurrences: readonly Occurrence[];
  /** Count and exposure of each day with any of the two, oldest first. */
  readonly byDay: readonly (CountOver & { readonly heldOn: CalendarDate })[];
  readonly priority: number;
  readonly factors: PriorityFactors;
}

const sum = (values: readonly number[]): number => values.reduce((total, value) => total + value, 0);

const seriesOf = (errorId: string, rounds: readonly RoundFigures[]): CountOver[] =>
  rounds.map((round) => ({
    count: round.occurrences.get(errorId)?.length ?? 0,
    exposure: exposureIn(round, errorId),
  }));

/** Exact interval of a rate: per minute by Garwood, per opportunity by Clopper–Pearson (more errors than marked chances count as all). */
export function rateInterval(count: number, exposure: number, unit: ExposureUnit): Interval {
  if (unit === 'minutes') {
    const mean = poissonInterval(count);
    return { low: mean.low / exposure, high: mean.high / exposure };
  }
  return proportionInterval(Math.min(count, exposure), exposure);
}

/**
 * What keeps happening to a student, most worth working on first. Counts, rates and intervals are whole and unweighted; the ranking
 * uses the shrunk rate, whose prior comes from the other students of the same belt, else from all others, else from the catalogue
 * (one occurrence in 20 minutes or 20 opportunities, house estimate). Symptoms hand their priority to their first causes.
 */
export function listRecurringErrors(student: StudentRecord, others: Cohort, today: CalendarDate): RecurringError[] {
  const own = sumsOf(student.rounds, today);
  const found = errorIdsOf(student).flatMap((id) => {
    const error = findError(id);
    return error ? [describe({ ...error, id }, student, own, others)] : [];
  });
  return handOver(found).sort(
    (one, other) => other.priority - one.priority || other.count - one.count || (one.errorId < other.errorId ? -1 : 1),
  );
}

/** The errors that a student made in the window, each once. */
export const errorIdsOf = (student: StudentRecord): string[] => [
  ...new Set(student.rounds.flatMap((round) => [...round.occurrences.keys()])),
];

function describe(error: CatalogueError, student: StudentRecord, own: SumsByError, others: Cohort): RecurringError {
  const series = seriesOf(error.id, student.rounds);
  const occurrences = student.rounds.flatMap((round) => round.occurrences.get(error.id) ?? []);
  const count = occurrences.length;
  const exposure = sum(series.map((one) => one.exposure));
  const unit = exposureUnit(error.exposure);
  const factors = priorityFactors(error, student, own, others, occurrences);
  return {
    errorId: error.id,
    count,
    exposure,
    unit,
    rate: exposure > 0 ? count / exposure : undefined,
    interval: exposure > 0 ? rateInterval(count, exposure, unit) : undefined,
    punishedShare: punishedShare(occurrences),
    status: statusOf(series, 0),
    trend: trendOf(series),
    symptom: occurrences.filter((one) => one.symptom).length >= 0.6 * count,
    occurrences,
    byDay: sumByDay(student.rounds, series),
    priority: factors.shrunkRate * factors.exposurePerTenMinutes * factors.cost.perOccurrence * factors.teachable,
    factors,
  };
}

function sumByDay(
  rounds: readonly RoundFigures[],
  series: readonly CountOver[],
): (CountOver & { heldOn: CalendarDate })[] {
  const days = new Map<CalendarDate, { heldOn: CalendarDate; count: number; exposure: number }>();
  for (const [index, { heldOn }] of rounds.entries()) {
    const { count, exposure } = series[index] ?? { count: 0, exposure: 0 };
    if (count === 0 && exposure === 0) continue;
    const day = days.get(heldOn) ?? { heldOn, count: 0, exposure: 0 };
    days.set(heldOn, { heldOn, count: day.count + count, exposure: day.exposure + exposure });
  }
  return [...days.values()];
}

function priorityFactors(
  error: CatalogueError,
  student: StudentRecord,
  own: SumsByError,
  others: Cohort,
  occurrences: readonly Occurrence[],
): PriorityFactors {
  const liveMinutes = sum(student.rounds.map((round) => round.liveMinutes));
  const exposure = sum(student.rounds.map((round) => exposureIn(round, error.id)));
  const all = groupOf(others, error.id);
  const prior = gammaPriorOf(groupOf(others, error.id, student.belt)) ?? gammaPriorOf(all) ?? { shape: 0.5, rate: 10 };
  const known = own.get(error.id);
  const againstHigher = {
    judged: all.judgedByHigher + (known?.judgedByHigher ?? 0),
    punished: all.punishedByHigher + (known?.punishedByHigher ?? 0),
  };
  return {
    shrunkRate: shrunkRate(countOverOf(own, error.id), prior),
    exposurePerTenMinutes:
      liveMinutes > 0 ? Math.max(exposure, occurrences.length > 0 ? 0.1 : 0) / (liveMinutes / 10) : 0,
    cost: occurrenceCost(error, occurrences, againstHigher),
    teachable: teachableAt(error, student.belt),
    handedOver: 0,
  };
}

function handOver(found: readonly RecurringError[]): RecurringError[] {
  const extra = new Map<string, number>();
  for (const one of found.filter((item) => item.symptom)) {
    const roots = one.occurrences.flatMap((occurrence) => occurrence.rootErrorIds).filter((id) => id !== one.errorId);
    for (const root of roots) extra.set(root, (extra.get(root) ?? 0) + one.priority / roots.length);
  }
  return found.map((one) => {
    const handedOver = extra.get(one.errorId) ?? 0;
    const priority =
      one.symptom && one.occurrences.some((item) => item.rootErrorIds.some((id) => id !== one.errorId))
        ? 0
        : one.priority;
    return { ...one, priority: priority + handedOver, factors: { ...one.factors, handedOver } };
  });
}
