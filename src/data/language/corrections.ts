import { z } from 'zod';
import type { Database } from '../client';
import { findRow, listRows, runStatement } from '../rows';

/** One more time that these words meant this entry; gives how often by now. */
export async function countCorrection(database: Database, words: string, conceptId: string): Promise<number> {
  const row = await findRow(
    database,
    z.object({ times: z.number() }),
    `insert into call_correction as c (words, concept_id) values ($1, $2)
     on conflict (words, concept_id) do update set times = c.times + 1, last_at = now() returning times`,
    [words, conceptId],
  );
  return row?.times ?? 0;
}

const learnedRow = z
  .object({ words: z.string(), concept_id: z.string(), times: z.number(), is_learned: z.boolean() })
  .transform((row) => ({
    words: row.words,
    conceptId: row.concept_id,
    times: row.times,
    isLearned: row.is_learned,
  }));
/** Words that a coach corrected, what they meant, how often, and whether they are understood so by now. */
export type Correction = z.output<typeof learnedRow>;

/** The newest corrections, those that are words by now first. */
export const listCorrections = (database: Database, most: number) =>
  listRows(
    database,
    learnedRow,
    `select c.words, c.concept_id, c.times, a.alias is not null as is_learned
     from call_correction c left join house_alias a on a.concept_id = c.concept_id and a.alias = c.words and a.learned
     order by is_learned desc, c.last_at desc, c.words limit $1`,
    [most],
  );

/** How many words were learned. */
export async function countLearned(database: Database): Promise<number> {
  const row = await findRow(
    database,
    z.object({ count: z.number() }),
    'select count(*)::int as count from house_alias where learned',
  );
  return row?.count ?? 0;
}

export const insertLearned = (database: Database, conceptId: string, words: string) =>
  runStatement(
    database,
    'insert into house_alias (concept_id, alias, learned) values ($1, $2, true) on conflict do nothing',
    [conceptId, words],
  );

/** Forgets a correction, so that the words begin anew. */
export const deleteCorrection = (database: Database, words: string, conceptId: string) =>
  runStatement(database, 'delete from call_correction where words = $1 and concept_id = $2', [words, conceptId]);
