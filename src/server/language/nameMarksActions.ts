'use server';

import { randomUUID } from 'node:crypto';
import { revalidatePath } from 'next/cache';
import { withConcept } from '@/core/round';
import { kindOf } from '@/core/vocabulary';
import { pool } from '@/data/client';
import { findMark } from '@/data/marks/marks';
import { findRound } from '@/data/rounds/rounds';
import { requireCoach } from '../accounts/currentCoach';
import { isUuid } from '../kernel/isUuid';
import { applyChanges } from '../marks/applyChanges';
import { placeOfRound } from '../marks/marksPlace';
import type { WordOutcome } from './houseInput';

/** Gives marks another concept of their kind, one stored change for each: what was marked without a name gets one. */
export async function nameMarks(markIds: readonly string[], conceptId: string): Promise<WordOutcome> {
  const coach = await requireCoach();
  const kind = kindOf(conceptId);
  if (!kind || markIds.length > 500) return { ok: false, message: 'The library does not know this entry any more.' };
  let named = 0;
  for (const id of markIds.filter(isUuid)) {
    const stored = await findMark(pool(), id);
    const round = stored && !stored.deleted ? await findRound(pool(), stored.scopeId) : undefined;
    if (!stored || !round) continue;
    const markKind = stored.mark.kind === 'chance' ? 'attempt' : stored.mark.kind;
    if (markKind !== kind) continue;
    const mark = withConcept(stored.mark, conceptId);
    const change = { changeId: randomUUID(), mark, baseChangeId: stored.changeId, removed: false };
    const [outcome] = await applyChanges(pool(), placeOfRound(round), [change], coach.id);
    if (outcome?.status === 'stored') named += 1;
  }
  revalidatePath('/', 'layout');
  return named > 0
    ? { ok: true, id: conceptId }
    : {
        ok: false,
        message: 'None of these marks could take that name: it is of another kind, or they were changed meanwhile.',
      };
}
