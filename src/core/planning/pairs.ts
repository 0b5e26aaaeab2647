import { present } from '../kernel';
import { beltRank } from '../vocabulary';
import { type Attendee, isMinor, type PlanLimits } from './attendee';
import type { Constraint, LinearModel, Solve } from './linearModel';
import { type PlanNumbers, usualNumbers } from './numbers';

/** `unknown-weight` stood in older plans: an unknown weight is a caution now, since it kept whole classes out of live work. */
export type PairRule = 'weight' | 'minor-with-adult' | 'do-not-pair' | 'unknown-weight';

export interface PairingProblem {
  readonly people: readonly Attendee[];
  readonly live: boolean;
  readonly limits: PlanLimits;
  /** Unordered pairs already used in this class or in the last four: each costs 30. */
  readonly recentPairs: ReadonlySet<string>;
  /** Pairs that may not come again in this class. */
  readonly usedPairs: ReadonlySet<string>;
  /** Who needs to be on top, who below, in what is drilled. */
  readonly wants: ReadonlyMap<string, 'over' | 'under'>;
  readonly numbers?: PlanNumbers;
}

export interface Pairing {
  readonly groups: readonly (readonly string[])[];
  /** People whom no rule-keeping partner is left for, with the rules that stand in the way. */
  readonly sittingOut: readonly { readonly personId: string; readonly rules: readonly PairRule[] }[];
  readonly cost: number;
  /** Those in live groups whose weight nobody knows: the coach looks before they begin. Absent in older plans. */
  readonly unknownWeightIds?: readonly string[];
}

export const pairKey = (one: string, other: string): string => (one < other ? `${one} ${other}` : `${other} ${one}`);

/** The rule that forbids a pair; undefined when they may train together. The weight limit binds live work only and includes its end. */
export function findBrokenRule(one: Attendee, other: Attendee, problem: PairingProblem): PairRule | undefined {
  const { limits, live } = problem;
  if (limits.doNotPair.some(([left, right]) => pairKey(left, right) === pairKey(one.personId, other.personId)))
    return 'do-not-pair';
  if (!limits.minorsWithAdults && isMinor(one) !== isMinor(other)) return 'minor-with-adult';
  // Who is kept out of live work learns with anybody.
  if (!live || one.injured || other.injured) return undefined;
  return gapRatio(one, other) > limits.liveWeightGapRatio + 1e-9 ? 'weight' : undefined;
}

const gapRatio = (one: Attendee, other: Attendee): number => {
  if (one.weightKg === undefined || other.weightKg === undefined) return 0;
  return Math.max(one.weightKg, other.weightKg) / Math.min(one.weightKg, other.weightKg) - 1;
};

/**
 * Cost of a pair: (gap − 10)² per cent over 10 % of the lighter, twice that where one of them spares something; as for 20 % where a weight is not known; 9 d² for d belt steps in live work and 9 (2 − min(2, d))² in
 * learning; −15 when one needs top and the other bottom; 30 for a recent partner; the academy may say otherwise.
 */
export function pairCost(one: Attendee, other: Attendee, problem: PairingProblem): number {
  const numbers = problem.numbers ?? usualNumbers;
  const isUnknown = one.weightKg === undefined || other.weightKg === undefined;
  const percent = isUnknown && problem.live ? numbers.unknownGapPercent : gapRatio(one, other) * 100;
  const gap = Math.max(0, percent - numbers.freeGapPercent) ** 2 * (problem.live && (one.hurt || other.hurt) ? 2 : 1);
  const steps = Math.abs(beltRank(one.belt) - beltRank(other.belt));
  const belt = numbers.beltCost * (problem.live ? steps ** 2 : (2 - Math.min(2, steps)) ** 2);
  const wants = [problem.wants.get(one.personId), problem.wants.get(other.personId)];
  const complement = wants.includes('over') && wants.includes('under') ? -numbers.complementGain : 0;
  return (
    gap + belt + complement + (problem.recentPairs.has(pairKey(one.personId, other.personId)) ? numbers.recentCost : 0)
  );
}

const SIT_OUT_COST = 100_000;
/** What a group of three costs beyond its pairs where several are allowed: each waits a third of the time. @source own decision: far less than sitting out */
const MORE_TRIOS_COST = 500;

/**
 * The cheapest pairing that breaks no rule, as a program with one variable per admissible pair. With an odd number one group of three
 * is allowed, its cost the sum of its three pairs; with `anyTrios` as many as keep people from sitting out, whatever the number. Somebody sits out only when
 * every grouping would break a rule.
 */
export function buildPairingModel(
  problem: PairingProblem,
  anyTrios = false,
): {
  readonly model: LinearModel;
  readonly groups: ReadonlyMap<string, readonly number[]>;
} {
  const { people } = problem;
  const groups = new Map<string, readonly number[]>();
  const costs = new Map<string, number>();
  const admissible = (i: number, j: number) =>
    !findBrokenRule(present(people[i]), present(people[j]), problem) &&
    !problem.usedPairs.has(pairKey(present(people[i]).personId, present(people[j]).personId));
  const cost = (i: number, j: number) => pairCost(present(people[i]), present(people[j]), problem);
  const trios: string[] = [];
  for (let i = 0; i < people.length; i += 1) {
    for (let j = i + 1; j < people.length; j += 1) {
      if (!admissible(i, j)) continue;
      groups.set(`p${i}_${j}`, [i, j]);
      costs.set(`p${i}_${j}`, cost(i, j));
      if (people.length % 2 === 0 && !anyTrios) continue;
      for (let k = j + 1; k < people.length; k += 1) {
        if (!admissible(i, k) || !admissible(j, k)) continue;
        const name = `q${i}_${j}_${k}`;
        groups.set(name, [i, j, k]);
        costs.set(name, cost(i, j) + cost(i, k) + cost(j, k) + (anyTrios ? MORE_TRIOS_COST : 0));
        trios.push(name);
      }
    }
  }
  const memberOf = people.map((): [number, string][] => []);
  for (const [name, members] of groups) for (const index of members) present(memberOf[index]).push([1, name]);
  const constraints: Constraint[] = people.map((_, index) => ({
    name: `one${index}`,
    terms: [...present(memberOf[index]), [1, `s${index}`]],
    relation: '=',
    bound: 1,
  }));
  if (trios.length > 0 && !anyTrios)
    constraints.push({ name: 'trio', terms: trios.map((name) => [1, name]), relation: '<=', bound: 1 });
  const model: LinearModel = {
    direction: 'minimize',
    objective: [
      ...[...costs].map(([name, value]) => [value, name] as const),
      ...people.map((_, index) => [SIT_OUT_COST, `s${index}`] as const),
    ],
    constraints,
    integers: [],
    binaries: [...groups.keys(), ...people.map((_, index) => `s${index}`)],
  };
  return { model, groups };
}

/** Solves the pairing; an empty class gives no groups. More groups of three are tried only where somebody would sit out without them. */
export function pairPeople(problem: PairingProblem, solve: Solve): Pairing {
  if (problem.people.length === 0) return { groups: [], sittingOut: [], cost: 0, unknownWeightIds: [] };
  const usual = solvePairing(problem, solve, false);
  if (usual.sittingOut.length === 0) return usual;
  const withTrios = solvePairing(problem, solve, true);
  return withTrios.sittingOut.length < usual.sittingOut.length ? withTrios : usual;
}

function solvePairing(problem: PairingProblem, solve: Solve, anyTrios: boolean): Pairing {
  const { model, groups } = buildPairingModel(problem, anyTrios);
  const solution = solve(model);
  const taken = (name: string) => (solution.values.get(name) ?? 0) > 0.5;
  const chosen = [...groups].filter(([name]) => taken(name)).map(([, members]) => members);
  const sittingOut = problem.people.flatMap((person, index) =>
    taken(`s${index}`) ? [{ personId: person.personId, rules: rulesAgainst(person, problem) }] : [],
  );
  return {
    groups: chosen.map((members) => members.map((index) => present(problem.people[index]).personId)),
    sittingOut,
    cost: chosen.reduce((sum, members) => sum + groupCost(members, problem), 0),
    unknownWeightIds: problem.live
      ? chosen.flat().flatMap((index) => {
          const { weightKg, personId } = present(problem.people[index]);
          return weightKg === undefined ? personId : [];
        })
      : [],
  };
}

/** Cost of a group of two or three: the sum of its pairs. */
export function groupCost(members: readonly number[], problem: PairingProblem): number {
  let cost = 0;
  for (const [position, i] of members.entries()) {
    for (const j of members.slice(position + 1))
      cost += pairCost(present(problem.people[i]), present(problem.people[j]), problem);
  }
  return cost;
}

function rulesAgainst(person: Attendee, problem: PairingProblem): PairRule[] {
  const rules = problem.people
    .filter((other) => other !== person)
    .map((other) => findBrokenRule(person, other, problem));
  return [...new Set(rules.filter((rule): rule is PairRule => rule !== undefined))].sort();
}
