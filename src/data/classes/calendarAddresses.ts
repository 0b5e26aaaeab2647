import { z } from 'zod';
import type { Database } from '../client';
import { findRow, runStatement } from '../rows';

export interface CalendarAddress {
  readonly madeAt: string;
  /** When a calendar program last read it. */
  readonly lastReadAt?: string;
}

const addressRow = z
  .object({ made_at: z.date(), last_read_at: z.date().nullable() })
  .transform(
    (row): CalendarAddress => ({ madeAt: row.made_at.toISOString(), lastReadAt: row.last_read_at?.toISOString() }),
  );

export const findCalendarAddress = (database: Database, coachId: string) =>
  findRow(database, addressRow, 'select made_at, last_read_at from calendar_address where coach_id = $1', [coachId]);

/** Gives a coach an address; one that they had before is closed by it. */
export const saveCalendarAddress = (database: Database, coachId: string, tokenHash: Buffer) =>
  runStatement(
    database,
    `insert into calendar_address (coach_id, token_hash) values ($1, $2)
     on conflict (coach_id) do update set token_hash = excluded.token_hash, made_at = now(), last_read_at = null`,
    [coachId, tokenHash],
  );

export const deleteCalendarAddress = (database: Database, coachId: string) =>
  runStatement(database, 'delete from calendar_address where coach_id = $1', [coachId]);

/** Notes that an address is read; 0 when it is not there, closed, or of a coach whose account ended. */
export const noteCalendarRead = (database: Database, tokenHash: Buffer) =>
  runStatement(
    database,
    `update calendar_address a set last_read_at = now() from coach c
     where a.token_hash = $1 and c.id = a.coach_id and c.ended_at is null`,
    [tokenHash],
  );
