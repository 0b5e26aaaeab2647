import { present } from '../kernel';
import { placeOfRole } from '../round';
import type { Drill } from '../vocabulary';
import type { Attendee, PlanLimits } from './attendee';
import type { DrillPhase } from './benefit';
import type { Solve } from './linearModel';
import type { PlanNumbers } from './numbers';
import { findBrokenRule, type Pairing, type PairRule, pairKey, pairPeople } from './pairs';

/** Two people whom the coach keeps together. */
export type KeptPair = readonly [string, string];

/** A class as far as its pairs depend on it. */
interface PairedClass {
  readonly keptPairs?: readonly KeptPair[];
  readonly attendees: readonly Attendee[];
  readonly limits: PlanLimits;
  /** Pairs of the last four classes. */
  readonly recentPairs: ReadonlySet<string>;
  readonly numbers?: PlanNumbers;
}
interface PairedLesson {
  readonly drill: Drill;
  readonly excludedIds: readonly string[];
}

export interface UntilPlayed {
  readonly personIds: readonly string[];
  /** The pair that takes one in, which goes on without them. */
  readonly hostIds: readonly string[];
}

export interface PhasePairing extends Pairing {
  /** Older plans pair for each phase of all drills. */
  readonly phase: DrillPhase | 'lesson' | 'rounds';
  /** The lesson, where it is one. */
  readonly drillId?: string;
  /** Who does something else meanwhile with a partner who changes at half time: nobody else does. */
  readonly besideIds?: readonly string[];
  readonly injuredIds: readonly string[];
  /** Who learn together although they are too far apart in weight to play: alone, or as guests of a pair. They do not do the played part. Absent in older plans. */
  readonly untilPlayed?: readonly UntilPlayed[];
  /** Pairs that the coach keeps together and that a rule keeps apart here. Absent in older plans. */
  readonly notKept?: readonly { readonly personIds: KeptPair; readonly rule: PairRule }[];
  /** Who goes live and spares something, with what. Absent in older plans. */
  readonly spares?: readonly { readonly personId: string; readonly what: string }[];
}

/** One partner for each lesson, another for the next, and others again for the rounds, as far as they go round. */
export function pairLessons(problem: PairedClass, lessons: readonly PairedLesson[], solve: Solve): PhasePairing[] {
  const used = new Set<string>();
  const pair = (
    all: readonly Attendee[],
    live: boolean,
    wants: ReadonlyMap<string, 'over' | 'under'>,
  ): Pairing & Pick<PhasePairing, 'notKept'> => {
    const kept = keptAmong(all, live, problem);
    const people = all.filter((one) => !kept.groups.some((group) => group.includes(one.personId)));
    const base = { people, live, limits: problem.limits, wants, numbers: problem.numbers };
    const fresh = pairPeople({ ...base, recentPairs: problem.recentPairs, usedPairs: used }, solve);
    const again =
      used.size > 0 && fresh.sittingOut.length > 0
        ? pairPeople({ ...base, recentPairs: new Set([...problem.recentPairs, ...used]), usedPairs: new Set() }, solve)
        : fresh;
    const pairing = again.sittingOut.length < fresh.sittingOut.length ? again : fresh;
    for (const group of pairing.groups)
      for (const one of group) for (const other of group) if (one !== other) used.add(pairKey(one, other));
    return {
      ...pairing,
      groups: [...kept.groups, ...pairing.groups],
      unknownWeightIds: [...kept.unknownWeightIds, ...(pairing.unknownWeightIds ?? [])],
      notKept: kept.notKept,
    };
  };
  const injuredIds = problem.attendees.filter((one) => one.injured).map((one) => one.personId);
  const sparing = (people: readonly Attendee[]) =>
    people.flatMap(({ personId, hurt, injured }) => (hurt && !injured ? { personId, what: hurt } : []));
  const byLesson = lessons.map(({ drill, excludedIds }): PhasePairing => {
    const isLive = drill.game !== undefined;
    const doing = problem.attendees.filter((one) => !excludedIds.includes(one.personId));
    const others = problem.attendees.filter((one) => excludedIds.includes(one.personId));
    const own = pair(doing, isLive, wantsOf(doing, drill));
    const learning = isLive
      ? learnTogether(own, doing, problem, (people) => pair(people, false, new Map()))
      : undefined;
    const beside = others.length > 1 ? pair(others, false, new Map()) : undefined;
    return {
      ...{ phase: 'lesson', drillId: drill.id },
      groups: [...own.groups, ...(beside?.groups ?? [])],
      sittingOut: [...(learning?.sittingOut ?? own.sittingOut), ...(beside?.sittingOut ?? [])],
      untilPlayed: learning?.untilPlayed ?? [],
      cost: own.cost + (beside?.cost ?? 0),
      unknownWeightIds: own.unknownWeightIds,
      notKept: own.notKept,
      besideIds: others.length === 1 ? others.map((one) => one.personId) : [],
      injuredIds: isLive ? injuredIds.filter((id) => !excludedIds.includes(id)) : [],
      spares: isLive ? sparing(doing) : [],
    };
  });
  const fit = problem.attendees.filter((one) => !one.injured);
  const rounds = pair(fit, true, new Map());
  return [...byLesson, { phase: 'rounds', ...rounds, injuredIds, spares: sparing(fit) }];
}

/** The pairs that the coach keeps and that are both here, as far as no rule keeps them apart. */
function keptAmong(people: readonly Attendee[], live: boolean, { keptPairs = [], limits }: PairedClass) {
  const known = new Map(people.map((one) => [one.personId, one]));
  const groups: KeptPair[] = [];
  const notKept: NonNullable<PhasePairing['notKept']>[number][] = [];
  for (const personIds of keptPairs) {
    const [one, other] = personIds.map((id) => known.get(id));
    if (!one || !other || groups.flat().some((id) => personIds.includes(id))) continue;
    const rule = findBrokenRule(one, other, {
      ...{ people, live, limits, recentPairs: new Set<string>(), usedPairs: new Set<string>(), wants: new Map() },
    });
    if (rule) notKept.push({ personIds, rule });
    else groups.push(personIds);
  }
  const isUnknown = (id: string) => live && known.get(id)?.weightKg === undefined;
  return { groups, notKept, unknownWeightIds: groups.flat().filter(isUnknown) };
}

/** Those whom only live work keeps apart learn all the same: two of them together, one alone with a pair that takes them in, until it is played. */
function learnTogether(
  { groups, sittingOut }: Pairing,
  doing: readonly Attendee[],
  { limits }: PairedClass,
  pairLearning: (people: readonly Attendee[]) => Pairing,
): Pick<PhasePairing, 'untilPlayed' | 'sittingOut'> {
  const out = sittingOut.filter((one) => one.rules.includes('weight')).map((one) => one.personId);
  if (out.length === 0) return { sittingOut };
  const known = new Map(doing.map((one) => [one.personId, one]));
  const among = out.length > 1 ? pairLearning(out.map((id) => present(known.get(id)))) : undefined;
  const untilPlayed: UntilPlayed[] = (among?.groups ?? []).map((personIds) => ({ personIds, hostIds: [] }));
  const taken = new Set<string>();
  const rules = {
    people: doing,
    live: false,
    limits,
    recentPairs: new Set<string>(),
    usedPairs: new Set<string>(),
    wants: new Map(),
  };
  for (const personId of among ? among.sittingOut.map((one) => one.personId) : out) {
    const guest = present(known.get(personId));
    const hostIds = groups.find(
      (group) =>
        group.length === 2 &&
        !group.some((id) => taken.has(id)) &&
        group.every((id) => !findBrokenRule(guest, present(known.get(id)), rules)),
    );
    if (!hostIds) continue;
    for (const id of hostIds) taken.add(id);
    untilPlayed.push({ personIds: [personId], hostIds });
  }
  const learning = new Set(untilPlayed.flatMap((one) => one.personIds));
  return { untilPlayed, sittingOut: sittingOut.filter((one) => !learning.has(one.personId)) };
}

/** Who needs the lesson for themselves wants its side of the position. */
function wantsOf(attendees: readonly Attendee[], drill: Drill): ReadonlyMap<string, 'over' | 'under'> {
  const place = placeOfRole(drill.role);
  if (place === 'level') return new Map();
  const needy = attendees.filter(({ needs }) =>
    needs.some((need) => need.priority > 0 && drill.targetErrorIds.includes(need.errorId)),
  );
  const other = place === 'over' ? 'under' : 'over';
  return new Map(
    attendees.map(({ personId }) => [personId, needy.some((one) => one.personId === personId) ? place : other]),
  );
}
