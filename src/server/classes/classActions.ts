'use server';

import { randomUUID } from 'node:crypto';
import { revalidatePath } from 'next/cache';
import type { DrillLock } from '@/core/planning';
import { deleteAttendee, deleteClass, findClass, insertClass, saveAttendee, updateClass } from '@/data/classes/classes';
import { pool } from '@/data/client';
import { requireCoach } from '../accounts/currentCoach';
import { today } from '../kernel/environment';
import { messagesOf } from '../rounds/roundInput';
import { type ClassInput, classInput, type GenerateOutcome, locksInput, type SaveClassOutcome } from './classInput';
import { generatePlan } from './generatePlan';
import { planProblemMessage } from './planProblemMessage';

export async function saveClass(
  draft: ClassInput,
  existing?: { readonly id: string; readonly version: number },
): Promise<SaveClassOutcome> {
  await requireCoach();
  const input = classInput.safeParse(draft);
  if (!input.success) return { ok: false, messages: messagesOf(input.error) };
  const content = {
    id: existing?.id ?? randomUUID(),
    ...input.data,
    startsAt: new Date(input.data.startsAt).toISOString(),
  };
  const touched = existing ? await updateClass(pool(), content, existing.version) : await insertClass(pool(), content);
  if (touched === 0)
    return {
      ok: false,
      messages: { '': 'Another coach changed this class meanwhile. Reload the page, then make your change again.' },
    };
  revalidatePath('/classes');
  return { ok: true, classId: content.id };
}

export async function removeClass(classId: string): Promise<void> {
  await requireCoach();
  await deleteClass(pool(), classId);
  revalidatePath('/classes');
}

/** Says whether somebody is expected; a chance of 0 takes them off the list. */
export async function expectPerson(classId: string, personId: string, chance: number): Promise<void> {
  await requireCoach();
  if (chance > 0) await saveAttendee(pool(), classId, personId, Math.min(1, chance));
  else await deleteAttendee(pool(), classId, personId);
  revalidatePath(`/classes/${classId}`);
}

export async function generateClassPlan(classId: string, locks: readonly DrillLock[]): Promise<GenerateOutcome> {
  const coach = await requireCoach();
  const checked = locksInput.safeParse(locks);
  const academyClass = await findClass(pool(), classId);
  if (!checked.success || !academyClass)
    return { ok: false, message: 'This class is no longer there. Go back to the list of classes.' };
  const outcome = await generatePlan(pool(), academyClass, checked.data, coach.id, today());
  if (!outcome.ok) return { ok: false, message: planProblemMessage(outcome.problem) };
  revalidatePath(`/classes/${classId}`);
  return { ok: true, version: outcome.value.version };
}
