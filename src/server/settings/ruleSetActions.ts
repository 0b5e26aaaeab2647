'use server';

import { revalidatePath } from 'next/cache';
import { z } from 'zod';
import { type Outcome, refuse } from '@/core/kernel';
import { findRuleSet } from '@/core/scoring';
import { pool } from '@/data/client';
import { deleteHouseRuleSet, insertHouseRuleSet, updateHouseRuleSet } from '@/data/rounds/ruleSets';
import { defineCommand } from '../kernel/defineCommand';
import { ruleSetInput } from './ruleSetInput';

/** Keeps a rule set of the academy's own: a new one without `version`, else the one that nobody else changed since. Rounds judged by it are scored anew. */
export const saveRuleSet = defineCommand({
  actor: 'coach',
  changes: 'rule-set',
  args: [ruleSetInput, z.number().int().min(0).max(2_000_000_000).optional()],
  run: async (coach, rules, version): Promise<Outcome> => {
    if (findRuleSet(rules.id)) return refuse('Make a copy: the rules that come with the product stay as they are.');
    const stored =
      version === undefined
        ? await insertHouseRuleSet(pool(), rules, coach.id)
        : await updateHouseRuleSet(pool(), rules, version, coach.id).catch(nameTaken);
    if (stored === 'name-taken' || (stored === 0 && version === undefined))
      return refuse('Other rules have this name. Choose another.', 'name');
    if (stored === 0) return refuse('Another coach changed these rules meanwhile. Reload, then change them again.');
    revalidatePath('/settings', 'layout');
    return { ok: true };
  },
});

/** Takes a rule set away that no round uses. */
export const removeRuleSet = defineCommand({
  actor: 'coach',
  args: [z.uuid()],
  misfit: 'These rules are not there any more.',
  run: async (_coach, id): Promise<Outcome> => {
    if ((await deleteHouseRuleSet(pool(), id)) === 0)
      return refuse('Rounds are judged by these rules: choose others on their cards first.');
    revalidatePath('/settings', 'layout');
    return { ok: true };
  },
});

function nameTaken(error: unknown): 'name-taken' {
  if (error instanceof Error && 'code' in error && error.code === '23505') return 'name-taken';
  throw error;
}
