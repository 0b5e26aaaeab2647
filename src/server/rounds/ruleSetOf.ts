import { findRuleSet, type RuleSet, ruleSets } from '@/core/scoring';
import type { Database } from '@/data/client';
import { findHouseRuleSet, listHouseRuleSets } from '@/data/rounds/ruleSets';
import { isUuid } from '../kernel/isUuid';

/** The rule set that a round names: one that comes with the product, or one of the academy's own. */
export async function ruleSetOf(database: Database, id: string): Promise<RuleSet | undefined> {
  return findRuleSet(id) ?? (isUuid(id) ? await findHouseRuleSet(database, id) : undefined);
}

export interface RuleSetChoice {
  readonly id: string;
  readonly name: string;
}

/** Every rule set that a round may be judged by, the product's first. */
export async function listRuleSetChoices(database: Database): Promise<RuleSetChoice[]> {
  return [...ruleSets, ...(await listHouseRuleSets(database))].map(({ id, name }) => ({ id, name }));
}
