'use server';

import { randomUUID } from 'node:crypto';
import { revalidatePath } from 'next/cache';
import { toKilograms } from '@/core/kernel';
import { type Database, inTransaction, pool } from '@/data/client';
import { listWeighings, noteBelt, noteWeight } from '@/data/people/histories';
import { insertPerson, type NewPerson, updatePerson } from '@/data/people/people';
import { requireCoach } from '../accounts/currentCoach';
import { today } from '../kernel/environment';
import { messagesOf } from '../rounds/roundInput';
import { type PersonInput, personInput, type SavePersonOutcome } from './personInput';

/** Makes a person, or changes one that nobody else changed since `version`. Rounds keep the belt and weight of their day. */
export async function savePerson(
  draft: PersonInput,
  existing?: { readonly id: string; readonly version: number },
): Promise<SavePersonOutcome> {
  await requireCoach();
  const input = personInput.safeParse(draft);
  if (!input.success) return { ok: false, messages: messagesOf(input.error) };
  const { name, standing, division, belt, stripes, weight, weightUnit, heightCm } = input.data;
  const { bornOn, injuredUntil, injuryNote, competesOn } = input.data;
  const person = {
    id: existing?.id ?? randomUUID(),
    name,
    standing,
    division,
    belt,
    stripes,
    weightKg: weight === undefined ? undefined : toKilograms(weight, weightUnit),
    bornOn: bornOn || undefined,
    injuredUntil: injuredUntil || undefined,
    injuryNote: injuryNote || undefined,
    heightCm,
    competesOn: competesOn || undefined,
  };
  const touched = await inTransaction(pool(), async (client) => {
    const changed = existing
      ? await updatePerson(client, { ...person, version: existing.version })
      : await insertPerson(client, person);
    if (changed > 0) await noteToday(client, person);
    return changed;
  });
  if (touched === 0)
    return {
      ok: false,
      messages: { '': 'Another coach changed this person meanwhile. Reload the page, then make your change again.' },
    };
  revalidatePath('/students');
  return { ok: true, personId: person.id };
}

/** What somebody is said to wear and weigh now holds from today on; a weight that did not change is no new weighing. */
async function noteToday(database: Database, { id, belt, stripes, weightKg }: NewPerson): Promise<void> {
  await noteBelt(database, { personId: id, sinceDay: today(), belt, stripes });
  const known = (await listWeighings(database, [id])).at(-1)?.weightKg;
  if (weightKg !== undefined && (known === undefined || Math.abs(known - weightKg) > 0.05))
    await noteWeight(database, { personId: id, sinceDay: today(), weightKg, source: 'stated' });
}
