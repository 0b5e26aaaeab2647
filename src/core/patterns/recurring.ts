import { type ExposureUnit, exposureIn, exposureUnit, type Occurrence, type RoundFigures } from '../figures';
import { type CalendarDate, daysBetween } from '../kernel';
import { type CountOver, type Interval, ruleOfThree } from '../statistics';
import { type CatalogueError, findError } from '../vocabulary';
import { type Change, changeOf } from './change';
import { type Cohort, groupOf, type SumsByError, sumsOf, weightedCountOverOf } from './cohort';
import { type OccurrenceCost, occurrenceCost, punishedShare, teachableAt } from './cost';
import { rateInterval } from './rateInterval';
import { ageWeight, type GammaPrior, gammaPriorOf, shrunkRate } from './shrunkRate';
import { exposureLacking, type PatternStatus, statusOf } from './status';
import type { Dose, StudentRecord } from './studentRecord';
import { addVerdicts, type Verdicts } from './verdicts';

/** The factors of a priority: their product, plus what symptoms handed over, is the priority. */
export interface PriorityFactors {
  readonly shrunkRate: number;
  readonly exposurePerTenMinutes: number;
  readonly cost: OccurrenceCost;
  /** Who punishes it, in the whole academy. */
  readonly verdicts: Verdicts;
  readonly teachable: number;
  readonly handedOver: number;
}

/** Count and exposure of an error in one round. */
export interface RoundCount extends CountOver, Pick<RoundFigures, 'roundId' | 'heldOn' | 'uniform' | 'occasion'> {
  /** Something was done about it since the round before. */
  readonly afterDose: boolean;
}

export interface RecurringError {
  readonly errorId: string;
  /** In the window. */
  readonly count: number;
  readonly exposure: number;
  readonly unit: ExposureUnit;
  /** Against what it is counted: its own chances, or all live minutes where its chances were hardly marked. */
  readonly basis: 'own' | 'live';
  /** Count per unit of exposure; undefined without exposure. */
  readonly rate?: number;
  /** 95 %; where nothing was seen in the window its upper end is the one-sided bound of 3 over the exposure. */
  readonly interval?: Interval;
  /** How much more rounds differ than chance allows, where plainly: it comes in bad days. */
  readonly dispersion?: number;
  readonly punishedShare?: number;
  readonly status: PatternStatus;
  /** Over all rounds that are known, those before the window too. */
  readonly change: Change;
  /** Exposure that is lacking before anything can be said; 0 where there is enough. */
  readonly lacking: number;
  /** 60 % or more of its occurrences hang from an earlier error of the same athlete. */
  readonly symptom: boolean;
  readonly occurrences: readonly Occurrence[];
  /** All rounds that are known and say something of it, oldest first: the places of `change` are places here. */
  readonly history: readonly RoundCount[];
  readonly doses: readonly Dose[];
  readonly priority: number;
  readonly factors: PriorityFactors;
}

const sum = (values: readonly number[]): number => values.reduce((total, value) => total + value, 0);

/** Without anybody to compare with: one occurrence in 20 minutes or opportunities. @source own decision */
const cataloguePrior: GammaPrior = { shape: 0.5, rate: 10 };
/** From this share of occurrences outside of marked chances on, an error is counted over live minutes. @source own decision */
const HARDLY_MARKED = 1 / 3;

/**
 * What keeps happening to a student, most worth working on first. Counts, rates and intervals are whole and unweighted; the ranking
 * uses the shrunk rate, whose prior comes from the other students of the same belt, else from all others, else from the catalogue.
 * Symptoms hand their priority to their first causes. What was seen before the window only is there too, with a count of 0.
 */
export function listRecurringErrors(student: StudentRecord, others: Cohort, today: CalendarDate): RecurringError[] {
  const own: OwnSums = {
    byError: sumsOf(student.rounds, today),
    weightedLiveMinutes: sum(student.rounds.map((one) => one.liveMinutes * ageWeight(daysBetween(one.heldOn, today)))),
  };
  const found = errorIdsOf(student).flatMap((id) => {
    const error = findError(id);
    return error ? [describe({ ...error, id }, student, own, others)] : [];
  });
  return handOver(found).sort(
    (one, other) => other.priority - one.priority || other.count - one.count || (one.errorId < other.errorId ? -1 : 1),
  );
}

/** The errors that a student made in rounds that are known, each once. */
export const errorIdsOf = (student: Pick<StudentRecord, 'rounds' | 'earlier'>): string[] => [
  ...new Set([...student.earlier, ...student.rounds].flatMap((round) => [...round.occurrences.keys()])),
];

/** What a student's rounds say, added up with weights by age. */
interface OwnSums {
  readonly byError: SumsByError;
  readonly weightedLiveMinutes: number;
}

function describe(error: CatalogueError, student: StudentRecord, own: OwnSums, others: Cohort): RecurringError {
  const occurrences = student.rounds.flatMap((round) => round.occurrences.get(error.id) ?? []);
  const count = occurrences.length;
  const basis = basisOf(error.id, [...student.earlier, ...student.rounds]);
  const unit = basis === 'live' ? 'minutes' : exposureUnit(error.exposure);
  const exposureOf = (round: RoundFigures) => (basis === 'live' ? round.liveMinutes : exposureIn(round, error.id));
  const seriesOf = (rounds: readonly RoundFigures[]) =>
    rounds.map((round) => ({ count: round.occurrences.get(error.id)?.length ?? 0, exposure: exposureOf(round) }));
  const series = seriesOf(student.rounds);
  const exposure = sum(series.map((one) => one.exposure));
  const prior = basis === 'live' ? cataloguePrior : priorOf(error.id, student, others);
  const history = historyOf(error.id, student, seriesOf([...student.earlier, ...student.rounds]));
  const usualRate = prior.shape / prior.rate;
  const change = changeOf(history, unit, prior);
  const factors = priorityFactors(error, student, own, others, { occurrences, prior, exposure, basis });
  return {
    errorId: error.id,
    count,
    exposure,
    unit,
    basis,
    rate: exposure > 0 ? count / exposure : undefined,
    ...(exposure > 0 ? rangeOf(series, unit, count, exposure) : {}),
    punishedShare: punishedShare(occurrences),
    // Over live minutes nobody knows what is usual: nothing is new or too little there.
    status: statusOf(history, change, basis === 'live' ? undefined : usualRate),
    change,
    lacking: exposureLacking(history, usualRate),
    symptom: count > 0 && occurrences.filter((one) => one.symptom).length >= 0.6 * count,
    occurrences,
    history,
    doses: student.doses.get(error.id) ?? [],
    priority: factors.shrunkRate * factors.exposurePerTenMinutes * factors.cost.perOccurrence * factors.teachable,
    factors,
  };
}

function rangeOf(series: readonly CountOver[], unit: ExposureUnit, count: number, exposure: number) {
  const bound = ruleOfThree(exposure);
  if (count === 0) return { interval: { low: 0, high: unit === 'times' ? Math.min(1, bound) : bound } };
  return rateInterval(series, unit);
}

/** Whether an error is counted over its own chances; not where many of its occurrences lie in rounds in which none were marked. */
/** Whether so much of an error came where no chance of it was marked that it is to be counted over live minutes. */
export function isHardlyMarked(rounds: readonly CountOver[]): boolean {
  const outside = sum(rounds.map(({ count, exposure }) => (exposure > 0 ? 0 : count)));
  return outside > sum(rounds.map((one) => one.count)) * HARDLY_MARKED;
}

const basisOf = (errorId: string, rounds: readonly RoundFigures[]): 'own' | 'live' =>
  isHardlyMarked(
    rounds.map((round) => ({
      count: round.occurrences.get(errorId)?.length ?? 0,
      exposure: exposureIn(round, errorId),
    })),
  )
    ? 'live'
    : 'own';

function historyOf(errorId: string, student: StudentRecord, series: readonly CountOver[]): RoundCount[] {
  const rounds = [...student.earlier, ...student.rounds];
  const doses = student.doses.get(errorId) ?? [];
  const history: RoundCount[] = [];
  for (const [at, { roundId, heldOn, uniform, occasion }] of rounds.entries()) {
    const { count, exposure } = series[at] ?? { count: 0, exposure: 0 };
    if (count === 0 && exposure === 0) continue;
    const before = history.at(-1)?.heldOn;
    // A class is held before that evening's rounds.
    const afterDose = before !== undefined && doses.some(({ day }) => before < day && day <= heldOn);
    history.push({ roundId, heldOn, uniform, occasion, count, exposure, afterDose });
  }
  return history;
}

/** What comparable students let one expect: those of the same belt, else all, else the catalogue. */
const priorOf = (errorId: string, student: StudentRecord, others: Cohort): GammaPrior =>
  gammaPriorOf(groupOf(others, errorId, student.belt)) ?? gammaPriorOf(groupOf(others, errorId)) ?? cataloguePrior;

interface Counted {
  readonly occurrences: readonly Occurrence[];
  readonly prior: GammaPrior;
  readonly exposure: number;
  readonly basis: 'own' | 'live';
}

function priorityFactors(
  error: CatalogueError,
  student: StudentRecord,
  own: OwnSums,
  others: Cohort,
  { occurrences, prior, exposure, basis }: Counted,
): PriorityFactors {
  const liveMinutes = sum(student.rounds.map((round) => round.liveMinutes));
  const all = groupOf(others, error.id);
  const known = own.byError.get(error.id);
  const verdicts = addVerdicts(all.verdicts, known?.verdicts ?? {});
  const weighted = weightedCountOverOf(own.byError, error.id);
  return {
    shrunkRate: shrunkRate(
      basis === 'live' ? { count: weighted.count, exposure: own.weightedLiveMinutes } : weighted,
      prior,
    ),
    exposurePerTenMinutes: liveMinutes > 0 ? exposure / (liveMinutes / 10) : 0,
    cost: occurrenceCost(error, occurrences, verdicts, all),
    verdicts,
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
