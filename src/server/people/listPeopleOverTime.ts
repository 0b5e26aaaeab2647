import { pool } from '@/data/client';
import { listBeltSteps, listWeighings } from '@/data/people/histories';
import { listPeople } from '@/data/people/people';

function byPerson<Entry extends { readonly personId: string }>(entries: readonly Entry[]): Map<string, Entry[]> {
  const grouped = new Map<string, Entry[]>();
  for (const entry of entries) grouped.set(entry.personId, [...(grouped.get(entry.personId) ?? []), entry]);
  return grouped;
}

/** Everybody, with their belts and weights over time, oldest first. */
export async function listPeopleOverTime() {
  const [people, steps, weighings] = await Promise.all([
    listPeople(pool()),
    listBeltSteps(pool()),
    listWeighings(pool()),
  ]);
  const [belts, weights] = [byPerson(steps), byPerson(weighings)];
  return people.map((person) => ({
    ...person,
    belts: belts.get(person.id) ?? [],
    weights: weights.get(person.id) ?? [],
  }));
}

export type PersonWithPast = Awaited<ReturnType<typeof listPeopleOverTime>>[number];
