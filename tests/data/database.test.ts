import { randomUUID } from 'node:crypto';
import path from 'node:path';
import { beforeEach, describe, expect, it } from 'vitest';
import { usualNumbers } from '@/core/planning';
import { countCoaches, findCoachBySession, findCoachBySignInName } from '@/data/accounts/coaches';
import {
  guessHistory,
  insertAttempt,
  insertSession,
  listOpenSessions,
  noteSuccess,
  revokeAllSessions,
  revokeSession,
  revokeSessionById,
} from '@/data/accounts/sessions';
import { inTransaction, pool } from '@/data/client';
import { deleteUnusedFootage, findFootageByDigest, insertFootage } from '@/data/footage/footage';
import { migrate, readMigrations } from '@/data/migrate';
import { getAcademy, keepPlanNumbers, saveAcademy, savePlanFirst } from '@/data/people/academy';
import { findPerson, listPeople, updatePerson } from '@/data/people/people';
import { emptyDatabase, seedCoach, seedPerson, seedRound } from '../support/seed';

beforeEach(emptyDatabase);

describe('migrations', () => {
  const folder = path.resolve(import.meta.dirname, '../../db/migrations');
  it('run once, and refuse to run again changed', async () => {
    const files = await readMigrations(folder);
    expect(files.length).toBeGreaterThan(0);
    expect(await migrate(pool(), files)).toEqual([]);
    await expect(
      migrate(pool(), [{ ...files[0]!, text: `${files[0]!.text}\n-- changed` }, ...files.slice(1)]),
    ).rejects.toThrow('was changed after it ran');
  });
  it('leave nothing behind when one fails', async () => {
    await expect(
      migrate(pool(), [
        { name: '9999_break.sql', text: 'create table half_done (id int); select no_such_function();' },
      ]),
    ).rejects.toThrow();
    const { rows } = await pool().query("select to_regclass('half_done') as found");
    expect(rows[0].found).toBeNull();
  });
});

describe('people', () => {
  it('keep names as they are written, script tags and all', async () => {
    const name = `<script>alert('x')</script>; drop table person; --`;
    const id = await seedPerson(name);
    expect((await findPerson(pool(), id))?.name).toBe(name);
    expect((await listPeople(pool())).length).toBe(1);
  });
  it('are changed by one coach at a time', async () => {
    const person = (await findPerson(pool(), await seedPerson('Ana')))!;
    expect(await updatePerson(pool(), { ...person, stripes: 3 })).toBe(1);
    expect(await updatePerson(pool(), { ...person, stripes: 4 })).toBe(0);
    expect((await findPerson(pool(), person.id))?.stripes).toBe(3);
  });
  it('have no weight that nobody has, also not by SQL', async () => {
    for (const weight of [0, 900]) await expect(seedPerson('Ana', weight)).rejects.toThrow('person_weight_plausible');
  });
});

describe('rounds', () => {
  it('cannot end before they start, nor pair somebody with themselves', async () => {
    const ana = await seedPerson('Ana');
    const round = await seedRound(ana, await seedPerson('Iris'));
    expect(round).toMatchObject({ heldOn: '2026-11-20', a: { name: 'Ana' }, markCount: 0 });
    await expect(pool().query('update round set end_seconds = 5 where id = $1', [round.id])).rejects.toThrow(
      'round_ends_after_start',
    );
    await expect(seedRound(ana, ana)).rejects.toThrow('round_athlete_once');
  });
});

describe('footage', () => {
  const footage = {
    id: randomUUID(),
    originalName: 'x.mp4',
    storageName: 'x',
    byteLength: 5,
    sha256: 'ab'.repeat(32),
    durationSeconds: 3,
    frameRate: { numerator: 30_000, denominator: 1001 },
    width: 640,
    height: 360,
    container: 'mp4',
    videoCodec: 'h264',
    audioCodec: undefined,
  };
  it('is kept once for the same bytes, and not deleted while a round uses it', async () => {
    expect(await insertFootage(pool(), footage, undefined)).toBe(1);
    expect(await insertFootage(pool(), { ...footage, id: randomUUID(), storageName: 'y' }, undefined)).toBe(0);
    expect((await findFootageByDigest(pool(), footage.sha256))?.frameRate).toEqual({
      numerator: 30_000,
      denominator: 1001,
    });
    const round = await seedRound(await seedPerson('Ana'), await seedPerson('Iris'));
    await pool().query('update round set footage_id = $1 where id = $2', [footage.id, round.id]);
    expect(await deleteUnusedFootage(pool(), footage.id)).toBe(0);
    await pool().query('update round set footage_id = null where id = $1', [round.id]);
    expect(await deleteUnusedFootage(pool(), footage.id)).toBe(1);
  });
});

it('an older program does not touch a database that a newer one brought forward', async () => {
  const files = await readMigrations(path.join(import.meta.dirname, '../../db/migrations'));
  await expect(migrate(pool(), files.slice(0, -1))).rejects.toThrow(/newer version.*put back a backup/);
  expect(await migrate(pool(), files)).toEqual([]);
});

describe('sign-in', () => {
  it('sessions can be revoked one by one or all at once, and end by themselves', async () => {
    const coach = await seedCoach();
    const [one, other, old] = [Buffer.alloc(32, 1), Buffer.alloc(32, 2), Buffer.alloc(32, 3)];
    await insertSession(pool(), one, coach, 30);
    await insertSession(pool(), other, coach, 30);
    await insertSession(pool(), old, coach, -1);
    expect((await findCoachBySession(pool(), one))?.id).toBe(coach);
    expect(await findCoachBySession(pool(), old)).toBeUndefined();
    const [here, there] = await listOpenSessions(pool(), coach, other);
    expect([here?.isThis, there?.isThis]).toEqual([true, false]);
    const stranger = await seedCoach('felix');
    await revokeSessionById(pool(), stranger, there?.id ?? '');
    expect((await findCoachBySession(pool(), one))?.id).toBe(coach);
    await revokeSessionById(pool(), coach, there?.id ?? '');
    expect(await findCoachBySession(pool(), one)).toBeUndefined();
    expect(await listOpenSessions(pool(), coach, other)).toHaveLength(1);
    await revokeSession(pool(), one);
    expect(await findCoachBySession(pool(), one)).toBeUndefined();
    await revokeAllSessions(pool(), coach);
    expect(await findCoachBySession(pool(), other)).toBeUndefined();
  });
  it('failures count since the last success from the same place, by name and by place', async () => {
    for (let times = 0; times < 3; times += 1) await insertAttempt(pool(), 'ludo', 'here');
    const counts = async (name: string, place: string) => {
      const { byPair, byName, byAddress } = await guessHistory(pool(), name, place, 15);
      return [byPair.count, byName.count, byAddress.count];
    };
    expect(await counts('ludo', 'there')).toEqual([0, 3, 0]);
    expect(await counts('iris', 'here')).toEqual([0, 0, 3]);
    await noteSuccess(pool(), await insertAttempt(pool(), 'ludo', 'here'));
    expect(await counts('ludo', 'here')).toEqual([0, 3, 3]);
    const { byName } = await guessHistory(pool(), 'ludo', 'here', 15);
    expect(byName.secondsSinceLast).toBeLessThan(60);
  });
  it('stores passwords as argon2id', async () => {
    await seedCoach();
    expect((await findCoachBySignInName(pool(), 'ludo'))?.passwordHash).toMatch(/^\$argon2id\$v=19\$m=19456,t=2,p=1\$/);
    expect(await countCoaches(pool())).toBe(1);
  });
});

it('the academy has limits before anybody sets them', async () => {
  expect(await getAcademy(pool())).toMatchObject({ liveWeightGapRatio: 0.2, minorsWithAdults: false });
  await saveAcademy(pool(), { name: 'Loft', liveWeightGapRatio: 0.15, minorsWithAdults: true });
  expect(await getAcademy(pool())).toEqual({
    ...{ name: 'Loft', liveWeightGapRatio: 0.15, minorsWithAdults: true },
    ...{ planFirst: 'errors', planNumbers: usualNumbers, studentPages: false },
    timeZone: Intl.DateTimeFormat().resolvedOptions().timeZone,
  });
  await saveAcademy(pool(), { name: 'Loft', liveWeightGapRatio: 0.15, minorsWithAdults: true, timeZone: 'Asia/Tokyo' });
  expect(await getAcademy(pool())).toMatchObject({ timeZone: 'Asia/Tokyo' });
  const planNumbers = { ...usualNumbers, warmUpMinutes: 15 };
  await keepPlanNumbers(pool(), planNumbers);
  // Only what differs is kept: the rest follows what is usual.
  const { rows } = await pool().query('select plan_numbers from academy');
  expect(rows).toEqual([{ plan_numbers: { warmUpMinutes: 15 } }]);
  await savePlanFirst(pool(), 'curriculum');
  // What does not say a zone leaves it.
  await saveAcademy(pool(), { name: 'Loft', liveWeightGapRatio: 0.2, minorsWithAdults: true });
  expect(await getAcademy(pool())).toMatchObject({
    ...{ timeZone: 'Asia/Tokyo', liveWeightGapRatio: 0.2, planFirst: 'curriculum', planNumbers },
  });
});

it('a failed transaction leaves nothing behind', async () => {
  await expect(
    inTransaction(pool(), async (client) => {
      await client.query("insert into academy (name) values ('half')");
      throw new Error('in the middle');
    }),
  ).rejects.toThrow('in the middle');
  expect((await getAcademy(pool())).name).toBe('The academy');
});
