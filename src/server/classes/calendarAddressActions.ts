'use server';

import { revalidatePath } from 'next/cache';
import { deleteCalendarAddress, saveCalendarAddress } from '@/data/classes/calendarAddresses';
import { pool } from '@/data/client';
import { hashToken, newToken } from '../accounts/tokens';
import { defineCommand } from '../kernel/defineCommand';

/** Makes the address under which this coach's calendar program reads the classes. It is told once: only a hash is kept. An earlier one is closed. */
export const openCalendarAddress = defineCommand({
  actor: 'coach',
  args: [],
  run: async (coach) => {
    const token = newToken();
    await saveCalendarAddress(pool(), coach.id, hashToken(token));
    revalidatePath('/classes');
    return { ok: true, path: `/api/calendar/${token}` };
  },
});

/** Closes it at once. */
export const closeCalendarAddress = defineCommand({
  actor: 'coach',
  args: [],
  run: async (coach) => {
    await deleteCalendarAddress(pool(), coach.id);
    revalidatePath('/classes');
    return { ok: true };
  },
});
