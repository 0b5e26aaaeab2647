import { z } from 'zod';
import type { Database } from '../client';
import { findRow, runStatement } from '../rows';

const academyRow = z
  .object({ name: z.string(), live_weight_gap_ratio: z.number(), minors_with_adults: z.boolean() })
  .transform((row) => ({
    name: row.name,
    // Stored as a 4-byte float: the limit a coach typed is whole per cents.
    liveWeightGapRatio: Math.round(row.live_weight_gap_ratio * 1000) / 1000,
    minorsWithAdults: row.minors_with_adults,
  }));
export type Academy = z.output<typeof academyRow>;

export async function getAcademy(database: Database): Promise<Academy> {
  const found = await findRow(
    database,
    academyRow,
    'select name, live_weight_gap_ratio, minors_with_adults from academy where id = 1',
  );
  return found ?? { name: 'The academy', liveWeightGapRatio: 0.2, minorsWithAdults: false };
}

export const saveAcademy = (database: Database, academy: Academy) =>
  runStatement(
    database,
    `insert into academy (id, name, live_weight_gap_ratio, minors_with_adults) values (1, $1, $2, $3)
     on conflict (id) do update set name = $1, live_weight_gap_ratio = $2, minors_with_adults = $3`,
    [academy.name, academy.liveWeightGapRatio, academy.minorsWithAdults],
  );
