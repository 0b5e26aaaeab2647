import { randomUUID } from 'node:crypto';
import { beforeEach, expect, it, vi } from 'vitest';
import { insertClass, saveAttendee } from '@/data/classes/classes';
import { listCame } from '@/data/classes/log';
import { pool } from '@/data/client';
import { bringClassesIn, takeClassesBack } from '@/server/classes/bringInActions';
import { logDrilled } from '@/server/classes/classActions';
import { loadBringIn } from '@/server/classes/loadBringIn';
import { hostileTexts } from '../support/hostile';
import { emptyDatabase, seedCoach, seedPerson } from '../support/seed';

vi.mock('next/cache', () => ({ revalidatePath: () => undefined }));
const coach = vi.hoisted(() => ({ id: '', role: 'head' }));
vi.mock('@/server/accounts/currentCoach', () => ({ requireCoach: async () => coach }));

let [ana, teo, evening] = ['', '', ''];
const kind = { minutes: 60, uniform: 'gi' as const };
beforeEach(async () => {
  await emptyDatabase();
  coach.id = await seedCoach();
  [ana, teo] = [await seedPerson('Ana Velden'), await seedPerson('Teo Li')];
  evening = randomUUID();
  await insertClass(pool(), {
    ...{ id: evening, title: 'Evening', startsAt: '2026-11-24T18:00:00Z', level: 'all', pairsOnMats: 7 },
    ...kind,
  });
  await saveAttendee(pool(), evening, ana, 0.8);
});
const attendees = async () =>
  (await pool().query('select class_id, person_id, came, chance from class_attendee order by 1, 2')).rows;

it('sets classes up and notes who came, once; what was said before stays; taken back, all is as it was', async () => {
  await pool().query('insert into class_attendee (class_id, person_id, came) values ($1, $2, false)', [evening, teo]);
  const before = await attendees();
  const made = randomUUID();
  const sent = {
    classes: [{ id: made, title: 'Noon', startsAt: '2026-11-25T12:00', ...kind }],
    visits: [
      { classId: evening, came: [ana, teo], away: [] },
      // Said both ways, they came; whoever is not here is left out, and so is a class that is not.
      { classId: made, came: [teo, randomUUID()], away: [teo] },
      { classId: randomUUID(), came: [ana], away: [] },
    ],
  };
  const brought = await bringClassesIn(sent);
  if (!brought.ok) throw new Error('nothing was brought in');
  expect(brought.classIds).toEqual([made]);
  expect(brought.visits).toHaveLength(2);
  expect(brought.visits).toEqual(
    expect.arrayContaining([
      { classId: evening, expected: [ana], others: [] },
      { classId: made, expected: [], others: [teo] },
    ]),
  );
  expect(await listCame(pool(), evening)).toEqual(
    expect.arrayContaining([
      expect.objectContaining({ personId: ana, came: true }),
      expect.objectContaining({ personId: teo, came: false }),
    ]),
  );
  expect(await listCame(pool(), made)).toMatchObject([{ personId: teo, came: true }]);
  // Sent again, as after an answer that was lost, it is the same.
  expect(await bringClassesIn(sent)).toMatchObject({ ok: true, classIds: [], visits: [] });
  expect((await loadBringIn()).classes).toHaveLength(2);
  expect(await takeClassesBack({ classIds: [...brought.classIds], visits: [...brought.visits] })).toEqual({ ok: true });
  expect(await attendees()).toEqual(before);
  expect((await loadBringIn()).classes.map((one) => one.id)).toEqual([evening]);
});

it('stays whole when a class of it was used meanwhile', async () => {
  const [one, other] = [randomUUID(), randomUUID()];
  const brought = await bringClassesIn({
    classes: [one, other].map((id, at) => ({ id, title: 'Noon', startsAt: `2026-11-2${at + 5}T12:00`, ...kind })),
    visits: [{ classId: one, came: [ana], away: [] }],
  });
  if (!brought.ok) throw new Error('nothing was brought in');
  await logDrilled(other, 'drill-half-guard-side', 10);
  const back = await takeClassesBack({ classIds: [...brought.classIds], visits: [...brought.visits] });
  expect(JSON.stringify(back)).toContain('all of them stay');
  expect((await loadBringIn()).classes).toHaveLength(3);
  expect(await listCame(pool(), one)).toHaveLength(1);
});

it('refuses what no class can be, and nothing of it is kept', async () => {
  const good = { id: randomUUID(), title: 'Noon', startsAt: '2026-11-25T12:00', ...kind };
  const visits: never[] = [];
  for (const bad of [
    { title: '' },
    { startsAt: '2026-02-30T12:00' },
    { startsAt: 'soon' },
    { minutes: 5 },
    { id: 'x' },
  ])
    expect(await bringClassesIn({ classes: [good, { ...good, id: randomUUID(), ...bad }], visits })).toMatchObject({
      ok: false,
    });
  for (const title of hostileTexts) await bringClassesIn({ classes: [{ ...good, id: randomUUID(), title }], visits });
  expect(await bringClassesIn({ classes: Array(2001).fill(good), visits })).toMatchObject({ ok: false });
  const crowd = [{ classId: evening, came: Array(20_001).fill(ana), away: [] }];
  expect(JSON.stringify(await bringClassesIn({ classes: [], visits: crowd }))).toContain('at most 20000 visits');
  expect((await loadBringIn()).classes.some((one) => one.id === good.id)).toBe(false);
});
