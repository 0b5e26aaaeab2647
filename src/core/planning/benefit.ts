import { type Drill, type DrillStage, findDrill } from '../vocabulary';
import type { Attendee, Need } from './attendee';
import { usualShape } from './classShape';

/** Minutes that bring 63 % of a drill's effect. @source house estimate */
export const DOSE_MINUTES = 12;

/** Minutes lost to a new partner and the first look, taken from a lesson's own. @source house estimate */
export const CHANGE_OVER_MINUTES = 1;

/** What comes after what in a lesson; `shown` is shown, and held where the drill says so. */
export type DrillPhase = 'shown' | 'technique' | 'progressive' | 'positional';
export const drillPhases: readonly DrillPhase[] = ['shown', 'technique', 'progressive', 'positional'];
const phaseOfStage: Readonly<Record<DrillStage, DrillPhase>> = {
  static: 'shown',
  cooperative: 'technique',
  progressive: 'progressive',
  live: 'positional',
};
/** Parts of a lesson's minutes. @source house estimate: one part shown, two repeated, two answered, two played */
const parts: Readonly<Record<DrillPhase, number>> = { shown: 1, technique: 2, progressive: 2, positional: 2 };
const resistance: Readonly<Record<DrillPhase, number>> = {
  shown: 0.5,
  technique: 0.5,
  progressive: 0.75,
  positional: 1,
};

/** The phases that a drill goes through, in order: it is always shown first. */
export function phasesOf(drill: Drill): DrillPhase[] {
  const there = new Set<DrillPhase>(['shown', ...drill.stages.map((stage) => phaseOfStage[stage])]);
  return drillPhases.filter((phase) => there.has(phase));
}

/** Least minutes of a drill run whole. */
export const leastMinutesOf = (drill: Drill): number =>
  Math.max(drill.lesson?.least ?? usualShape.leastLessonMinutes, drill.leastMinutes);
/** Most minutes of a drill run whole: one that is never played is not stretched. */
export const mostMinutesOf = (drill: Drill): number =>
  Math.max(
    leastMinutesOf(drill),
    drill.game ? (drill.lesson?.most ?? usualShape.mostLessonMinutes) : drill.mostMinutes,
  );

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
  const all = phases.reduce((sum, phase) => sum + parts[phase], 0);
  let left = minutes;
  let partsLeft = all;
  return phases.map((phase, index) => {
    const rest = phases.length - 1 - index;
    const own = index === phases.length - 1 ? left : Math.floor((left * parts[phase]) / partsLeft);
    const least = phase === 'shown' && minutes >= usualShape.leastLessonMinutes ? LEAST_SHOWN_MINUTES : 1;
    const given = Math.max(least, Math.min(own, left - rest));
    left -= given;
    partsLeft -= parts[phase];
    return { phase, minutes: given };
  });
}

/** Mean resistance of a drill over its phases, 0.5 to 1. */
export function meanResistance(drill: Drill): number {
  const phases = phasesOf(drill);
  const all = phases.reduce((sum, phase) => sum + parts[phase], 0);
  return phases.reduce((sum, phase) => sum + resistance[phase] * parts[phase], 0) / all;
}

/** Dose of a drill: working minutes × resistance, after the change of partner and shared mats. */
export function doseOf(drill: Drill, minutes: number, matShare: number): number {
  return Math.max(0, minutes - CHANGE_OVER_MINUTES) * meanResistance(drill) * matShare;
}

/** How much more a drill does that the coach named in a signed review. @source own decision: the coach's word comes before the sum */
export const NAMED_DRILL = 1.5;

/** Drills with what an academy's own lessons taught of them in the place of the catalogue's κ. */
export function withKappas(
  drills: readonly Drill[],
  learned: readonly { readonly drillId: string; readonly kappa: number }[],
): Drill[] {
  const byId = new Map(learned.map((one) => [one.drillId, one.kappa]));
  return drills.map((drill) => ({ ...drill, kappa: byId.get(drill.id) ?? drill.kappa }));
}

/** Share of an error's rate that a full dose of a drill is expected to remove, for one need of one student. */
export const kappaFor = (drill: Drill, need: Need): number =>
  Math.min(0.95, drill.kappa * (need.namedDrillId === drill.id ? NAMED_DRILL : 1));

export interface DrillMinutes {
  readonly drillId: string;
  readonly minutes: number;
  /** People who do something else meanwhile, with what. */
  readonly excludedIds: readonly string[];
}

/**
 * Exact benefit of a choice: over students and errors, priority × chance of coming × κ̄ × (1 − e^(−Σd/τ)); the doses of all drills
 * on one error add up, κ̄ is their dose-weighted κ, and a drill gives nothing to those it leaves out.
 */
export function exactBenefit(
  choice: readonly DrillMinutes[],
  attendees: readonly Attendee[],
  matShare: number,
  drillOf: (id: string) => Drill | undefined = findDrill,
): number {
  return attendees.reduce(
    (total, attendee) =>
      total +
      attendee.needs.reduce(
        (sum, need) =>
          sum + need.priority * attendee.chance * effectOn(need, attendee.personId, choice, matShare, drillOf),
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
): number {
  let dose = 0;
  let weighted = 0;
  for (const { drillId, minutes, excludedIds } of choice) {
    const drill = drillOf(drillId);
    if (!drill?.targetErrorIds.includes(need.errorId) || excludedIds.includes(personId)) continue;
    const one = doseOf(drill, minutes, matShare);
    dose += one;
    weighted += one * kappaFor(drill, need);
  }
  return dose > 0 ? (weighted / dose) * (1 - Math.exp(-dose / DOSE_MINUTES)) : 0;
}
