import { randomUUID } from 'node:crypto';
import { beforeEach, expect, it, vi } from 'vitest';
import { addDays } from '@/core/kernel';
import { insertClass, saveOwnBlocks } from '@/data/classes/classes';
import { saveCame, saveDrilled } from '@/data/classes/log';
import { pool } from '@/data/client';
import { loadCurriculum } from '@/server/classes/loadCurriculum';
import { moveUnit, removeUnit, saveUnit } from '@/server/classes/unitActions';
import { today } from '@/server/kernel/academyTime';
import { loadStudent } from '@/server/students/loadStudent';
import { emptyDatabase, putMarks, seedCoach, seedPerson, seedRound } from '../support/seed';

let coach: { id: string; role: 'head'; weightUnit: 'kg'; reactionLeadSeconds: number };
vi.mock('next/cache', () => ({ revalidatePath: () => undefined }));
vi.mock('@/server/accounts/currentCoach', () => ({ requireCoach: async () => coach }));
let [day, ana, marek] = ['', '', ''];
beforeEach(async () => {
  await emptyDatabase();
  await pool().query('truncate unit');
  coach = { id: await seedCoach(), role: 'head', weightUnit: 'kg', reactionLeadSeconds: 0.3 };
  day = await today();
  [ana, marek] = [await seedPerson('Ana Velden'), await seedPerson('Marek Osei')];
});

const unit = (title: string, conceptIds: string[]) => ({ title, belt: 'blue' as const, conceptIds });
async function add(title: string, conceptIds: string[]): Promise<string> {
  const id = randomUUID();
  expect(await saveUnit(unit(title, conceptIds), { id, version: 0 })).toMatchObject({ ok: true });
  return id;
}

it('knows what of each unit was taught when and to how many, what comes next, and what was seen of whom', async () => {
  const half = await add('Half guard', ['drill-half-guard-side', 'half-guard-underhook-sweep']);
  const feet = await add('To the feet', ['double-leg']);
  const id = randomUUID();
  const kind = { title: 'Evening', minutes: 60, uniform: 'gi' as const, level: 'all', pairsOnMats: 6 };
  await insertClass(pool(), { id, startsAt: `${addDays(day, -9)}T12:00:00Z`, ...kind });
  await saveCame(pool(), id, ana, true);
  await saveCame(pool(), id, marek, false);
  await saveDrilled(pool(), id, 'drill-half-guard-side', 12);
  const sweep = { kind: 'attempt' as const, techniqueId: 'half-guard-underhook-sweep', stage: 'finished' as const };
  await putMarks(
    await seedRound(ana, marek, addDays(day, -3)),
    coach.id,
    { ...sweep, id: randomUUID(), atSeconds: 40, athlete: 'a' },
    { ...sweep, id: randomUUID(), atSeconds: 60, athlete: 'b' },
    { ...sweep, id: randomUUID(), atSeconds: 90, athlete: 'a', unsure: true },
  );
  const page = await loadCurriculum();
  expect(page.units).toMatchObject([
    { id: half, lastDay: addDays(day, -9), hadIt: 1, wearIt: 2 },
    { id: feet, lastDay: undefined, hadIt: 0, wearIt: 2 },
  ]);
  expect(page.next).toEqual([{ belt: 'blue', unitId: feet }]);
  const ofAna = (await loadStudent(ana))?.past.units;
  expect(ofAna).toMatchObject([
    {
      title: 'Half guard',
      entries: [
        { conceptId: 'drill-half-guard-side', taughtOn: addDays(day, -9), seen: undefined },
        { conceptId: 'half-guard-underhook-sweep', taughtOn: undefined, seen: { times: 1, day: addDays(day, -3) } },
      ],
    },
    { title: 'To the feet' },
  ]);
  expect((await loadStudent(marek))?.past.units[0]?.entries[0]?.taughtOn).toBeUndefined();
  // A block of the coach's own teaches its entry, too.
  await saveOwnBlocks(pool(), id, [
    { id: 'b', title: 'Double leg', minutes: 8, conceptId: 'double-leg', place: 'before' },
  ]);
  expect((await loadCurriculum()).units[1]).toMatchObject({ lastDay: addDays(day, -9), hadIt: 1 });
});

it('has an order, changes and goes; what does not fit is refused', async () => {
  const [one, two] = [await add('One', ['armbar']), await add('Two', ['kimura'])];
  const order = async () => (await loadCurriculum()).units.map((unit) => unit.title);
  expect((await moveUnit(two, 'up')).ok).toBe(true);
  expect(await order()).toEqual(['Two', 'One']);
  for (const way of ['up', 'down'] as const) await moveUnit(way === 'up' ? two : one, way);
  expect(await order()).toEqual(['Two', 'One']);
  expect(await saveUnit(unit('Uno', ['armbar', 'armbar']), { id: one, version: 1 })).toMatchObject({ ok: true });
  expect((await loadCurriculum()).units[1]).toMatchObject({ title: 'Uno', conceptIds: ['armbar'], version: 2 });
  expect((await saveUnit(unit('Late', ['armbar']), { id: one, version: 1 })).ok).toBe(false);
  for (const wrong of [
    unit('', ['armbar']),
    unit('Empty', []),
    unit('Gone', ['no-such-entry']),
    unit('x'.repeat(121), ['armbar']),
  ])
    expect((await saveUnit(wrong, { id: randomUUID(), version: 0 })).ok, wrong.title).toBe(false);
  await removeUnit(two);
  expect(await order()).toEqual(['Uno']);
  expect((await moveUnit(randomUUID(), 'up')).ok).toBe(true);
});
