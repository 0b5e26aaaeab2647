'use server';

import { revalidatePath } from 'next/cache';
import { z } from 'zod';
import { type Outcome, refuse } from '@/core/kernel';
import { inTransaction, pool } from '@/data/client';
import { noteBelt, noteWeight } from '@/data/people/histories';
import { deletePeopleUnused, insertPerson } from '@/data/people/people';
import { today } from '../kernel/academyTime';
import { defineCommand } from '../kernel/defineCommand';
import { MOST_ROSTER, rosterInput } from './rosterInput';

/** Writes down the people of a list under the ids that the page gave: all of them or none, and sent again they are the same. */
export const addRoster = defineCommand({
  actor: 'coach',
  noted: 'roster-added',
  args: [rosterInput],
  run: async (_coach, people): Promise<Outcome<{ readonly added: number }>> => {
    const day = await today();
    const added = await inTransaction(pool(), async (client) => {
      let count = 0;
      for (const { bornOn, ...person } of people) {
        const put = await insertPerson(client, {
          ...{ standing: 'student', injuredUntil: undefined, injuryNote: undefined, ...person },
          ...{ weightKg: person.weightKg, division: person.division, belt: person.belt, bornOn: bornOn || undefined },
        });
        if (put === 0) continue;
        count += 1;
        if (person.belt)
          await noteBelt(client, { personId: person.id, sinceDay: day, belt: person.belt, stripes: person.stripes });
        if (person.weightKg !== undefined)
          await noteWeight(client, { personId: person.id, sinceDay: day, weightKg: person.weightKg, source: 'stated' });
      }
      return count;
    });
    revalidatePath('/students');
    return { ok: true, added };
  },
});

/** Takes the people of a list back out, all of them or none. */
export const takeRosterBack = defineCommand({
  actor: 'coach',
  args: [z.array(z.uuid()).max(MOST_ROSTER)],
  run: async (_coach, ids): Promise<Outcome> => {
    const gone = await inTransaction(pool(), (client) => deletePeopleUnused(client, ids));
    if (!gone) return refuse('Somebody of this list is in a round or a class by now, so the list stays.');
    revalidatePath('/students');
    return { ok: true };
  },
});
