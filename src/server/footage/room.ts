import { pool } from '@/data/client';
import { listUnfinishedUploads } from '@/data/footage/arrivals';
import { sumOfFootageBytes } from '@/data/footage/footage';
import { mostShelfBytes, reserveBytes } from '../kernel/environment';
import { arrivingFolder, arrivingPath, freeBytes, sizeOf } from './storage';

export type RoomProblem =
  | { readonly code: 'shelf-full'; readonly mostBytes: number }
  | { readonly code: 'disk-full'; readonly missingBytes: number };

/** What one unfinished upload was declared to need, and what of it is here. */
interface Promised {
  readonly byteLength: number;
  readonly receivedBytes: number;
}

/**
 * Bytes that are missing for one more file: what it needs and what was promised to the uploads under way, against what is free but for the reserve,
 * on which the database lives. 0 or less when there is room.
 */
export const missingRoom = (bytes: number, promised: readonly Promised[], free: number, reserve: number): number =>
  bytes + promised.reduce((sum, one) => sum + Math.max(0, one.byteLength - one.receivedBytes), 0) + reserve - free;

/** Why there is no room for one more file of so many bytes; `withoutId` is the upload itself. Undefined when there is. */
export async function findRoomProblem(bytes: number, withoutId: string): Promise<RoomProblem | undefined> {
  const others = (await listUnfinishedUploads(pool())).filter((one) => one.id !== withoutId);
  const promised = await Promise.all(
    others.map(async ({ id, byteLength }) => ({ byteLength, receivedBytes: (await sizeOf(arrivingPath(id))) ?? 0 })),
  );
  const declared = promised.reduce((sum, one) => sum + one.byteLength, 0);
  if ((await sumOfFootageBytes(pool())) + declared + bytes > mostShelfBytes())
    return { code: 'shelf-full', mostBytes: mostShelfBytes() };
  const missingBytes = missingRoom(bytes, promised, await freeBytes(arrivingFolder()), reserveBytes());
  return missingBytes > 0 ? { code: 'disk-full', missingBytes } : undefined;
}

/** Whether a piece of so many bytes can be written now without touching the reserve. */
export const hasRoomForPiece = async (bytes: number): Promise<boolean> =>
  (await freeBytes(arrivingFolder())) >= bytes + reserveBytes();
