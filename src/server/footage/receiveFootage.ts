import { createHash, randomUUID } from 'node:crypto';
import { mkdir, open, rename, rm, stat, statfs } from 'node:fs/promises';
import path from 'node:path';
import { fail, type Result, succeed } from '@/core/kernel';
import { pool } from '@/data/client';
import { type Footage, findFootage, findFootageByDigest, insertFootage } from '@/data/footage/footage';
import { footageFolder, mostUploadBytes } from '../kernel/environment';
import { type ProbeProblem, probeFootage } from './probe';

export type UploadProblem =
  | ProbeProblem
  | { readonly code: 'empty' }
  | { readonly code: 'too-large'; readonly mostBytes: number }
  | { readonly code: 'cut-short'; readonly receivedBytes: number; readonly declaredBytes: number }
  | { readonly code: 'disk-full' };

export interface Received {
  readonly footage: Footage;
  /** The same bytes were there before. */
  readonly already: boolean;
}

/** A name that can be shown and saved: no folders, no control or direction characters, at most 120 characters. */
export function safeFileName(raw: string): string {
  const last = raw.split(/[\\/]/).pop() ?? '';
  const clean = last
    .replace(/[\p{Cc}\p{Cf}]/gu, '')
    .replace(/[<>:"|?*]/g, '_')
    .trim();
  return clean.replace(/^\.+/, '').slice(-120) || 'footage';
}

const extensionOf = (name: string): string => /\.([a-z0-9]{1,5})$/i.exec(name)?.[1]?.toLowerCase() ?? 'bin';

/** Takes one file as it streams in: to disk with its digest, then looked at, then recorded. Nothing is kept of a refused one. */
export async function receiveFootage(
  body: ReadableStream<Uint8Array>,
  rawName: string,
  declaredBytes: number | undefined,
  coachId: string | undefined,
): Promise<Result<Received, UploadProblem>> {
  const originalName = safeFileName(rawName);
  const mostBytes = mostUploadBytes();
  if (declaredBytes === 0) return fail({ code: 'empty' });
  if (declaredBytes !== undefined && declaredBytes > mostBytes) return fail({ code: 'too-large', mostBytes });
  const folder = footageFolder();
  await mkdir(folder, { recursive: true });
  if (declaredBytes !== undefined && (await freeBytes(folder)) < declaredBytes + 64 * 1024 * 1024)
    return fail({ code: 'disk-full' });
  const id = randomUUID();
  const partial = path.join(/*turbopackIgnore: true*/ folder, `${id}.part`);
  try {
    const written = await writeStream(body, partial, mostBytes);
    if (!written.ok) return written;
    const { bytes, sha256 } = written.value;
    if (bytes === 0) return fail({ code: 'empty' });
    if (declaredBytes !== undefined && bytes !== declaredBytes)
      return fail({ code: 'cut-short', receivedBytes: bytes, declaredBytes });
    const known = await findFootageByDigest(pool(), sha256);
    if (known) return succeed({ footage: known, already: true });
    return await record(id, partial, originalName, bytes, sha256, coachId);
  } finally {
    await rm(partial, { force: true });
  }
}

async function record(
  id: string,
  partial: string,
  originalName: string,
  byteLength: number,
  sha256: string,
  coachId: string | undefined,
) {
  const facts = await probeFootage(partial);
  if (!facts.ok) return facts;
  const storageName = `${id}.${extensionOf(originalName)}`;
  await rename(partial, path.join(/*turbopackIgnore: true*/ footageFolder(), storageName));
  const inserted = await insertFootage(
    pool(),
    { id, originalName, storageName, byteLength, sha256, ...facts.value },
    coachId,
  );
  // Somebody sent the same bytes at the same moment: theirs stays.
  if (inserted === 0) await rm(path.join(/*turbopackIgnore: true*/ footageFolder(), storageName), { force: true });
  const footage = inserted === 0 ? await findFootageByDigest(pool(), sha256) : await findFootage(pool(), id);
  if (!footage) throw new Error('receiveFootage: a recorded file must be found again');
  return succeed({ footage, already: inserted === 0 });
}

async function writeStream(
  body: ReadableStream<Uint8Array>,
  file: string,
  mostBytes: number,
): Promise<Result<{ bytes: number; sha256: string }, UploadProblem>> {
  const handle = await open(/*turbopackIgnore: true*/ file, 'wx');
  const digest = createHash('sha256');
  let bytes = 0;
  try {
    for await (const chunk of body as unknown as AsyncIterable<Uint8Array>) {
      bytes += chunk.byteLength;
      if (bytes > mostBytes) return fail({ code: 'too-large', mostBytes });
      digest.update(chunk);
      await handle.write(chunk);
    }
    await handle.sync();
    return succeed({ bytes, sha256: digest.digest('hex') });
  } catch (error) {
    if ((error as NodeJS.ErrnoException).code === 'ENOSPC') return fail({ code: 'disk-full' });
    throw error;
  } finally {
    await handle.close();
  }
}

async function freeBytes(folder: string): Promise<number> {
  const { bavail, bsize } = await statfs(folder);
  return bavail * bsize;
}

/** Size of a stored file on disk; undefined when it is gone. */
export async function storedSize(storageName: string): Promise<number | undefined> {
  const found = await stat(path.join(/*turbopackIgnore: true*/ footageFolder(), storageName)).catch(() => undefined);
  return found?.size;
}
