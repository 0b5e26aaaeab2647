import { randomUUID } from 'node:crypto';
import { mkdtempSync, readdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { simpleParser } from 'mailparser';
import { afterAll, beforeAll, beforeEach, describe, expect, it, vi } from 'vitest';
import yauzl from 'yauzl';
import { addDays } from '@/core/kernel';
import { newPiece, type SavedReel } from '@/core/reel';
import { pool } from '@/data/client';
import { findClip, findRecipe } from '@/data/clips/clips';
import { findPacket } from '@/data/packets/packets';
import { findReel } from '@/data/reels/reels';
import { findClosingId } from '@/data/reviews/closings';
import { insertSignedReview } from '@/data/reviews/signedReviews';
import { doClip } from '@/server/clips/doClip';
import { sweepClips } from '@/server/clips/sweepClips';
import { probeFootage } from '@/server/footage/probe';
import { today } from '@/server/kernel/academyTime';
import { dataFolder, footageFolder } from '@/server/kernel/environment';
import { lookAtPacket, makePacket } from '@/server/packets/packetActions';
import { zipPacket } from '@/server/packets/zipPacket';
import { loadSavedReel } from '@/server/reels/loadSavedReel';
import {
  askReelClip,
  listKeptReels,
  putIntoReel,
  removeReel,
  saveReel,
  stopReelClip,
} from '@/server/reels/reelActions';
import { remindStudents } from '@/server/sharing/remind';
import { shareReview } from '@/server/sharing/shareActions';
import { sayAnswer } from '@/server/sharing/studentActions';
import { ffmpeg, h264 } from '../support/films';
import { emptyDatabase, seedCoach, seedPerson, seedRealFilm, seedRound } from '../support/seed';

let coach: { id: string; displayName: string; role: string };
vi.mock('@/server/accounts/currentCoach', () => ({ requireCoach: async () => coach }));
vi.mock('next/cache', () => ({ revalidatePath: () => undefined }));
vi.mock('next/headers', () => ({ headers: async () => new Headers({ host: 'academy.example' }) }));

// Films take as long as the machine is busy.
vi.setConfig({ testTimeout: 240_000 });
const scratch = mkdtempSync(path.join(tmpdir(), 'owl-out-'));
const film = path.join(scratch, 'film.mp4');
beforeAll(() => {
  ffmpeg('-f', 'lavfi', '-i', 'testsrc=s=320x180:r=25:d=40', ...h264, '-an', film);
});
afterAll(() => rmSync(scratch, { recursive: true }));

let ana: string;
let marek: string;
let roundId: string;
beforeEach(async () => {
  await emptyDatabase();
  coach = { id: await seedCoach(), displayName: 'Ludo', role: 'head' };
  [ana, marek] = [await seedPerson('Ana Velden'), await seedPerson('Marek Osei')];
  const id = await seedRealFilm(film);
  roundId = (await seedRound(ana, marek, '2026-11-20', id)).id;
});

const piece = (atSeconds: number) => newPiece({ id: randomUUID(), roundId, atSeconds });
const reelOf = (...at: number[]): SavedReel => ({ pieces: at.map(piece), isRanked: false });
const keep = async (content: SavedReel, id: string = randomUUID()) => {
  expect(await saveReel({ name: 'Elbows', content }, { id, version: 0 })).toEqual({ ok: true, version: 1 });
  return id;
};

describe('a saved reel', () => {
  it('is kept once, changed by who saw it last, and tells who did not', async () => {
    const content = reelOf(20, 30);
    const id = await keep(content);
    expect(await saveReel({ name: 'Elbows', content }, { id, version: 0 })).toEqual({ ok: true, version: 1 });
    expect(await saveReel({ name: 'Knees', content }, { id, version: 1 })).toEqual({ ok: true, version: 2 });
    expect(await saveReel({ name: 'Hips', content }, { id, version: 1 })).toMatchObject({
      ok: false,
      messages: { conflict: expect.any(String) },
    });
    expect((await findReel(pool(), id))?.name).toBe('Knees');
    expect(await removeReel(id)).toEqual({ ok: true });
    expect(await saveReel({ name: 'Hips', content }, { id, version: 2 })).toMatchObject({
      ok: false,
      messages: { gone: expect.any(String) },
    });
  });
  it('is refused with words when it is none', async () => {
    const id = randomUUID();
    for (const bad of [
      { name: ' ', content: reelOf(20) },
      { name: 'x', content: { pieces: [{ ...piece(20), speed: 40 }], isRanked: false } },
      { name: 'x', content: { pieces: Array.from({ length: 201 }, () => piece(20)), isRanked: false } },
      { name: 'x', content: { pieces: [{ ...piece(20), caption: 'x'.repeat(301) }], isRanked: false } },
    ])
      expect(await saveReel(bad, { id, version: 0 })).toMatchObject({ ok: false });
    expect(await findReel(pool(), id)).toBeUndefined();
  });
  it('takes more moments at its end, each once, up to as many as it holds, also while another coach edits it', async () => {
    const [first, second, third] = [piece(20), piece(30), piece(40)];
    const newId = randomUUID();
    const begun = await putIntoReel({ name: 'Elbows', pieces: [first] }, newId);
    expect(begun).toEqual({ ok: true, reelId: newId, added: 1 });
    expect(await putIntoReel({ name: 'Elbows', pieces: [first] }, newId)).toMatchObject({ reelId: newId });
    expect(await listKeptReels()).toEqual({ ok: true, reels: [{ id: newId, name: 'Elbows', moments: 1 }] });
    const both = await Promise.all(
      [second, third].map((one) =>
        putIntoReel({ reelId: newId, name: 'ignored', pieces: [one, piece(20)] }, randomUUID()),
      ),
    );
    expect(both.map((one) => one.ok && one.added)).toEqual([1, 1]);
    const kept = await findReel(pool(), newId);
    expect(kept).toMatchObject({ name: 'Elbows', version: 3 });
    expect(kept?.content.pieces.map((one) => one.atSeconds).sort()).toEqual([20, 30, 40]);
    const many = Array.from({ length: 198 }, (_, at) => piece(50 + at));
    expect(await putIntoReel({ reelId: newId, name: 'x', pieces: many }, randomUUID())).toMatchObject({ ok: false });
    expect((await findReel(pool(), newId))?.content.pieces).toHaveLength(3);
    for (const bad of [
      { name: 'x', pieces: [] },
      { name: '', pieces: [first] },
      { reelId: randomUUID(), name: 'x', pieces: [first] },
    ])
      expect(await putIntoReel(bad, randomUUID())).toMatchObject({ ok: false });
  });
  it('becomes one film, the same one for the same reel, without names unless they are wanted', async () => {
    const content = { isRanked: true, pieces: [{ ...piece(20), caption: 'Marek’s elbow' }, piece(30)] };
    const id = await keep(content);
    const first = await askReelClip(id, { captions: 'burned', isNamed: false });
    if (!first.ok) throw new Error(JSON.stringify(first.messages));
    expect(await askReelClip(id, { captions: 'burned', isNamed: false })).toEqual(first);
    expect((await findRecipe(pool(), first.clipId))?.pieces.map((one) => one.caption)).toEqual([
      '2. a partner’s elbow',
      '1.',
    ]);
    const named = await askReelClip(id, { captions: 'burned', isNamed: true });
    expect(named).not.toEqual(first);
    await doClip(first.clipId, new AbortController().signal, true);
    expect(await findClip(pool(), first.clipId)).toMatchObject({ state: 'ready', seconds: 16 });
    if (named.ok) expect(await stopReelClip(named.clipId)).toEqual({ ok: true });
    // What nobody looks at goes, with its files; what is looked at stays.
    await sweepClips(30);
    expect(await findClip(pool(), first.clipId)).toBeDefined();
    await pool().query("update clip set used_at = now() - interval '90 days'");
    await sweepClips(30);
    expect(await findClip(pool(), first.clipId)).toBeUndefined();
    expect(readdirSync(footageFolder()).filter((name) => name.startsWith(first.clipId))).toEqual([]);
  });
  it('of 200 moments is a film as long as it may be, or says how long it would be', async () => {
    const short = { ...piece(20), beforeSeconds: 1, afterSeconds: 1 };
    const many = Array.from({ length: 200 }, () => ({ ...short, id: randomUUID() }));
    const id = await keep({ pieces: many, isRanked: false });
    expect(await askReelClip(id, { captions: 'beside', isNamed: true })).toMatchObject({ ok: true });
    const slow = await keep({ pieces: many.map((one) => ({ ...one, speed: 0.1 })), isRanked: false });
    expect(await askReelClip(slow, { captions: 'beside', isNamed: true })).toMatchObject({
      ok: false,
      messages: { '': expect.stringContaining('67 minutes') },
    });
  });
  it('shows nobody who is not to be shown, and says what is gone', async () => {
    const id = await keep(reelOf(20));
    await pool().query('update person set born_on = $2 where id = $1', [marek, addDays(await today(), -4000)]);
    expect(await askReelClip(id, { captions: 'beside', isNamed: true })).toMatchObject({ ok: false });
    expect((await loadSavedReel(id))?.problem).toContain('minor');
    await pool().query('delete from round where id = $1', [roundId]);
    expect(await loadSavedReel(id)).toMatchObject({ pieces: [], left: 1 });
    expect(await askReelClip(id, { captions: 'beside', isNamed: true })).toMatchObject({
      ok: false,
      messages: { '': expect.stringContaining('nothing to render') },
    });
  });
});

/** What another program finds in a ZIP. */
const unzip = (bytes: Buffer): Promise<Map<string, Buffer>> =>
  new Promise((resolve, reject) => {
    const files = new Map<string, Buffer>();
    yauzl.fromBuffer(bytes, { lazyEntries: true, validateEntrySizes: true }, (error, zip) => {
      if (error || !zip) return reject(error);
      zip.on('entry', (entry: yauzl.Entry) =>
        zip.openReadStream(entry, (trouble, stream) => {
          if (trouble || !stream) return reject(trouble);
          const parts: Buffer[] = [];
          stream.on('data', (part: Buffer) => parts.push(part));
          stream.on('end', () => {
            files.set(entry.fileName, Buffer.concat(parts));
            zip.readEntry();
          });
        }),
      );
      zip.on('end', () => resolve(files));
      zip.readEntry();
    });
  });

describe('evidence as one file', () => {
  it('is a page with the clips of its entries beside it, and takes words for words', async () => {
    const id = randomUUID();
    const packet = {
      ...{ title: 'The score <b>', lead: '"2 – 0"', findings: ['the board says 4'] },
      entries: [
        {
          atSeconds: 15,
          endSeconds: 18,
          at: '0:05',
          title: 'Ana: sweep, +2',
          words: 'held 3 s <script>alert(1)</script>',
        },
        { atSeconds: 25, endSeconds: 25, at: '0:15', title: 'Marek: pass, not scored', words: '' },
      ],
    };
    expect(await makePacket(roundId, packet, id)).toEqual({ ok: true });
    expect(await lookAtPacket(id)).toMatchObject({ ok: true, isReady: false });
    const [shown, missing] = (await findPacket(pool(), id))!.content.clipIds;
    await doClip(shown!, new AbortController().signal, true);
    await pool().query("update clip set state = 'failed' where id = $1", [missing]);
    expect(await lookAtPacket(id)).toEqual({ ok: true, progress: 1, isReady: true, failed: 1 });
    const answer = (await zipPacket(id, coach.id))!;
    const files = await unzip(Buffer.from(await answer.arrayBuffer()));
    const page = files.get('index.html')!.toString();
    expect([...files.keys()].sort()).toEqual(['clips/01.mp4', 'index.html']);
    expect(page).toContain('held 3 s &lt;script&gt;');
    expect(page).not.toContain('<script');
    expect(page).toContain('src="clips/01.mp4"');
    expect(page).toContain('Not filmed.');
    const clip = path.join(scratch, 'evidence.mp4');
    writeFileSync(clip, files.get('clips/01.mp4')!);
    const probed = await probeFootage(clip);
    expect(probed).toMatchObject({ ok: true, value: { videoCodec: 'h264' } });
    if (probed.ok) expect(Math.abs(probed.value.durationSeconds - 9)).toBeLessThan(0.1);
    // Evidence is not swept away, however long nobody looks at it.
    await pool().query("update clip set used_at = now() - interval '900 days'");
    await sweepClips(30);
    expect(await findClip(pool(), shown!)).toMatchObject({ state: 'ready' });
    expect(await zipPacket(randomUUID(), coach.id)).toBeUndefined();
    expect(await makePacket(roundId, { ...packet, entries: [] }, randomUUID())).toMatchObject({ ok: false });
  });
});

describe('what students are reminded of', () => {
  it('is homework the day before, and a question nobody answered, each once', async () => {
    const day = await today();
    await pool().query("update person set email = 'ana@example.org' where id = $1", [ana]);
    const about = { kind: 'round' as const, roundId, slot: 'a' as const };
    const point = {
      errorId: 'err-half-flat',
      title: 'Flat in half guard',
      text: '',
      cue: '',
      branch: '',
      homework: 'Ten a side.',
      homeworkDue: addDays(day, 1),
      markIds: [],
    };
    const content = {
      good: { text: 'Calm.', markIds: [] },
      points: [point, { ...point, errorId: 'err-flat-under-pin', homeworkDue: addDays(day, 2) }],
      questions: [{ text: 'What did you want?' }],
      remark: '',
    };
    await insertSignedReview(pool(), { id: randomUUID(), about, version: 1, content }, coach.id);
    // Nothing is written to somebody with whom nothing is shared.
    expect(await remindStudents(day)).toBe(0);
    const closingId = (await findClosingId(pool(), about))!;
    const made = await shareReview(closingId, { days: 30, isSent: false }, randomUUID());
    if (!made.ok) throw new Error('refused');
    expect(await remindStudents(day)).toBe(1);
    expect(await remindStudents(day)).toBe(0);
    await pool().query("update signed_review set signed_at = now() - interval '5 days'");
    expect(await remindStudents(day)).toBe(1);
    const folder = path.join(dataFolder(), 'outbox');
    const mails = await Promise.all(
      readdirSync(folder)
        .filter((name) => name.includes('-homework-'))
        .map((name) => simpleParser(readFileSync(path.join(folder, name)))),
    );
    expect(mails.at(-1)?.subject).toBe('Tomorrow: Flat in half guard');
    const token = made.address.split('/s/')[1]!;
    await sayAnswer(token, { closingId, answer: { kind: 'homework', place: 1, isDone: true, said: '' } });
    expect(await remindStudents(addDays(day, 1))).toBe(0);
  });
});
