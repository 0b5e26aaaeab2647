import { createHash } from 'node:crypto';
import { createReadStream } from 'node:fs';
import { mkdir, open, rm, stat, statfs } from 'node:fs/promises';
import path from 'node:path';
import { dataFolder, footageFolder } from '../kernel/environment';

const under = (...parts: readonly string[]): string => path.join(/*turbopackIgnore: true*/ ...parts);

export const storedPath = (storageName: string): string => under(footageFolder(), storageName);

/** Where files lie while they come in. */
export const arrivingFolder = (): string => under(dataFolder(), 'arriving');
export const arrivingPath = (arrivalId: string): string => under(arrivingFolder(), arrivalId);

/** Throws away what has come of an upload: its bytes, and the record of the upload protocol beside them. */
export async function removeArriving(arrivalId: string): Promise<void> {
  for (const file of [arrivingPath(arrivalId), `${arrivingPath(arrivalId)}.json`])
    await rm(/*turbopackIgnore: true*/ file, { force: true });
}

/** Where cameras lay their files. */
export const inboxFolder = (): string => process.env.OWL_INBOX_FOLDER ?? under(dataFolder(), 'inbox');

/** Where camera files go that are no footage: the camera holds no other copy of them. */
export const refusedFolder = (): string => under(dataFolder(), 'refused');

/** Size of a stored file on disk; undefined when it is gone. */
export async function storedSize(storageName: string): Promise<number | undefined> {
  return sizeOf(storedPath(storageName));
}

export async function sizeOf(file: string): Promise<number | undefined> {
  const found = await stat(/*turbopackIgnore: true*/ file).catch(() => undefined);
  return found?.size;
}

/** Bytes that can still be written to the folder's disk. */
export async function freeBytes(folder: string): Promise<number> {
  await mkdir(/*turbopackIgnore: true*/ folder, { recursive: true });
  const { bavail, bsize } = await statfs(/*turbopackIgnore: true*/ folder);
  return bavail * bsize;
}

/** SHA-256 of a file; `tell` hears the share that is read. */
export async function digestOfFile(file: string, tell: (ratio: number) => void = () => undefined): Promise<string> {
  const size = (await sizeOf(file)) ?? 0;
  const digest = createHash('sha256');
  let read = 0;
  for await (const chunk of createReadStream(/*turbopackIgnore: true*/ file, { highWaterMark: 1024 * 1024 })) {
    digest.update(chunk as Buffer);
    read += (chunk as Buffer).length;
    tell(size > 0 ? read / size : 1);
  }
  return digest.digest('hex');
}

const SAMPLE_BYTES = 1024 * 1024;

/**
 * SHA-256 over the first mebibyte, the last mebibyte and the length (8 bytes, big-endian): recognises a film without reading all of it.
 * Pages compute the same before they send one.
 */
export async function sampleDigestOf(file: string): Promise<string> {
  const size = (await sizeOf(file)) ?? 0;
  const handle = await open(/*turbopackIgnore: true*/ file, 'r');
  try {
    const digest = createHash('sha256');
    const head = Buffer.alloc(Math.min(SAMPLE_BYTES, size));
    await handle.read(head, 0, head.length, 0);
    const tail = Buffer.alloc(Math.min(SAMPLE_BYTES, size));
    await handle.read(tail, 0, tail.length, size - tail.length);
    const length = Buffer.alloc(8);
    length.writeBigUInt64BE(BigInt(size));
    return digest.update(head).update(tail).update(length).digest('hex');
  } finally {
    await handle.close();
  }
}
