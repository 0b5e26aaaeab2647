'use server';

import { randomUUID } from 'node:crypto';
import { revalidatePath } from 'next/cache';
import type pg from 'pg';
import type { z } from 'zod';
import { formatClock } from '@/core/clock';
import { toKilograms } from '@/core/kernel';
import { inTransaction, pool } from '@/data/client';
import { findFootage } from '@/data/footage/footage';
import { listMarks } from '@/data/marks/marks';
import { noteBelt, noteWeight } from '@/data/people/histories';
import { findPerson, insertPerson } from '@/data/people/people';
import {
  deleteAthletes,
  deleteRound,
  findRound,
  insertAthlete,
  insertRound,
  type Round,
  updateRound,
} from '@/data/rounds/rounds';
import { requireCoach } from '../accounts/currentCoach';
import {
  messagesOf,
  type RoundInput,
  roundInput,
  roundsInput,
  type SaveRoundOutcome,
  type SaveRoundsOutcome,
} from './roundInput';
import { ruleSetOf } from './ruleSetOf';

type CheckedRound = z.output<typeof roundInput>;
const refuse = (field: string, message: string): SaveRoundOutcome => ({ ok: false, messages: { [field]: message } });

/** Makes a round, or changes one that nobody else changed since `version`. Nothing is stored unless everything fits. */
export async function saveRound(
  draft: RoundInput,
  existing?: { readonly id: string; readonly version: number },
): Promise<SaveRoundOutcome> {
  const coach = await requireCoach();
  const input = roundInput.safeParse(draft);
  if (!input.success) return { ok: false, messages: messagesOf(input.error) };
  const problem = await findRoundProblem(input.data, existing?.id);
  if (problem) return problem;
  const roundId = existing?.id ?? randomUUID();
  const stored = await inTransaction(pool(), async (client) => {
    const content = { id: roundId, ...contentOf(input.data) };
    const before = existing && (await findRound(client, roundId));
    if (existing) {
      if ((await updateRound(client, content, existing.version)) === 0) return false;
      await deleteAthletes(client, roundId);
    } else await insertRound(client, content, coach.id);
    for (const slot of ['a', 'b'] as const)
      await storeAthlete(client, roundId, content.heldOn, slot, input.data[slot], before);
    return true;
  });
  if (!stored) return refuse('', 'Another coach changed this card meanwhile. Reload it, then make your change again.');
  revalidatePath('/footage');
  return { ok: true, roundId };
}

/** Makes several rounds at once; people who are new are made once for all of them. Nothing is stored unless everything fits. */
export async function saveRounds(drafts: readonly RoundInput[]): Promise<SaveRoundsOutcome> {
  const coach = await requireCoach();
  const input = roundsInput.safeParse(drafts);
  if (!input.success) return { ok: false, messages: messagesOf(input.error) };
  for (const [index, round] of input.data.entries()) {
    const problem = await findRoundProblem(round, undefined);
    if (problem && !problem.ok)
      return {
        ok: false,
        messages: { [`${index}.endSeconds`]: problem.messages.endSeconds ?? Object.values(problem.messages)[0] ?? '' },
      };
  }
  const roundIds = input.data.map(() => randomUUID());
  await inTransaction(pool(), async (client) => {
    const made = new Map<string, string>();
    for (const [index, round] of input.data.entries()) {
      await insertRound(client, { id: roundIds[index]!, ...contentOf(round) }, coach.id);
      for (const slot of ['a', 'b'] as const) {
        const athlete = round[slot];
        const name = athlete.newName?.toLowerCase();
        const personId = athlete.personId ?? (name ? made.get(name) : undefined);
        const stored = await storeAthlete(client, roundIds[index]!, round.heldOn, slot, { ...athlete, personId });
        if (name) made.set(name, stored);
      }
    }
  });
  revalidatePath('/footage');
  return { ok: true, roundIds };
}

async function findRoundProblem(
  round: CheckedRound,
  existingId: string | undefined,
): Promise<SaveRoundOutcome | undefined> {
  const footage = round.footageId ? await findFootage(pool(), round.footageId) : undefined;
  if (round.footageId && !footage) return refuse('footageId', 'This footage is no longer there. Choose another file.');
  if (footage && round.endSeconds > footage.durationSeconds + 0.5) {
    return refuse(
      'endSeconds',
      `The footage ends at ${formatClock(footage.durationSeconds)}. Set the out point before that.`,
    );
  }
  if (!(await ruleSetOf(pool(), round.ruleSet)))
    return refuse('ruleSet', 'These rules are not kept any more. Choose others.');
  if (!existingId) return undefined;
  const outside = (await listMarks(pool(), existingId)).filter(
    ({ mark }) => mark.atSeconds < round.startSeconds || mark.atSeconds > round.endSeconds,
  );
  if (outside.length === 0) return undefined;
  return refuse(
    'endSeconds',
    `${outside.length} marks would lie outside the round. Widen it, or delete those marks first.`,
  );
}

const contentOf = (input: CheckedRound) => ({
  footageId: input.footageId,
  heldOn: input.heldOn,
  uniform: input.uniform,
  ruleSet: input.ruleSet,
  plannedSeconds: input.plannedSeconds,
  occasion: input.occasion,
  theme: input.theme,
  circumstances: input.circumstances,
  numberInSession: input.numberInSession,
  startSeconds: input.startSeconds,
  endSeconds: input.endSeconds,
});

async function storeAthlete(
  client: pg.PoolClient,
  roundId: string,
  heldOn: string,
  slot: 'a' | 'b',
  athlete: CheckedRound['a'],
  before: Round | undefined = undefined,
): Promise<string> {
  const weightKg = athlete.weight === undefined ? undefined : toKilograms(athlete.weight, athlete.weightUnit);
  let personId = athlete.personId;
  if (!personId || !(await findPerson(client, personId))) {
    personId = randomUUID();
    const { standing, division, belt, stripes } = athlete;
    const name = athlete.newName ?? 'Unnamed';
    await insertPerson(client, {
      id: personId,
      name,
      standing,
      division,
      bornOn: undefined,
      belt,
      stripes,
      weightKg,
      injuredUntil: undefined,
      injuryNote: undefined,
      heightCm: athlete.condition?.heightCm,
    });
  }
  const { belt, stripes, toldApartBy, condition } = athlete;
  const weightSource = weightKg === undefined ? undefined : athlete.weightSource;
  // The picture belongs to the person: it follows when the two are exchanged on the card.
  const still = before && [before.a, before.b].find((one) => one.personId === personId)?.still;
  const entry = { personId, belt, stripes, weightKg, weightSource, toldApartBy, condition, still };
  await insertAthlete(client, roundId, slot, entry);
  await noteBelt(client, { personId, sinceDay: heldOn, belt, stripes });
  if (weightKg !== undefined && weightSource)
    await noteWeight(client, { personId, sinceDay: heldOn, weightKg, source: weightSource });
  return personId;
}

/** Removes a round with its marks; the footage stays. */
export async function removeRound(roundId: string): Promise<void> {
  await requireCoach();
  if (await findRound(pool(), roundId)) await deleteRound(pool(), roundId);
  revalidatePath('/footage');
}
