import { type DBSchema, type IDBPDatabase, openDB } from 'idb';
import { commentaryDatabase } from '@/offline/keptNames';
import type { CommentaryWork } from './commentaryState';

interface CommentarySchema extends DBSchema {
  works: { key: string; value: CommentaryWork & { readonly roundId: string } };
}

let database: Promise<IDBPDatabase<CommentarySchema>> | undefined;

function open(): Promise<IDBPDatabase<CommentarySchema>> {
  database ??= openDB<CommentarySchema>(commentaryDatabase, 1, {
    // Somebody signs out in another tab: nothing may stay.
    blocking: (_current, _blocked, event) => {
      database = undefined;
      (event.target as IDBDatabase).close();
    },
    upgrade(fresh) {
      fresh.createObjectStore('works', { keyPath: 'roundId' });
    },
  });
  return database;
}

/** The commentary that was being gone through for a round when its page was closed. */
export async function findWork(roundId: string): Promise<CommentaryWork | undefined> {
  return (await open()).get('works', roundId);
}

export async function keepWork(roundId: string, work: CommentaryWork): Promise<void> {
  await (await open()).put('works', { ...work, roundId });
}

export async function forgetWork(roundId: string): Promise<void> {
  await (await open()).delete('works', roundId);
}
