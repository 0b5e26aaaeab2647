import { z } from 'zod';
import type { Database } from '../client';
import { findRow, runStatement } from '../rows';

const academyRow = z
  .object({
    name: z.string(),
    live_weight_gap_ratio: z.number(),
    minors_with_adults: z.boolean(),
    time_zone: z.string().nullable(),
  })
  .transform((row) => ({
    name: row.name,
    // Stored as a 4-byte float: the limit a coach typed is whole per cents.
    liveWeightGapRatio: Math.round(row.live_weight_gap_ratio * 1000) / 1000,
    minorsWithAdults: row.minors_with_adults,
    timeZone: row.time_zone ?? serverZone(),
  }));
/** Where nobody said where the academy is, it is where its server stands. */
export const serverZone = (): string => Intl.DateTimeFormat().resolvedOptions().timeZone;
export type Academy = z.output<typeof academyRow>;

export async function getAcademy(database: Database): Promise<Academy> {
  const found = await findRow(
    database,
    academyRow,
    'select name, live_weight_gap_ratio, minors_with_adults, time_zone from academy where id = 1',
  );
  return found ?? { name: 'The academy', liveWeightGapRatio: 0.2, minorsWithAdults: false, timeZone: serverZone() };
}

/** Stores the academy; a time zone that is not given stays as it was. */
export const saveAcademy = (database: Database, academy: Omit<Academy, 'timeZone'> & Partial<Academy>) =>
  runStatement(
    database,
    `insert into academy (id, name, live_weight_gap_ratio, minors_with_adults, time_zone) values (1, $1, $2, $3, $4)
     on conflict (id) do update set name = $1, live_weight_gap_ratio = $2, minors_with_adults = $3, time_zone = coalesce($4, academy.time_zone)`,
    [academy.name, academy.liveWeightGapRatio, academy.minorsWithAdults, academy.timeZone ?? null],
  );
