import { z } from 'zod';
import type { Database } from '../client';
import { findRow, runStatement } from '../rows';
import { cutShape } from './cutShape';

const cutsRow = z.object({ cuts: z.array(cutShape), version: z.number() });

/** The cuts of a file as they were last left; undefined where nobody has touched any. */
export const findCuts = (database: Database, footageId: string) =>
  findRow(database, cutsRow, 'select cuts, version from footage_cut where footage_id = $1 and shape = 1', [footageId]);

/** Keeps the cuts of a file if nobody else changed them since `version` (0: there were none); returns the rows touched (0 or 1). */
export const putCuts = (
  database: Database,
  footageId: string,
  cuts: readonly z.output<typeof cutShape>[],
  version: number,
  coachId: string,
) =>
  runStatement(
    database,
    version === 0
      ? `insert into footage_cut (footage_id, cuts, version, changed_by) values ($1, $2, $3 + 1, $4) on conflict (footage_id) do nothing`
      : `update footage_cut set cuts = $2, version = $3 + 1, changed_by = $4, changed_at = now() where footage_id = $1 and version = $3`,
    [footageId, JSON.stringify(cuts), version, coachId],
  );
