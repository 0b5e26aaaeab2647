import { dayIn, momentAt } from '@/core/kernel';
import { findBackupTries } from '@/data/backup/tries';
import { pool } from '@/data/client';
import { queueTask } from '@/data/footage/queue';
import { academyZone } from '../kernel/academyTime';
import { backupTime } from '../kernel/environment';

export const askForBackup = (): Promise<number> => queueTask(pool(), 'backup', {}, 'backup');

/** Asks for the backup of this night once its time has come, also where the machine was off at that time. */
export async function askForNightlyBackup(now: Date): Promise<boolean> {
  const time = backupTime();
  if (time === '') return false;
  const zone = await academyZone();
  const due = new Date(momentAt(zone, `${dayIn(zone, now.toISOString())}T${time}`));
  const { latest } = await findBackupTries(pool());
  if (now < due || (latest && new Date(latest.startedAt) >= due)) return false;
  await askForBackup();
  return true;
}
