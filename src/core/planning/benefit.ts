import { type Drill, type DrillStage, findDrill } from '../vocabulary';
import type { Attendee } from './attendee';

/** Minutes that bring 63 % of a drill's effect. @source house estimate */
export const DOSE_MINUTES = 12;

/** Minutes lost at the start of each phase of a drill, taken from its own minutes. @source house estimate */
export const CHANGE_OVER_MINUTES = 1;

/** Shortest useful phase of a drill, in minutes. @source own decision: explain, pair up, and a few turns each */
export const LEAST_PHASE_MINUTES = 3;

const resistance: Readonly<Record<DrillStage, number>> = { static: 0.5, cooperative: 0.5, progressive: 0.75, live: 1 };

/** The three phases of a class in which a drill's stages are run. */
export type DrillPhase = 'technique' | 'progressive' | 'positional';
const phaseOfStage: Readonly<Record<DrillStage, DrillPhase>> = {
  static: 'technique',
  cooperative: 'technique',
  progressive: 'progressive',
  live: 'positional',
};
export const drillPhases: readonly DrillPhase[] = ['technique', 'progressive', 'positional'];

/** The phases a drill goes through, in order; every stage before the live one is kept. */
export function phasesOf(drill: Drill): DrillPhase[] {
  const present = new Set(drill.stages.map((stage) => phaseOfStage[stage]));
  return drillPhases.filter((phase) => present.has(phase));
}

/** Least minutes of a drill in a class: its own least, and room for each of its phases as far as its most allows. */
export function leastMinutesOf(drill: Drill): number {
  return Math.max(drill.leastMinutes, Math.min(drill.mostMinutes, LEAST_PHASE_MINUTES * phasesOf(drill).length));
}

/** Whole minutes of each phase of a drill, in order: shared equally, what is over goes to the later phases. */
export function splitMinutes(
  drill: Drill,
  minutes: number,
): { readonly phase: DrillPhase; readonly minutes: number }[] {
  const phases = phasesOf(drill);
  const each = Math.floor(minutes / phases.length);
  const over = minutes - each * phases.length;
  return phases.map((phase, index) => ({ phase, minutes: each + (index >= phases.length - over ? 1 : 0) }));
}

/** Mean resistance of a drill over its phases, 0.5 to 1. */
export function meanResistance(drill: Drill): number {
  const phases = phasesOf(drill);
  const ofPhase = {
    technique: resistance.cooperative,
    progressive: resistance.progressive,
    positional: resistance.live,
  };
  return phases.reduce((sum, phase) => sum + ofPhase[phase], 0) / phases.length;
}

/** Dose of a drill: working minutes × resistance, after change-overs and shared mats. */
export function doseOf(drill: Drill, minutes: number, matShare: number): number {
  return Math.max(0, minutes - CHANGE_OVER_MINUTES * phasesOf(drill).length) * meanResistance(drill) * matShare;
}

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
): number {
  return attendees.reduce(
    (total, attendee) =>
      total +
      attendee.needs.reduce(
        (sum, need) =>
          sum + need.priority * attendee.chance * effectOn(need.errorId, attendee.personId, choice, matShare),
        0,
      ),
    0,
  );
}

function effectOn(errorId: string, personId: string, choice: readonly DrillMinutes[], matShare: number): number {
  let dose = 0;
  let weighted = 0;
  for (const { drillId, minutes, excludedIds } of choice) {
    const drill = findDrill(drillId);
    if (!drill?.targetErrorIds.includes(errorId) || excludedIds.includes(personId)) continue;
    const one = doseOf(drill, minutes, matShare);
    dose += one;
    weighted += one * drill.kappa;
  }
  return dose > 0 ? (weighted / dose) * (1 - Math.exp(-dose / DOSE_MINUTES)) : 0;
}
