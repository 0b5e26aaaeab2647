import { type CalendarDate, daysBetween } from '../kernel';
import { type GammaPrior, gammaPriorOf, momentsOf } from '../patterns';
import { filledBy, leftOf, type PlanNumbers, usualNumbers } from '../planning';
import type { CountOver } from '../statistics';

/** A dose on one error: working minutes × resistance, by a drill that is taken to remove a share κ of the error's rate. */
export interface ErrorDose {
  readonly day: CalendarDate;
  readonly drillId: string;
  readonly dose: number;
  readonly kappa: number;
}

/** Count and exposure of the error in one round. */
export interface RoundSeen {
  readonly day: CalendarDate;
  readonly count: number;
  readonly exposure: number;
}

/** One student as far as one error goes; rounds and doses oldest first. */
export interface Worker {
  readonly personId: string;
  /** What the rates of comparable students let one expect. */
  readonly prior: GammaPrior;
  readonly rounds: readonly RoundSeen[];
  readonly doses: readonly ErrorDose[];
}

/** Without anybody to compare with. @source own decision: one in 20 minutes or chances */
const nobodyKnown: GammaPrior = { shape: 0.5, rate: 10 };

/** The prior of a rate from what each of a group showed. */
export function priorOf(counts: readonly CountOver[]): GammaPrior {
  const total = { people: 0, events: 0, exposure: 0, squares: 0, eventSquares: 0 };
  for (const one of counts) {
    const moments = momentsOf(one);
    for (const key of Object.keys(total) as (keyof typeof total)[]) total[key] += moments[key];
  }
  return gammaPriorOf(total) ?? nobodyKnown;
}

/**
 * People with the prior of their rates, from all that each showed: what lessons took away since makes it a little low, but a prior from the little that there is
 * before the first lesson would outweigh what somebody plainly shows.
 */
export function withPriors(people: readonly Omit<Worker, 'prior'>[]): Worker[] {
  const prior = priorOf(people.map(({ rounds }) => sumOf(rounds)));
  return people.map((one) => ({ ...one, prior }));
}

export const sumOf = (all: readonly CountOver[]): CountOver => ({
  count: all.reduce((sum, one) => sum + one.count, 0),
  exposure: all.reduce((sum, one) => sum + one.exposure, 0),
});

/** Whether somebody did this drill. */
export const didDrill = ({ doses }: Worker, drillId: string): boolean => doses.some((one) => one.drillId === drillId);

/** What is left on a day of doses before it: how much of their effect there is, 0 to 1, and the dose of each. A round on the day of a lesson is before it. */
export function dosesLeft(doses: readonly ErrorDose[], day: CalendarDate, numbers: PlanNumbers = usualNumbers) {
  const left = doses
    .filter((one) => one.day < day)
    .map((one) => ({ ...one, left: leftOf(one.dose, daysBetween(one.day, day), numbers) }));
  const all = left.reduce((sum, one) => sum + one.left, 0);
  return { left, all, filled: all > 0 ? filledBy(all, numbers) : 0 };
}
