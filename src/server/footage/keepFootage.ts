import { copyFile, mkdir, rm } from 'node:fs/promises';
import { proxyReasons } from '@/core/footage';
import { fail, type Result, succeed } from '@/core/kernel';
import { pool } from '@/data/client';
import type { Arrival } from '@/data/footage/arrivals';
import { type Footage, findFootage, findFootageByDigest, insertFootage } from '@/data/footage/footage';
import { queueWork } from '../jobs/queueWork';
import { footageFolder } from '../kernel/environment';
import { filmSize } from '../store/films';
import { moveFile, settleFile } from './durable';
import { extensionOf } from './fileNames';
import { type ProbeProblem, probeFootage } from './probe';
import { arrivingPath, digestOfFile, sampleDigestOf, sizeOf, storedPath } from './storage';

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
 * is refused and left where it is. `tell` hears how far it is, 0–1. A process may have died between any two of these steps: what it had done
 * already is found and not done again. A file that is on the shelf already is left where it arrived, for the caller to remove after the record.
 */
export async function keepFootage(
  arrival: Arrival,
  tell: (ratio: number) => void,
): Promise<Result<Kept, ArrivalProblem>> {
  const recorded = await findFootage(pool(), arrival.id);
  if (recorded) {
    await queueFirstWork(recorded);
    return succeed({ footage: recorded, already: false });
  }
  const storageName = `${arrival.id}.${extensionOf(arrival.originalName)}`;
  const target = storedPath(storageName);
  const moved = (await sizeOf(arrivingPath(arrival.id))) === undefined && (await sizeOf(target)) !== undefined;
  const file = moved ? target : arrivingPath(arrival.id);
  const byteLength = await sizeOf(file);
  if (byteLength === undefined) return fail({ code: 'lost' });
  if (byteLength === 0) return fail({ code: 'empty' });
  if (byteLength !== arrival.byteLength)
    return fail({ code: 'cut-short', receivedBytes: byteLength, declaredBytes: arrival.byteLength });
  const sha256 = await digestOfFile(file, (ratio) => tell(ratio * 0.9));
  const known = await findFootageByDigest(pool(), sha256);
  if (known && (await filmSize(known.storageName)) === undefined) {
    // Its record came without its file, in a package, say. Copied, not moved: a process that dies here finds the arrival as it was.
    const lacking = storedPath(known.storageName);
    await mkdir(/*turbopackIgnore: true*/ footageFolder(), { recursive: true });
    await copyFile(/*turbopackIgnore: true*/ file, `${lacking}.part`);
    await settleFile(`${lacking}.part`, lacking);
    await queueFirstWork(known);
    return succeed({ footage: known, already: false });
  }
  if (known) {
    if (moved) await rm(/*turbopackIgnore: true*/ target, { force: true });
    return succeed({ footage: known, already: true });
  }
  const facts = await probeFootage(file);
  if (!facts.ok) return facts;
  const sampleDigest = await sampleDigestOf(file);
  if (!moved) await moveFile(file, target);
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
      recordedAt: momentOf(arrival, recordedAt),
      ...described,
    },
    arrival.coachId,
  );
  // Somebody sent the same bytes at the same moment: theirs stays.
  if (inserted === 0) await rm(/*turbopackIgnore: true*/ target, { force: true });
  const footage = inserted === 0 ? await findFootageByDigest(pool(), sha256) : await findFootage(pool(), arrival.id);
  if (!footage) throw new Error('keepFootage: a recorded file must be found again');
  if (inserted > 0) await queueFirstWork(footage);
  return succeed({ footage, already: inserted === 0 });
}

/** A camera writes the moment into the name; a phone into the film, and what its page knows is only when the file was last changed. */
const momentOf = ({ source, recordedAt }: Arrival, inFilm: string | undefined): string | undefined =>
  source === 'camera' ? (recordedAt ?? inFilm) : (inFilm ?? recordedAt);

/** The copy for looking first where the original cannot be seen at all; otherwise what helps to cut rounds first. */
export async function queueFirstWork(footage: Footage): Promise<void> {
  const needsProxy = footage.picture !== undefined && proxyReasons({ ...footage, ...footage.picture }).length > 0;
  await queueWork(footage.id, 'look');
  if (needsProxy) await queueWork(footage.id, 'proxy');
}
