import { randomUUID } from 'node:crypto';
import { existsSync } from 'node:fs';
import { mkdtemp } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { pool } from '@/data/client';
import { beginSecondReview } from '@/data/reviews/secondReviews';
import type { Round } from '@/data/rounds/rounds';
import { listTalks } from '@/data/rounds/talks';
import { storedPath } from '@/server/footage/storage';
import { removeTalk, saveTrack } from '@/server/rounds/talkActions';
import { emptyDatabase, seedCoach, seedPerson, seedRound } from '../support/seed';

let coach: { id: string; role: 'head' | 'assistant' } | undefined;
vi.mock('@/server/accounts/currentCoach', () => ({
  requireCoach: async () => coach,
  findCurrentCoach: async () => coach,
}));
vi.mock('next/cache', () => ({ revalidatePath: () => undefined }));

let round: Round;
beforeEach(async () => {
  await emptyDatabase();
  process.env.OWL_DATA_FOLDER = await mkdtemp(path.join(tmpdir(), 'owl-talks-'));
  coach = { id: await seedCoach(), role: 'head' };
  round = await seedRound(await seedPerson('Ana'), await seedPerson('Marek'));
});

// The head of an EBML file, as browsers begin what they record. @source RFC 8794
const sound = (bytes = 4000) => Buffer.concat([Buffer.from([0x1a, 0x45, 0xdf, 0xa3]), Buffer.alloc(bytes, 7)]);
const beat = { talkSeconds: 0, mediaSeconds: 12, rate: 1 };
const about = (patch: object = {}) => JSON.stringify({ roundId: round.id, seconds: 3, track: [beat], ...patch });
const context = (talkId: string) => ({ params: Promise.resolve({ talkId }) });
async function put(id: string, body: Buffer | undefined, said: string = about(), headers: Record<string, string> = {}) {
  const { PUT } = await import('@/app/api/talks/[talkId]/route');
  const address = `http://localhost/api/talks/${id}?about=${encodeURIComponent(said)}`;
  const request = new Request(address, { method: 'PUT', body: body && new Uint8Array(body), headers });
  return PUT(request, context(id));
}
async function get(id: string, headers: Record<string, string> = {}) {
  const { GET } = await import('@/app/api/talks/[talkId]/route');
  return GET(new Request(`http://localhost/api/talks/${id}`, { headers }), context(id));
}

describe('a talk over the footage', () => {
  it('is kept with its sound, heard again whole or in part, and sent again it is the same', async () => {
    const id = randomUUID();
    const bytes = sound();
    expect((await put(id, bytes)).status).toBe(200);
    expect((await put(id, sound(9))).status).toBe(200);
    expect(await listTalks(pool(), round.id)).toMatchObject([
      { id, byteLength: bytes.length, seconds: 3, byName: 'ludo' },
    ]);
    expect(Buffer.from(await (await get(id)).arrayBuffer()).equals(bytes)).toBe(true);
    const part = await get(id, { range: 'bytes=0-3' });
    expect([part.status, Buffer.from(await part.arrayBuffer()).toString('hex')]).toEqual([206, '1a45dfa3']);
    expect(await saveTrack(id, [beat, { talkSeconds: 2, mediaSeconds: 14, rate: 0 }])).toEqual({ ok: true });
    expect((await listTalks(pool(), round.id))[0]?.track).toHaveLength(2);
    expect(existsSync(storedPath(`talk-${id}.webm`))).toBe(true);
    expect(await removeTalk(id)).toEqual({ ok: true });
    expect(existsSync(storedPath(`talk-${id}.webm`))).toBe(false);
    expect((await get(id)).status).toBe(404);
    expect(await removeTalk(id)).toMatchObject({ ok: false });
  });

  it('is refused where it is none, and nothing of it stays', async () => {
    const refused = async (answer: Promise<Response>) => {
      const response = await answer;
      return [response.status, ((await response.json()) as { code: string }).code];
    };
    const id = randomUUID();
    expect(await refused(put(id, Buffer.from('<html>no sound</html>')))).toEqual([415, 'no-sound']);
    expect(await refused(put(id, undefined))).toEqual([400, 'empty']);
    expect(await refused(put(id, sound(), 'not json'))).toEqual([400, 'not-understood']);
    expect(await refused(put(id, sound(), about({ track: [] })))).toEqual([400, 'not-understood']);
    expect(await refused(put(id, sound(), about({ seconds: -1 })))).toEqual([400, 'not-understood']);
    expect(await refused(put('no-id', sound()))).toEqual([400, 'not-understood']);
    expect(await refused(put(id, sound(), about({ roundId: randomUUID() })))).toEqual([404, 'no-such-round']);
    expect(await refused(put(id, sound(), about(), { 'sec-fetch-site': 'cross-site' }))).toEqual([403, 'other-origin']);
    coach = undefined;
    expect(await refused(put(id, sound()))).toEqual([401, 'signed-out']);
    expect((await get(id)).status).toBe(401);
    expect(await listTalks(pool(), round.id)).toEqual([]);
    expect(existsSync(`${storedPath(`talk-${id}.webm`)}.part`)).toBe(false);
  });

  it('is not heard by who reviews the round blind', async () => {
    const id = randomUUID();
    await put(id, sound());
    const other = await seedCoach('thea');
    coach = { id: other, role: 'assistant' };
    expect((await get(id)).status).toBe(200);
    await beginSecondReview(pool(), randomUUID(), round.id, other);
    expect((await get(id)).status).toBe(404);
  });
});
