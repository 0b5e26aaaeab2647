import { rm } from 'node:fs/promises';
import path from 'node:path';
import { pool } from '@/data/client';
import { listFilmsOfImport, setImportState } from '@/data/exchange/imports';
import { listFootageByIds } from '@/data/footage/footage';
import { queueWork } from '../jobs/queueWork';
import { dataFolder } from '../kernel/environment';
import { bringIn, layFilms } from './bringIn';
import { openPackage } from './readPackage';

/** Where a package lies that was sent, until it is brought in or left. */
export const importFile = (importId: string): string =>
  path.join(/*turbopackIgnore: true*/ dataFolder(), 'arriving', `package-${importId}.zip`);

/** Brings in a package that was compared and that somebody wants. */
export async function doImport(
  importId: string,
  takesTheirs: boolean,
  signal: AbortSignal,
  isLastTry: boolean,
): Promise<void> {
  const opened = await openPackage(importFile(importId));
  if (!opened.ok) return void (await setImportState(pool(), importId, 'failed'));
  try {
    await bringIn(pool(), importId, opened.value, takesTheirs);
    // Also where it was broken off after the rows and before the films.
    const films = await listFootageByIds(pool(), await listFilmsOfImport(pool(), importId));
    for (const id of await layFilms(opened.value, films, signal)) {
      await queueWork(id, 'look');
      await queueWork(id, 'proxy');
    }
    await rm(importFile(importId), { force: true });
  } catch (error) {
    if (isLastTry) await setImportState(pool(), importId, 'failed');
    throw error;
  } finally {
    opened.value.close();
  }
}
