import { mkdir, open, rm } from 'node:fs/promises';
import path from 'node:path';
import { z } from 'zod';
import { pool } from '@/data/client';
import { findRound } from '@/data/rounds/rounds';
import { findTalk, insertTalk, type Talk, trackShape } from '@/data/rounds/talks';
import { settleFile } from '../footage/durable';
import { freeBytes, storedPath } from '../footage/storage';
import { footageFolder, reserveBytes } from '../kernel/environment';

/** Ten hours of speech at 16 kB a second have less. @source own decision, by what browsers record (Opus at about 6 to 16 kB a second) */
export const MOST_TALK_BYTES = 256 * 1024 * 1024;

export const talkAbout = z.object({
  roundId: z.uuid(),
  seconds: z.number().positive().max(36_000),
  track: trackShape,
});

export type TalkRefusal = 'no-such-round' | 'too-large' | 'empty' | 'no-room';

/** The first bytes of a WebM or Ogg file: what browsers record. @source RFC 8794 (EBML header), RFC 3533 ("OggS"), ISO/IEC 14496-12 ("ftyp") */
const isSound = (head: Uint8Array): boolean =>
  (head[0] === 0x1a && head[1] === 0x45 && head[2] === 0xdf && head[3] === 0xa3) ||
  Buffer.from(head.subarray(0, 4)).toString('latin1') === 'OggS' ||
  Buffer.from(head.subarray(4, 8)).toString('latin1') === 'ftyp';

/** Keeps what was said over the footage of a round: the sound is on the disk before anything speaks of it. Sent again, it is the same talk. */
export async function keepTalk(
  id: string,
  about: z.output<typeof talkAbout>,
  coachId: string,
  body: ReadableStream<Uint8Array> | null,
): Promise<{ readonly talk: Talk } | { readonly refused: TalkRefusal | 'no-sound' }> {
  const known = await findTalk(pool(), id);
  if (known) return { talk: known };
  if (!(await findRound(pool(), about.roundId))) return { refused: 'no-such-round' };
  await mkdir(/*turbopackIgnore: true*/ footageFolder(), { recursive: true });
  if ((await freeBytes(footageFolder())) < reserveBytes() + MOST_TALK_BYTES) return { refused: 'no-room' };
  const storageName = `talk-${id}.webm`;
  const target = storedPath(storageName);
  const partial = path.join(/*turbopackIgnore: true*/ footageFolder(), `${storageName}.part`);
  const written = await writeSound(partial, body);
  if (typeof written === 'string') {
    await rm(/*turbopackIgnore: true*/ partial, { force: true });
    return { refused: written };
  }
  await settleFile(partial, target);
  await insertTalk(pool(), { id, ...about, storageName, byteLength: written }, coachId);
  const talk = await findTalk(pool(), id);
  if (!talk) throw new Error('keepTalk: the talk that was just kept is not there');
  return { talk };
}

/** Writes the bytes as they come; gives how many, or why they are refused. */
async function writeSound(
  file: string,
  body: ReadableStream<Uint8Array> | null,
): Promise<number | 'too-large' | 'empty' | 'no-sound'> {
  if (!body) return 'empty';
  const handle = await open(/*turbopackIgnore: true*/ file, 'w');
  let bytes = 0;
  try {
    for await (const piece of body as unknown as AsyncIterable<Uint8Array>) {
      if (bytes === 0 && !isSound(piece)) return 'no-sound';
      bytes += piece.byteLength;
      if (bytes > MOST_TALK_BYTES) return 'too-large';
      await handle.write(piece);
    }
  } finally {
    await handle.close();
  }
  return bytes > 0 ? bytes : 'empty';
}
