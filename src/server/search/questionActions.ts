'use server';

import { revalidatePath } from 'next/cache';
import { type Outcome, refuse } from '@/core/kernel';
import { pool } from '@/data/client';
import { deleteQuestion, insertQuestion, listQuestions } from '@/data/language/questions';
import { defineCommand } from '../kernel/defineCommand';
import { MOST_QUESTIONS, questionId, questionInput } from './questionInput';

/** Keeps a question for this coach: from now on every round that is reviewed answers it. Keeping it twice changes nothing. */
export const keepQuestion = defineCommand({
  actor: 'coach',
  args: [questionInput],
  run: async (coach, question): Promise<Outcome> => {
    const kept = await insertQuestion(pool(), coach.id, question, MOST_QUESTIONS);
    if (kept === 0 && (await listQuestions(pool(), coach.id, MOST_QUESTIONS)).length >= MOST_QUESTIONS)
      return refuse(`There is room for ${MOST_QUESTIONS} questions. Forget one under Search, then keep this one.`);
    revalidatePath('/search');
    return { ok: true };
  },
});

/** Forgets a question of this coach's own; one that is gone is forgotten. */
export const forgetQuestion = defineCommand({
  actor: 'coach',
  args: [questionId],
  run: async (coach, id): Promise<Outcome> => {
    await deleteQuestion(pool(), coach.id, id);
    revalidatePath('/search');
    return { ok: true };
  },
});
