'use server';

import { randomUUID } from 'node:crypto';
import { revalidatePath } from 'next/cache';
import { z } from 'zod';
import { addDays, clockIn, dayIn, daysBetween, momentOf, type Outcome, refuse } from '@/core/kernel';
import {
  type AcademyClass,
  findClass,
  findLatestPlan,
  insertClass,
  listClassesBetween,
  setClassTheme,
} from '@/data/classes/classes';
import { deleteHoliday, listHolidays, saveHoliday } from '@/data/classes/holidays';
import type { Database } from '@/data/client';
import { inTransaction, pool } from '@/data/client';
import { academyZone } from '../kernel/academyTime';
import { defineCommand } from '../kernel/defineCommand';
import { askForPlan } from './askForPlan';
import { dayInput, holidayInput } from './classInput';
import { expectUsual } from './expectUsual';

/** Classes that one press sets up. @source own decision: a year of daily classes is a slip of the finger */
const MOST_AT_ONCE = 120;
const GONE = 'This class is no longer there. Go back to the list of classes.';

interface Made {
  readonly made: number;
  /** Left out: days without classes, and classes that were there already. */
  readonly skipped: number;
}

/** Sets up a class anew on other days at the same time of day, each with whoever usually comes; not on days without classes, and none twice. */
async function putOnDays(
  database: Database,
  copies: readonly { readonly of: AcademyClass; readonly day: string }[],
): Promise<Made> {
  const zone = await academyZone();
  const days = copies.map((one) => one.day).sort();
  const [first, last] = [days[0], days.at(-1)];
  if (first === undefined || last === undefined) return { made: 0, skipped: 0 };
  const free = new Set((await listHolidays(database, first)).map((one) => one.day));
  const there = await listClassesBetween(
    database,
    momentOf(zone, `${first}T00:00:00`),
    momentOf(zone, `${addDays(last, 1)}T00:00:00`),
  );
  const taken = new Set(there.map((one) => `${one.title} ${one.startsAt}`));
  let made = 0;
  for (const { of, day } of copies) {
    const startsAt = momentOf(zone, `${day}T${clockIn(zone, of.startsAt)}:00`);
    if (free.has(day) || taken.has(`${of.title} ${startsAt}`)) continue;
    const { title, minutes, uniform, level, pairsOnMats, coaches, setTheme } = of;
    const id = randomUUID();
    await insertClass(database, { id, title, startsAt, minutes, uniform, level, pairsOnMats, coaches, setTheme });
    await expectUsual(database, { id, startsAt });
    taken.add(`${title} ${startsAt}`);
    made += 1;
  }
  return { made, skipped: copies.length - made };
}

/** Holds a class every week on the same day of the week up to a day. */
export const repeatWeekly = defineCommand({
  actor: 'coach',
  args: [z.uuid(), dayInput],
  misfit: 'Write a day that exists, such as 24 Nov.',
  run: async (_coach, classId, until): Promise<Outcome<Made>> => {
    const one = await findClass(pool(), classId);
    if (!one) return refuse(GONE);
    const from = dayIn(await academyZone(), one.startsAt);
    const weeks = Math.floor(daysBetween(from, until) / 7);
    if (weeks < 1) return refuse('Choose a day at least a week after this class.', 'until');
    if (weeks > MOST_AT_ONCE) return refuse('Choose a day within two years.', 'until');
    const copies = Array.from({ length: weeks }, (_, at) => ({
      of: { ...one, setTheme: undefined },
      day: addDays(from, 7 * (at + 1)),
    }));
    const made = await inTransaction(pool(), (client) => putOnDays(client, copies));
    revalidatePath('/classes');
    return { ok: true, ...made };
  },
});

/** Copies all classes of some days, with the themes that were set, so that the first of those days falls on another one. */
export const copyClasses = defineCommand({
  actor: 'coach',
  args: [dayInput, dayInput, dayInput],
  misfit: 'Write days that exist, such as 24 Nov.',
  run: async (_coach, from, to, onto): Promise<Outcome<Made>> => {
    if (to < from) return refuse('The last day comes before the first.', 'to');
    if (onto >= from && onto <= to) return refuse('Choose a day after those that are copied.', 'onto');
    const zone = await academyZone();
    const shift = daysBetween(from, onto);
    const classes = await listClassesBetween(
      pool(),
      momentOf(zone, `${from}T00:00:00`),
      momentOf(zone, `${addDays(to, 1)}T00:00:00`),
    );
    if (classes.length === 0) return refuse('There is no class on these days.', 'from');
    if (classes.length > MOST_AT_ONCE)
      return refuse(`These are ${classes.length} classes: copy fewer days at once.`, 'to');
    const copies = classes.map((of) => ({ of, day: addDays(dayIn(zone, of.startsAt), shift) }));
    const made = await inTransaction(pool(), (client) => putOnDays(client, copies));
    revalidatePath('/classes');
    return { ok: true, ...made };
  },
});

/** Says that there is no class on a day; classes that are set up already stay, and are shown. */
export const setHoliday = defineCommand({
  actor: 'coach',
  args: [holidayInput],
  run: async (_coach, { day, title }) => {
    await saveHoliday(pool(), day, title);
    revalidatePath('/classes');
    return { ok: true };
  },
});

export const removeHoliday = defineCommand({
  actor: 'coach',
  args: [dayInput],
  run: async (_coach, day) => {
    await deleteHoliday(pool(), day);
    revalidatePath('/classes');
    return { ok: true };
  },
});

/**
 * Gives what one class is about to another; that one's theme goes the other way. Both are planned anew around it: lessons that were locked in stay with their
 * class where they fit.
 */
export const moveTheme = defineCommand({
  actor: 'coach',
  args: [z.uuid(), z.uuid()],
  misfit: GONE,
  run: async (coach, fromId, toId) => {
    const [from, to] = await Promise.all([findClass(pool(), fromId), findClass(pool(), toId)]);
    if (!from || !to || fromId === toId) return refuse(GONE);
    const theme = from.setTheme ?? from.themes[0];
    if (!theme) return refuse('This class has no theme yet: plan it, or set what it is about.');
    await inTransaction(pool(), async (client) => {
      await setClassTheme(client, toId, theme);
      await setClassTheme(client, fromId, to.setTheme ?? to.themes[0]);
    });
    for (const { id, expected } of [from, to]) {
      if (expected < 2) continue;
      const latest = await findLatestPlan(pool(), id);
      await askForPlan(id, latest?.locks ?? [], coach.id);
    }
    revalidatePath('/classes');
    return { ok: true };
  },
});
