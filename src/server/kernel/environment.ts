import path from 'node:path';
import { dayIn } from '@/core/kernel';

/** The folder of this academy's data; set by bin/owl. */
export function dataFolder(): string {
  const folder = process.env.OWL_DATA_FOLDER;
  if (!folder) throw new Error('OWL_DATA_FOLDER is not set: start the application with bin/owl');
  return folder;
}

export const footageFolder = (): string => path.join(/*turbopackIgnore: true*/ dataFolder(), 'footage');

/** Largest file that is taken, in bytes: 8 GiB unless OWL_MOST_UPLOAD_BYTES says otherwise. */
export const mostUploadBytes = (): number => Number(process.env.OWL_MOST_UPLOAD_BYTES ?? 8 * 1024 ** 3);

/** Most bytes of footage that the shelf may hold together; no limit unless OWL_MOST_SHELF_BYTES says one. */
export const mostShelfBytes = (): number => Number(process.env.OWL_MOST_SHELF_BYTES ?? Number.POSITIVE_INFINITY);

/**
 * Room on the disk that footage never takes: the database lies there too, and stops when it cannot write. 2 GiB unless OWL_RESERVE_BYTES says otherwise.
 * @source own decision: years of marks, and the database's own journals (1 GiB by PostgreSQL's default max_wal_size)
 */
export const reserveBytes = (): number => Number(process.env.OWL_RESERVE_BYTES ?? 2 * 1024 ** 3);

/** Seconds for which a file in the camera's inbox must not grow before it counts as finished. */
export const inboxSettleSeconds = (): number => Number(process.env.OWL_INBOX_SETTLE_SECONDS ?? 10);

/** How far heavy work in the background stands back before pages, 0 (not at all) to 19. @source own decision: on two busy processors 10 leaves it about a tenth */
export const standBack = (): number => Number(process.env.OWL_STAND_BACK ?? 10);

/** Where backups of this academy lie: beside its data unless OWL_BACKUP_FOLDER names another disk. */
export const backupFolder = (): string =>
  process.env.OWL_BACKUP_FOLDER ??
  path.join(/*turbopackIgnore: true*/ dataFolder(), '..', 'backups', path.basename(dataFolder()));

/** How many backups are kept, 14 unless OWL_BACKUPS_KEPT says otherwise. @source own decision: two weeks of nights */
export const backupsKept = (): number => Number(process.env.OWL_BACKUPS_KEPT ?? 14);

/** From which time of day on (academy's zone, "03:10") a backup is made by itself; empty for none. Demo academies are not backed up unless asked. */
export const backupTime = (): string =>
  process.env.OWL_BACKUP_AT ?? (process.env.OWL_MODE === 'academy' ? '03:10' : '');

/** The calendar date where the server stands, for programs that have no academy yet. */
export const dayOfServer = (): string =>
  dayIn(Intl.DateTimeFormat().resolvedOptions().timeZone, new Date().toISOString());
