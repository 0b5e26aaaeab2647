import { randomBytes, randomUUID } from 'node:crypto';
import { existsSync, mkdirSync, readdirSync, readFileSync, rmSync, statSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import jsQR from 'jsqr';
import { type AddressObject, simpleParser } from 'mailparser';
import { create as createQr } from 'qrcode';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { addDays } from '@/core/kernel';
import type { Mark } from '@/core/round';
import { pool } from '@/data/client';
import { listMarks } from '@/data/marks/marks';
import { saveAcademy } from '@/data/people/academy';
import { insertConsent } from '@/data/people/consents';
import { findClosingId } from '@/data/reviews/closings';
import { insertSignedReview } from '@/data/reviews/signedReviews';
import { findLink, listLinksOfClosing } from '@/data/sharing/links';
import { storedPath } from '@/server/footage/storage';
import { today } from '@/server/kernel/academyTime';
import { dataFolder, footageFolder } from '@/server/kernel/environment';
import { qrOf } from '@/server/kernel/qrOf';
import { applyChanges } from '@/server/marks/applyChanges';
import { placeOfRound } from '@/server/marks/marksPlace';
import { recordConsent, withdrawRecordedConsent } from '@/server/people/consentActions';
import { signReview } from '@/server/reviews/closingActions';
import { takeStudentAnswer } from '@/server/sharing/answerActions';
import { loadAnswers } from '@/server/sharing/loadAnswers';
import { openLink } from '@/server/sharing/openLink';
import { closeLink, shareOwnPage, shareReview } from '@/server/sharing/shareActions';
import { serveSharedClip } from '@/server/sharing/sharedClip';
import { loadSharedReview } from '@/server/sharing/sharedReview';
import { loadSharedStudent } from '@/server/sharing/sharedStudent';
import { noteLooked, sayAnswer } from '@/server/sharing/studentActions';
import { emptyDatabase, seedCoach, seedFilm, seedPerson, seedRound } from '../support/seed';

let coach: { id: string; displayName: string; role: string };
vi.mock('@/server/accounts/currentCoach', () => ({ requireCoach: async () => coach }));
vi.mock('next/cache', () => ({ revalidatePath: () => undefined }));
vi.mock('next/headers', () => ({ headers: async () => new Headers({ host: 'academy.example:3000' }) }));

let ana: string;
let marek: string;
let roundId: string;
let marks: readonly Mark[];

const content = (more: object = {}) => ({
  good: { text: 'Marek could not pass for a minute.', markIds: [marks[0]!.id] },
  points: [
    {
      ...{
        errorId: 'err-half-flat',
        title: 'Flat in half guard',
        text: 'Marek Osei passed twice.',
        cue: 'On your side.',
      },
      ...{ branch: '', homework: 'Ten a side.', homeworkDue: '2026-12-20', markIds: [marks[1]!.id] },
    },
  ],
  questions: [
    {
      text: 'What did you want there?',
      markId: marks[2]!.id,
      choices: [
        { text: 'armbar', conceptId: 'armbar' },
        { text: 'triangle', conceptId: 'triangle' },
      ],
    },
    { text: 'Were you tired?' },
  ],
  remark: '',
  ...more,
});

beforeEach(async () => {
  await emptyDatabase();
  coach = { id: await seedCoach(), displayName: 'Ludo', role: 'head' };
  [ana, marek] = [await seedPerson('Ana Velden'), await seedPerson('Marek Osei')];
  const film = await seedFilm();
  const round = await seedRound(ana, marek, '2026-11-20', film);
  roundId = round.id;
  const made: Mark[] = [
    { kind: 'strength', id: randomUUID(), atSeconds: 40, strengthId: 'good-underhook-won', athlete: 'a' },
    { kind: 'error', id: randomUUID(), atSeconds: 60, errorId: 'err-half-flat', athlete: 'a', ledTo: [] },
    {
      kind: 'attempt',
      id: randomUUID(),
      atSeconds: 90,
      techniqueId: 'armbar',
      athlete: 'a',
      stage: 'entry',
      unsure: true,
      orElse: 'triangle',
    },
  ];
  await applyChanges(
    pool(),
    placeOfRound(round),
    made.map((mark) => ({ changeId: randomUUID(), mark, removed: false })),
    coach.id,
  );
  marks = made;
});

async function sign(more: object = {}, id = roundId, slot: 'a' | 'b' = 'a'): Promise<string> {
  const about = { kind: 'round' as const, roundId: id, slot };
  await insertSignedReview(pool(), { id: randomUUID(), about, version: 1, content: content(more) }, coach.id);
  return (await findClosingId(pool(), about))!;
}
async function share(closingId: string, isSent = false, days = 30): Promise<string> {
  const made = await shareReview(closingId, { days, isSent }, randomUUID());
  if (!made.ok) throw new Error(JSON.stringify(made.messages));
  return made.address.split('/s/')[1]!;
}
/** As if its clips had been rendered. */
async function render(closingId: string): Promise<string[]> {
  const { rows } = await pool().query(
    'select k.clip_id from review_clip k join signed_review s on s.id = k.review_id where s.closing_id = $1 order by k.place',
    [closingId],
  );
  mkdirSync(footageFolder(), { recursive: true });
  for (const { clip_id: id } of rows) {
    for (const name of [`${id}.clip.mp4`, `${id}.cover.jpg`]) writeFileSync(storedPath(name), randomBytes(5000));
    await pool().query(
      "update clip set state = 'ready', storage_name = $2, cover_name = $3, byte_length = 5000, seconds = 9, captions = 'WEBVTT\n' where id = $1",
      [id, `${id}.clip.mp4`, `${id}.cover.jpg`],
    );
  }
  return rows.map((row) => row.clip_id);
}
const film = (token: string, closingId: string, clipId: string, range?: string) =>
  serveSharedClip(token, closingId, clipId, 'film', new Request('http://x/', { headers: range ? { range } : {} }));
const consent = (personId: string, more: object = {}) => ({
  ...{
    id: randomUUID(),
    personId,
    purpose: 'show' as const,
    givenBy: 'somebody',
    byGuardian: false,
    givenOn: '2026-01-05',
    note: '',
  },
  ...more,
});

describe('a link to a review', () => {
  it('opens the signed version, its clips and nothing else, under a token of which only a hash is kept', async () => {
    const closingId = await sign();
    const token = await share(closingId);
    expect(token).toHaveLength(43);
    const { rows } = await pool().query('select * from share_link');
    expect(JSON.stringify(rows)).not.toContain(token);
    const link = (await openLink(token))!;
    const review = (await loadSharedReview(link))!;
    expect(review).toMatchObject({ firstName: 'Ana', version: 1, points: [{ place: 0, clip: { isReady: false } }] });
    // The partner did not agree to be named.
    expect(JSON.stringify(review)).not.toMatch(/Marek|Osei/);
    expect(review.good.text).toBe('your partner could not pass for a minute.');
    const clips = await render(closingId);
    expect(clips).toHaveLength(2);
    expect((await film(token, closingId, clips[0]!)).status).toBe(200);
    expect((await film(token, closingId, clips[0]!, 'bytes=100-199')).status).toBe(206);
    expect((await film(token, closingId, randomUUID())).status).toBe(404);
    expect((await film(token, randomUUID(), clips[0]!)).status).toBe(404);
    expect((await film(token, closingId, clips[0]!, 'bytes=6000-7000')).status).toBe(416);
  });
  it('is opened by no other token: random ones, near ones, hostile ones', async () => {
    const closingId = await sign();
    const token = await share(closingId);
    const letters = 'ABCDEFGHIJKLMNOPQRSTUVWXYZabcdefghijklmnopqrstuvwxyz0123456789-_';
    const near = Array.from({ length: 5000 }, (_, at) => {
      const place = at % token.length;
      const other = letters[(letters.indexOf(token[place]!) + 1 + (at % 63)) % 64];
      return `${token.slice(0, place)}${other}${token.slice(place + 1)}`;
    }).filter((one) => Buffer.from(one, 'base64url').compare(Buffer.from(token, 'base64url')) !== 0);
    const random = Array.from({ length: 5000 }, () => randomBytes(32).toString('base64url'));
    const hostile = [
      '',
      ' ',
      token.slice(0, -1),
      `${token}=`,
      `${token} `,
      token.toLowerCase(),
      '../..',
      "' or 1=1 --",
      '\u0000',
      'x'.repeat(100_000),
    ];
    expect(near.length + random.length).toBeGreaterThan(9000);
    const all = [...near, ...random, ...hostile];
    for (let at = 0; at < all.length; at += 8)
      for (const found of await Promise.all(all.slice(at, at + 8).map(openLink))) expect(found).toBeUndefined();
    expect(await openLink(token)).toBeDefined();
  });
  it('closes when it is revoked, when it expires, and when its round becomes somebody else’s', async () => {
    const closingId = await sign();
    const [one, other] = [await share(closingId), await share(closingId, false, 1)];
    const [clip] = await render(closingId);
    const [newest] = await listLinksOfClosing(pool(), closingId);
    expect(await closeLink(newest!.id)).toEqual({ ok: true });
    const open = async () => [await openLink(one), await openLink(other)].filter(Boolean).length;
    expect(await open()).toBe(1);
    await pool().query("update share_link set expires_at = now() - interval '1 second'");
    expect(await open()).toBe(0);
    expect((await film(one, closingId, clip!)).status).toBe(404);
    await pool().query("update share_link set expires_at = now() + interval '1 day', revoked_at = null");
    expect(await open()).toBe(2);
    const somebody = await seedPerson('Somebody Else');
    await pool().query("update round_athlete set person_id = $1 where round_id = $2 and slot = 'a'", [
      somebody,
      roundId,
    ]);
    expect(await loadSharedReview((await openLink(one))!)).toBeUndefined();
    expect((await film(one, closingId, clip!)).status).toBe(404);
  });
  it('reaches no review and no clip of another student, nor of the partner of the same round', async () => {
    const closingId = await sign();
    const theirs = await sign({}, roundId, 'b');
    const token = await share(closingId);
    await share(theirs);
    await pool().query(
      'delete from review_clip where review_id in (select id from signed_review where closing_id = $1)',
      [closingId],
    );
    const [clip] = await render(theirs);
    expect((await film(token, closingId, clip!)).status).toBe(404);
    expect((await film(token, theirs, clip!)).status).toBe(404);
    expect(await loadSharedReview((await openLink(token))!, theirs)).toBeUndefined();
    expect(await sayAnswer(token, { closingId: theirs, answer: { kind: 'feeling', said: 'hm' } })).toMatchObject({
      ok: false,
    });
  });
  it('shows the version that was signed until the next is signed, and prepares that one’s clips', async () => {
    const closingId = await sign();
    const token = await share(closingId);
    const [, before] = await render(closingId);
    const about = { kind: 'round' as const, roundId, slot: 'a' as const };
    const next = content({ good: { text: 'Another thing.', markIds: [marks[1]!.id] }, points: [] });
    const input = { ...next, questions: [] };
    expect(await signReview(about, 1, input, randomUUID())).toMatchObject({ ok: true, version: 2 });
    const review = (await loadSharedReview((await openLink(token))!))!;
    expect(review).toMatchObject({ version: 2, good: { text: 'Another thing.', clip: { isReady: true } } });
    expect((await film(token, closingId, before!)).status).toBe(404);
  });
  it('counts as opened only by who does something on it', async () => {
    const closingId = await sign();
    const token = await share(closingId);
    await loadSharedReview((await openLink(token))!);
    const [link] = await listLinksOfClosing(pool(), closingId);
    expect(link?.openedCount).toBe(0);
    expect(await noteLooked(token, {})).toEqual({ ok: true });
    expect((await findLink(pool(), link!.id))?.openedCount).toBe(1);
    expect(await noteLooked('made-up', {})).toMatchObject({ ok: false });
  });
  it('is a picture that a phone reads', async () => {
    const address = `https://academy.example/s/${randomBytes(32).toString('base64url')}`;
    expect(await qrOf(address)).toContain('<svg');
    const { modules } = createQr(address, { errorCorrectionLevel: 'M' });
    const [edge, scale] = [4, 4];
    const side = (modules.size + 2 * edge) * scale;
    const pixels = new Uint8ClampedArray(side * side * 4).fill(255);
    for (let y = 0; y < side; y += 1)
      for (let x = 0; x < side; x += 1) {
        const [column, row] = [Math.floor(x / scale) - edge, Math.floor(y / scale) - edge];
        const isDark =
          column >= 0 && row >= 0 && column < modules.size && row < modules.size && modules.get(row, column);
        if (isDark) pixels.fill(0, (y * side + x) * 4, (y * side + x) * 4 + 3);
      }
    expect(jsQR(pixels, side, side)?.data).toBe(address);
  });
});

describe('consent', () => {
  it('of a guardian comes before any link or clip with a minor, partner or not, child’s belt or birthday', async () => {
    const closingId = await sign();
    const day = await today();
    await pool().query('update person set born_on = $2 where id = $1', [marek, addDays(day, -15 * 365)]);
    expect(await shareReview(closingId, { days: 30, isSent: false }, randomUUID())).toMatchObject({ ok: false });
    expect((await pool().query('select count(*)::int as count from clip')).rows[0].count).toBe(0);
    await pool().query("update person set born_on = null, belt = 'yellow' where id = $1", [marek]);
    const refused = await shareReview(closingId, { days: 30, isSent: false }, randomUUID());
    expect(refused).toMatchObject({ ok: false, messages: { '': expect.stringContaining('no guardian’s consent') } });
    await insertConsent(pool(), consent(marek), coach.id);
    expect(await shareReview(closingId, { days: 30, isSent: false }, randomUUID())).toMatchObject({ ok: false });
    await insertConsent(pool(), consent(marek, { byGuardian: true, untilDay: day }), coach.id);
    const token = await share(closingId);
    const [clip] = await render(closingId);
    expect((await film(token, closingId, clip!)).status).toBe(200);
    // It ends: the film ends with it, in the middle.
    await pool().query('update consent set until_day = $1 where by_guardian', [addDays(day, -1)]);
    expect((await film(token, closingId, clip!, 'bytes=2000-')).status).toBe(404);
    expect(await loadSharedReview((await openLink(token))!)).toBeUndefined();
  });
  it('withdrawn closes every link to footage with somebody at once, and giving it anew opens none of them', async () => {
    const closingId = await sign();
    const token = await share(closingId);
    const [clip] = await render(closingId);
    const said = {
      personId: marek,
      purposes: ['film', 'show'] as ('film' | 'show')[],
      givenBy: 'Marek',
      byGuardian: false,
      givenOn: '2026-01-05',
      untilDay: '',
      note: '',
    };
    expect(await recordConsent(said, [randomUUID(), randomUUID()])).toEqual({ ok: true });
    const { rows } = await pool().query("select id from consent where purpose = 'show'");
    expect((await film(token, closingId, clip!)).status).toBe(200);
    expect(await withdrawRecordedConsent(rows[0].id)).toEqual({ ok: true, closed: 1 });
    expect((await film(token, closingId, clip!, 'bytes=2000-')).status).toBe(404);
    expect(await recordConsent(said, [randomUUID(), randomUUID()])).toEqual({ ok: true });
    expect(await openLink(token)).toBeUndefined();
    expect(await share(closingId)).toHaveLength(43);
  });
  it('to be named is what names a partner', async () => {
    const closingId = await sign();
    await insertConsent(pool(), consent(marek, { purpose: 'name' }), coach.id);
    const review = await loadSharedReview((await openLink(await share(closingId)))!);
    expect(review?.good.text).toBe('Marek could not pass for a minute.');
  });
  it('is refused with words where it says nothing, or lies in the future', async () => {
    const given = {
      personId: ana,
      purposes: ['film'] as 'film'[],
      givenBy: 'Ana',
      byGuardian: false,
      givenOn: '2026-01-05',
      untilDay: '',
      note: '',
    };
    const ids = [randomUUID()];
    for (const bad of [
      { ...given, purposes: [] },
      { ...given, givenBy: '  ' },
      { ...given, givenOn: '2026-02-30' },
      { ...given, givenOn: '2999-01-01' },
      { ...given, untilDay: '2025-01-01' },
      { ...given, personId: randomUUID() },
    ])
      expect(await recordConsent(bad, ids), JSON.stringify(bad)).toMatchObject({ ok: false });
    expect(await recordConsent(given, ids)).toEqual({ ok: true });
    expect(await recordConsent(given, ids)).toEqual({ ok: true });
    expect((await pool().query('select count(*)::int as count from consent')).rows[0].count).toBe(1);
  });
});

describe('answers', () => {
  it('come to the coach, and settle the mark that was asked about in the student’s words', async () => {
    const closingId = await sign();
    const token = await share(closingId);
    const say = (answer: object) => sayAnswer(token, { closingId, answer: answer as never });
    expect(await say({ kind: 'question', place: 0, choice: 1, said: 'from the start' })).toEqual({ ok: true });
    expect(await say({ kind: 'homework', place: 0, isDone: true, said: 'twice' })).toEqual({ ok: true });
    expect(await say({ kind: 'feeling', said: 'tired' })).toEqual({ ok: true });
    const waiting = await loadAnswers(undefined);
    expect(waiting.rows.map((one) => [one.kind, one.words, one.becomes])).toEqual([
      ['question', 'triangle, “from the start”', 'triangle'],
      ['homework', 'done, “twice”', undefined],
      ['feeling', '“tired”', undefined],
    ]);
    const [first, second, third] = waiting.rows;
    expect(await takeStudentAnswer(first!.id, 'settle')).toEqual({ ok: true });
    const mark = (await listMarks(pool(), roundId)).find((one) => one.id === marks[2]!.id)!.mark;
    expect(mark).toMatchObject({ techniqueId: 'triangle', note: 'Ana: triangle, “from the start”' });
    expect(mark).not.toHaveProperty('unsure');
    expect(mark).not.toHaveProperty('orElse');
    expect(await takeStudentAnswer(first!.id, 'settle')).toMatchObject({ ok: false });
    expect(await say({ kind: 'question', place: 0, choice: 0, said: '' })).toMatchObject({ ok: false });
    expect(await takeStudentAnswer(second!.id, 'settle')).toMatchObject({ ok: false });
    expect(await takeStudentAnswer(second!.id, 'read')).toEqual({ ok: true });
    // Homework can be ticked and unticked for as long as it lasts.
    expect(await say({ kind: 'homework', place: 0, isDone: false, said: '' })).toEqual({ ok: true });
    expect(await takeStudentAnswer(third!.id, 'read')).toEqual({ ok: true });
    expect((await loadAnswers(undefined)).rows).toEqual([]);
  });
  it('settle the mark under the one name that they say in their own words', async () => {
    const closingId = await sign();
    const token = await share(closingId);
    const said = 'I went for the triangle from the start';
    await sayAnswer(token, { closingId, answer: { kind: 'question', place: 0, said } });
    const [waiting] = (await loadAnswers(undefined)).rows;
    expect(waiting).toMatchObject({ words: `“${said}”`, becomes: 'triangle' });
    expect(await takeStudentAnswer(waiting!.id, 'settle')).toEqual({ ok: true });
    const mark = (await listMarks(pool(), roundId)).find((one) => one.id === marks[2]!.id)!.mark;
    expect(mark).toMatchObject({ techniqueId: 'triangle', note: `Ana: “${said}”` });
    expect(mark).not.toHaveProperty('unsure');
  });
  it('are taken as they are written, and refused where nothing is asked', async () => {
    const closingId = await sign();
    const token = await share(closingId);
    const say = (answer: object) => sayAnswer(token, { closingId, answer: answer as never });
    for (const said of [
      '<script>alert(1)</script>',
      'שלום ‮abc',
      '😀'.repeat(500),
      "'; drop table mark; --",
      'x'.repeat(2000),
    ])
      expect(await say({ kind: 'question', place: 1, said }), said.slice(0, 20)).toEqual({ ok: true });
    const { rows } = await loadAnswers(undefined);
    expect(rows).toHaveLength(1);
    for (const bad of [
      { kind: 'question', place: 1, said: 'x'.repeat(10_000) },
      { kind: 'question', place: 1, said: '  ' },
      { kind: 'question', place: 9, said: 'hm' },
      { kind: 'question', place: 0, choice: 4, said: '' },
      { kind: 'question', place: 1, choice: 0, said: '' },
      { kind: 'homework', place: 2, isDone: true, said: '' },
      { kind: 'feeling', said: '' },
      { kind: 'feeling', said: 'a\u0000b' },
      { kind: 'nonsense' },
      null,
    ])
      expect(await say(bad as object), JSON.stringify(bad)?.slice(0, 60)).toMatchObject({ ok: false });
  });
  it('say so when the mark is gone, and when another coach was faster', async () => {
    const closingId = await sign();
    const token = await share(closingId);
    await sayAnswer(token, { closingId, answer: { kind: 'question', place: 0, said: 'the armbar' } });
    await pool().query('update mark set deleted_at = now() where id = $1', [marks[2]!.id]);
    const [waiting] = (await loadAnswers(undefined)).rows;
    expect(waiting).not.toHaveProperty('mark.markId');
    expect(await takeStudentAnswer(waiting!.id, 'settle')).toMatchObject({ ok: false });
    expect(await takeStudentAnswer(waiting!.id, 'read')).toEqual({ ok: true });
    expect(await takeStudentAnswer(randomUUID(), 'read')).toMatchObject({ ok: false });
  });
});

describe('a student’s own page', () => {
  it('is given only where the academy does, and shows what is shared', async () => {
    const closingId = await sign();
    expect(await shareOwnPage(ana, randomUUID())).toMatchObject({ ok: false });
    await saveAcademy(pool(), {
      name: 'The loft',
      liveWeightGapRatio: 0.2,
      minorsWithAdults: false,
      studentPages: true,
    });
    const made = await shareOwnPage(ana, randomUUID());
    if (!made.ok) throw new Error('refused');
    const link = (await openLink(made.address.split('/s/')[1]!))!;
    expect((await loadSharedStudent(link))?.reviews).toEqual([]);
    expect(await loadSharedReview(link, closingId)).toBeUndefined();
    await share(closingId);
    expect((await loadSharedStudent(link))?.reviews).toMatchObject([
      { closingId, points: [{ homework: 'Ten a side.' }] },
    ]);
    expect(await loadSharedReview(link, closingId)).toBeDefined();
    const [shared] = await listLinksOfClosing(pool(), closingId);
    await closeLink(shared!.id);
    expect((await loadSharedStudent(link))?.reviews).toEqual([]);
    await saveAcademy(pool(), {
      name: 'The loft',
      liveWeightGapRatio: 0.2,
      minorsWithAdults: false,
      studentPages: false,
    });
    expect(await loadSharedStudent(link)).toBeUndefined();
  });
});

describe('the outbox', () => {
  it('holds each message once, as a file that mail programs read, for nobody else’s eyes', async () => {
    const closingId = await sign();
    expect(await shareReview(closingId, { days: 30, isSent: true }, randomUUID())).toMatchObject({ ok: false });
    await pool().query("update person set name = 'Ana Łukić', email = 'ana@example.org' where id = $1", [ana]);
    const token = await share(closingId, true);
    const folder = path.join(dataFolder(), 'outbox');
    const [file] = readdirSync(folder).filter((name) => name.endsWith('.eml'));
    expect(readdirSync(folder).filter((name) => name.endsWith('.part'))).toEqual([]);
    const full = path.join(folder, file!);
    expect(statSync(full).mode & 0o077).toBe(0);
    const raw = readFileSync(full);
    // RFC 5322, 2.1.1: lines end in CR LF and have at most 998 characters.
    for (const line of raw.toString('latin1').split('\r\n')) {
      expect(line).not.toContain('\n');
      expect(line.length).toBeLessThanOrEqual(998);
    }
    const message = await simpleParser(raw);
    expect((message.to as AddressObject).value).toEqual([{ name: 'Ana Łukić', address: 'ana@example.org' }]);
    expect(message.subject).toBe('Your review, Ana');
    expect(message.messageId).toMatch(/^<.+@.+>$/);
    expect(message.text).toContain(`http://academy.example:3000/s/${token}`);
    const { rows } = await pool().query('select * from message');
    expect(rows).toHaveLength(1);
    expect(JSON.stringify(rows)).not.toContain(token);
    expect(existsSync(full)).toBe(true);
  });
  it('leaves no open link behind that nobody was told of, when the message cannot be written', async () => {
    const closingId = await sign();
    await pool().query("update person set email = 'ana@example.org' where id = $1", [ana]);
    const folder = path.join(dataFolder(), 'outbox');
    rmSync(folder, { recursive: true, force: true });
    writeFileSync(folder, 'no folder');
    expect(await shareReview(closingId, { days: 30, isSent: true }, randomUUID())).toMatchObject({ ok: false });
    rmSync(folder);
    expect((await listLinksOfClosing(pool(), closingId)).map((one) => one.isOpen)).toEqual([false]);
    expect((await pool().query('select 1 from message')).rowCount).toBe(0);
    expect(await share(closingId, true)).toHaveLength(43);
  });
});
