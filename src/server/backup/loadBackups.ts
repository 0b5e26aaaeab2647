import { stat } from 'node:fs/promises';
import { findBackupTries } from '@/data/backup/tries';
import { pool } from '@/data/client';
import { backupFolder, backupsKept, backupTime, dataFolder } from '../kernel/environment';

/** After so long without a sign of life a backup is taken for broken off. */
const SILENT_MS = 60_000;

export interface BackupNews {
  readonly folder: string;
  /** It lies on the disk of the academy: with that disk both are gone. */
  readonly isOnSameDisk: boolean;
  readonly kept: number;
  /** When it is made by itself; undefined where it is not. */
  readonly nightlyAt?: string;
  readonly last?: { readonly at: string; readonly bytes: number; readonly files: number };
  /** Why the newest try came to nothing. */
  readonly problem?: string;
  /** A share of 1 while one is being made. */
  readonly progress?: number;
}

const problemWords = {
  'disk-full': 'There was no room for it. Make room on that disk, or name another one in OWL_BACKUP_FOLDER.',
  'not-reachable': 'Its folder could not be written to. Is the disk there?',
  'not-readable':
    'What was written could not be read back: that disk is failing. Name another one in OWL_BACKUP_FOLDER.',
  'broken-off': 'It was broken off before it was whole.',
} as const;

/** How the backups of this academy stand. */
export async function loadBackups(): Promise<BackupNews> {
  const { latest, made } = await findBackupTries(pool());
  const [ours, theirs] = await Promise.all([deviceOf(dataFolder()), deviceOf(backupFolder())]);
  const isSilent = latest !== undefined && Date.now() - Date.parse(latest.beatAt) > SILENT_MS;
  const problem = latest?.problem ?? (latest && !latest.endedAt && isSilent ? 'broken-off' : undefined);
  return {
    ...{ folder: backupFolder(), kept: backupsKept(), nightlyAt: backupTime() || undefined },
    isOnSameDisk: theirs === undefined || theirs === ours,
    last: made && { at: made.endedAt ?? made.startedAt, bytes: made.bytes, files: made.files },
    problem: problem && problemWords[problem],
    progress: latest && !latest.endedAt && !isSilent ? latest.copiedBytes / Math.max(1, latest.totalBytes) : undefined,
  };
}

const deviceOf = async (folder: string): Promise<number | undefined> =>
  (await stat(/*turbopackIgnore: true*/ folder).catch(() => undefined))?.dev;
