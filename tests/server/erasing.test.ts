import { execFileSync } from 'node:child_process';
import { randomUUID } from 'node:crypto';
import { existsSync, mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { afterAll, beforeAll, beforeEach, describe, expect, it, vi } from 'vitest';
import { newPiece } from '@/core/reel';
import { pool } from '@/data/client';
import { findFootage } from '@/data/footage/footage';
import { listErasures } from '@/data/people/erasures';
import { probeFootage } from '@/server/footage/probe';
import { digestOfFile, storedPath } from '@/server/footage/storage';
import { figureEverything } from '@/server/jobs/refigure';
import { blurFilm } from '@/server/people/erasing/blurFilm';
import { erasePerson } from '@/server/people/erasing/eraseActions';
import { ffmpeg, h264 } from '../support/films';
import { emptyDatabase, flatError, putMarks, seedCoach, seedPerson, seedRealFilm, seedRound } from '../support/seed';

let coach: { id: string; displayName: string; role: string };
vi.mock('@/server/accounts/currentCoach', () => ({ requireCoach: async () => coach }));
vi.mock('next/cache', () => ({ revalidatePath: () => undefined }));

const folder = mkdtempSync(path.join(tmpdir(), 'owl-erasing-'));
const film = path.join(folder, 'film.mp4');
let ana: string;
let marek: string;
beforeAll(() => {
  ffmpeg(
    ...['-f', 'lavfi', '-i', 'testsrc2=s=320x240:r=30:d=12', '-f', 'lavfi', '-i', 'sine=f=300:d=12', ...h264],
    ...['-pix_fmt', 'yuv420p', '-c:a', 'aac', film],
  );
});
afterAll(() => rmSync(folder, { recursive: true, force: true }));
beforeEach(async () => {
  await emptyDatabase();
  await pool().query('truncate erasure, import_run cascade');
  coach = { id: await seedCoach(), displayName: 'Ludo', role: 'head' };
  [ana, marek] = [await seedPerson('Ana Velden'), await seedPerson('Marek Osei')];
});

/** Every row of every table, as text. */
async function everything(): Promise<string> {
  const { rows } = await pool().query("select tablename as name from pg_tables where schemaname = 'public'");
  const texts = await Promise.all(
    rows.map(async ({ name }) => (await pool().query(`select to_jsonb(t)::text as row from ${name} t`)).rows),
  );
  return texts.flatMap((one) => one.map((row) => row.row)).join('\n');
}

describe('erasing somebody', () => {
  it('leaves no trace of who they were, and every figure of their partners', async () => {
    const round = await seedRound(ana, marek);
    await putMarks(
      round,
      coach.id,
      flatError(40, { note: 'Velden again, like ana last week' }),
      flatError(50, { athlete: 'b' }),
    );
    await pool().query(
      "update person set email = 'ana@example.org', born_on = '1996-01-02', note = 'shy', injury_note = 'left knee' where id = $1",
      [ana],
    );
    await pool().query('update round_athlete set still = \'{"jpeg":"/9j/face"}\' where person_id = $1', [ana]);
    await pool().query(
      "insert into consent (id, person_id, purpose, given_by, by_guardian, given_on, note) values (gen_random_uuid(), $1, 'show', 'Mother Velden', true, '2026-01-01', '')",
      [ana],
    );
    const closing = randomUUID();
    await pool().query("insert into closing (id, kind, round_id, slot) values ($1, 'round', $2, 'b')", [
      closing,
      round.id,
    ]);
    const content = JSON.stringify({
      good: { text: 'You kept Ana off' },
      points: [{ cue: 'When Velden posts, go' }],
      id: round.id,
    });
    await pool().query(
      'insert into signed_review (id, version, content, closing_id) values (gen_random_uuid(), 1, $1, $2)',
      [content, closing],
    );
    const piece = { ...newPiece({ id: randomUUID(), roundId: round.id, atSeconds: 40 }), caption: 'Ana’s elbow' };
    await pool().query("insert into reel (id, name, content) values (gen_random_uuid(), 'Elbows', $1)", [
      JSON.stringify({ pieces: [piece], isRanked: false }),
    ]);
    await pool().query("update round set theme = 'ana only from below' where id = $1", [round.id]);
    const figures = async () => {
      await figureEverything(pool(), '2026-11-23');
      return (await pool().query('select slot, content from round_figure order by round_id, slot')).rows;
    };
    const before = await figures();
    expect(await erasePerson(ana, 'kept', 'Ana')).toMatchObject({ ok: false, messages: { typed: expect.any(String) } });
    coach.role = 'assistant';
    expect(await erasePerson(ana, 'kept', 'Ana Velden')).toMatchObject({ ok: false });
    coach.role = 'head';
    expect(await erasePerson(ana, 'kept', ' ana velden ')).toEqual({ ok: true });
    const text = await everything();
    for (const trace of [/velden/i, /\bana\b/i, /example\.org/, /1996-01-02/, /shy/, /left knee/, /9j\/face/])
      expect(text).not.toMatch(trace);
    expect(text).toContain('Somebody, blue belt');
    expect(text).toContain('somebody again, like somebody last week');
    expect(text).toContain('When somebody posts, go');
    expect(text).toContain('somebody only from below');
    expect(text).toMatch(/somebody’s elbow/);
    expect(await figures()).toEqual(
      JSON.parse(JSON.stringify(before).replaceAll('ana only from below', 'somebody only from below')),
    );
    const [done] = await listErasures(pool(), 5);
    expect(done).toMatchObject({ films: 'kept', filmsLeft: 0, counts: { rounds: 1, notes: 1 } });
  });

  it('makes what shows them unrecognisable and silent, for good, and leaves every time as it was', async () => {
    const facts = await probeFootage(film);
    if (!facts.ok) throw new Error(facts.problem.code);
    const id = await seedRealFilm(film, await digestOfFile(film));
    const round = await seedRound(ana, marek, '2026-11-20', id);
    await pool().query('update round set start_seconds = 4, end_seconds = 8 where id = $1', [round.id]);
    expect(await erasePerson(ana, 'blurred', 'Ana Velden')).toEqual({ ok: true });
    expect((await listErasures(pool(), 1))[0]).toMatchObject({ films: 'blurred', filmsLeft: 1 });
    const { rows } = await pool().query("select payload from graphile_worker._private_jobs where key like 'blur:%'");
    await blurFilm(rows[0].payload, new AbortController().signal);
    expect((await listErasures(pool(), 1))[0]?.filmsLeft).toBe(0);
    const now = await findFootage(pool(), id);
    expect(now?.storageName).not.toBe(`${id}.mp4`);
    expect(existsSync(storedPath(`${id}.mp4`))).toBe(false);
    const file = storedPath(now?.storageName ?? '');
    expect(now?.sha256).toBe(await digestOfFile(file));
    const after = await probeFootage(file);
    if (!after.ok) throw new Error(after.problem.code);
    expect(Math.abs(after.value.durationSeconds - facts.value.durationSeconds)).toBeLessThan(0.05);
    // Read back from the picture: how much one line differs from the next, within the stretch and outside it.
    const detail = (at: number) => {
      const pixels = execFileSync('ffmpeg', [
        ...['-v', 'error', '-ss', String(at), '-i', file, '-frames:v', '1'],
        ...['-vf', 'scale=320:240', '-pix_fmt', 'gray', '-f', 'rawvideo', '-'],
      ]);
      let steps = 0;
      for (let y = 1; y < 240; y += 1)
        for (let x = 0; x < 320; x += 1)
          if (Math.abs((pixels[y * 320 + x] ?? 0) - (pixels[(y - 1) * 320 + x] ?? 0)) > 24) steps += 1;
      return steps;
    };
    for (const at of [4.2, 6, 7.8]) expect(detail(at), String(at)).toBeLessThan(detail(2) / 2);
    for (const at of [3.8, 8.2]) expect(detail(at), String(at)).toBeGreaterThan(detail(2) / 2);
    const loudness = (from: number, to: number) => {
      const told = execFileSync('sh', [
        '-c',
        `ffmpeg -ss ${from} -to ${to} -i "${file}" -af volumedetect -vn -f null - 2>&1`,
      ]).toString();
      return Number(/mean_volume: (-?[\d.]+|-inf)/.exec(told)?.[1] ?? Number.NaN);
    };
    expect(loudness(5, 7)).toBeLessThan(-80);
    expect(loudness(9, 11)).toBeGreaterThan(-40);
  });
});
