'use server';

import { randomUUID } from 'node:crypto';
import { revalidatePath } from 'next/cache';
import { toKilograms } from '@/core/kernel';
import { pool } from '@/data/client';
import { insertPerson, updatePerson } from '@/data/people/people';
import { requireCoach } from '../accounts/currentCoach';
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
  const { name, standing, division, belt, stripes, weight, weightUnit, bornOn, injuredUntil, injuryNote } = input.data;
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
  };
  const touched = existing
    ? await updatePerson(pool(), { ...person, version: existing.version })
    : await insertPerson(pool(), person);
  if (touched === 0)
    return {
      ok: false,
      messages: { '': 'Another coach changed this person meanwhile. Reload the page, then make your change again.' },
    };
  revalidatePath('/students');
  return { ok: true, personId: person.id };
}
