import { present } from '../kernel';
import type { Attendee, Need } from './attendee';
import { CHANGE_OVER_MINUTES, DOSE_MINUTES, kappaFor, meanResistance } from './benefit';
import type { Candidate } from './eligibility';
import type { EarlierDose, RunClass } from './runProblem';

/** What was drilled fades by half in so many days. @source house estimate */
export const HALF_LIFE_DAYS = 30;

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

const effect = (worth: number, dose: number, weighted: number): number =>
  dose > 0 ? worth * (weighted / dose) * (1 - Math.exp(-dose / DOSE_MINUTES)) : 0;

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
export function createDoses(classes: readonly RunClass[], earlier: readonly EarlierDose[]): Doses {
  const cells = new Map<string, Cell>();
  const needs = new Map<string, { attendee: Attendee; need: Need }>();
  const keyOf = (personId: string, errorId: string) => `${personId} ${errorId}`;
  for (const { attendees } of classes)
    for (const attendee of attendees)
      for (const need of attendee.needs)
        if (need.priority > 0) needs.set(keyOf(attendee.personId, need.errorId), { attendee, need });
  for (const [key, { need }] of needs) cells.set(key, { worth: need.priority, dose: 0, weighted: 0 });
  for (const { personId, errorId, dose, daysBefore } of earlier) {
    const cell = cells.get(keyOf(personId, errorId));
    if (!cell) continue;
    const left = dose * 0.5 ** (daysBefore / HALF_LIFE_DAYS);
    cell.dose += left;
    // By which drill is not known any more: the middle of the catalogue.
    cell.weighted += left * EARLIER_KAPPA;
  }
  const start = total(cells);
  const known = new Map<string, Touch[]>();
  const touched = (one: RunClass, candidate: Candidate, matShare: number): Touch[] => {
    const key = `${one.classId} ${candidate.drill.id}`;
    const found = known.get(key) ?? touchesOf(one, candidate, matShare);
    known.set(key, found);
    return found;
  };
  const touchesOf = (one: RunClass, { drill, excludedIds }: Candidate, matShare: number): Touch[] => {
    const resistance = meanResistance(drill) * matShare;
    const out = new Set(excludedIds);
    return one.attendees.flatMap((attendee) => {
      if (attendee.chance <= 0 || out.has(attendee.personId)) return [];
      return drill.targetErrorIds.flatMap((errorId): Touch[] => {
        const key = keyOf(attendee.personId, errorId);
        const cell = cells.get(key);
        if (!cell) return [];
        const { need } = present(needs.get(key));
        return [{ cell, each: attendee.chance * resistance, kappa: kappaFor(drill, need) }];
      });
    });
  };
  const shift = (one: RunClass, candidate: Candidate, minutes: number, matShare: number, sign: 1 | -1) => {
    const working = Math.max(0, minutes - CHANGE_OVER_MINUTES) * sign;
    for (const { cell, each, kappa } of touched(one, candidate, matShare)) {
      cell.dose += working * each;
      cell.weighted += working * each * kappa;
      if (Math.abs(cell.dose) < 1e-9) Object.assign(cell, { dose: 0, weighted: 0 });
    }
  };
  return {
    benefit: () => total(cells) - start,
    add: (one, candidate, minutes, matShare) => shift(one, candidate, minutes, matShare, 1),
    take: (one, candidate, minutes, matShare) => shift(one, candidate, minutes, matShare, -1),
    trial: (one, candidates, matShare) => trialOf(candidates.map((candidate) => touched(one, candidate, matShare))),
  };
}

/** κ of doses of before the run. @source own decision: the middle of the catalogue's 0.1 to 0.6 */
export const EARLIER_KAPPA = 0.35;

const total = (cells: ReadonlyMap<string, Cell>): number => {
  let sum = 0;
  for (const { worth, dose, weighted } of cells.values()) sum += effect(worth, dose, weighted);
  return sum;
};

function trialOf(touches: readonly (readonly Touch[])[]): Trial {
  const local = new Map<Cell, { dose: number; weighted: number }>();
  for (const { cell } of touches.flat())
    if (!local.has(cell)) local.set(cell, { dose: cell.dose, weighted: cell.weighted });
  const put = (at: number, working: number) => {
    for (const { cell, each, kappa } of present(touches[at])) {
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
      for (const [at, each] of minutes.entries()) put(at, Math.max(0, each - CHANGE_OVER_MINUTES));
      return value();
    },
    gainOf: (at, minutes) => {
      let sum = 0;
      for (const { cell, each, kappa } of present(touches[at])) {
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
