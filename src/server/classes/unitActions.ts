'use server';

import { revalidatePath } from 'next/cache';
import { z } from 'zod';
import { refuse } from '@/core/kernel';
import { storableText } from '@/core/marks';
import { belts, kindOf } from '@/core/vocabulary';
import { deleteUnit, findUnit, insertUnit, listUnits, orderUnits, updateUnit } from '@/data/classes/units';
import { inTransaction, pool } from '@/data/client';
import { planFirsts, savePlanFirst } from '@/data/people/academy';
import { defineCommand, seenVersion } from '../kernel/defineCommand';
import { putOnce } from '../kernel/putOnce';

const unitInput = z.object({
  title: storableText().trim().min(1, 'Give the unit a name.').max(120, 'Use at most 120 characters.'),
  belt: z.enum(belts),
  conceptIds: z
    .array(storableText().max(120))
    .min(1, 'Put at least one entry of the library in.')
    .max(30, 'Put at most 30 entries in.'),
});

/** Makes a unit of the curriculum under the id that the page gave it (version 0), or changes one that nobody else changed since. */
export const saveUnit = defineCommand({
  actor: 'coach',
  args: [unitInput, seenVersion],
  run: async (_coach, draft, { id, version }) => {
    const unknown = draft.conceptIds.find((one) => kindOf(one) === undefined);
    if (unknown !== undefined)
      return refuse('One of the entries is no longer in the library. Take it out.', 'conceptIds');
    const content = { id, ...draft, conceptIds: [...new Set(draft.conceptIds)] };
    const touched = await putOnce(version, {
      insert: () => insertUnit(pool(), content),
      find: () => findUnit(pool(), id),
      content,
      update: (seen) => updateUnit(pool(), content, seen),
    });
    if (touched === 0)
      return refuse('Another coach changed this unit meanwhile. Reload the page, then make your change again.');
    revalidatePath('/classes/curriculum');
    return { ok: true };
  },
});

export const removeUnit = defineCommand({
  actor: 'coach',
  args: [z.uuid()],
  run: async (_coach, id) => {
    await deleteUnit(pool(), id);
    revalidatePath('/classes/curriculum');
    return { ok: true };
  },
});

/** Moves a unit one place up or down among those of its belt; nothing at the ends. */
export const moveUnit = defineCommand({
  actor: 'coach',
  args: [z.uuid(), z.enum(['up', 'down'])],
  run: async (_coach, id, way) => {
    await inTransaction(pool(), async (client) => {
      const unit = await findUnit(client, id);
      if (!unit) return;
      const ids = (await listUnits(client, unit.belt)).map((one) => one.id);
      const from = ids.indexOf(id);
      const to = from + (way === 'up' ? -1 : 1);
      const other = ids[to];
      if (other === undefined) return;
      [ids[from], ids[to]] = [other, id];
      await orderUnits(client, ids);
    });
    revalidatePath('/classes/curriculum');
    return { ok: true };
  },
});

/** Says what decides the theme of a class that nobody set. Plans that are there stay as they are until they are made anew. */
export const setPlanFirst = defineCommand({
  actor: 'coach',
  args: [z.enum(planFirsts)],
  run: async (_coach, planFirst) => {
    await savePlanFirst(pool(), planFirst);
    revalidatePath('/classes');
    return { ok: true };
  },
});
