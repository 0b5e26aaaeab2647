import { present } from '../kernel';
import type { Need } from './attendee';
import { workingMinutes, workOn } from './benefit';
import type { Candidate } from './eligibility';
import { termsOf } from './lessonTerms';
import { type PlanNumbers, usualNumbers } from './numbers';
import type { EarlierDose, RunClass } from './runProblem';

/** What is left of a dose after so many days. */
export const leftOf = (dose: number, days: number, { halfLifeDays }: PlanNumbers): number =>
  dose * 0.5 ** (days / halfLifeDays);

/** A set of lessons of one class under trial: their minutes can be raised without changing anything for good. Of one `Doses` the latest trial alone may be used. */
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

/** What one working minute of a lesson brings to a cell: one error of one student. */
interface Touch {
  readonly cell: number;
  /** Dose, for this person with their chance of coming. */
  readonly each: number;
  readonly kappa: number;
}

const keyOf = (personId: string, errorId: string): string => `${personId} ${errorId}`;

/**
 * The expected benefit of a run: over students and errors, priority × κ̄ × (1 − e^(−D/τ)), D the doses of all classes, each by the chance that they come, plus
 * what is left of earlier ones. What earlier doses did is not counted again: benefit is what is added.
 */
export function createDoses(
  classes: readonly RunClass[],
  earlier: readonly EarlierDose[],
  numbers: PlanNumbers = usualNumbers,
): Doses {
  const needs = new Map<string, Need>();
  for (const { attendees } of classes)
    for (const attendee of attendees)
      for (const need of attendee.needs) if (need.priority > 0) needs.set(keyOf(attendee.personId, need.errorId), need);
  const placeOf = new Map([...needs.keys()].map((key, place) => [key, place]));
  const cells = new CellDoses(
    [...needs.values()].map((need) => need.priority),
    numbers.doseMinutes,
  );
  for (const { personId, errorId, dose, daysBefore } of earlier) {
    const place = placeOf.get(keyOf(personId, errorId));
    // By which drill is not known any more: the middle of the catalogue.
    if (place !== undefined) cells.shift(place, leftOf(dose, daysBefore, numbers), numbers.earlierKappaPercent / 100);
  }
  const start = cells.total();
  const known = new Map<Candidate, readonly Touch[]>();
  const touched = (one: RunClass, candidate: Candidate, matShare: number): readonly Touch[] => {
    const found = known.get(candidate) ?? touchesOf(one, candidate, matShare);
    known.set(candidate, found);
    return found;
  };
  const touchesOf = (one: RunClass, { drill, excludedIds }: Candidate, matShare: number): Touch[] => {
    const out = new Set(excludedIds);
    return one.attendees.flatMap((attendee) => {
      if (attendee.chance <= 0 || out.has(attendee.personId)) return [];
      return attendee.needs.flatMap(({ errorId }): Touch[] => {
        const key = keyOf(attendee.personId, errorId);
        const cell = placeOf.get(key);
        const work = cell === undefined ? undefined : workOn(drill, present(needs.get(key)));
        return cell !== undefined && work
          ? [{ cell, each: attendee.chance * work.resistance * matShare, kappa: work.kappa }]
          : [];
      });
    });
  };
  const shift = (one: RunClass, candidate: Candidate, minutes: number, matShare: number, sign: 1 | -1) => {
    const working = workingMinutes(candidate.drill, minutes) * sign;
    for (const { cell, each, kappa } of touched(one, candidate, matShare)) cells.shift(cell, working * each, kappa);
  };
  return {
    benefit: () => cells.total() - start,
    add: (one, candidate, minutes, matShare) => shift(one, candidate, minutes, matShare, 1),
    take: (one, candidate, minutes, matShare) => shift(one, candidate, minutes, matShare, -1),
    trial: (one, candidates, matShare) =>
      cells.trial(
        candidates.map((candidate) => ({
          touches: touched(one, candidate, matShare),
          changeOver: termsOf(candidate.drill).changeOverMinutes,
        })),
      ),
  };
}

/** The doses of all cells, and a second set of them for the lessons under trial: the innermost loop of the search, so they are plain arrays of numbers. */
class CellDoses {
  private readonly dose: Float64Array;
  /** Dose × κ, so that the mean is weighted by dose. */
  private readonly weighted: Float64Array;
  private readonly triedDose: Float64Array;
  private readonly triedWeighted: Float64Array;
  /** The trial for which a cell was copied last. */
  private readonly copiedFor: Int32Array;
  private trials = 0;

  constructor(
    private readonly worth: readonly number[],
    private readonly doseMinutes: number,
  ) {
    const fresh = () => new Float64Array(worth.length);
    [this.dose, this.weighted, this.triedDose, this.triedWeighted] = [fresh(), fresh(), fresh(), fresh()];
    this.copiedFor = new Int32Array(worth.length);
  }

  private effect(cell: number, dose: number, weighted: number): number {
    return dose > 0 ? (this.worth[cell] as number) * (weighted / dose) * (1 - Math.exp(-dose / this.doseMinutes)) : 0;
  }

  shift(cell: number, dose: number, kappa: number): void {
    this.dose[cell] = (this.dose[cell] as number) + dose;
    this.weighted[cell] = (this.weighted[cell] as number) + dose * kappa;
    if (Math.abs(this.dose[cell] as number) >= 1e-9) return;
    this.dose[cell] = 0;
    this.weighted[cell] = 0;
  }

  total(): number {
    let sum = 0;
    for (let cell = 0; cell < this.worth.length; cell += 1)
      sum += this.effect(cell, this.dose[cell] as number, this.weighted[cell] as number);
    return sum;
  }

  trial(lessons: readonly { readonly touches: readonly Touch[]; readonly changeOver: number }[]): Trial {
    this.trials += 1;
    const copied: number[] = [];
    for (const { touches } of lessons)
      for (const { cell } of touches) {
        if (this.copiedFor[cell] === this.trials) continue;
        this.copiedFor[cell] = this.trials;
        this.triedDose[cell] = this.dose[cell] as number;
        this.triedWeighted[cell] = this.weighted[cell] as number;
        copied.push(cell);
      }
    const add = (at: number, working: number) => {
      for (const { cell, each, kappa } of present(lessons[at]).touches) {
        this.triedDose[cell] = (this.triedDose[cell] as number) + working * each;
        this.triedWeighted[cell] = (this.triedWeighted[cell] as number) + working * each * kappa;
      }
    };
    return {
      add,
      set: (minutes) => {
        for (const [at, each] of minutes.entries()) add(at, Math.max(0, each - present(lessons[at]).changeOver));
        let sum = 0;
        for (const cell of copied)
          sum +=
            this.effect(cell, this.triedDose[cell] as number, this.triedWeighted[cell] as number) -
            this.effect(cell, this.dose[cell] as number, this.weighted[cell] as number);
        return sum;
      },
      gainOf: (at, minutes) => {
        let sum = 0;
        for (const { cell, each, kappa } of present(lessons[at]).touches) {
          const [dose, weighted] = [this.triedDose[cell] as number, this.triedWeighted[cell] as number];
          sum +=
            this.effect(cell, dose + minutes * each, weighted + minutes * each * kappa) -
            this.effect(cell, dose, weighted);
        }
        return sum;
      },
    };
  }
}
