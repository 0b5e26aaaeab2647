'use server';

import { randomUUID } from 'node:crypto';
import { revalidatePath } from 'next/cache';
import type pg from 'pg';
import { z } from 'zod';
import { formatClock } from '@/core/clock';
import { type Outcome, type Refused, refuse, toKilograms } from '@/core/kernel';
import { inTransaction, pool } from '@/data/client';
import { findFootage } from '@/data/footage/footage';
import { listMarks } from '@/data/marks/marks';
import { noteBelt, noteWeight } from '@/data/people/histories';
import { findPerson, insertPerson, takeBeltOfRound, takeWeightOfRound } from '@/data/people/people';
import {
  deleteAthletes,
  deleteRound,
  findRound,
  insertAthlete,
  insertRound,
  type Round,
  updateRound,
} from '@/data/rounds/rounds';
import { keepInTrash } from '@/data/trash/trash';
import { defineCommand, seenVersion } from '../kernel/defineCommand';
import { roundInput, roundsInput } from './roundInput';
import { ruleSetOf } from './ruleSetOf';

type CheckedRound = z.output<typeof roundInput>;

/** Makes a round under the id that the page gave (version 0), or changes one that nobody else changed since `version`. Nothing is stored unless everything fits. */
export const saveRound = defineCommand({
  actor: 'coach',
  changes: 'round',
  args: [roundInput, seenVersion],
  run: async (coach, draft, { id, version }): Promise<Outcome<{ readonly roundId: string }>> => {
    const problem = await findRoundProblem(draft, version === 0 ? undefined : id);
    if (problem) return problem;
    const stored = await inTransaction(pool(), (client) => storeRound(client, draft, id, version, coach.id));
    if (!stored) return refuse('Another coach changed this card meanwhile. Reload it, then make your change again.');
    revalidatePath('/footage');
    return { ok: true, roundId: id };
  },
});

type PersonIds = Readonly<Record<'a' | 'b', string>>;

/** Gives who the two are; undefined when somebody else changed the card. */
async function storeRound(
  client: pg.PoolClient,
  draft: CheckedRound,
  id: string,
  version: number,
  coachId: string,
): Promise<PersonIds | undefined> {
  const content = { id, ...contentOf(draft) };
  const made = version === 0 ? await insertRound(client, content, coachId) : 0;
  const before = made === 0 ? await findRound(client, id) : undefined;
  if (made === 0) {
    // A new round that is sent again is the same one: what was corrected on its card in between becomes its change.
    const seen = version === 0 ? before?.version : version;
    if (seen === undefined || (await updateRound(client, content, seen)) === 0) return undefined;
    await deleteAthletes(client, id);
  }
  const store = (slot: 'a' | 'b') =>
    storeAthlete(client, id, content.heldOn, slot, knownAgain(draft[slot], before?.[slot]), before);
  return { a: await store('a'), b: await store('b') };
}

/** Somebody new who was made when the card was sent before is the same person when it comes again. */
const knownAgain = (athlete: CheckedRound['a'], before: Round['a'] | undefined): CheckedRound['a'] =>
  !athlete.personId && before && before.name === athlete.newName ? { ...athlete, personId: before.personId } : athlete;

/** Makes several rounds at once; people who are new are made once for all of them. Nothing is stored unless everything fits; sent again, they are the same. */
export const saveRounds = defineCommand({
  actor: 'coach',
  changes: 'round',
  args: [roundsInput],
  run: async (coach, drafts): Promise<Outcome<{ readonly roundIds: readonly string[] }>> => {
    for (const [index, { id: _, ...round }] of drafts.entries()) {
      const problem = await findRoundProblem(round, undefined);
      if (problem)
        return {
          ok: false,
          messages: {
            [`${index}.endSeconds`]: problem.messages.endSeconds ?? Object.values(problem.messages)[0] ?? '',
          },
        };
    }
    await inTransaction(pool(), async (client) => {
      const made = new Map<string, string>();
      const known = (athlete: CheckedRound['a']) => ({
        ...athlete,
        personId: athlete.personId ?? made.get(athlete.newName?.toLowerCase() ?? ''),
      });
      for (const { id, ...round } of drafts) {
        const stored = await storeRound(client, { ...round, a: known(round.a), b: known(round.b) }, id, 0, coach.id);
        for (const slot of ['a', 'b'] as const)
          if (stored && round[slot].newName) made.set(round[slot].newName.toLowerCase(), stored[slot]);
      }
    });
    revalidatePath('/footage');
    return { ok: true, roundIds: drafts.map((one) => one.id) };
  },
});

async function findRoundProblem(round: CheckedRound, existingId: string | undefined): Promise<Refused | undefined> {
  const footage = round.footageId ? await findFootage(pool(), round.footageId) : undefined;
  if (round.footageId && !footage) return refuse('This footage is no longer there. Choose another file.', 'footageId');
  if (footage && round.endSeconds > footage.durationSeconds + 0.5) {
    return refuse(
      `The footage ends at ${formatClock(footage.durationSeconds)}. Set the out point before that.`,
      'endSeconds',
    );
  }
  if (!(await ruleSetOf(pool(), round.ruleSet)))
    return refuse('These rules are not kept any more. Choose others.', 'ruleSet');
  if (!existingId) return undefined;
  const outside = (await listMarks(pool(), existingId)).filter(
    ({ mark }) => mark.atSeconds < round.startSeconds || mark.atSeconds > round.endSeconds,
  );
  if (outside.length === 0) return undefined;
  return refuse(
    `${outside.length} marks would lie outside the round. Widen it, or delete those marks first.`,
    'endSeconds',
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
  if (belt) {
    await noteBelt(client, { personId, sinceDay: heldOn, belt, stripes });
    await takeBeltOfRound(client, personId, heldOn);
  }
  if (weightKg !== undefined && weightSource) {
    await noteWeight(client, { personId, sinceDay: heldOn, weightKg, source: weightSource });
    await takeWeightOfRound(client, personId, heldOn);
  }
  return personId;
}

/** Removes a round with its marks; the footage stays. */
export const removeRound = defineCommand({
  actor: 'coach',
  noted: 'round-deleted',
  args: [z.uuid()],
  run: async (coach, roundId) => {
    await inTransaction(pool(), async (client) => {
      const round = await findRound(client, roundId);
      if (!round) return;
      const title = `${round.a.name} and ${round.b.name}, ${round.heldOn}`;
      await keepInTrash(client, { id: randomUUID(), kind: 'round', title, coachId: coach.id }, roundId);
      await deleteRound(client, roundId);
    });
    revalidatePath('/footage');
    return { ok: true };
  },
});
