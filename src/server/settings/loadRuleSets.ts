import { type RuleSet, ruleSets } from '@/core/scoring';
import { pool } from '@/data/client';
import { type HouseRuleSet, listHouseRuleSets } from '@/data/rounds/ruleSets';
import { requireCoach } from '../accounts/currentCoach';

export interface RuleSetsPage {
  readonly own: readonly HouseRuleSet[];
  /** Those that come with the product; they are copied, not changed. */
  readonly given: readonly RuleSet[];
}

export async function loadRuleSets(): Promise<RuleSetsPage> {
  await requireCoach();
  return { own: await listHouseRuleSets(pool()), given: ruleSets };
}
