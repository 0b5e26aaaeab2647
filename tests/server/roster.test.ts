import { randomUUID } from 'node:crypto';
import { beforeEach, expect, it, vi } from 'vitest';
import { pool } from '@/data/client';
import { addRoster, takeRosterBack } from '@/server/people/rosterActions';
import { emptyDatabase, seedCoach, seedPerson, seedRound } from '../support/seed';

let coach: { id: string; displayName: string; role: string };
vi.mock('@/server/accounts/currentCoach', () => ({ requireCoach: async () => coach }));
vi.mock('next/cache', () => ({ revalidatePath: () => undefined }));
beforeEach(async () => {
  await emptyDatabase();
  coach = { id: await seedCoach(), displayName: 'Ludo', role: 'assistant' };
});

const person = (name: string, patch: object = {}) => ({
  id: randomUUID(),
  name,
  bornOn: '',
  stripes: 0,
  note: '',
  email: '',
  ...patch,
});
const count = async (table: string) =>
  (await pool().query(`select count(*)::int as count from ${table}`)).rows[0].count;

it('writes a list down once, with belts and weights as of today, all of it or nothing', async () => {
  const list = [person('Ana', { belt: 'blue', stripes: 2, weightKg: 61.5, bornOn: '1996-11-24' }), person('Marek')];
  expect(await addRoster(list)).toEqual({ ok: true, added: 2 });
  expect(await addRoster(list)).toEqual({ ok: true, added: 0 });
  expect([await count('person'), await count('belt_step'), await count('weighing')]).toEqual([2, 1, 1]);
  for (const bad of [
    [],
    [person('')],
    [person('Yara'), person('Bo', { weightKg: 9000 })],
    [person('x', { belt: 'mauve' })],
    [person('x', { bornOn: '2026-02-31' })],
    [person('x', { email: 'no' })],
  ])
    expect(await addRoster(bad as never)).toMatchObject({ ok: false });
  expect(await count('person')).toBe(2);
});

it('takes a list back out, but nobody who is on the mat by now', async () => {
  const list = [person('Ana'), person('Marek')];
  await addRoster(list);
  const ids = list.map((one) => one.id);
  await seedRound(ids[0] ?? '', await seedPerson('Yara'));
  expect(await takeRosterBack(ids)).toMatchObject({ ok: false });
  expect(await count('person')).toBe(3);
  expect(await takeRosterBack([ids[1] ?? ''])).toEqual({ ok: true });
  expect(await count('person')).toBe(2);
});
