import { randomUUID } from 'node:crypto';
import { existsSync, mkdirSync, mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { Readable } from 'node:stream';
import Ajv from 'ajv/dist/2020';
import fc from 'fast-check';
import { afterAll, beforeEach, describe, expect, it } from 'vitest';
import { ZipFile } from 'yazl';
import type { Mark } from '@/core/round';
import { pool } from '@/data/client';
import { findImport, insertImport } from '@/data/exchange/imports';
import type { RowScope } from '@/data/exchange/packageRows';
import { listPackageColumns, packageTables } from '@/data/exchange/packageTables';
import { bringIn, countPackage, takeBack } from '@/server/exchange/bringIn';
import { jsonSchemaOf } from '@/server/exchange/packageShape';
import { openPackage } from '@/server/exchange/readPackage';
import { receivePackage } from '@/server/exchange/receivePackage';
import { writePackage } from '@/server/exchange/writePackage';
import { storedPath } from '@/server/footage/storage';
import { figureEverything } from '@/server/jobs/refigure';
import { footageFolder } from '@/server/kernel/environment';
import { arbitraryMarks } from '../support/arbitraryRound';
import { emptyDatabase, flatError, putMarks, seedCoach, seedFilm, seedPerson, seedRound } from '../support/seed';

const today = '2026-11-23';
const folder = mkdtempSync(path.join(tmpdir(), 'owl-packages-'));
const schemaFile = path.resolve('docs/formats/package.schema.json');
afterAll(() => rmSync(folder, { recursive: true, force: true }));

let coach: string;
let ana: string;
let marek: string;
beforeEach(async () => {
  await emptyDatabase();
  await pool().query('truncate import_run cascade');
  coach = await seedCoach();
  [ana, marek] = [await seedPerson('Ana Velden'), await seedPerson('Marek Osei')];
});

const write = async (scope: RowScope = 'everything', films = false) => {
  const file = path.join(folder, `${randomUUID()}.zip`);
  const kind = scope === 'everything' ? 'everything' : scope.personIds.length > 0 ? 'student' : 'round';
  await writePackage({
    ...{ database: pool(), file, scope, about: { kind, title: 'The loft' }, films },
    signal: new AbortController().signal,
  });
  return file;
};
const opened = async (file: string) => {
  const result = await openPackage(file);
  if (!result.ok) throw new Error(result.problem.code);
  return result.value;
};
const compare = async (file: string) => {
  const open = await opened(file);
  const counts = await countPackage(pool(), open);
  open.close();
  return counts;
};
const bring = async (file: string, takesTheirs = false) => {
  const id = randomUUID();
  const open = await opened(file);
  await insertImport(pool(), id, 'The loft', await countPackage(pool(), open), coach);
  await bringIn(pool(), id, open, takesTheirs);
  open.close();
  return id;
};
const sums = (counts: Awaited<ReturnType<typeof compare>>) =>
  Object.values(counts).reduce(
    (all, one) => ({
      fresh: all.fresh + one.fresh,
      newer: all.newer + one.newer,
      conflict: all.conflict + one.conflict,
      bad: all.bad + one.bad,
    }),
    { fresh: 0, newer: 0, conflict: 0, bad: 0 },
  );
/** All that is worked out, to the last digit; and all rows that travel. */
async function figures(): Promise<string> {
  await figureEverything(pool(), today);
  const tables = ['round_figure', 'person_error', 'person_standing', 'concept_use', 'group_error', 'person_verdict'];
  const found = await Promise.all(
    tables.map(
      async (table) => (await pool().query(`select to_jsonb(t)::text as row from ${table} t order by 1`)).rows,
    ),
  );
  return JSON.stringify(found);
}
async function academyOf(rounds: readonly (readonly Mark[])[]): Promise<string[]> {
  const ids: string[] = [];
  for (const [at, marks] of rounds.entries()) {
    const round = await seedRound(ana, marek, `2026-11-${String(10 + at).padStart(2, '0')}`);
    await putMarks(round, coach, ...marks);
    ids.push(round.id);
  }
  return ids;
}

it('a package that is stopped while it is written ends at once and leaves nothing behind', async () => {
  const round = await seedRound(ana, marek);
  for (let at = 0; at < 30; at += 1)
    await putMarks(round, coach, ...Array.from({ length: 100 }, (_, of) => flatError(at + of / 100)));
  for (const after of [0, 5, 20]) {
    const stopping = new AbortController();
    const file = path.join(folder, `${randomUUID()}.zip`);
    const about = { kind: 'everything' as const, title: 'The loft' };
    const writing = writePackage({
      ...{ database: pool(), file, scope: 'everything' as const, about, films: true, signal: stopping.signal },
    });
    setTimeout(() => stopping.abort(), after);
    await writing.catch((error: Error) => expect(error.name).toBe('AbortError'));
    expect(existsSync(`${file}.part`)).toBe(false);
  }
  // Its connection is free again: the next one is whole.
  expect(existsSync(await write())).toBe(true);
});

describe('a package of everything', () => {
  it('means the same where it is brought in: figures to the last digit', async () => {
    const rounds = fc.sample(arbitraryMarks, { numRuns: 6, seed: 18 });
    await academyOf(rounds);
    const before = await figures();
    const file = await write();
    await emptyDatabase();
    coach = await seedCoach('felix');
    const counts = await compare(file);
    expect(sums(counts)).toMatchObject({ newer: 0, conflict: 0, bad: 0 });
    expect(counts.person?.fresh).toBe(2);
    await bring(file);
    expect(await figures()).toBe(before);
    expect(sums(await compare(file))).toEqual({ fresh: 0, newer: 0, conflict: 0, bad: 0 });
  });
  it('fits the published schema, line by line', async () => {
    await academyOf(fc.sample(arbitraryMarks, { numRuns: 3, seed: 4 }));
    const open = await opened(await write());
    const schema = JSON.parse(readFileSync(schemaFile, 'utf8'));
    // The published file is the one that this version writes: `npx vitest run tests/server/packages.test.ts -u` renews it.
    await expect(`${JSON.stringify(jsonSchemaOf(await listPackageColumns(pool())), null, 1)}\n`).toMatchFileSnapshot(
      schemaFile,
    );
    const ajv = new Ajv({ strict: false, validateFormats: false });
    ajv.addSchema(schema, 'package');
    expect(ajv.validate('package#/$defs/manifest', open.manifest)).toBe(true);
    let lines = 0;
    for (const { name } of packageTables)
      for await (const rows of open.rowsOf(name, () => expect.unreachable()))
        for (const row of rows) {
          expect(ajv.validate(`package#/$defs/${name}`, row), `${name}: ${JSON.stringify(ajv.errors)}`).toBe(true);
          lines += 1;
        }
    open.close();
    expect(lines).toBeGreaterThan(10);
  });
  it('brings what is new and newer, leaves what differs on both sides, and is taken back in one step', async () => {
    const [roundId] = await academyOf([[flatError(40)]]);
    const file = await write();
    // Meanwhile somebody here changed the round once, and Ana, and there is a mark more.
    await pool().query("update person set name = 'Ana V.', version = version + 1 where id = $1", [ana]);
    await pool().query("update person set name = 'Marek O.' where id = $1", [marek]);
    await pool().query('delete from mark');
    const before = await figures();
    expect(sums(await compare(file))).toEqual({ fresh: 1, newer: 0, conflict: 2, bad: 0 });
    const id = await bring(file);
    const names = async () => (await pool().query('select name from person order by name')).rows.map((one) => one.name);
    expect(await names()).toEqual(['Ana V.', 'Marek O.']);
    expect((await pool().query('select count(*) from mark where round_id = $1', [roundId])).rows[0].count).toBe(1);
    expect(await takeBack(pool(), id)).toEqual([]);
    expect(await figures()).toBe(before);
    expect((await findImport(pool(), id))?.state).toBe('undone');
    await bring(file, true);
    expect(await names()).toEqual(['Ana Velden', 'Marek Osei']);
  });
  it('is not taken back over what was done with it since', async () => {
    await academyOf([[flatError(40)]]);
    const file = await write();
    await emptyDatabase();
    coach = await seedCoach('felix');
    const id = await bring(file);
    await pool().query("update person set name = 'Ana Married' where id = $1", [ana]);
    expect(await takeBack(pool(), id)).toBeUndefined();
    await pool().query("update person set name = 'Ana Velden' where id = $1", [ana]);
    const other = await seedPerson('Yara');
    await seedRound(ana, other);
    expect(await takeBack(pool(), id)).toBeUndefined();
    expect((await pool().query('select count(*) from person')).rows[0].count).toBe(3);
  });
  it('takes a film that is here under another id for the same', async () => {
    const film = (id: string) =>
      pool().query(
        `insert into footage (id, original_name, storage_name, byte_length, sha256, duration_seconds, frame_rate_numerator, frame_rate_denominator, width, height, container, video_codec)
         values ($1, 'a.mp4', $2, 5, '\\x${'ab'.repeat(32)}', 400, 30, 1, 640, 360, 'mp4', 'h264')`,
        [id, `${id}.mp4`],
      );
    const [there, here] = [randomUUID(), randomUUID()];
    await film(there);
    await seedRound(ana, marek, '2026-11-20', there);
    const file = await write();
    await emptyDatabase();
    coach = await seedCoach('felix');
    await film(here);
    await bring(file);
    expect((await pool().query('select footage_id from round')).rows).toEqual([{ footage_id: here }]);
  });
});

describe('the films of a package', () => {
  it('are in it, but none that shows somebody who is not to be shown', async () => {
    mkdirSync(footageFolder(), { recursive: true });
    const [shown, held] = await Promise.all([seedFilm(), seedFilm()]);
    const child = await seedPerson('Yara');
    await pool().query("update person set belt = 'yellow', born_on = null where id = $1", [child]);
    await seedRound(ana, marek, '2026-11-20', shown);
    await seedRound(marek, child, '2026-11-21', held);
    for (const id of [shown, held]) {
      await pool().query("update footage set storage_name = $1 || '.mp4' where id = $2::uuid", [id, id]);
      writeFileSync(storedPath(`${id}.mp4`), id);
    }
    const open = await opened(await write('everything', true));
    expect([await open.filmOf(`${shown}.mp4`), await open.filmOf(`${held}.mp4`)]).toEqual([
      expect.anything(),
      undefined,
    ]);
    open.close();
  });
});

describe('a package of one student, or one round', () => {
  it('holds their partners by name and belt, and nobody and nothing else', async () => {
    const [first] = await academyOf([[flatError(40)]]);
    const yara = await seedPerson('Yara');
    await seedRound(marek, yara);
    await pool().query(
      "update person set email = 'x@example.org', born_on = '1990-01-01', injury_note = 'knee', note = 'secret'",
    );
    for (const scope of [
      { roundIds: [first ?? ''], personIds: [] },
      { roundIds: [first ?? ''], personIds: [ana] },
    ]) {
      const open = await opened(await write(scope));
      const people: Record<string, unknown>[] = [];
      for await (const rows of open.rowsOf('person', () => undefined)) people.push(...rows);
      open.close();
      expect(people.map((one) => one.id).sort()).toEqual([ana, marek].sort());
      const theirs = JSON.stringify(people.filter((one) => !scope.personIds.includes(String(one.id))));
      for (const secret of ['example.org', '1990', 'knee', 'secret']) expect(theirs).not.toContain(secret);
      expect(open.manifest.tables).toMatchObject({ round: 1, mark: 1, round_athlete: 2, reel: 0 });
    }
  });
});

describe('what is no package', () => {
  const zip = (entries: Readonly<Record<string, string>>): Promise<string> =>
    new Promise((resolve) => {
      const file = path.join(folder, `${randomUUID()}.zip`);
      const made = new ZipFile();
      for (const [name, text] of Object.entries(entries)) made.addBuffer(Buffer.from(text), name);
      const pieces: Buffer[] = [];
      made.outputStream.on('data', (piece: Buffer) => pieces.push(piece));
      made.outputStream.on('end', () => {
        writeFileSync(file, Buffer.concat(pieces));
        resolve(file);
      });
      made.end();
    });
  const manifest = (patch: object = {}) =>
    JSON.stringify({
      ...{ format: 'unhurried-owl-package', version: 1, madeAt: '2026-11-20T10:00:00Z', films: false },
      ...{ scope: { kind: 'everything', title: 'x' }, tables: {}, ...patch },
    });

  it('is refused with its reason: empty, no ZIP, another ZIP, a newer one, one cut off', async () => {
    const send = (bytes: Buffer | undefined) =>
      receivePackage(
        randomUUID(),
        coach,
        bytes ? (Readable.toWeb(Readable.from([bytes])) as ReadableStream<Uint8Array>) : null,
      );
    expect(await send(undefined)).toBe('no-zip');
    expect(await send(Buffer.from('hello'))).toBe('no-zip');
    expect(await send(readFileSync(await zip({ 'a.txt': 'x' })))).toBe('no-package');
    expect(await send(readFileSync(await zip({ 'manifest.json': '{' })))).toBe('no-package');
    expect(await send(readFileSync(await zip({ 'manifest.json': manifest({ version: 2 }) })))).toBe('newer');
    const whole = readFileSync(await zip({ 'manifest.json': manifest(), 'tables/person.jsonl': '{}\n'.repeat(5000) }));
    expect(await send(whole.subarray(0, whole.length - 200))).toBe('no-zip');
    const damaged = Buffer.from(whole);
    damaged.fill(0, 200, 260);
    expect(['broken', undefined]).toContain(await send(damaged));
    expect((await pool().query('select count(*) from person')).rows[0].count).toBe(2);
  });
  it('brings in no row that does not fit, and no path, no table and no column of its own', async () => {
    await academyOf([[flatError(40)]]);
    const person = { id: randomUUID(), name: 'New', standing: 'student', stripes: 0, version: 1 };
    const film = {
      id: randomUUID(),
      original_name: 'x',
      storage_name: '../../out.mp4',
      sha256: `\\x${'00'.repeat(32)}`,
    };
    const file = await zip({
      'manifest.json': manifest(),
      'tables/person.jsonl': [
        JSON.stringify(person),
        'no json',
        '[]',
        'null',
        JSON.stringify({ ...person, id: 'x' }),
        JSON.stringify({ ...person, id: randomUUID(), evil: 1 }),
        JSON.stringify({ ...person, id: randomUUID(), stripes: 'many' }),
      ].join('\n'),
      'tables/footage.jsonl': JSON.stringify(film),
      'tables/mark.jsonl': JSON.stringify({
        id: randomUUID(),
        round_id: randomUUID(),
        kind: 'error',
        content: { kind: 'evil' },
      }),
      'tables/coach.jsonl': JSON.stringify({ id: randomUUID(), sign_in_name: 'evil', role: 'head' }),
    });
    const counts = await compare(file);
    expect(counts.coach).toBeUndefined();
    expect((await pool().query("select count(*) from coach where sign_in_name = 'evil'")).rows[0].count).toBe(0);
    expect(counts.person).toEqual({ fresh: 1, newer: 0, same: 0, conflict: 0, bad: 6 });
    expect(counts.footage?.bad).toBe(1);
    expect(counts.mark?.bad).toBe(1);
  });
});
