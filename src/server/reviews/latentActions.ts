'use server';

import { z } from 'zod';
import { type Outcome, refuse } from '@/core/kernel';
import type { Athlete } from '@/core/round';
import { pool } from '@/data/client';
import { findPerson } from '@/data/people/people';
import { findRound } from '@/data/rounds/rounds';
import { loadPatterns } from '../figures/records';
import { today } from '../kernel/academyTime';
import { defineCommand } from '../kernel/defineCommand';
import { listBlindRounds } from './blindness';

type Latent = Record<Athlete, Record<string, number>>;

/** What one more of each error would cost either athlete of a round against somebody one belt up, from their own rounds. Empty where nothing is known. */
export const loadLatentDamage = defineCommand({
  actor: 'coach',
  args: [z.uuid()],
  run: async (coach, roundId): Promise<Outcome<{ readonly latent: Latent }>> => {
    const round = await findRound(pool(), roundId);
    if (!round) return refuse('This round is no longer there.');
    const blind = await listBlindRounds(coach.id);
    const latentOf = async (personId: string) => {
      const person = await findPerson(pool(), personId);
      const errors = person
        ? (await loadPatterns(pool(), person, await today(), { withoutRoundIds: blind })).errors
        : [];
      return Object.fromEntries(errors.map((one) => [one.errorId, one.factors.cost.latentDamage]));
    };
    return { ok: true, latent: { a: await latentOf(round.a.personId), b: await latentOf(round.b.personId) } };
  },
});
