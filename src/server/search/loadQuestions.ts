import { wordsOf } from '@/core/callline';
import type { NewestAnswer, SearchedAnswer } from '@/core/search';
import { pool } from '@/data/client';
import { type KeptQuestion, listQuestions } from '@/data/language/questions';
import { requireCoach } from '../accounts/currentCoach';
import { answerOfNewest, answerTo, ask } from './answer';
import { MOST_QUESTIONS } from './questionInput';
import { openWorld } from './understand';

/** A kept question with its answer of now. */
export interface AnsweredQuestion extends KeptQuestion {
  readonly answer?: SearchedAnswer;
  readonly newest?: NewestAnswer;
}

/** The questions that this coach keeps, unanswered. */
export const listKeptQuestions = async (): Promise<KeptQuestion[]> =>
  listQuestions(pool(), (await requireCoach()).id, MOST_QUESTIONS);

/** The questions that this coach keeps, each answered from the marks of now. */
export const loadQuestions = async (): Promise<AnsweredQuestion[]> => answerAll(await listKeptQuestions());

/** Those of them that are about one person. */
export async function loadQuestionsAbout({
  id,
  name,
}: {
  readonly id: string;
  readonly name: string;
}): Promise<AnsweredQuestion[]> {
  const named = wordsOf(name);
  const kept = (await listKeptQuestions()).filter(({ text }) =>
    wordsOf(text).some((word) => named.some((part) => part.startsWith(word))),
  );
  return answerAll(kept, id);
}

async function answerAll(kept: readonly KeptQuestion[], personId?: string): Promise<AnsweredQuestion[]> {
  if (kept.length === 0) return [];
  const world = await openWorld();
  const answered = await Promise.all(
    kept.map(async (question) => {
      const asked = ask(world, question.text, question);
      if (personId !== undefined && !asked.query.personIds.includes(personId)) return [];
      const [answer, newest] = await Promise.all([answerTo(asked), answerOfNewest(asked)]);
      return [{ ...question, answer, newest }];
    }),
  );
  return answered.flat();
}
