'use server';

import { revalidatePath } from 'next/cache';
import { z } from 'zod';
import { findRuleSet } from '@/core/scoring';
import { pool } from '@/data/client';
import { deleteHouseRuleSet, insertHouseRuleSet, updateHouseRuleSet } from '@/data/rounds/ruleSets';
import { defineAction } from '../kernel/defineAction';
import { messagesOf } from '../rounds/roundInput';
import { type RuleSetOutcome, ruleSetInput } from './ruleSetInput';

const refuse = (field: string, message: string): RuleSetOutcome => ({ ok: false, messages: { [field]: message } });

/** Keeps a rule set of the academy's own: a new one without `version`, else the one that nobody else changed since. Rounds judged by it are scored anew. */
export const saveRuleSet = defineAction({
  args: [ruleSetInput, z.number().int().min(0).max(2_000_000_000).optional()],
  refused: (error): RuleSetOutcome => ({ ok: false, messages: messagesOf(error, 1) }),
  run: async (coach, rules, version): Promise<RuleSetOutcome> => {
    if (findRuleSet(rules.id)) return refuse('', 'Make a copy: the rules that come with the product stay as they are.');
    const stored =
      version === undefined
        ? await insertHouseRuleSet(pool(), rules, coach.id)
        : await updateHouseRuleSet(pool(), rules, version, coach.id).catch(nameTaken);
    if (stored === 'name-taken' || (stored === 0 && version === undefined))
      return refuse('name', 'Other rules have this name. Choose another.');
    if (stored === 0) return refuse('', 'Another coach changed these rules meanwhile. Reload, then change them again.');
    revalidatePath('/settings', 'layout');
    return { ok: true };
  },
});

/** Takes a rule set away that no round uses. */
export const removeRuleSet = defineAction({
  args: [z.uuid()],
  refused: () => refuse('', 'These rules are not there any more.'),
  run: async (_coach, id): Promise<RuleSetOutcome> => {
    if ((await deleteHouseRuleSet(pool(), id)) === 0)
      return refuse('', 'Rounds are judged by these rules: choose others on their cards first.');
    revalidatePath('/settings', 'layout');
    return { ok: true };
  },
});

function nameTaken(error: unknown): 'name-taken' {
  if (error instanceof Error && 'code' in error && error.code === '23505') return 'name-taken';
  throw error;
}
