import { z } from 'zod';
import type { Database } from '../client';
import { findRow, runStatement } from '../rows';

export const backupProblems = ['disk-full', 'not-reachable', 'not-readable', 'broken-off'] as const;
/** Why there is no backup: no room, the folder cannot be written, what was written cannot be read back, or its process ended. */
export type BackupProblem = (typeof backupProblems)[number];

const tryRow = z
  .object({
    id: z.string(),
    started_at: z.date(),
    beat_at: z.date(),
    ended_at: z.date().nullable(),
    copied_bytes: z.number(),
    total_bytes: z.number(),
    name: z.string().nullable(),
    bytes: z.number().nullable(),
    files: z.number().nullable(),
    problem: z.enum(backupProblems).nullable(),
  })
  .transform((row) => ({
    id: row.id,
    startedAt: row.started_at.toISOString(),
    beatAt: row.beat_at.toISOString(),
    endedAt: row.ended_at?.toISOString(),
    copiedBytes: row.copied_bytes,
    totalBytes: row.total_bytes,
    name: row.name ?? undefined,
    bytes: row.bytes ?? 0,
    files: row.files ?? 0,
    problem: row.problem ?? undefined,
  }));
export type BackupTry = z.output<typeof tryRow>;

export const insertBackupTry = (database: Database, id: string) =>
  runStatement(database, 'insert into backup_try (id) values ($1)', [id]);

export const noteBackupProgress = (database: Database, id: string, copied: number, total: number) =>
  runStatement(
    database,
    'update backup_try set copied_bytes = $2, total_bytes = $3, beat_at = now() where id = $1 and ended_at is null',
    [id, copied, total],
  );

export const endBackupTry = (
  database: Database,
  id: string,
  end: { readonly name: string; readonly bytes: number; readonly files: number } | { readonly problem: BackupProblem },
) =>
  'problem' in end
    ? runStatement(database, 'update backup_try set ended_at = now(), problem = $2 where id = $1', [id, end.problem])
    : runStatement(
        database,
        'update backup_try set ended_at = now(), name = $2, bytes = $3, files = $4 where id = $1',
        [id, end.name, end.bytes, end.files],
      );

/** The newest try of all, and the newest that came to something. */
export const findBackupTries = async (
  database: Database,
): Promise<{ readonly latest?: BackupTry; readonly made?: BackupTry }> => ({
  latest: await findRow(database, tryRow, 'select * from backup_try order by started_at desc, id limit 1'),
  made: await findRow(
    database,
    tryRow,
    'select * from backup_try where name is not null order by started_at desc, id limit 1',
  ),
});
