'use server';

import { revalidatePath } from 'next/cache';
import { type Outcome, refuse } from '@/core/kernel';
import { inTransaction, pool } from '@/data/client';
import { findPerson, insertPerson, listPeopleNamed } from '@/data/people/people';
import { giveRounds, takeHistoriesOfRounds } from '@/data/rounds/giveRounds';
import { defineCommand } from '../kernel/defineCommand';
import { moveRoundsInput } from './moveRoundsInput';

/**
 * Gives rounds that were kept under one person to another: two who were taken for one are parted again. Whoever has the name gets them, else somebody new.
 * Marks, signed reviews and figures follow; a round in which the two met stays as it is.
 */
export const moveRounds = defineCommand({
  actor: 'coach',
  args: [moveRoundsInput],
  run: async (
    _coach,
    { fromId, roundIds, name, newId },
  ): Promise<Outcome<{ readonly moved: number; readonly toId: string; readonly toName: string }>> => {
    const outcome = await inTransaction(pool(), async (client) => {
      const from = await findPerson(client, fromId);
      if (!from) return refuse('This person is gone. Go back to the students.');
      const named = await listPeopleNamed(client, name);
      if (named.length > 1)
        return refuse(`${named.length} people are called ${name}. Give one of them another name first.`);
      const [known] = named;
      if (known?.id === fromId) return refuse('They are kept under this person already. Write another name.');
      const toId = known?.id ?? newId;
      if (!known) {
        const { division, belt, stripes, standing } = from;
        const made = await insertPerson(client, {
          ...{ id: toId, name, standing, division, belt, stripes },
          ...{ bornOn: undefined, weightKg: undefined, injuredUntil: undefined, injuryNote: undefined },
        });
        if (made === 0) return refuse('This was sent before. Reload the page to see what became of it.');
      }
      const moved = await giveRounds(client, fromId, toId, roundIds);
      if (moved === 0 && !known) throw new NothingMoved();
      await takeHistoriesOfRounds(client, toId);
      return { ok: true as const, moved, toId, toName: known?.name ?? name };
    }).catch((error: unknown) => {
      if (error instanceof NothingMoved) return refuse('None of these rounds is kept under this person any more.');
      throw error;
    });
    revalidatePath('/students', 'layout');
    return outcome;
  },
});

/** Takes back the person who was made for rounds that are not there. */
class NothingMoved extends Error {}
