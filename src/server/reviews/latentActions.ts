'use server';

import { z } from 'zod';
import type { Athlete } from '@/core/round';
import { pool } from '@/data/client';
import { findPerson } from '@/data/people/people';
import { findRound } from '@/data/rounds/rounds';
import { loadPatterns } from '../figures/records';
import { today } from '../kernel/academyTime';
import { defineAction } from '../kernel/defineAction';
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
    const blind = await listBlindRounds(coach.id);
    const latentOf = async (personId: string) => {
      const person = await findPerson(pool(), personId);
      const errors = person ? (await loadPatterns(pool(), person, await today(), blind)).errors : [];
      return Object.fromEntries(errors.map((one) => [one.errorId, one.factors.cost.latentDamage]));
    };
    return { a: await latentOf(round.a.personId), b: await latentOf(round.b.personId) };
  },
});
