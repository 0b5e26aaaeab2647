'use server';

import { randomUUID } from 'node:crypto';
import { revalidatePath } from 'next/cache';
import { z } from 'zod';
import { refuse } from '@/core/kernel';
import { storableText } from '@/core/marks';
import { withConcept } from '@/core/round';
import { kindOf } from '@/core/vocabulary';
import { pool } from '@/data/client';
import { findMark } from '@/data/marks/marks';
import { findRound } from '@/data/rounds/rounds';
import { defineCommand } from '../kernel/defineCommand';
import { applyChanges } from '../marks/applyChanges';
import { placeOfRound } from '../marks/marksPlace';
import type { Named } from './houseInput';

const UNKNOWN = 'The library does not know this entry any more.';
const unknown = refuse(UNKNOWN);

/** Gives marks another concept of their kind, one stored change for each: what was marked without a name gets one. */
export const nameMarks = defineCommand({
  actor: 'coach',
  args: [z.array(z.uuid()).max(500).readonly(), storableText().max(120)],
  misfit: UNKNOWN,
  run: async (coach, markIds, conceptId): Promise<Named> => {
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
