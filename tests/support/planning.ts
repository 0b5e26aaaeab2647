import fc from 'fast-check';
import type { Attendee, PairingProblem } from '@/core/planning';
import { findBrokenRule, groupCost, pairKey } from '@/core/planning';
import { belts, errors } from '@/core/vocabulary';

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
export function bruteForcePairing(problem: PairingProblem): { sittingOut: number; cost: number } {
  const { people } = problem;
  const fits = (i: number, j: number) =>
    !findBrokenRule(people[i]!, people[j]!, problem) &&
    !problem.usedPairs.has(pairKey(people[i]!.personId, people[j]!.personId));
  const better = (one: { sittingOut: number; cost: number }, other: { sittingOut: number; cost: number }) =>
    one.sittingOut !== other.sittingOut ? one.sittingOut < other.sittingOut : one.cost < other.cost - 1e-9;
  const search = (left: readonly number[], trioFree: boolean): { sittingOut: number; cost: number } => {
    const [first, ...rest] = left;
    if (first === undefined) return { sittingOut: 0, cost: 0 };
    const alone = search(rest, trioFree);
    let best = { sittingOut: alone.sittingOut + 1, cost: alone.cost };
    for (const other of rest) {
      if (!fits(first, other)) continue;
      const without = rest.filter((one) => one !== other);
      const pair = search(without, trioFree);
      const candidate = { sittingOut: pair.sittingOut, cost: pair.cost + groupCost([first, other], problem) };
      if (better(candidate, best)) best = candidate;
      if (!trioFree) continue;
      for (const third of without.filter((one) => one > other && fits(first, one) && fits(other, one))) {
        const trio = search(
          without.filter((one) => one !== third),
          false,
        );
        const three = { sittingOut: trio.sittingOut, cost: trio.cost + groupCost([first, other, third], problem) };
        if (better(three, best)) best = three;
      }
    }
    return best;
  };
  return search(
    people.map((_, index) => index),
    people.length % 2 === 1,
  );
}
