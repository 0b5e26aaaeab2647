import { randomUUID } from 'node:crypto';
import { beforeEach, expect, it, vi } from 'vitest';
import { listAudit } from '@/data/accounts/audit';
import { pool } from '@/data/client';
import { endAccount } from '@/server/accounts/accountActions';
import { exportRound } from '@/server/exchange/roundExport';
import { erasePerson } from '@/server/people/erasing/eraseActions';
import { removeRound } from '@/server/rounds/roundActions';
import { emptyDatabase, seedCoach, seedPerson, seedRound } from '../support/seed';

let coach: { id: string; displayName: string; role: string };
vi.mock('@/server/accounts/currentCoach', () => ({
  requireCoach: async () => coach,
  currentSession: async () => undefined,
  currentDevice: async () => undefined,
}));
vi.mock('next/cache', () => ({ revalidatePath: () => undefined }));
beforeEach(async () => {
  await emptyDatabase();
  await pool().query('truncate audit');
  coach = { id: await seedCoach(), displayName: 'Ludo', role: 'head' };
});
const recorded = async () => (await listAudit(pool(), 50)).rows.map(({ what, aboutName }) => [what, aboutName]);

it('what leaves the house or goes is put on record with who and about whom, what was refused is not', async () => {
  const [ana, marek] = [await seedPerson('Ana'), await seedPerson('Marek')];
  const round = await seedRound(ana, marek);
  const felix = await seedCoach('felix');
  await pool().query("update coach set role = 'assistant' where id = $1", [felix]);
  await exportRound(round.id, 'marks.csv', coach.id);
  await exportRound(round.id, 'no-such.file', coach.id);
  await erasePerson(marek, 'kept', 'not the name');
  expect(await endAccount(felix)).toMatchObject({ ok: true });
  expect(await recorded()).toEqual([
    ['account-ended', 'felix'],
    ['round-taken', 'Ana and Marek'],
  ]);
  await erasePerson(marek, 'kept', 'Marek');
  await removeRound(round.id);
  // Nobody is named in it any more who is not to be.
  expect(await recorded()).toEqual([
    ['round-deleted', undefined],
    ['erased', 'Somebody, blue belt'],
    ['account-ended', 'felix'],
    ['round-taken', undefined],
  ]);
  const first = await listAudit(pool(), 3);
  expect((await listAudit(pool(), 3, Number(first.more))).rows.map((one) => one.what)).toEqual(['round-taken']);
});

it('a record that cannot be written holds nothing up', async () => {
  const round = await seedRound(await seedPerson('Ana'), await seedPerson('Marek'));
  coach = { id: randomUUID(), displayName: 'Gone', role: 'head' };
  expect((await exportRound(round.id, 'marks.csv', coach.id))?.kind).toBe('file');
  expect(await recorded()).toEqual([]);
});
