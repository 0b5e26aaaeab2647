import { z } from 'zod';
import type { Database } from '../client';
import { listRows, runStatement } from '../rows';

/** Days without classes, from a day on, in order. */
export const listHolidays = (database: Database, from: string) =>
  listRows(
    database,
    z.object({ day: z.string(), title: z.string() }),
    'select day, title from holiday where day >= $1 order by day',
    [from],
  );

export const saveHoliday = (database: Database, day: string, title: string) =>
  runStatement(
    database,
    'insert into holiday (day, title) values ($1, $2) on conflict (day) do update set title = excluded.title',
    [day, title],
  );

export const deleteHoliday = (database: Database, day: string) =>
  runStatement(database, 'delete from holiday where day = $1', [day]);
