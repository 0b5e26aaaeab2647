import { randomUUID } from 'node:crypto';
import { existsSync, mkdirSync, writeFileSync } from 'node:fs';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { insertClass } from '@/data/classes/classes';
import { pool } from '@/data/client';
import { deleteUnusedFootage, findFootage, setFilmstrip } from '@/data/footage/footage';
import { listTrash } from '@/data/trash/trash';
import { removeClass } from '@/server/classes/classActions';
import { removeFootage } from '@/server/footage/footageActions';
import { storedPath } from '@/server/footage/storage';
import { figureEverything } from '@/server/jobs/refigure';
import { footageFolder } from '@/server/kernel/environment';
import { erase } from '@/server/people/erasing/erase';
import { removeRound } from '@/server/rounds/roundActions';
import { sweepTrash } from '@/server/trash/sweepTrash';
import { bringBack } from '@/server/trash/trashActions';
import { emptyDatabase, flatError, putMarks, seedCoach, seedFilm, seedPerson, seedRound } from '../support/seed';

let coach: { id: string; displayName: string; role: string };
vi.mock('@/server/accounts/currentCoach', () => ({ requireCoach: async () => coach }));
vi.mock('next/cache', () => ({ revalidatePath: () => undefined }));
beforeEach(async () => {
  await emptyDatabase();
  await pool().query('truncate trash cascade');
  coach = { id: await seedCoach(), displayName: 'Ludo', role: 'assistant' };
});

const tables = [
  'round',
  'round_athlete',
  'round_clock',
  'mark',
  'mark_history',
  'closing',
  'signed_review',
  'talk',
  'review_time',
];
const rowsOf = async (which: readonly string[]) =>
  Promise.all(
    which.map(async (table) => (await pool().query(`select to_jsonb(t)::text as row from ${table} t order by 1`)).rows),
  );

it('a round that was deleted comes back with all that hung on it, and its figures', async () => {
  const round = await seedRound(await seedPerson('Ana'), await seedPerson('Marek'), '2026-11-20', await seedFilm());
  await putMarks(round, coach.id, flatError(40), flatError(50, { note: 'again' }));
  await pool().query(
    "insert into round_clock (id, round_id, name, counts, pauses, ties) values (gen_random_uuid(), $1, 'wall', 'down', false, '[]')",
    [round.id],
  );
  const closing = randomUUID();
  await pool().query("insert into closing (id, kind, round_id, slot) values ($1, 'round', $2, 'a')", [
    closing,
    round.id,
  ]);
  await pool().query(
    "insert into signed_review (id, version, content, closing_id) values (gen_random_uuid(), 1, '{}', $1)",
    [closing],
  );
  await pool().query(
    "insert into talk (id, round_id, storage_name, byte_length, seconds, track) values (gen_random_uuid(), $1, 'talk-x.webm', 5, 3, '[]')",
    [round.id],
  );
  await pool().query('insert into review_time (round_id, coach_id, seconds) values ($1, $2, 60)', [round.id, coach.id]);
  await figureEverything(pool(), '2026-11-23');
  const [before, figures] = [await rowsOf(tables), await rowsOf(['round_figure', 'person_error'])];
  expect(await removeRound(round.id)).toEqual({ ok: true });
  expect(await removeRound(round.id)).toEqual({ ok: true });
  expect((await rowsOf(tables)).flat()).toEqual([]);
  const [kept, ...others] = await listTrash(pool(), 5);
  expect(others).toEqual([]);
  expect(kept).toMatchObject({ kind: 'round', title: 'Ana and Marek, 2026-11-20', deletedByName: 'ludo' });
  expect(await bringBack(kept?.id ?? '')).toEqual({ ok: true });
  expect(await rowsOf(tables)).toEqual(before);
  await figureEverything(pool(), '2026-11-23');
  expect(await rowsOf(['round_figure', 'person_error'])).toEqual(figures);
  expect(await bringBack(kept?.id ?? '')).toMatchObject({ ok: false });
});

it('says when it cannot come back, and lets go for good after thirty days', async () => {
  const film = await seedFilm();
  const round = await seedRound(await seedPerson('Ana'), await seedPerson('Marek'), '2026-11-20', film);
  await removeRound(round.id);
  await deleteUnusedFootage(pool(), film);
  const [kept] = await listTrash(pool(), 5);
  expect(await bringBack(kept?.id ?? '')).toMatchObject({
    ok: false,
    messages: { '': expect.stringContaining('film') },
  });
  await sweepTrash();
  expect(await listTrash(pool(), 5)).toHaveLength(1);
  await pool().query("update trash set deleted_at = now() - interval '31 days'");
  await sweepTrash();
  expect(await listTrash(pool(), 5)).toEqual([]);
  expect((await pool().query('select 1 from trash_row')).rowCount).toBe(0);
});

it('a class comes back with who came and what was planned', async () => {
  const id = randomUUID();
  await insertClass(pool(), {
    ...{
      id,
      title: 'Elbows',
      startsAt: '2026-11-24T19:00:00Z',
      minutes: 60,
      uniform: 'gi',
      level: 'all',
      pairsOnMats: 8,
    },
  });
  await pool().query('insert into class_attendee (class_id, person_id, chance) values ($1, $2, 0.5)', [
    id,
    await seedPerson('Ana'),
  ]);
  const before = await rowsOf(['academy_class', 'class_attendee']);
  await removeClass(id);
  const [kept] = await listTrash(pool(), 5);
  expect(kept).toMatchObject({ kind: 'class', title: 'Elbows, 2026-11-24' });
  expect(await bringBack(kept?.id ?? '')).toEqual({ ok: true });
  expect(await rowsOf(['academy_class', 'class_attendee'])).toEqual(before);
});

describe('a film that was deleted', () => {
  const filmOnDisk = async () => {
    const film = await seedFilm();
    const strip = { storageName: `${film}.strip.jpg`, posterName: `${film}.poster.jpg` };
    await setFilmstrip(pool(), film, {
      ...strip,
      columns: 10,
      count: 1,
      everySeconds: 4,
      width: 96,
      height: 54,
    } as never);
    mkdirSync(footageFolder(), { recursive: true });
    const names = [film, strip.storageName, strip.posterName];
    for (const one of names) writeFileSync(storedPath(one), 'bytes');
    return { film, filesLeft: () => names.filter((one) => existsSync(storedPath(one))).length };
  };

  it('comes back with what was made of it; after thirty days its files go', async () => {
    const { film, filesLeft } = await filmOnDisk();
    const before = await rowsOf(['footage']);
    expect(await removeFootage(film)).toEqual({ ok: true });
    expect(await findFootage(pool(), film)).toBeUndefined();
    expect(filesLeft()).toBe(3);
    const [kept] = await listTrash(pool(), 5);
    expect(kept).toMatchObject({ kind: 'film', title: 'x.mp4' });
    expect(await bringBack(kept?.id ?? '')).toEqual({ ok: true });
    expect(await rowsOf(['footage'])).toEqual(before);
    expect(await removeFootage(film)).toEqual({ ok: true });
    await pool().query("update trash set deleted_at = now() - interval '31 days'");
    await sweepTrash();
    expect([filesLeft(), (await listTrash(pool(), 5)).length]).toEqual([0, 0]);
  });

  it('stays where a round uses it, and is gone at once when somebody in it is erased', async () => {
    const { film, filesLeft } = await filmOnDisk();
    const ana = await seedPerson('Ana Velden');
    const round = await seedRound(ana, await seedPerson('Marek'), '2026-11-20', film);
    expect(await removeFootage(film)).toMatchObject({ ok: false });
    expect(await listTrash(pool(), 5)).toEqual([]);
    await removeRound(round.id);
    expect(await removeFootage(film)).toEqual({ ok: true });
    expect(await listTrash(pool(), 5)).toHaveLength(2);
    // A round without its film waits for it.
    const [roundKept] = (await listTrash(pool(), 5)).filter((one) => one.kind === 'round');
    expect(JSON.stringify(await bringBack(roundKept?.id ?? ''))).toContain('is brought back first');
    await erase(ana, 'kept', coach.id);
    expect([filesLeft(), (await listTrash(pool(), 5)).length]).toEqual([0, 0]);
  });
});
