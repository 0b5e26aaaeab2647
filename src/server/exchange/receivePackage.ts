import { createWriteStream } from 'node:fs';
import { mkdir, rm } from 'node:fs/promises';
import path from 'node:path';
import { Readable, Transform } from 'node:stream';
import { pipeline } from 'node:stream/promises';
import type { ReadableStream as WebStream } from 'node:stream/web';
import { pool } from '@/data/client';
import { findImport, insertImport } from '@/data/exchange/imports';
import { freeBytes } from '../footage/storage';
import { dataFolder, mostUploadBytes, reserveBytes } from '../kernel/environment';
import { countPackage } from './bringIn';
import { importFile } from './importJob';
import { openPackage, type PackageProblem } from './readPackage';

export type PackageRefusal = PackageProblem['code'] | 'too-large' | 'no-room' | 'broken-off';

class TooLarge extends Error {}

/** Takes a package and compares it with what is here; nothing of it is brought in yet. Sent again under one id, it is compared once. */
export async function receivePackage(
  importId: string,
  coachId: string,
  body: ReadableStream<Uint8Array> | null,
): Promise<PackageRefusal | undefined> {
  if (await findImport(pool(), importId)) return undefined;
  const file = importFile(importId);
  await mkdir(path.dirname(file), { recursive: true });
  const room = (await freeBytes(dataFolder())) - reserveBytes();
  const most = Math.min(mostUploadBytes(), room);
  try {
    let bytes = 0;
    const counted = new Transform({
      transform(chunk: Buffer, _encoding, done) {
        bytes += chunk.length;
        done(bytes > most ? new TooLarge() : undefined, chunk);
      },
    });
    await pipeline(
      body ? Readable.fromWeb(body as WebStream) : Readable.from([]),
      counted,
      createWriteStream(file, { mode: 0o600 }),
    );
  } catch (error) {
    await rm(file, { force: true });
    if (error instanceof TooLarge) return room < mostUploadBytes() ? 'no-room' : 'too-large';
    return (error as NodeJS.ErrnoException).code === 'ENOSPC' ? 'no-room' : 'broken-off';
  }
  const refusal = await compare(importId, coachId, file);
  if (refusal) await rm(file, { force: true });
  return refusal;
}

async function compare(importId: string, coachId: string, file: string): Promise<PackageRefusal | undefined> {
  const opened = await openPackage(file);
  if (!opened.ok) return opened.problem.code;
  try {
    const { scope, madeAt } = opened.value.manifest;
    await insertImport(
      pool(),
      importId,
      `${scope.title}, ${madeAt.slice(0, 10)}`,
      await countPackage(pool(), opened.value),
      coachId,
    );
    return undefined;
  } catch {
    // A ZIP that is cut off or damaged shows it only as it is read.
    return 'broken';
  } finally {
    opened.value.close();
  }
}
