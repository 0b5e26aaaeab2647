import { type DBSchema, type IDBPDatabase, openDB } from 'idb';
import type { PendingChange } from '@/session/marksState';

/** A change that waits, in the order in which it was put there, with whose it is. */
interface Waiting {
  readonly changeId: string;
  readonly roundId: string;
  readonly coachId: string;
  readonly change: PendingChange;
  /** Why the server did not take it; it stays readable until the coach lets it go. */
  readonly refused?: readonly string[];
}

interface OutboxSchema extends DBSchema {
  /** Keyed by a running number: clocks are set back, and two changes may bear the same moment. */
  waiting: { key: number; value: Waiting; indexes: { change: string; round: string } };
  /** As it was before changes had an order and an owner. */
  changes: { key: string; value: PendingChange };
}

let database: Promise<IDBPDatabase<OutboxSchema>> | undefined;

function open(): Promise<IDBPDatabase<OutboxSchema>> {
  database ??= openDB<OutboxSchema>('unhurried-owl-outbox', 2, {
    async upgrade(db, oldVersion, _newVersion, transaction) {
      const waiting = db.createObjectStore('waiting', { autoIncrement: true });
      waiting.createIndex('change', 'changeId', { unique: true });
      waiting.createIndex('round', 'roundId');
      if (oldVersion < 1) return;
      const before = await transaction.objectStore('changes').getAll();
      for (const change of before.sort((one, other) => one.queuedAt - other.queuedAt))
        await waiting.add({ changeId: change.changeId, roundId: change.roundId, coachId: UNKNOWN_COACH, change });
      db.deleteObjectStore('changes');
    },
    // Another tab of a newer program, or somebody who clears the browser's data: what was open is of no use any more.
    blocking: forgetConnection,
    terminated: forgetConnection,
  }).catch((error: unknown) => {
    database = undefined;
    throw error;
  });
  return database;
}

/** Whoever was signed in then: before this, a machine's waiting changes were its coach's. */
const UNKNOWN_COACH = '';

function forgetConnection(): void {
  const before = database;
  database = undefined;
  void before?.then((db) => db.close()).catch(() => undefined);
}

/** Runs once more on a connection of its own when the one that was there has been closed under it. */
async function withStore<Value>(work: (db: IDBPDatabase<OutboxSchema>) => Promise<Value>): Promise<Value> {
  try {
    return await work(await open());
  } catch {
    forgetConnection();
    return work(await open());
  }
}

export interface Outbox {
  /** A coach's own changes of a round that were not acknowledged, in the order in which they were made: they survive closing the page. */
  readonly waiting: readonly PendingChange[];
  /** Those that the server refused, with its reasons. */
  readonly refused: readonly { readonly change: PendingChange; readonly codes: readonly string[] }[];
  /** How many wait on this machine that another coach made. */
  readonly ofOthers: number;
}

export async function readOutbox(roundId: string, coachId: string): Promise<Outbox> {
  const all = await withStore((db) => db.getAllFromIndex('waiting', 'round', roundId));
  const own = all.filter((one) => one.coachId === coachId || one.coachId === UNKNOWN_COACH);
  return {
    waiting: own.filter((one) => !one.refused).map((one) => one.change),
    refused: own.flatMap(({ change, refused }) => (refused ? [{ change, codes: refused }] : [])),
    ofOthers: all.length - own.length,
  };
}

/** Puts changes by; one that is there already stays where it stands. */
export const keepWaiting = (coachId: string, changes: readonly PendingChange[]): Promise<void> =>
  withStore(async (db) => {
    const transaction = db.transaction('waiting', 'readwrite', { durability: 'strict' });
    const known = transaction.store.index('change');
    for (const change of changes)
      if ((await known.getKey(change.changeId)) === undefined)
        await transaction.store.add({ changeId: change.changeId, roundId: change.roundId, coachId, change });
    await transaction.done;
  });

/** Notes that the server refused a change: it is not sent again, and stays to be read. */
export const noteRefused = (changeId: string, codes: readonly string[]): Promise<void> =>
  withStore(async (db) => {
    const transaction = db.transaction('waiting', 'readwrite');
    const cursor = await transaction.store.index('change').openCursor(changeId);
    if (cursor) await cursor.update({ ...cursor.value, refused: [...codes] });
    await transaction.done;
  });

export const forgetWaiting = (changeIds: readonly string[]): Promise<void> =>
  withStore(async (db) => {
    const transaction = db.transaction('waiting', 'readwrite');
    const known = transaction.store.index('change');
    for (const id of changeIds) {
      const key = await known.getKey(id);
      if (key !== undefined) await transaction.store.delete(key);
    }
    await transaction.done;
  });

/** Asks the browser not to clear what waits when the disk gets full; it may say no, and then waits as before. */
export const askToPersist = async (): Promise<void> => {
  await navigator.storage?.persist?.().catch(() => false);
};
