import { z } from 'zod';
import type { MatClock } from '@/core/planning';
import type { Database } from '../client';
import { findRow, runStatement } from '../rows';

const most = 400;
const seconds = z.number().min(-86_400).max(86_400);
/** A clock as it is sent and kept. */
export const matClockShape = z.object({
  at: z.number().int().min(0).max(most),
  beganAt: z.number().min(0).max(8.64e15),
  pausedAt: z.number().min(0).max(8.64e15).optional(),
  added: z.array(seconds).max(most).readonly(),
  took: z.array(seconds).max(most).readonly(),
}) satisfies z.ZodType<MatClock>;

const clockRow = z.object({ clock: matClockShape, version: z.number() });
/** A kept clock, and how often it was set. */
export type KeptMatClock = z.output<typeof clockRow>;

/** The clock of a class, or of one of its two groups (0: of all). */
export const findMatClock = (database: Database, classId: string, group: number) =>
  findRow(database, clockRow, 'select clock, version from class_clock where class_id = $1 and group_number = $2', [
    classId,
    group,
  ]);

/** Keeps a clock in the place of the one with this version (0: there is none yet); 0 rows when another device set it meanwhile. */
export const putMatClock = (
  database: Database,
  { classId, group }: { readonly classId: string; readonly group: number },
  clock: MatClock,
  version: number,
  coachId: string,
) =>
  version === 0
    ? runStatement(
        database,
        'insert into class_clock (class_id, group_number, clock, changed_by) values ($1, $2, $3, $4) on conflict (class_id, group_number) do nothing',
        [classId, group, JSON.stringify(clock), coachId],
      )
    : runStatement(
        database,
        `update class_clock set clock = $3, version = version + 1, changed_by = $5, changed_at = now()
         where class_id = $1 and group_number = $2 and version = $4`,
        [classId, group, JSON.stringify(clock), version, coachId],
      );
