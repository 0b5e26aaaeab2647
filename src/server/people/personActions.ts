'use server';

import { revalidatePath } from 'next/cache';
import { type Outcome, refuse, toKilograms } from '@/core/kernel';
import { type Database, inTransaction, pool } from '@/data/client';
import { listWeighings, noteBelt, noteWeight } from '@/data/people/histories';
import { findPerson, insertPerson, type NewPerson, updatePerson } from '@/data/people/people';
import { today } from '../kernel/academyTime';
import { defineCommand, seenVersion } from '../kernel/defineCommand';
import { putOnce } from '../kernel/putOnce';
import { personInput } from './personInput';

/** Makes a person under the id that the page gave (version 0), or changes one that nobody else changed since `version`. Rounds keep the belt and weight of their day. */
export const savePerson = defineCommand({
  actor: 'coach',
  changes: 'student',
  args: [personInput, seenVersion],
  run: async (_coach, draft, { id, version }): Promise<Outcome<{ readonly personId: string }>> => {
    const { weight, weightUnit, bornOn, injuredUntil, injuryNote, competesOn, ...rest } = draft;
    const person = {
      id,
      ...rest,
      weightKg: weight === undefined ? undefined : toKilograms(weight, weightUnit),
      bornOn: bornOn || undefined,
      injuredUntil: injuredUntil || undefined,
      injuryNote: injuryNote || undefined,
      competesOn: competesOn || undefined,
    };
    const touched = await inTransaction(pool(), async (client) => {
      const changed = await putOnce(version, {
        insert: () => insertPerson(client, person),
        find: () => findPerson(client, id),
        content: person,
        update: (seen) => updatePerson(client, { ...person, version: seen }),
      });
      if (changed > 0) await noteToday(client, person);
      return changed;
    });
    if (touched === 0)
      return refuse('Another coach changed this person meanwhile. Reload the page, then make your change again.');
    revalidatePath('/students');
    return { ok: true, personId: id };
  },
});

/** What somebody is said to wear and weigh now holds from today on; a weight that did not change is no new weighing. */
async function noteToday(database: Database, { id, belt, stripes, weightKg }: NewPerson): Promise<void> {
  if (belt) await noteBelt(database, { personId: id, sinceDay: await today(), belt, stripes });
  const known = (await listWeighings(database, [id])).at(-1)?.weightKg;
  if (weightKg !== undefined && (known === undefined || Math.abs(known - weightKg) > 0.05))
    await noteWeight(database, { personId: id, sinceDay: await today(), weightKg, source: 'stated' });
}
