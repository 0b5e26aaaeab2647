import { randomUUID } from 'node:crypto';
import { endBackupTry, insertBackupTry, noteBackupProgress } from '@/data/backup/tries';
import { pool } from '@/data/client';
import { log } from '../../log/log';
import { backupFolder, backupsKept, dataFolder } from '../kernel/environment';
import { makeBackup } from './makeBackup';

const TELL_MS = 1000;

/** Backs up this academy, notes how it goes for Settings, and lets the oldest backups go. */
export async function doBackup(signal: AbortSignal): Promise<Awaited<ReturnType<typeof makeBackup>>> {
  const id = randomUUID();
  await insertBackupTry(pool(), id);
  let [copied, total] = [0, 0];
  const note = setInterval(() => {
    noteBackupProgress(pool(), id, copied, total).catch((error: unknown) =>
      log.warn({ err: error }, 'a backup goes on'),
    );
  }, TELL_MS);
  try {
    const made = await makeBackup({
      ...{ database: pool(), databaseUrl: process.env.OWL_DATABASE_URL ?? '', dataFolder: dataFolder() },
      ...{ folder: backupFolder(), most: backupsKept(), signal },
      onProgress: (bytes, of) => {
        [copied, total] = [bytes, of];
      },
    });
    if (!made.ok) {
      if (made.problem.code !== 'underway') log.error({ problem: made.problem.code }, 'no backup was made');
      await endBackupTry(pool(), id, {
        problem: made.problem.code === 'underway' ? 'broken-off' : made.problem.code,
      });
      return made;
    }
    const { name, manifest } = made.value;
    const bytes = manifest.files.reduce((sum, one) => sum + one.bytes, manifest.database.bytes);
    await endBackupTry(pool(), id, { name, bytes, files: manifest.files.length });
    log.info({ name, bytes, files: manifest.files.length }, 'a backup was made');
    return made;
  } catch (error) {
    await endBackupTry(pool(), id, { problem: 'broken-off' }).catch(() => undefined);
    throw error;
  } finally {
    clearInterval(note);
  }
}
