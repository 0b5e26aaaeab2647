import { z } from 'zod';
import type { RuleSet } from '@/core/scoring';
import type { Database } from '../client';
import { findRow, listRows, runStatement } from '../rows';

const ruleSetRow = z
  .object({
    id: z.string(),
    name: z.string(),
    content: z.custom<Omit<RuleSet, 'id' | 'name'>>((value) => typeof value === 'object' && value !== null),
    version: z.number(),
    rounds: z.number(),
  })
  .transform(({ id, name, content, version, rounds }) => ({ ...content, id, name, version, rounds }));
/** A rule set of the academy's own, and how many rounds are judged by it. */
export type HouseRuleSet = z.output<typeof ruleSetRow>;

const select = `select s.id, s.name, s.content, s.version, (select count(*)::int from round r where r.rule_set = s.id::text) as rounds
  from house_rule_set s`;

export const listHouseRuleSets = (database: Database) =>
  listRows(database, ruleSetRow, `${select} order by s.name`, []);
export const findHouseRuleSet = (database: Database, id: string) =>
  findRow(database, ruleSetRow, `${select} where s.id = $1`, [id]);

/** Inserts it; 0 rows when the name is taken. */
export const insertHouseRuleSet = (database: Database, { id, name, ...content }: RuleSet, coachId: string) =>
  runStatement(
    database,
    'insert into house_rule_set (id, name, content, changed_by) values ($1, $2, $3, $4) on conflict (name) do nothing',
    [id, name, content, coachId],
  );

/** 0 rows when somebody else changed it meanwhile, or it is gone. */
export const updateHouseRuleSet = (
  database: Database,
  { id, name, ...content }: RuleSet,
  version: number,
  coachId: string,
) =>
  runStatement(
    database,
    `update house_rule_set set name = $2, content = $3, version = version + 1, changed_by = $5, changed_at = now()
     where id = $1 and version = $4`,
    [id, name, content, version, coachId],
  );

/** Takes it away where no round is judged by it; 0 rows otherwise. */
export const deleteHouseRuleSet = (database: Database, id: string) =>
  runStatement(
    database,
    'delete from house_rule_set where id = $1 and not exists (select 1 from round where rule_set = $1::text)',
    [id],
  );
