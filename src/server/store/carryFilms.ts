import { rm } from 'node:fs/promises';
import { pool } from '@/data/client';
import { deleteElsewhere, insertElsewhere, listElsewhere, listOnlyHere } from '@/data/footage/filmsElsewhere';
import { findFootageByName } from '@/data/footage/footage';
import { queueTask } from '@/data/footage/queue';
import { log } from '../../log/log';
import { digestOfFile, storedPath, storedSize } from '../footage/storage';
import { bringFilmHere, filmStore } from './films';
import type { FilmStore } from './s3Store';
import { bytesHere, liesElsewhere, storeSettings } from './storeSettings';

/** So long films are carried at a time, before others of the same lane have theirs. @source own decision */
const TURN_MS = 8 * 60_000;

/** Asks that films go to where they are to lie; nothing where there is no store elsewhere. */
export async function askToCarryFilms(): Promise<void> {
  if (storeSettings()) await queueTask(pool(), 'carry-films', {}, 'carry-films');
}

/**
 * Takes films to where they are to lie, one after the other while the academy goes on: to the store elsewhere, this disk keeping those that were used last; or,
 * when they are to lie here again, home. Each is left at its old place until it is whole at the new one. Harmless to repeat.
 */
export async function carryFilms(stopping: AbortSignal, mostMs: number = TURN_MS): Promise<void> {
  const store = await filmStore();
  if (!store) return;
  const turn = AbortSignal.timeout(mostMs);
  try {
    await carry(store, AbortSignal.any([stopping, turn]));
  } catch (error) {
    // The next turn goes on with the part after the last that arrived.
    if (!turn.aborted || stopping.aborted) throw error;
  }
}

async function carry(store: FilmStore, signal: AbortSignal): Promise<void> {
  if (liesElsewhere()) {
    for (const film of await listOnlyHere(pool())) await carryAway(store, film, signal);
    await makeRoom();
  } else for (const { storageName } of await listElsewhere(pool())) await carryHome(store, storageName, signal);
}

async function carryAway(
  store: FilmStore,
  film: { readonly storageName: string; readonly byteLength: number },
  signal: AbortSignal,
): Promise<void> {
  signal.throwIfAborted();
  const { storageName } = film;
  const size = await storedSize(storageName);
  if (size === undefined) return;
  await store.put(storageName, storedPath(storageName), signal);
  if ((await store.sizeOf(storageName)) !== size) throw new Error(`the store holds not all of ${storageName}`);
  await insertElsewhere(pool(), { storageName, byteLength: size });
  log.info({ film: storageName, bytes: size }, 'a film lies elsewhere as well');
}

/** Lets go here of films that lie elsewhere, those first that nobody used for longest, until the rest is no more than may stay. */
async function makeRoom(): Promise<void> {
  const here: { readonly storageName: string; readonly bytes: number }[] = [];
  for (const { storageName } of await listElsewhere(pool())) {
    const bytes = await storedSize(storageName);
    if (bytes !== undefined) here.push({ storageName, bytes });
  }
  let sum = here.reduce((all, one) => all + one.bytes, 0);
  for (const { storageName, bytes } of here) {
    if (sum <= bytesHere()) return;
    await rm(/*turbopackIgnore: true*/ storedPath(storageName), { force: true });
    sum -= bytes;
  }
}

async function carryHome(store: FilmStore, storageName: string, signal: AbortSignal): Promise<void> {
  signal.throwIfAborted();
  const file = await bringFilmHere(storageName, signal);
  const footage = await findFootageByName(pool(), storageName);
  if (footage && (await digestOfFile(file)) !== footage.sha256) {
    await rm(/*turbopackIgnore: true*/ file, { force: true });
    throw new Error(`the store gives other bytes of ${storageName} than it was given`);
  }
  await store.remove(storageName);
  await deleteElsewhere(pool(), storageName);
  log.info({ film: storageName }, 'a film is home again');
}
