import { type DBSchema, type IDBPDatabase, openDB } from 'idb';
import type { PendingChange } from './reviewReducer';

interface OutboxSchema extends DBSchema {
  changes: { key: string; value: PendingChange; indexes: { round: string } };
}

let database: Promise<IDBPDatabase<OutboxSchema>> | undefined;

function open(): Promise<IDBPDatabase<OutboxSchema>> {
  database ??= openDB<OutboxSchema>('unhurried-owl-outbox', 1, {
    upgrade(fresh) {
      fresh.createObjectStore('changes', { keyPath: 'changeId' }).createIndex('round', 'roundId');
    },
  });
  return database;
}

/** Changes of a round that have not been acknowledged, oldest first: they survive closing the page. */
export async function listWaiting(roundId: string): Promise<PendingChange[]> {
  const waiting = await (await open()).getAllFromIndex('changes', 'round', roundId);
  return waiting.sort((one, other) => one.queuedAt - other.queuedAt);
}

export async function keepWaiting(changes: readonly PendingChange[]): Promise<void> {
  const transaction = (await open()).transaction('changes', 'readwrite');
  for (const change of changes) await transaction.store.put(change);
  await transaction.done;
}

export async function forgetWaiting(changeIds: readonly string[]): Promise<void> {
  const transaction = (await open()).transaction('changes', 'readwrite');
  for (const id of changeIds) await transaction.store.delete(id);
  await transaction.done;
}
