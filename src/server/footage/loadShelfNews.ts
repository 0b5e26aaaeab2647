import { pool } from '@/data/client';
import { type Arrival, listRecentArrivals } from '@/data/footage/arrivals';
import { countWorkers } from '@/data/footage/queue';
import { type FootageWork, listOpenWork } from '@/data/footage/work';
import { listInbox } from '../jobs/watchInbox';
import { arrivingPath, sizeOf } from './storage';

export interface ArrivalLine
  extends Pick<
    Arrival,
    'id' | 'source' | 'originalName' | 'byteLength' | 'state' | 'progress' | 'problem' | 'footageId' | 'already'
  > {
  readonly receivedBytes: number;
}

export interface ShelfNews {
  readonly arrivals: readonly ArrivalLine[];
  readonly inbox: readonly { readonly name: string; readonly byteLength: number }[];
  readonly work: readonly FootageWork[];
  /** Nobody works: what waits will wait. */
  readonly workers: number;
}

export async function loadShelfNews(): Promise<ShelfNews> {
  const [arrivals, inbox, work, workers] = await Promise.all([
    listRecentArrivals(pool()),
    listInbox().catch(() => []),
    listOpenWork(pool()),
    countWorkers(pool()),
  ]);
  return {
    arrivals: await Promise.all(
      arrivals.map(async ({ id, source, originalName, byteLength, state, progress, problem, footageId, already }) => ({
        id,
        source,
        originalName,
        byteLength,
        state,
        progress,
        problem,
        footageId,
        already,
        receivedBytes: state === 'arriving' ? ((await sizeOf(arrivingPath(id))) ?? 0) : byteLength,
      })),
    ),
    inbox: inbox.map(({ name, byteLength }) => ({ name, byteLength })),
    work,
    workers,
  };
}
