import { z } from 'zod';
import type { Database } from '../client';
import { findRow, runStatement } from '../rows';

/** What this academy's decisions on cards taught; undefined before the first. */
export async function findSpeechWeights(database: Database): Promise<readonly number[] | undefined> {
  const row = await findRow(
    database,
    z.object({ weights: z.array(z.number()) }),
    'select weights from speech_weights where id = 1',
  );
  return row?.weights;
}

export const saveSpeechWeights = (database: Database, weights: readonly number[], decided: number) =>
  runStatement(
    database,
    `insert into speech_weights as s (weights, decided) values ($1, $2)
     on conflict (id) do update set weights = excluded.weights, decided = s.decided + excluded.decided`,
    [weights, decided],
  );
