import { fail, present, type Result, succeed } from '../kernel';
import { placeOfRole } from '../round';
import { drills as catalogueDrills, type Drill, findDrill, findError, type Uniform } from '../vocabulary';
import type { Attendee, PlanLimits } from './attendee';
import { type DrillPhase, phasesOf, splitMinutes } from './benefit';
import { type Choice, type ChoiceProblem, chooseDrills, type DrillLock } from './chooseDrills';
import { listCandidates } from './eligibility';
import type { Solve } from './linearModel';
import { orderDrills } from './order';
import { type Pairing, pairKey, pairPeople } from './pairs';

export interface ClassProblem {
  readonly minutes: number;
  readonly uniform: Uniform;
  /** Pairs that can work on the mats at once. */
  readonly pairsOnMats: number;
  readonly attendees: readonly Attendee[];
  readonly limits: PlanLimits;
  readonly locks: readonly DrillLock[];
  /** Drills of the last class: they rest unless locked. */
  readonly restingDrillIds: ReadonlySet<string>;
  /** Pairs of the last four classes. */
  readonly recentPairs: ReadonlySet<string>;
  readonly drills?: readonly Drill[];
}

export type ClassPlanProblem =
  | { readonly code: 'nobody-expected' }
  | { readonly code: 'one-person' }
  | { readonly code: 'too-short'; readonly leastMinutes: number }
  | { readonly code: 'nothing-to-work-on' }
  | { readonly code: 'no-drill-fits' }
  | { readonly code: 'locks-do-not-fit'; readonly lockedMinutes: number; readonly minutes: number };

export type BlockKind = 'warm-up' | DrillPhase | 'rounds' | 'close';

export interface Reason {
  readonly errorId: string;
  readonly people: readonly {
    readonly personId: string;
    readonly count: number;
    readonly lastSeenOn?: string;
    readonly markIds: readonly string[];
  }[];
}

export interface PlanBlock {
  readonly kind: BlockKind;
  /** Minutes after the class begins. */
  readonly startMinute: number;
  readonly minutes: number;
  readonly drillId?: string;
  readonly excludedIds: readonly string[];
  readonly alternativeId?: string;
  /** Repetitions of each partner, per side when the drill has sides; undefined where time, not count, leads. */
  readonly repetitions?: number;
  readonly reasons: readonly Reason[];
}

export interface ChosenDrill {
  readonly drillId: string;
  readonly minutes: number;
  readonly locked: boolean;
  /** Drills that would come in without it, and the share of the benefit that would be lost. */
  readonly displaced: readonly string[];
  readonly benefitLostRatio: number;
}

export interface PhasePairing extends Pairing {
  readonly phase: DrillPhase | 'rounds';
  readonly injuredIds: readonly string[];
  /** Who goes live and spares something, with what. Absent in older plans. */
  readonly spares?: readonly { readonly personId: string; readonly what: string }[];
}

export interface ClassPlan {
  readonly blocks: readonly PlanBlock[];
  readonly drills: readonly ChosenDrill[];
  readonly pairings: readonly PhasePairing[];
  readonly benefit: number;
  readonly modelBenefit: number;
  readonly frequencyBenefit: number;
  readonly gap: number;
  readonly optimal: boolean;
}

/** Shortest class that can be planned, in minutes. @source own decision: arrival, one drill, one round, close */
export const LEAST_CLASS_MINUTES = 20;
export const MOST_TOPICS = 3;
/** Most drills in one class. @source own decision: more than four and nobody remembers the first */
export const MOST_DRILLS = 4;

const fixedMinutes = (minutes: number) =>
  minutes >= 50 ? { 'warm-up': 8, rounds: 12, close: 3 } : { 'warm-up': 4, rounds: 5, close: 2 };

/**
 * A plan for one class: drills chosen by the mixed-integer program, run in phases, with reasons, repetitions and pairs per phase.
 * The blocks tile the class from its first to its last minute. Time that no drill needs goes to the rounds.
 */
export function planClass(problem: ClassProblem, solve: Solve): Result<ClassPlan, ClassPlanProblem> {
  const { attendees, minutes, locks } = problem;
  if (attendees.length === 0) return fail({ code: 'nobody-expected' });
  if (attendees.length === 1) return fail({ code: 'one-person' });
  if (minutes < LEAST_CLASS_MINUTES) return fail({ code: 'too-short', leastMinutes: LEAST_CLASS_MINUTES });
  const keeps = locks.filter((lock) => lock.kind === 'keep');
  if (keeps.length === 0 && attendees.every((one) => one.needs.every((need) => need.priority <= 0)))
    return fail({ code: 'nothing-to-work-on' });
  const choiceProblem = toChoiceProblem(problem);
  const lockedMinutes = keeps.reduce((sum, lock) => sum + (lock.kind === 'keep' ? lock.minutes : 0), 0);
  if (lockedMinutes > choiceProblem.minutes)
    return fail({ code: 'locks-do-not-fit', lockedMinutes, minutes: choiceProblem.minutes });
  if (choiceProblem.candidates.length === 0) return fail({ code: 'no-drill-fits' });
  const choice = chooseDrills(choiceProblem, solve);
  if (!choice) return fail({ code: 'locks-do-not-fit', lockedMinutes, minutes: choiceProblem.minutes });
  if (choice.drills.length === 0) return fail({ code: 'no-drill-fits' });
  return succeed({
    blocks: layOut(problem, choice),
    drills: explainChoice(choiceProblem, choice, solve),
    pairings: pairPhases(problem, choice, solve),
    benefit: choice.benefit,
    modelBenefit: choice.modelBenefit,
    frequencyBenefit: choice.frequencyBenefit,
    gap: choice.gap,
    optimal: choice.optimal,
  });
}

function toChoiceProblem(problem: ClassProblem): ChoiceProblem {
  const fixed = fixedMinutes(problem.minutes);
  const kept = new Set(problem.locks.filter((lock) => lock.kind === 'keep').map((lock) => lock.drillId));
  const resting = new Set([...problem.restingDrillIds].filter((id) => !kept.has(id)));
  const pairs = Math.floor(problem.attendees.length / 2);
  const candidates = listCandidates(problem.drills ?? catalogueDrills, problem.attendees, problem.uniform, resting);
  const wanted = problem.attendees.flatMap((one) => one.needs.filter((need) => need.priority > 0));
  const needed = new Set(wanted.map((need) => need.errorId));
  return {
    candidates: candidates.filter(
      ({ drill }) => kept.has(drill.id) || drill.targetErrorIds.some((id) => needed.has(id)),
    ),
    attendees: problem.attendees,
    minutes: problem.minutes - fixed['warm-up'] - fixed.rounds - fixed.close,
    mostTopics: MOST_TOPICS,
    mostDrills: Math.max(MOST_DRILLS, kept.size),
    matShare: Math.min(1, Math.max(1, problem.pairsOnMats) / Math.max(1, pairs)),
    locks: problem.locks,
  };
}

function layOut(problem: ClassProblem, choice: Choice): PlanBlock[] {
  const fixed = fixedMinutes(problem.minutes);
  const items = choice.drills.map(({ drillId }) => {
    const drill = present(findDrill(drillId));
    return { drillId, family: drill.family, phases: phasesOf(drill) };
  });
  const drafts: Omit<PlanBlock, 'startMinute'>[] = [
    { kind: 'warm-up', minutes: fixed['warm-up'], excludedIds: [], reasons: [] },
  ];
  for (const { drillId, phase } of orderDrills(items)) {
    const entry = present(choice.drills.find((one) => one.drillId === drillId));
    const drill = present(findDrill(drillId));
    const minutes = present(splitMinutes(drill, entry.minutes).find((part) => part.phase === phase)).minutes;
    drafts.push({
      kind: phase,
      minutes,
      drillId,
      excludedIds: entry.excludedIds,
      alternativeId: entry.alternativeId,
      repetitions: phase === 'positional' ? undefined : repetitionsIn(drill, minutes),
      reasons: reasonsFor(drill, problem.attendees, entry.excludedIds),
    });
  }
  const used = drafts.reduce((sum, block) => sum + block.minutes, 0);
  drafts.push({ kind: 'rounds', minutes: problem.minutes - used - fixed.close, excludedIds: [], reasons: [] });
  drafts.push({ kind: 'close', minutes: fixed.close, excludedIds: [], reasons: [] });
  let startMinute = 0;
  return drafts.map((draft) => {
    const block = { ...draft, startMinute };
    startMinute += draft.minutes;
    return block;
  });
}

/** Repetitions of each partner in so many minutes, per side for a drill with sides; at least one. */
export function repetitionsIn(drill: Drill, minutes: number): number {
  const each = (minutes * 60) / drill.secondsPerRepetition / 2;
  return Math.max(1, Math.floor(drill.sided ? each / 2 : each));
}

function reasonsFor(drill: Drill, attendees: readonly Attendee[], excludedIds: readonly string[]): Reason[] {
  return drill.targetErrorIds
    .map((errorId) => ({
      errorId,
      people: attendees
        .filter((one) => !excludedIds.includes(one.personId))
        .flatMap(({ personId, needs }) =>
          needs
            .filter((need) => need.errorId === errorId && need.count > 0)
            .map(({ count, lastSeenOn, markIds }) => ({ personId, count, lastSeenOn, markIds })),
        )
        .sort((one, other) => other.count - one.count || (one.personId < other.personId ? -1 : 1)),
    }))
    .filter((reason) => reason.people.length > 0);
}

function explainChoice(problem: ChoiceProblem, choice: Choice, solve: Solve): ChosenDrill[] {
  return choice.drills.map(({ drillId, minutes }) => {
    const others = problem.locks.filter((lock) => lock.drillId !== drillId);
    const without = chooseDrills({ ...problem, locks: [...others, { kind: 'drop', drillId }] }, solve);
    const displaced = (without?.drills ?? [])
      .map((one) => one.drillId)
      .filter((id) => !choice.drills.some((one) => one.drillId === id));
    const benefitLostRatio =
      choice.benefit > 0 ? Math.max(0, (choice.benefit - (without?.benefit ?? 0)) / choice.benefit) : 0;
    return {
      drillId,
      minutes,
      locked: problem.locks.some((lock) => lock.kind === 'keep' && lock.drillId === drillId),
      displaced,
      benefitLostRatio,
    };
  });
}

function pairPhases(problem: ClassProblem, choice: Choice, solve: Solve): PhasePairing[] {
  const wants = wantsOf(problem.attendees, choice);
  const used = new Set<string>();
  return (['technique', 'progressive', 'positional', 'rounds'] as const).map((phase) => {
    const live = phase === 'positional' || phase === 'rounds';
    const people = live ? problem.attendees.filter((one) => !one.injured) : problem.attendees;
    const base = { people, live, limits: problem.limits, wants: live ? wants : new Map<string, 'over' | 'under'>() };
    const fresh = pairPeople({ ...base, recentPairs: problem.recentPairs, usedPairs: used }, solve);
    const again =
      used.size > 0 && fresh.sittingOut.length > 0
        ? pairPeople({ ...base, recentPairs: new Set([...problem.recentPairs, ...used]), usedPairs: new Set() }, solve)
        : fresh;
    const pairing = again.sittingOut.length < fresh.sittingOut.length ? again : fresh;
    for (const group of pairing.groups)
      for (const one of group) for (const other of group) if (one !== other) used.add(pairKey(one, other));
    return {
      phase,
      ...pairing,
      injuredIds: live ? problem.attendees.filter((one) => one.injured).map((one) => one.personId) : [],
      spares: live ? people.flatMap(({ personId, hurt }) => (hurt ? { personId, what: hurt } : [])) : [],
    };
  });
}

function wantsOf(attendees: readonly Attendee[], choice: Choice): ReadonlyMap<string, 'over' | 'under'> {
  const targets = new Set(choice.drills.flatMap((one) => findDrill(one.drillId)?.targetErrorIds ?? []));
  const wants = new Map<string, 'over' | 'under'>();
  for (const { personId, needs } of attendees) {
    const first = [...needs]
      .filter((need) => targets.has(need.errorId))
      .sort((one, other) => other.priority - one.priority)[0];
    const place = first ? placeOfRole(findError(first.errorId)?.role ?? 'neutral') : 'level';
    if (place !== 'level') wants.set(personId, place);
  }
  return wants;
}
