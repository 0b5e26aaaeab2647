'use server';

import { z } from 'zod';
import { type Outcome, refuse } from '@/core/kernel';
import { findClass } from '@/data/classes/classes';
import { findMatClock, type KeptMatClock, matClockShape, putMatClock } from '@/data/classes/matClocks';
import { pool } from '@/data/client';
import { defineCommand } from '../kernel/defineCommand';

/** Sets the clock of a class, or of one of its groups, for every device, unless another one set it since `version`: then what holds is told, and nothing is changed. */
export const keepMatClock = defineCommand({
  actor: 'helper',
  args: [z.uuid(), z.number().int().min(0).max(2), matClockShape, z.number().int().min(0).max(2_000_000_000)],
  misfit: 'This clock cannot be kept. Reload the page.',
  run: async (coach, classId, group, clock, version): Promise<Outcome<{ readonly kept?: KeptMatClock }>> => {
    if (!(await findClass(pool(), classId))) return refuse('This class is no longer there.');
    await putMatClock(pool(), { classId, group }, clock, version, coach.id);
    return { ok: true, kept: await findMatClock(pool(), classId, group) };
  },
});
