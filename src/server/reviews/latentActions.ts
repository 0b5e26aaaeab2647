'use server';

import { z } from 'zod';
import { listRecurringErrors } from '@/core/patterns';
import type { Athlete } from '@/core/round';
import { pool } from '@/data/client';
import { listPeople } from '@/data/people/people';
import { findRound } from '@/data/rounds/rounds';
import { defineAction } from '../kernel/defineAction';
import { today } from '../kernel/environment';
import { loadRecords } from '../students/loadRecords';
import { listBlindRounds } from './blindness';

type Latent = Record<Athlete, Record<string, number>>;
const nothing = (): Latent => ({ a: {}, b: {} });

/** What one more of each error would cost either athlete of a round against somebody one belt up, from their own rounds. Empty where nothing is known. */
export const loadLatentDamage = defineAction({
  args: [z.uuid()],
  refused: nothing,
  run: async (coach, roundId): Promise<Latent> => {
    const round = await findRound(pool(), roundId);
    if (!round) return nothing();
    const people = await listPeople(pool());
    const { records } = await loadRecords(pool(), people, today(), await listBlindRounds(coach.id));
    const latentOf = (personId: string) => {
      const own = records.find((one) => one.personId === personId);
      const found = own ? listRecurringErrors(own, records, today()) : [];
      return Object.fromEntries(found.map((one) => [one.errorId, one.factors.cost.latentDamage]));
    };
    return { a: latentOf(round.a.personId), b: latentOf(round.b.personId) };
  },
});
