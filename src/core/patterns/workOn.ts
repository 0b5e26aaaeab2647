import { PROBABLE, SURE } from './change';
import type { RecurringError } from './recurring';

/** What a coach can keep in mind for one student. @source common practice: three at the most */
const MOST_TO_WORK_ON = 3;

/**
 * What to work on now: first causes that are still there, most worth it first, at most three. What was seen more than once comes first, then of what
 * there is too little footage to say how often, then what was seen once. `errors` are in order of priority.
 */
export function chooseWorkOn(errors: readonly RecurringError[]): RecurringError[] {
  const there = errors.filter((one) => one.priority > 0 && !one.symptom && one.status !== 'gone');
  const groupOf = ({ count, status }: RecurringError) => (count === 1 ? 2 : status === 'too-little-footage' ? 1 : 0);
  return [0, 1, 2].flatMap((group) => there.filter((one) => groupOf(one) === group)).slice(0, MOST_TO_WORK_ON);
}

/** How sure a change is: said as it is, with “probably”, or not at all. */
export function certaintyOf({ change }: Pick<RecurringError, 'change'>): 'sure' | 'probable' | undefined {
  if (change.kind === 'same') return undefined;
  const chance = change.chances[change.kind];
  return chance >= SURE ? 'sure' : chance >= PROBABLE ? 'probable' : undefined;
}

/**
 * The errors of which a change is said, the surest first; then those that are new. Each that is said without “probably” is at least 0.9 sure, so of
 * those at most a tenth can be expected to be false, however many a page shows.
 * @source Bayesian false discovery rate (Newton et al. 2004, from memory): the mean of what is left of one
 */
export function listChanged(errors: readonly RecurringError[]): RecurringError[] {
  const told = errors.filter((one) => certaintyOf(one) !== undefined);
  const chanceOf = ({ change }: RecurringError) => change.chances[change.kind];
  const isNew = (one: RecurringError) => one.status === 'new' && certaintyOf(one) === undefined;
  return [...told.sort((one, other) => chanceOf(other) - chanceOf(one)), ...errors.filter(isNew)];
}
