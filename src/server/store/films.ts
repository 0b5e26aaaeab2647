import { randomUUID } from 'node:crypto';
import { mkdir, rm } from 'node:fs/promises';
import type { Readable } from 'node:stream';
import { pool } from '@/data/client';
import { deleteElsewhere, findElsewhere, noteUsed } from '@/data/footage/filmsElsewhere';
import { settleFile } from '../footage/durable';
import { storedPath, storedSize } from '../footage/storage';
import { footageFolder } from '../kernel/environment';
import type { FilmStore } from './s3Store';
import { storeSettings } from './storeSettings';

/*
 * Where the film of a file on the shelf is: on this disk, in the store elsewhere that OWL_S3_… names, or in both. Whoever works on a film brings it here
 * first; whoever looks at it reads the ranges from where it is.
 */

const holder = globalThis as typeof globalThis & { owlFilmStore?: Promise<FilmStore> };

/** The store elsewhere; undefined where none is named: then nothing of its client is loaded either. */
export async function filmStore(): Promise<FilmStore | undefined> {
  const settings = storeSettings();
  if (!settings) return undefined;
  holder.owlFilmStore ??= import('./s3Store').then(({ openS3Store }) => openS3Store(settings));
  return holder.owlFilmStore;
}

/** Bytes of a film, wherever it lies; undefined when it is gone. */
export async function filmSize(storageName: string): Promise<number | undefined> {
  const here = await storedSize(storageName);
  if (here !== undefined || !storeSettings()) return here;
  return (await findElsewhere(pool(), storageName))?.byteLength;
}

/** The file of a film on this disk: where it lies elsewhere only, it is brought here first. The path also of one that is gone. */
export async function bringFilmHere(storageName: string, signal: AbortSignal): Promise<string> {
  const file = storedPath(storageName);
  const store = await filmStore();
  if (!store) return file;
  const known = await findElsewhere(pool(), storageName);
  if (known) await noteUsed(pool(), storageName);
  if (!known || (await storedSize(storageName)) !== undefined) return file;
  await mkdir(/*turbopackIgnore: true*/ footageFolder(), { recursive: true });
  // Two that want it at once bring it twice, each under a name of its own: the later one takes the place of the same bytes.
  const part = `${file}.${randomUUID()}.part`;
  try {
    await store.get(storageName, part, signal);
    await settleFile(part, file);
    return file;
  } finally {
    await rm(/*turbopackIgnore: true*/ part, { force: true });
  }
}

/** Some bytes of a film that is not on this disk, both ends included. */
export async function readElsewhere(
  storageName: string,
  { first, last }: { readonly first: number; readonly last: number },
  signal: AbortSignal,
): Promise<Readable | undefined> {
  await noteUsed(pool(), storageName);
  return (await filmStore())?.range(storageName, first, last, signal);
}

/** Takes a stored file away for good, wherever it lies. */
export async function dropStored(storageName: string): Promise<void> {
  await rm(/*turbopackIgnore: true*/ storedPath(storageName), { force: true });
  const store = await filmStore();
  if (!store || !(await findElsewhere(pool(), storageName))) return;
  await store.remove(storageName);
  await deleteElsewhere(pool(), storageName);
}
