'use server';

import { z } from 'zod';
import { type Outcome, refuse } from '@/core/kernel';
import { pool } from '@/data/client';
import { findCuts, putCuts } from '@/data/footage/cuts';
import { findFootage } from '@/data/footage/footage';
import { defineCommand } from '../kernel/defineCommand';
import { cutsInput, type KeptCuts } from './cutsInput';

/** Keeps the cuts of a file that are not rounds yet, if nobody changed them since `version` (0: there were none). */
export const keepCuts = defineCommand({
  actor: 'coach',
  args: [z.uuid(), cutsInput, z.number().int().min(0).max(2_000_000_000)],
  misfit: 'These cuts cannot be kept.',
  run: async (coach, footageId, cuts, version): Promise<Outcome<KeptCuts>> => {
    if (!(await findFootage(pool(), footageId))) return refuse('This footage is no longer there.');
    if ((await putCuts(pool(), footageId, cuts, version, coach.id)) === 1) return { ok: true, version: version + 1 };
    const current = await findCuts(pool(), footageId);
    return current
      ? { ok: true, version: current.version, newer: current.cuts }
      : refuse('This footage is no longer there.');
  },
});
