import { createHash } from 'node:crypto';
import { createReadStream, createWriteStream } from 'node:fs';
import { mkdir, rename, rm, stat } from 'node:fs/promises';
import path from 'node:path';
import { Transform } from 'node:stream';
import { pipeline } from 'node:stream/promises';
import { digestOfFile, sizeOf } from '../footage/storage';
import { type KeptFile, storePath } from './manifest';

/** What was written cannot be read back as it was. */
export class NotReadable extends Error {}

/** A file that somebody writes to is tried so often. */
const TRIES = 3;

interface Keeping {
  readonly folder: string;
  /** Where the file lies. */
  readonly source: string;
  /** What it is called in the list of the backup. */
  readonly name: string;
  /** The same file as the last backup knew it. */
  readonly before: KeptFile | undefined;
  readonly signal: AbortSignal;
  readonly onBytes: (bytes: number) => void;
}

/** Puts a file into a folder of backups, under its content: read back, and only where it is not there already. Undefined when it is gone. */
export async function keepFile(keeping: Keeping): Promise<KeptFile | undefined> {
  const { folder, source, name, before, onBytes } = keeping;
  for (let turn = 0; turn < TRIES; turn += 1) {
    const found = await stat(/*turbopackIgnore: true*/ source).catch(() => undefined);
    if (!found?.isFile()) return undefined;
    const facts = { path: name, bytes: found.size, mtimeMs: Math.round(found.mtimeMs) };
    const isSame = before && before.bytes === facts.bytes && before.mtimeMs === facts.mtimeMs;
    if (isSame && (await sizeOf(storePath(folder, before.sha256))) === facts.bytes) {
      onBytes(facts.bytes);
      return { ...facts, sha256: before.sha256 };
    }
    const sha256 = await copyInto(keeping);
    const after = await stat(/*turbopackIgnore: true*/ source).catch(() => undefined);
    if (sha256 && after?.size === found.size && after.mtimeMs === found.mtimeMs) return { ...facts, sha256 };
  }
  throw new Error(`keepFile: ${name} is being written to`);
}

async function copyInto({ folder, source, signal, onBytes }: Keeping): Promise<string | undefined> {
  const beside = path.join(folder, `${process.pid}.part`);
  const digest = createHash('sha256');
  const counted = new Transform({
    transform(chunk: Buffer, _encoding, done) {
      digest.update(chunk);
      try {
        onBytes(chunk.length);
        done(undefined, chunk);
      } catch (error) {
        // Thrown here it would reach nobody.
        done(error as Error);
      }
    },
  });
  try {
    await pipeline(createReadStream(source), counted, createWriteStream(beside, { flush: true, mode: 0o600 }), {
      signal,
    });
    const sha256 = digest.digest('hex');
    const kept = storePath(folder, sha256);
    if ((await sizeOf(kept)) !== (await sizeOf(beside))) {
      await mkdir(path.dirname(kept), { recursive: true });
      await rename(beside, kept);
    }
    if ((await digestOfFile(kept)) !== sha256) throw new NotReadable(kept);
    return sha256;
  } catch (error) {
    if ((error as NodeJS.ErrnoException).code === 'ENOENT' && (await sizeOf(source)) === undefined) return undefined;
    throw error;
  } finally {
    await rm(beside, { force: true });
  }
}
