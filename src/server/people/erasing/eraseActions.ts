'use server';

import { revalidatePath } from 'next/cache';
import { z } from 'zod';
import { type Outcome, refuse } from '@/core/kernel';
import { pool } from '@/data/client';
import { findPerson } from '@/data/people/people';
import { defineCommand } from '../../kernel/defineCommand';
import { erase } from './erase';

/** Makes somebody nameless for good; their name is typed once more, so that nobody is taken for another. */
export const erasePerson = defineCommand({
  actor: 'head-coach',
  noted: 'erased',
  args: [z.uuid(), z.enum(['kept', 'blurred']), z.string().max(200)],
  run: async (coach, personId, films, typed): Promise<Outcome> => {
    const person = await findPerson(pool(), personId);
    if (!person) return refuse('This person is no longer there.');
    if (typed.trim().toLowerCase() !== person.name.trim().toLowerCase())
      return { ok: false, messages: { typed: `Type the whole name: ${person.name}` } };
    await erase(personId, films, coach.id);
    revalidatePath('/', 'layout');
    return { ok: true };
  },
});
