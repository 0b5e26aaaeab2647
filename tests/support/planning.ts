import fc from 'fast-check';
import type { Attendee, PairingProblem } from '@/core/planning';
import { findBrokenRule, groupCost, pairKey } from '@/core/planning';
import { type BodyPart, belts, errors } from '@/core/vocabulary';

/** A class of people with needs drawn from the catalogue. */
export const arbitraryAttendees = (least: number, most: number): fc.Arbitrary<Attendee[]> =>
  fc
    .array(
      fc.record({
        belt: fc.constantFrom(...belts),
        age: fc.option(fc.integer({ min: 12, max: 60 }), { nil: undefined }),
        weightKg: fc.option(fc.integer({ min: 45, max: 110 }), { nil: undefined, freq: 8 }),
        chance: fc.constantFrom(0.3, 0.6, 0.9),
        injured: fc.boolean().map((flag) => flag && true),
        sore: fc.constantFrom<BodyPart[]>([], [], [], ['knee'], ['neck', 'shoulder']),
        needs: fc.array(
          fc.record({
            errorId: fc.constantFrom(...errors.map((one) => one.id)),
            priority: fc.integer({ min: 0, max: 30 }).map((tenth) => tenth / 10),
            count: fc.integer({ min: 1, max: 6 }),
            markIds: fc.constant([]),
          }),
          { maxLength: 5 },
        ),
      }),
      { minLength: least, maxLength: most },
    )
    .map((people) => people.map((person, index) => ({ ...person, personId: `person-${index}` })));

/** Least cost over all groupings, tried one by one: pairs, one group of three when odd, people sitting out. */
interface Found {
  readonly sittingOut: number;
  /** Of the pairs and trios themselves. */
  readonly cost: number;
  readonly trios: number;
}

/** Tries everything: first with one group of three for an odd number, and where somebody sits out then, with as many as there may be. */
export function bruteForcePairing(problem: PairingProblem): Found {
  const usual = searchPairing(problem, problem.people.length % 2, 0);
  if (usual.sittingOut === 0) return usual;
  const withTrios = searchPairing(problem, problem.people.length, 500);
  return withTrios.sittingOut < usual.sittingOut ? withTrios : usual;
}

function searchPairing(problem: PairingProblem, mostTrios: number, trioCost: number): Found {
  const { people } = problem;
  const fits = (i: number, j: number) =>
    !findBrokenRule(people[i]!, people[j]!, problem) &&
    !problem.usedPairs.has(pairKey(people[i]!.personId, people[j]!.personId));
  const price = (one: Found) => one.cost + one.trios * trioCost;
  const better = (one: Found, other: Found) =>
    one.sittingOut !== other.sittingOut ? one.sittingOut < other.sittingOut : price(one) < price(other) - 1e-9;
  const search = (left: readonly number[], triosLeft: number): Found => {
    const [first, ...rest] = left;
    if (first === undefined) return { sittingOut: 0, cost: 0, trios: 0 };
    const alone = search(rest, triosLeft);
    let best = { ...alone, sittingOut: alone.sittingOut + 1 };
    const consider = (members: readonly number[], others: Found) => {
      const trios = others.trios + (members.length === 3 ? 1 : 0);
      const candidate = { ...others, trios, cost: others.cost + groupCost(members, problem) };
      if (better(candidate, best)) best = candidate;
    };
    for (const other of rest) {
      if (!fits(first, other)) continue;
      const without = rest.filter((one) => one !== other);
      consider([first, other], search(without, triosLeft));
      if (triosLeft === 0) continue;
      for (const third of without.filter((one) => one > other && fits(first, one) && fits(other, one)))
        consider(
          [first, other, third],
          search(
            without.filter((one) => one !== third),
            triosLeft - 1,
          ),
        );
    }
    return best;
  };
  return search(
    people.map((_, index) => index),
    mostTrios,
  );
}
