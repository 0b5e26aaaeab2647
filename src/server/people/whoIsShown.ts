import { isMinorShown, mayBeNamed, type SharingProblem, sharingProblem } from '@/core/consent';
import { ageOn } from '@/core/kernel';
import { type AnyBelt, isChildBelt } from '@/core/vocabulary';
import type { Database } from '@/data/client';
import { listConsents, listShownIn } from '@/data/people/consents';

/** Somebody in a round, and what stands against showing it to anybody but coaches. */
export interface ShownPerson {
  readonly personId: string;
  readonly name: string;
  readonly isMinor: boolean;
  readonly problem?: SharingProblem;
  /** Agreed to be named. */
  readonly isNamed: boolean;
}

/** Everybody in these rounds, once each, as of a day. */
export async function whoIsShown(
  database: Database,
  roundIds: readonly string[],
  day: string,
): Promise<readonly ShownPerson[]> {
  return peopleOf(database, await listShownIn(database, roundIds), day);
}

async function peopleOf(
  database: Database,
  shown: Awaited<ReturnType<typeof listShownIn>>,
  day: string,
): Promise<readonly ShownPerson[]> {
  const consents = await listConsents(database, [...new Set(shown.map((one) => one.personId))]);
  const people = new Map<string, ShownPerson>();
  for (const { personId, name, bornOn, belt } of shown) {
    const person = {
      age: bornOn ? ageOn(bornOn, day) : undefined,
      childBelt: isChildBelt((belt ?? undefined) as AnyBelt | undefined),
      consents: consents.filter((one) => one.personId === personId),
    };
    people.set(personId, {
      ...{ personId, name, isMinor: isMinorShown(person), problem: sharingProblem(person, day) },
      isNamed: mayBeNamed(person, day),
    });
  }
  return [...people.values()];
}

/** What stands against showing each of these rounds to anybody but coaches, in words; rounds that nothing stands against are not in it. */
export async function notShownRounds(
  database: Database,
  roundIds: readonly string[],
  day: string,
): Promise<ReadonlyMap<string, string>> {
  const shown = await listShownIn(database, roundIds);
  const people = await peopleOf(database, shown, day);
  return new Map(
    roundIds.flatMap((roundId) => {
      const inIt = shown.filter((one) => one.roundId === roundId).map((one) => one.personId);
      const words = standsAgainst(people.filter((one) => inIt.includes(one.personId)));
      return words === undefined ? [] : [[roundId, words] as const];
    }),
  );
}

const problemWords: Readonly<Record<SharingProblem, (name: string) => string>> = {
  withdrawn: (name) => `${name} withdrew their consent`,
  ended: (name) => `${name}’s consent has ended`,
  'guardian-missing': (name) => `${name} is a minor, and no guardian’s consent is recorded`,
};

/** What stands against showing these people to anybody but coaches; undefined when nothing does. */
export function standsAgainst(people: readonly ShownPerson[]): string | undefined {
  const found = people.flatMap(({ name, problem }) => (problem ? [problemWords[problem](name)] : []));
  return found.length > 0 ? found.join('; ') : undefined;
}

/** Why these people's footage leaves nobody's hands, in one sentence with what to do; undefined when nothing stands against it. */
export function whyNotShown(people: readonly ShownPerson[]): string | undefined {
  const found = standsAgainst(people);
  return found && `${found}. Record it on their page under “Filming and showing”, then try again.`;
}
