import { present } from '../kernel';
import type { Need } from './attendee';
import { filledBy, workingMinutes, workOn } from './benefit';
import type { Candidate } from './eligibility';
import { termsOf } from './lessonTerms';
import { type PlanNumbers, usualNumbers } from './numbers';
import type { EarlierDose, RunClass } from './runProblem';

/** What is left of a dose after so many days. */
export const leftOf = (dose: number, days: number, { halfLifeDays }: PlanNumbers): number =>
  dose * 0.5 ** (days / halfLifeDays);

/** One error of one student: the doses on it, and with which κ they came. */
interface Cell {
  readonly worth: number;
  dose: number;
  /** Dose × κ, so that the mean is weighted by dose. */
  weighted: number;
}

/** A set of lessons of one class under trial: their minutes can be raised without changing anything for good. */
export interface Trial {
  /** What the lessons would gain with these minutes. */
  set(minutes: readonly number[]): number;
  /** What so many more minutes of one of them would gain. */
  gainOf(at: number, minutes: number): number;
  add(at: number, minutes: number): void;
}

/** The doses of a run, cell by cell. */
export interface Doses {
  benefit(): number;
  add(one: RunClass, candidate: Candidate, minutes: number, matShare: number): void;
  take(one: RunClass, candidate: Candidate, minutes: number, matShare: number): void;
  trial(one: RunClass, candidates: readonly Candidate[], matShare: number): Trial;
}

type Effect = (worth: number, dose: number, weighted: number) => number;
const effectWith =
  (numbers: PlanNumbers): Effect =>
  (worth, dose, weighted) =>
    dose > 0 ? worth * (weighted / dose) * filledBy(dose, numbers) : 0;

interface Touch {
  readonly cell: Cell;
  /** Dose of one working minute, for this person with their chance of coming. */
  readonly each: number;
  readonly kappa: number;
}

/**
 * The expected benefit of a run: over students and errors, priority × κ̄ × (1 − e^(−D/τ)), D the doses of all classes, each by the chance that they come, plus
 * what is left of earlier ones. What earlier doses did is not counted again: benefit is what is added.
 */
export function createDoses(
  classes: readonly RunClass[],
  earlier: readonly EarlierDose[],
  numbers: PlanNumbers = usualNumbers,
): Doses {
  const effect = effectWith(numbers);
  const cells = new Map<string, Cell>();
  const needs = new Map<string, Need>();
  const keyOf = (personId: string, errorId: string) => `${personId} ${errorId}`;
  for (const { attendees } of classes)
    for (const attendee of attendees)
      for (const need of attendee.needs) if (need.priority > 0) needs.set(keyOf(attendee.personId, need.errorId), need);
  for (const [key, need] of needs) cells.set(key, { worth: need.priority, dose: 0, weighted: 0 });
  for (const { personId, errorId, dose, daysBefore } of earlier) {
    const cell = cells.get(keyOf(personId, errorId));
    if (!cell) continue;
    const left = leftOf(dose, daysBefore, numbers);
    cell.dose += left;
    // By which drill is not known any more: the middle of the catalogue.
    cell.weighted += (left * numbers.earlierKappaPercent) / 100;
  }
  const start = total(cells, effect);
  const known = new Map<string, Touch[]>();
  const touched = (one: RunClass, candidate: Candidate, matShare: number): Touch[] => {
    const key = `${one.classId} ${candidate.drill.id}`;
    const found = known.get(key) ?? touchesOf(one, candidate, matShare);
    known.set(key, found);
    return found;
  };
  const touchesOf = (one: RunClass, { drill, excludedIds }: Candidate, matShare: number): Touch[] => {
    const out = new Set(excludedIds);
    return one.attendees.flatMap((attendee) => {
      if (attendee.chance <= 0 || out.has(attendee.personId)) return [];
      return attendee.needs.flatMap(({ errorId }): Touch[] => {
        const key = keyOf(attendee.personId, errorId);
        const cell = cells.get(key);
        const work = cell && workOn(drill, present(needs.get(key)));
        return work ? [{ cell, each: attendee.chance * work.resistance * matShare, kappa: work.kappa }] : [];
      });
    });
  };
  const shift = (one: RunClass, candidate: Candidate, minutes: number, matShare: number, sign: 1 | -1) => {
    const working = workingMinutes(candidate.drill, minutes) * sign;
    for (const { cell, each, kappa } of touched(one, candidate, matShare)) {
      cell.dose += working * each;
      cell.weighted += working * each * kappa;
      if (Math.abs(cell.dose) < 1e-9) Object.assign(cell, { dose: 0, weighted: 0 });
    }
  };
  return {
    benefit: () => total(cells, effect) - start,
    add: (one, candidate, minutes, matShare) => shift(one, candidate, minutes, matShare, 1),
    take: (one, candidate, minutes, matShare) => shift(one, candidate, minutes, matShare, -1),
    trial: (one, candidates, matShare) =>
      trialOf(
        candidates.map((candidate) => ({
          touches: touched(one, candidate, matShare),
          changeOver: termsOf(candidate.drill).changeOverMinutes,
        })),
        effect,
      ),
  };
}

const total = (cells: ReadonlyMap<string, Cell>, effect: Effect): number => {
  let sum = 0;
  for (const { worth, dose, weighted } of cells.values()) sum += effect(worth, dose, weighted);
  return sum;
};

function trialOf(
  lessons: readonly { readonly touches: readonly Touch[]; readonly changeOver: number }[],
  effect: Effect,
): Trial {
  const local = new Map<Cell, { dose: number; weighted: number }>();
  for (const { cell } of lessons.flatMap((one) => one.touches))
    if (!local.has(cell)) local.set(cell, { dose: cell.dose, weighted: cell.weighted });
  const put = (at: number, working: number) => {
    for (const { cell, each, kappa } of present(lessons[at]).touches) {
      const here = present(local.get(cell));
      here.dose += working * each;
      here.weighted += working * each * kappa;
    }
  };
  const value = () => {
    let sum = 0;
    for (const [{ worth, dose, weighted }, here] of local)
      sum += effect(worth, here.dose, here.weighted) - effect(worth, dose, weighted);
    return sum;
  };
  return {
    set: (minutes) => {
      for (const [at, each] of minutes.entries()) put(at, Math.max(0, each - present(lessons[at]).changeOver));
      return value();
    },
    gainOf: (at, minutes) => {
      let sum = 0;
      for (const { cell, each, kappa } of present(lessons[at]).touches) {
        const { dose, weighted } = present(local.get(cell));
        sum +=
          effect(cell.worth, dose + minutes * each, weighted + minutes * each * kappa) -
          effect(cell.worth, dose, weighted);
      }
      return sum;
    },
    add: put,
  };
}
