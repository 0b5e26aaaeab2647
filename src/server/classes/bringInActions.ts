'use server';

import { revalidatePath } from 'next/cache';
import { momentOf, type Outcome, refuse } from '@/core/kernel';
import { areClassesUnused, deleteClasses, insertClass, listClassesBefore } from '@/data/classes/classes';
import { forgetCame, type SavedCame, saveCameWhereUnsaid } from '@/data/classes/log';
import { inTransaction, pool } from '@/data/client';
import { academyZone } from '../kernel/academyTime';
import { defineCommand } from '../kernel/defineCommand';
import { type BroughtIn, bringInInput, broughtInput } from './bringInInput';
import { expectUsual } from './expectUsual';

/** Pairs that fit on the mats where no class says so yet. */
const USUAL_PAIRS = 12;
const FAR_AHEAD = '9999-01-01T00:00:00Z';

/** Sets up classes of a calendar or a list, and notes who came: all of it or nothing. What was said already of who came stays as it is. */
export const bringClassesIn = defineCommand({
  actor: 'coach',
  noted: 'classes-brought-in',
  args: [bringInInput],
  run: async (_coach, { classes, visits }): Promise<Outcome<BroughtIn>> => {
    const zone = await academyZone();
    const brought = await inTransaction(pool(), async (client): Promise<BroughtIn> => {
      const [latest] = await listClassesBefore(client, FAR_AHEAD, 1);
      const classIds: string[] = [];
      for (const { startsAt, ...one } of classes) {
        const content = {
          ...{ ...one, startsAt: momentOf(zone, startsAt) },
          ...{ level: latest?.level ?? '', pairsOnMats: latest?.pairsOnMats ?? USUAL_PAIRS },
        };
        if ((await insertClass(client, content)) === 0) continue;
        classIds.push(one.id);
        if (Date.parse(content.startsAt) > Date.now()) await expectUsual(client, content);
      }
      const noted = await saveCameWhereUnsaid(
        client,
        visits.flatMap(({ classId, came, away }) => [
          ...came.map((personId) => ({ classId, personId, came: true })),
          ...away.map((personId) => ({ classId, personId, came: false })),
        ]),
      );
      return { classIds, visits: byClass(noted) };
    });
    revalidatePath('/classes');
    return { ok: true, ...brought };
  },
});

/** Takes what was brought in back out, all of it or nothing. */
export const takeClassesBack = defineCommand({
  actor: 'coach',
  args: [broughtInput],
  run: async (_coach, { classIds, visits: told }): Promise<Outcome> => {
    const visits = told.flatMap(({ classId, expected, others }) => [
      ...expected.map((personId) => ({ classId, personId, wasExpected: true })),
      ...others.map((personId) => ({ classId, personId, wasExpected: false })),
    ]);
    const isOut = await inTransaction(pool(), async (client) => {
      if (!(await areClassesUnused(client, classIds, visits))) return false;
      await forgetCame(client, visits);
      await deleteClasses(client, classIds);
      return true;
    });
    if (!isOut) return refuse('One of these classes was planned or logged meanwhile, so all of them stay.');
    revalidatePath('/classes');
    return { ok: true };
  },
});

function byClass(noted: readonly SavedCame[]): BroughtIn['visits'] {
  const found = new Map<string, { classId: string; expected: string[]; others: string[] }>();
  for (const { classId, personId, wasExpected } of noted) {
    const one = found.get(classId) ?? { classId, expected: [], others: [] };
    (wasExpected ? one.expected : one.others).push(personId);
    found.set(classId, one);
  }
  return [...found.values()];
}
