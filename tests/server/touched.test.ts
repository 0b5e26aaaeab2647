import { randomUUID } from 'node:crypto';
import { beforeEach, expect, it, vi } from 'vitest';
import type { Coach } from '@/data/accounts/coaches';
import { listTouched } from '@/data/accounts/touched';
import { pool } from '@/data/client';
import { sweepTouches } from '@/server/accounts/noteTouched';
import { savePerson } from '@/server/people/personActions';
import { loadReview } from '@/server/rounds/loadReview';
import { loadAudit, loadTouched } from '@/server/settings/loadAudit';
import { loadStudent } from '@/server/students/loadStudent';
import { emptyDatabase, seedCoach, seedPerson, seedRound } from '../support/seed';

const coach = vi.hoisted(
  () => ({ id: '', role: 'head', weightUnit: 'kg' }) as { id: string; role: Coach['role']; weightUnit: 'kg' },
);
vi.mock('next/cache', () => ({ revalidatePath: () => undefined }));
vi.mock('@/server/accounts/currentCoach', () => ({ requireCoach: async () => coach }));
beforeEach(async () => {
  await emptyDatabase();
  coach.id = await seedCoach();
  coach.role = 'head';
});
const told = async (about?: string) =>
  (await listTouched(pool(), 50, undefined, about)).rows.map(({ did, kind, aboutName, times }) => [
    did,
    kind,
    aboutName,
    times,
  ]);

it('notes who looked at whom and what, and who changed it: a line a day, however often', async () => {
  const [ana, marek] = [await seedPerson('Ana Velden'), await seedPerson('Marek Osei')];
  const round = await seedRound(ana, marek);
  await loadStudent(ana);
  await loadStudent(ana);
  await loadReview(round.id);
  const draft = {
    name: 'Ana Velden',
    standing: 'student',
    belt: 'blue',
    stripes: 0,
    weightUnit: 'kg',
    bornOn: '',
  } as const;
  const more = { injuredUntil: '', injuryNote: '', competesOn: '' };
  expect(await savePerson({ ...draft, ...more }, { id: ana, version: 1 })).toMatchObject({ ok: true });
  // What was refused changed nothing.
  await savePerson({ ...draft, ...more, name: '' }, { id: ana, version: 2 });
  await expect
    .poll(async () => (await told()).sort())
    .toEqual(
      [
        ['changed', 'student', 'Ana Velden', 1],
        ['saw', 'student', 'Ana Velden', 2],
        ['saw', 'round', 'Ana Velden and Marek Osei', 1],
      ].sort(),
    );
  expect((await told(round.id)).map((one) => one[1])).toEqual(['round']);
  expect(await told(randomUUID())).toEqual([]);
});

it('is told the head coach alone, in pieces, and goes after a year and a month', async () => {
  const people = await Promise.all(Array.from({ length: 5 }, (_, at) => seedPerson(`Somebody ${at}`)));
  for (const one of people) await loadStudent(one);
  await expect.poll(told).toHaveLength(5);
  const first = await listTouched(pool(), 3);
  const rest = await listTouched(pool(), 3, first.more);
  expect([...first.rows, ...rest.rows].map((one) => one.aboutId).sort()).toEqual([...people].sort());
  expect(rest.more).toBeUndefined();
  for (const wrong of ['', 'x', "'; drop table touched", '9'.repeat(500)])
    expect((await loadTouched(wrong, wrong))?.rows).toHaveLength(5);
  coach.role = 'assistant';
  expect([await loadTouched(undefined, undefined), await loadAudit(undefined)]).toEqual([undefined, undefined]);
  await pool().query('update touched set day = current_date - 401 where about = $1', [people[0]]);
  expect(await sweepTouches()).toBe(1);
  expect(await told()).toHaveLength(4);
});
