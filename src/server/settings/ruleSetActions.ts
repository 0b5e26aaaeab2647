'use server';

import { revalidatePath } from 'next/cache';
import { findRuleSet } from '@/core/scoring';
import { pool } from '@/data/client';
import { deleteHouseRuleSet, insertHouseRuleSet, updateHouseRuleSet } from '@/data/rounds/ruleSets';
import { requireCoach } from '../accounts/currentCoach';
import { isUuid } from '../kernel/isUuid';
import { messagesOf } from '../rounds/roundInput';
import { type RuleSetInput, type RuleSetOutcome, ruleSetInput } from './ruleSetInput';

const refuse = (field: string, message: string): RuleSetOutcome => ({ ok: false, messages: { [field]: message } });

/** Keeps a rule set of the academy's own: a new one without `version`, else the one that nobody else changed since. Rounds judged by it are scored anew. */
export async function saveRuleSet(draft: RuleSetInput, version?: number): Promise<RuleSetOutcome> {
  const coach = await requireCoach();
  const input = ruleSetInput.safeParse(draft);
  if (!input.success) return { ok: false, messages: messagesOf(input.error) };
  if (findRuleSet(input.data.id))
    return refuse('', 'Make a copy: the rules that come with the product stay as they are.');
  const stored =
    version === undefined
      ? await insertHouseRuleSet(pool(), input.data, coach.id)
      : await updateHouseRuleSet(pool(), input.data, version, coach.id).catch(nameTaken);
  if (stored === 'name-taken' || (stored === 0 && version === undefined))
    return refuse('name', 'Other rules have this name. Choose another.');
  if (stored === 0) return refuse('', 'Another coach changed these rules meanwhile. Reload, then change them again.');
  revalidatePath('/settings', 'layout');
  return { ok: true };
}

/** Takes a rule set away that no round uses. */
export async function removeRuleSet(id: string): Promise<RuleSetOutcome> {
  await requireCoach();
  const removed = isUuid(id) ? await deleteHouseRuleSet(pool(), id) : 0;
  if (removed === 0) return refuse('', 'Rounds are judged by these rules: choose others on their cards first.');
  revalidatePath('/settings', 'layout');
  return { ok: true };
}

function nameTaken(error: unknown): 'name-taken' {
  if (error instanceof Error && 'code' in error && error.code === '23505') return 'name-taken';
  throw error;
}
