'use server';

import { randomUUID } from 'node:crypto';
import { z } from 'zod';
import { refuse } from '@/core/kernel';
import { pool } from '@/data/client';
import type { ReviewContent } from '@/data/reviews/reviewContent';
import { type NewAnswer, saveAnswer } from '@/data/sharing/answers';
import { noteOpened } from '@/data/sharing/links';
import { defineShareCommand } from './defineShareCommand';
import { findShared } from './sharedReview';
import { type AnswerInput, answerInput } from './shareInput';

/** A link is looked at by somebody: their page says so at their first touch or key, which programs that only fetch it never make. */
export const noteLooked = defineShareCommand({
  input: z.object({}),
  run: async (link) => {
    await noteOpened(pool(), link.id);
    return { ok: true };
  },
});

/** Keeps what a student says: to a question, how it felt, whether homework is done. Said anew, it replaces what no coach has taken yet. */
export const sayAnswer = defineShareCommand({
  input: z.object({ closingId: z.uuid(), answer: answerInput }),
  run: async (link, { closingId, answer }) => {
    const shared = await findShared(link, closingId);
    if (!shared) return refuse('This review is not shared any more. Ask your coach.');
    const asked = askedOf(shared.review.content, answer);
    if (asked === undefined)
      return refuse('Your coach has changed the review meanwhile. Load the page again to read it.');
    const { kind, said } = answer;
    const kept: NewAnswer = {
      ...{ id: randomUUID(), reviewId: shared.review.id, personId: link.personId, kind, said, asked },
      place: 'place' in answer ? answer.place : 0,
      choice: kind === 'question' ? answer.choice : undefined,
      isDone: kind === 'homework' ? answer.isDone : undefined,
    };
    if ((await saveAnswer(pool(), kept)) === 0)
      return refuse('Your coach has taken this answer already. Tell them what has changed.');
    return { ok: true };
  },
});

/** What an answer is an answer to; undefined where nothing is asked there. */
function askedOf({ questions, points }: ReviewContent, answer: AnswerInput): string | undefined {
  if (answer.kind === 'feeling') return 'How did it feel?';
  if (answer.kind === 'homework') return points[answer.place]?.homework || undefined;
  const question = questions[answer.place];
  const { choice } = answer;
  return choice !== undefined && question?.choices[choice] === undefined ? undefined : question?.text;
}
