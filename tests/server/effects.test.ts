import { randomUUID } from 'node:crypto';
import { beforeEach, expect, it, vi } from 'vitest';
import { addDays } from '@/core/kernel';
import { findDrill } from '@/core/vocabulary';
import { insertClass, saveAttendee } from '@/data/classes/classes';
import { saveCame, saveDrilled } from '@/data/classes/log';
import { pool } from '@/data/client';
import { listKappas, listLessonEffects } from '@/data/projections/lessonEffects';
import { loadEffects } from '@/server/academy/loadEffects';
import { logCame, logDrilled } from '@/server/classes/classActions';
import { workOutEffects } from '@/server/figures/workOutEffects';
import { today } from '@/server/kernel/academyTime';
import { loadStudent } from '@/server/students/loadStudent';
import { figuresAreThere, planNow } from '../support/plans';
import { emptyDatabase, flatError, putMarks, seedCoach, seedPerson, seedRound } from '../support/seed';

let coach: { id: string; role: 'head'; weightUnit: 'kg'; reactionLeadSeconds: number };
vi.mock('next/cache', () => ({ revalidatePath: () => undefined }));
vi.mock('@/server/accounts/currentCoach', () => ({ requireCoach: async () => coach }));
const DRILL = 'drill-half-guard-side';
let [day, ana, marek, iris] = ['', '', '', ''];
beforeEach(async () => {
  await emptyDatabase();
  coach = { id: await seedCoach(), role: 'head', weightUnit: 'kg', reactionLeadSeconds: 0.3 };
  day = await today();
  [ana, marek, iris] = [await seedPerson('Ana Velden'), await seedPerson('Marek Osei'), await seedPerson('Iris Kovar')];
});

/** A round of five minutes in half guard below, with so many times flat; undefined: nobody has marked it. */
async function round(personId: string, daysAgo: number, times: number | undefined) {
  const held = await seedRound(personId, marek, addDays(day, -daysAgo));
  if (times === undefined) return held;
  const below = {
    kind: 'position' as const,
    id: randomUUID(),
    atSeconds: 10,
    positionId: 'half-guard',
    holder: 'b' as const,
  };
  await putMarks(held, coach.id, below, ...Array.from({ length: times }, (_, at) => flatError(40 + at * 30)));
  return held;
}
async function hold(daysAgo: number, came: readonly string[], minutes = 25): Promise<string> {
  const id = randomUUID();
  const kind = { title: 'Evening', minutes: 60, uniform: 'gi' as const, level: 'all', pairsOnMats: 6 };
  await insertClass(pool(), { id, startsAt: `${addDays(day, -daysAgo)}T18:00:00Z`, ...kind });
  for (const one of came) await saveCame(pool(), id, one, true);
  await saveDrilled(pool(), id, DRILL, minutes);
  return id;
}

it('says what became of an error after its lesson, beside those who never drilled it, and how much footage is lacking', async () => {
  for (const ago of [40, 36, 32, 30]) await round(ana, ago, 4);
  for (const ago of [40, 36, 32, 30, 12, 10, 8, 6, 4]) await round(iris, ago, 3);
  await hold(30, [ana]);
  const waits = await round(ana, 3, undefined);
  await round(ana, 12, 0);
  await figuresAreThere(day);
  const [short] = (await loadEffects([], DRILL)).filter((one) => one.errorId === 'err-half-flat');
  // The round on the day of the lesson is before it.
  expect(short).toMatchObject({ people: 1, before: { count: 16 }, after: { count: 0 }, since: addDays(day, -30) });
  expect(short?.ratio).toBeUndefined();
  expect(short?.lacking).toBeCloseTo(15, 0);
  expect(short?.waiting).toEqual([{ roundId: waits.id, name: 'Ana Velden' }]);
  // A round that somebody reviews blind is not named.
  expect((await loadEffects([waits.id], DRILL))[0]?.waiting).toEqual([]);

  for (const ago of [10, 8, 6, 4]) await round(ana, ago, ago === 4 ? 1 : 0);
  await figuresAreThere(day);
  const [told] = (await loadEffects([], DRILL)).filter((one) => one.errorId === 'err-half-flat');
  expect(told).toMatchObject({ lacking: 0, after: { count: 1 }, waiting: [] });
  expect(told?.interval?.high).toBeLessThan(1);
  expect(told?.others).toMatchObject({ people: 1, before: { count: 12 }, after: { count: 15 } });
  expect(told?.others.interval?.low).toBeLessThan(1);
  expect(told?.others.interval?.high).toBeGreaterThan(1);
  const page = (await loadStudent(ana))!;
  expect(page.lessons).toMatchObject([
    { errorId: 'err-half-flat', before: { count: 16 }, after: { count: 1 }, lacking: 0 },
  ]);
  expect((await loadStudent(iris))?.lessons).toEqual([]);
});

it('learns what a drill does, and plans with it and say so', async () => {
  for (const person of [ana, iris]) {
    for (const ago of [40, 38, 36, 34]) await round(person, ago, 4);
    for (const ago of [28, 26, 24, 22]) await round(person, ago, 5);
  }
  await hold(30, [ana, iris]);
  await figuresAreThere(day);
  const [learned] = await listKappas(pool());
  const catalogue = findDrill(DRILL)!.kappa;
  expect(learned).toMatchObject({ drillId: DRILL, people: 2 });
  expect(learned?.before).toBeCloseTo(catalogue, 6);
  // Nothing became of it: less than the catalogue thinks.
  expect(learned?.kappa).toBeLessThan(catalogue);
  const id = randomUUID();
  const kind = { title: 'Ahead', minutes: 60, uniform: 'gi' as const, level: 'all', pairsOnMats: 6 };
  await insertClass(pool(), { id, startsAt: `${addDays(day, 2)}T18:00:00Z`, ...kind });
  for (const one of [ana, iris]) await saveAttendee(pool(), id, one, 1);
  const planned = await planNow(id, day, [{ kind: 'keep', drillId: DRILL, minutes: 12 }]);
  expect(planned.ok && planned.plan.learned).toEqual([learned]);
});

it('changes with the log: who came after all, and what was not drilled after all', async () => {
  for (const ago of [40, 38, 12, 10, 8, 6, 4]) await round(ana, ago, 2);
  const lesson = await hold(30, []);
  await figuresAreThere(day);
  expect(await listLessonEffects(pool())).toEqual([]);
  expect((await logCame(lesson, ana, true)).ok).toBe(true);
  await workOutEffects(pool(), day);
  expect((await listLessonEffects(pool(), DRILL)).map((one) => one.errorId)).toContain('err-half-flat');
  // Asked for by the log and by every round that is figured; however often, it waits as one job.
  const { rows } = await pool().query(
    "select count(*)::int as jobs from graphile_worker.jobs where key = 'lesson-effects'",
  );
  expect(rows[0].jobs).toBe(1);
  expect((await logDrilled(lesson, DRILL, 0)).ok).toBe(true);
  await workOutEffects(pool(), day);
  expect(await listLessonEffects(pool())).toEqual([]);
  expect(await listKappas(pool())).toEqual([]);
});
