import { z } from 'zod';
import type { EdgeWeights, ResultGroup } from '@/core/patterns';
import type { Database } from '../client';
import { findRow, listRows, runStatement } from '../rows';

const edgeRow = z
  .object({ per_belt: z.number(), per_tenth: z.number(), rounds: z.number() })
  .transform((row): EdgeWeights => ({ perBelt: row.per_belt, perTenth: row.per_tenth, rounds: row.rounds }));

/** What belts and weights are worth in this academy's rounds; undefined before that was learned. */
export const findEdge = (database: Database) =>
  findRow(database, edgeRow, 'select per_belt, per_tenth, rounds from academy_edge');

export const saveEdge = (database: Database, { perBelt, perTenth, rounds }: EdgeWeights) =>
  runStatement(
    database,
    `insert into academy_edge (per_belt, per_tenth, rounds) values ($1, $2, $3)
     on conflict (single) do update set per_belt = excluded.per_belt, per_tenth = excluded.per_tenth, rounds = excluded.rounds`,
    [perBelt, perTenth, rounds],
  );

/** Every round whose gaps are known, once, by belts to a quarter and weights to a twentieth. */
export const listResultGroups = (database: Database) =>
  listRows(
    database,
    z.object({ belt_gap: z.number(), weight_gap: z.number(), rounds: z.number(), results: z.number() }).transform(
      (row): ResultGroup => ({
        beltGap: row.belt_gap,
        weightGap: row.weight_gap,
        rounds: row.rounds,
        results: row.results,
      }),
    ),
    `select round(coalesce(belt_gap, 0) * 4)::float8 / 4 as belt_gap, round(coalesce(weight_gap, 0) * 20)::float8 / 20 as weight_gap,
       count(*)::int as rounds, sum(result)::float8 as results
     from round_figure where slot = 'a' and result is not null and (belt_gap is not null or weight_gap is not null) group by 1, 2 order by 1, 2`,
  );
