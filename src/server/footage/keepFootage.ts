import { rm } from 'node:fs/promises';
import { proxyReasons } from '@/core/footage';
import { fail, type Result, succeed } from '@/core/kernel';
import { pool } from '@/data/client';
import type { Arrival } from '@/data/footage/arrivals';
import { type Footage, findFootage, findFootageByDigest, insertFootage } from '@/data/footage/footage';
import { queueWork } from '../jobs/queueWork';
import { extensionOf } from './fileNames';
import { type ProbeProblem, probeFootage } from './probe';
import { arrivingPath, digestOfFile, moveFile, sampleDigestOf, sizeOf, storedPath } from './storage';

export type ArrivalProblem =
  | ProbeProblem
  | { readonly code: 'empty' }
  | { readonly code: 'lost' }
  | { readonly code: 'cut-short'; readonly receivedBytes: number; readonly declaredBytes: number };

export interface Kept {
  readonly footage: Footage;
  /** The same bytes were there before. */
  readonly already: boolean;
}

/**
 * Puts a file that has arrived on the shelf: digest, look, move, record, and the work that follows put on the list. A file that is no footage
 * is refused and left where it is. `tell` hears how far it is, 0–1.
 */
export async function keepFootage(
  arrival: Arrival,
  tell: (ratio: number) => void,
): Promise<Result<Kept, ArrivalProblem>> {
  const file = arrivingPath(arrival.id);
  const byteLength = await sizeOf(file);
  if (byteLength === undefined) return fail({ code: 'lost' });
  if (byteLength === 0) return fail({ code: 'empty' });
  if (byteLength !== arrival.byteLength)
    return fail({ code: 'cut-short', receivedBytes: byteLength, declaredBytes: arrival.byteLength });
  const sha256 = await digestOfFile(file, (ratio) => tell(ratio * 0.9));
  const known = await findFootageByDigest(pool(), sha256);
  if (known) {
    await rm(/*turbopackIgnore: true*/ file, { force: true });
    return succeed({ footage: known, already: true });
  }
  const facts = await probeFootage(file);
  if (!facts.ok) return facts;
  const sampleDigest = await sampleDigestOf(file);
  const storageName = `${arrival.id}.${extensionOf(arrival.originalName)}`;
  await moveFile(file, storedPath(storageName));
  const { recordedAt, ...described } = facts.value;
  const inserted = await insertFootage(
    pool(),
    {
      id: arrival.id,
      originalName: arrival.originalName,
      storageName,
      byteLength,
      sha256,
      sampleDigest,
      recordedAt: arrival.recordedAt ?? recordedAt,
      ...described,
    },
    arrival.coachId,
  );
  // Somebody sent the same bytes at the same moment: theirs stays.
  if (inserted === 0) await rm(/*turbopackIgnore: true*/ storedPath(storageName), { force: true });
  const footage = inserted === 0 ? await findFootageByDigest(pool(), sha256) : await findFootage(pool(), arrival.id);
  if (!footage) throw new Error('keepFootage: a recorded file must be found again');
  if (inserted > 0) await queueFirstWork(footage);
  return succeed({ footage, already: inserted === 0 });
}

/** The copy for looking first where the original cannot be seen at all; otherwise what helps to cut rounds first. */
export async function queueFirstWork(footage: Footage): Promise<void> {
  const needsProxy = footage.picture !== undefined && proxyReasons({ ...footage, ...footage.picture }).length > 0;
  await queueWork(footage.id, 'look');
  if (needsProxy) await queueWork(footage.id, 'proxy');
}
