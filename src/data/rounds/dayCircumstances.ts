import { z } from 'zod';
import type { Circumstances } from '@/core/round';
import type { Database } from '../client';
import { listRows, runStatement } from '../rows';
import { circumstancesShape } from './circumstances';

const row = z.object({ id: z.string(), circumstances: circumstancesShape });
export type RoundCircumstances = z.output<typeof row>;

/** What the other rounds of a round's day were like, held until the transaction ends. */
export const holdCircumstancesOfDay = (database: Database, roundId: string) =>
  listRows(
    database,
    row,
    `select r.id, r.circumstances from round r
     where r.held_on = (select held_on from round where id = $1) and r.id <> $1 order by r.id for no key update`,
    [roundId],
  );

export const setCircumstances = (database: Database, roundId: string, circumstances: Circumstances) =>
  runStatement(database, 'update round set circumstances = $2, version = version + 1 where id = $1', [
    roundId,
    JSON.stringify(circumstances),
  ]);
