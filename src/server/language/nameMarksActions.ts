'use server';

import { randomUUID } from 'node:crypto';
import { revalidatePath } from 'next/cache';
import { z } from 'zod';
import { storableText } from '@/core/marks';
import { withConcept } from '@/core/round';
import { kindOf } from '@/core/vocabulary';
import { pool } from '@/data/client';
import { findMark } from '@/data/marks/marks';
import { findRound } from '@/data/rounds/rounds';
import { defineAction } from '../kernel/defineAction';
import { applyChanges } from '../marks/applyChanges';
import { placeOfRound } from '../marks/marksPlace';
import type { WordOutcome } from './houseInput';

const refuse = (message: string): WordOutcome => ({ ok: false, message });
const unknown = refuse('The library does not know this entry any more.');

/** Gives marks another concept of their kind, one stored change for each: what was marked without a name gets one. */
export const nameMarks = defineAction({
  args: [z.array(z.uuid()).max(500).readonly(), storableText().max(120)],
  refused: () => unknown,
  run: async (coach, markIds, conceptId): Promise<WordOutcome> => {
    const kind = kindOf(conceptId);
    if (!kind) return unknown;
    let named = 0;
    for (const id of markIds) {
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
      : refuse('None of these marks could take that name: it is of another kind, or they were changed meanwhile.');
  },
});
