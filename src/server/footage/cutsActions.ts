'use server';

import { z } from 'zod';
import { pool } from '@/data/client';
import { findCuts, putCuts } from '@/data/footage/cuts';
import { findFootage } from '@/data/footage/footage';
import { defineAction } from '../kernel/defineAction';
import { cutsInput, type KeepCutsOutcome } from './cutsInput';

/** Keeps the cuts of a file that are not rounds yet, if nobody changed them since `version` (0: there were none). */
export const keepCuts = defineAction({
  args: [z.uuid(), cutsInput, z.number().int().min(0).max(2_000_000_000)],
  refused: (): KeepCutsOutcome => ({ status: 'refused' }),
  run: async (coach, footageId, cuts, version): Promise<KeepCutsOutcome> => {
    if (!(await findFootage(pool(), footageId))) return { status: 'refused' };
    if ((await putCuts(pool(), footageId, cuts, version, coach.id)) === 1)
      return { status: 'kept', version: version + 1 };
    const current = await findCuts(pool(), footageId);
    return current ? { status: 'changed', ...current } : { status: 'refused' };
  },
});
