import { placeOfRole } from '../round';
import { type CatalogueError, type Drill, type DrillStage, errors, findDrill } from '../vocabulary';
import type { Attendee, Need } from './attendee';
import { termsOf } from './lessonTerms';
import { type PlanNumbers, usualNumbers } from './numbers';

/** What comes after what in a lesson; `shown` is shown, and held where the drill says so. */
export type DrillPhase = 'shown' | 'technique' | 'progressive' | 'positional';
export const drillPhases: readonly DrillPhase[] = ['shown', 'technique', 'progressive', 'positional'];
const phaseOfStage: Readonly<Record<DrillStage, DrillPhase>> = {
  static: 'shown',
  cooperative: 'technique',
  progressive: 'progressive',
  live: 'positional',
};
const stageOfPhase: Readonly<Record<DrillPhase, DrillStage>> = {
  shown: 'static',
  technique: 'cooperative',
  progressive: 'progressive',
  positional: 'live',
};
/** Parts of a lesson's minutes that a phase has: as the drill says, else as the academy does. */
const partOf = (drill: Drill, phase: DrillPhase): number => (drill.parts ?? termsOf(drill).parts)[stageOfPhase[phase]];
const workIn = (drill: Drill, phase: DrillPhase): number => termsOf(drill).work[stageOfPhase[phase]];

/** The phases that a drill goes through, in order: it is always shown first. */
export function phasesOf(drill: Drill): DrillPhase[] {
  const there = new Set<DrillPhase>(['shown', ...drill.stages.map((stage) => phaseOfStage[stage])]);
  return drillPhases.filter((phase) => there.has(phase));
}

/** Least minutes of a drill run whole. */
export const leastMinutesOf = (drill: Drill): number => Math.max(termsOf(drill).leastMinutes, drill.leastMinutes);
/** Most minutes of a drill run whole: one that is never played is not stretched. */
export const mostMinutesOf = (drill: Drill): number =>
  Math.max(leastMinutesOf(drill), drill.game ? termsOf(drill).mostMinutes : drill.mostMinutes);

/** Under these a part is over before both have had their turns. @source common practice: two minutes to show, three to work */
const LEAST_SHOWN_MINUTES = 2;
const LEAST_PART_MINUTES = 3;

/** The phases that so many minutes are enough for: what is answered and played needs no repeating before it where there is no time for both. */
function phasesIn(drill: Drill, minutes: number): DrillPhase[] {
  const phases = phasesOf(drill);
  const isEnough = minutes >= LEAST_SHOWN_MINUTES + LEAST_PART_MINUTES * (phases.length - 1);
  return isEnough || !phases.includes('progressive') ? phases : phases.filter((phase) => phase !== 'technique');
}

/**
 * Whole minutes of each phase of a drill, in order, by their parts, none without a minute; what is over goes to the later phases. A short lesson is shown, then
 * answered at once.
 */
export function splitMinutes(
  drill: Drill,
  minutes: number,
): { readonly phase: DrillPhase; readonly minutes: number }[] {
  const phases = phasesIn(drill, minutes);
  const all = phases.reduce((sum, phase) => sum + partOf(drill, phase), 0);
  let left = minutes;
  let partsLeft = all;
  return phases.map((phase, index) => {
    const rest = phases.length - 1 - index;
    const own = index === phases.length - 1 ? left : Math.floor((left * partOf(drill, phase)) / partsLeft);
    const least = phase === 'shown' && minutes >= usualNumbers.leastLessonMinutes ? LEAST_SHOWN_MINUTES : 1;
    const given = Math.max(least, Math.min(own, left - rest));
    left -= given;
    partsLeft -= partOf(drill, phase);
    return { phase, minutes: given };
  });
}

/** What a lesson of a drill does for its learner and for the partner. */
interface Sides {
  /** Mean resistance over all of it, 0 to 1. */
  readonly learner: number;
  /** The same over what is answered and played, as far as it counts for the partner. */
  readonly partner: number;
  readonly partnersErrors: ReadonlySet<string>;
}
// Asked for each person, error and drill: reckoned once for each drill as it is taught.
const sidesOfDrills = new WeakMap<Drill, Sides>();

function sidesOf(drill: Drill): Sides {
  const known = sidesOfDrills.get(drill);
  if (known) return known;
  const isOpen = (phase: DrillPhase) => phase === 'progressive' || phase === 'positional';
  // A smaller dose for the partner and not a weaker drill: a weaker one would water down what stronger ones did.
  const found = {
    learner: resistanceOver(drill, () => true),
    partner: termsOf(drill).partner * resistanceOver(drill, isOpen),
    partnersErrors: partnersErrors(drill),
  };
  sidesOfDrills.set(drill, found);
  return found;
}

function resistanceOver(drill: Drill, counts: (phase: DrillPhase) => boolean): number {
  const phases = phasesOf(drill);
  const all = phases.reduce((sum, phase) => sum + partOf(drill, phase), 0);
  return phases.filter(counts).reduce((sum, phase) => sum + workIn(drill, phase) * partOf(drill, phase), 0) / all;
}

/** Mean resistance of a drill over its phases. */
export const meanResistance = (drill: Drill): number => sidesOf(drill).learner;

/** Minutes of a lesson that are worked: after the change of partner. */
export const workingMinutes = (drill: Drill, minutes: number): number =>
  Math.max(0, minutes - termsOf(drill).changeOverMinutes);

/** Dose of a drill for its learner: working minutes × resistance, on shared mats. */
export const doseOf = (drill: Drill, minutes: number, matShare: number): number =>
  workingMinutes(drill, minutes) * meanResistance(drill) * matShare;

/** Drills with what an academy's own lessons taught of them in the place of the catalogue's κ. */
export function withKappas(
  drills: readonly Drill[],
  learned: readonly { readonly drillId: string; readonly kappa: number }[],
): Drill[] {
  const byId = new Map(learned.map((one) => [one.drillId, one.kappa]));
  return drills.map((drill) => ({ ...drill, kappa: byId.get(drill.id) ?? drill.kappa }));
}

const MOST_KAPPA = 0.95;

/** What a lesson does about a need: the share of its rate that a full dose removes, and the dose of one working minute. */
export interface Work {
  readonly as: 'learner' | 'partner';
  readonly kappa: number;
  readonly resistance: number;
}

/**
 * What a lesson does about one need of somebody who takes part in it: as its learner, or else as the partner, who works on the other side of the position while
 * the lesson is answered and played. Undefined where it does nothing about it.
 */
export function workOn(drill: Drill, need: Need): Work | undefined {
  const { learner, partner: resistance, partnersErrors: beside } = sidesOf(drill);
  if (drill.targetErrorIds.includes(need.errorId)) {
    const times = need.namedDrillId === drill.id ? termsOf(drill).named : 1;
    return { as: 'learner', kappa: Math.min(MOST_KAPPA, drill.kappa * times), resistance: learner };
  }
  if (!beside.has(need.errorId)) return undefined;
  return resistance > 0 ? { as: 'partner', kappa: Math.min(MOST_KAPPA, drill.kappa), resistance } : undefined;
}

/** The errors of the other side of a drill's position: what its partner can work on. On the feet there is no other side. */
export function partnersErrors({ family, role }: Pick<Drill, 'family' | 'role'>): ReadonlySet<string> {
  const place = placeOfRole(role);
  if (place === 'level' || family === 'any') return new Set();
  const other = place === 'over' ? 'under' : 'over';
  const isBeside = (error: CatalogueError) => error.family === family && placeOfRole(error.role) === other;
  return new Set(errors.filter(isBeside).map((error) => error.id));
}

export interface DrillMinutes {
  readonly drillId: string;
  readonly minutes: number;
  /** People who do something else meanwhile, with what. */
  readonly excludedIds: readonly string[];
}

/** How much of its full effect a dose has, 0 to 1. */
export const filledBy = (dose: number, { doseMinutes }: PlanNumbers): number => 1 - Math.exp(-dose / doseMinutes);

/**
 * Exact benefit of a choice: over students and errors, priority × chance of coming × κ̄ × (1 − e^(−Σd/τ)); the doses of all drills
 * on one error add up, κ̄ is their dose-weighted κ, and a drill gives nothing to those it leaves out.
 */
export function exactBenefit(
  choice: readonly DrillMinutes[],
  attendees: readonly Attendee[],
  matShare: number,
  drillOf: (id: string) => Drill | undefined = findDrill,
  numbers: PlanNumbers = usualNumbers,
): number {
  return attendees.reduce(
    (total, attendee) =>
      total +
      attendee.needs.reduce(
        (sum, need) =>
          sum + need.priority * attendee.chance * effectOn(need, attendee.personId, choice, matShare, drillOf, numbers),
        0,
      ),
    0,
  );
}

function effectOn(
  need: Need,
  personId: string,
  choice: readonly DrillMinutes[],
  matShare: number,
  drillOf: (id: string) => Drill | undefined,
  numbers: PlanNumbers,
): number {
  let dose = 0;
  let weighted = 0;
  for (const { drillId, minutes, excludedIds } of choice) {
    const drill = drillOf(drillId);
    const work = drill && !excludedIds.includes(personId) ? workOn(drill, need) : undefined;
    if (!drill || !work) continue;
    const one = workingMinutes(drill, minutes) * work.resistance * matShare;
    dose += one;
    weighted += one * work.kappa;
  }
  return dose > 0 ? (weighted / dose) * filledBy(dose, numbers) : 0;
}
