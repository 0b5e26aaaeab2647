import { type DBSchema, type IDBPDatabase, openDB } from 'idb';
import type { Mark } from '@/core/round';

/** A mark as the server has it, with the change that made it so. */
export interface CopiedMark {
  readonly mark: Mark;
  readonly changeId: string;
}

interface CopiesSchema extends DBSchema {
  /** Which rounds have a copy: one without a mark has one too. */
  rounds: { key: string; value: { readonly scopeId: string } };
  marks: {
    key: [scopeId: string, markId: string];
    value: { readonly scopeId: string; readonly markId: string; readonly held: CopiedMark };
    indexes: { round: string };
  };
}

let database: Promise<IDBPDatabase<CopiesSchema>> | undefined;

function open(): Promise<IDBPDatabase<CopiesSchema>> {
  database ??= openDB<CopiesSchema>('unhurried-owl-rounds', 1, {
    upgrade(fresh) {
      fresh.createObjectStore('rounds', { keyPath: 'scopeId' });
      fresh.createObjectStore('marks', { keyPath: ['scopeId', 'markId'] }).createIndex('round', 'scopeId');
    },
  });
  return database;
}

/** The marks of a round as this machine last knew them; undefined when it never saw the round. */
export async function readCopy(scopeId: string): Promise<CopiedMark[] | undefined> {
  const opened = await open();
  if (!(await opened.get('rounds', scopeId))) return undefined;
  return (await opened.getAllFromIndex('marks', 'round', scopeId)).map((one) => one.held);
}

/** Brings the copy from one state of the marks to the next: only what differs is written; all of it, in place of the old copy, without a state before. */
export async function writeCopy(
  scopeId: string,
  before: ReadonlyMap<string, CopiedMark> | undefined,
  after: ReadonlyMap<string, CopiedMark>,
): Promise<void> {
  const transaction = (await open()).transaction(['rounds', 'marks'], 'readwrite');
  const marks = transaction.objectStore('marks');
  const known = before?.keys() ?? (await marks.index('round').getAllKeys(scopeId)).map(([, markId]) => markId);
  for (const markId of known) if (!after.has(markId)) void marks.delete([scopeId, markId]);
  for (const [markId, held] of after) if (before?.get(markId) !== held) void marks.put({ scopeId, markId, held });
  void transaction.objectStore('rounds').put({ scopeId });
  await transaction.done;
}

export async function forgetCopies(): Promise<void> {
  const transaction = (await open()).transaction(['rounds', 'marks'], 'readwrite');
  void transaction.objectStore('rounds').clear();
  void transaction.objectStore('marks').clear();
  await transaction.done;
}
