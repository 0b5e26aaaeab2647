import { rm } from 'node:fs/promises';
import path from 'node:path';
import { pool } from '@/data/client';
import { deleteOldExports, findExport, setExportState } from '@/data/exchange/exports';
import { getAcademy } from '@/data/people/academy';
import { sizeOf } from '../footage/storage';
import { dataFolder } from '../kernel/environment';
import { writePackage } from './writePackage';

/** A package is there for a week; it can be made again. @source own decision */
const KEPT_DAYS = 7;

export const exportFile = (exportId: string): string =>
  path.join(/*turbopackIgnore: true*/ dataFolder(), 'exports', `${exportId}.zip`);

/** Makes a package of everything that somebody asked for. */
export async function doExport(exportId: string, signal: AbortSignal, isLastTry: boolean): Promise<void> {
  const asked = await findExport(pool(), exportId);
  if (!asked || asked.state === 'ready' || asked.state === 'failed') return;
  await setExportState(pool(), exportId, 'working');
  for (const old of await deleteOldExports(pool(), KEPT_DAYS)) await rm(exportFile(old), { force: true });
  try {
    const { name } = await getAcademy(pool());
    await writePackage({
      ...{ database: pool(), file: exportFile(exportId), scope: 'everything', films: asked.films, signal },
      about: { kind: 'everything', title: name },
    });
    await setExportState(pool(), exportId, 'ready', { byteLength: await sizeOf(exportFile(exportId)) });
  } catch (error) {
    const isFull = (error as NodeJS.ErrnoException).code === 'ENOSPC';
    if (isFull || isLastTry)
      await setExportState(pool(), exportId, 'failed', { problem: isFull ? 'disk-full' : 'broken-off' });
    if (!isFull) throw error;
  }
}
