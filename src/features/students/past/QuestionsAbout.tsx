'use client';

import Link from 'next/link';
import type { NewestAnswer, SearchedAnswer } from '@/core/search';
import { questionAddress } from '@/terms/addresses';
import { useWordOf } from '@/terms/HouseContext';
import { InNewest } from '@/terms/InNewest';
import { answerWords } from '@/terms/searchWords';
import { Quiet } from '@/ui/layout/Page';

export interface QuestionAbout {
  readonly id: string;
  readonly text: string;
  readonly as?: string;
  readonly whose?: string;
  readonly answer?: SearchedAnswer;
  readonly newest?: NewestAnswer;
}

/** The coach's own questions about a student, answered from the marks of now. */
export function QuestionsAbout({ questions }: { readonly questions: readonly QuestionAbout[] }) {
  const wordOf = useWordOf();
  if (questions.length === 0)
    return (
      <p>
        <Quiet>
          Ask about this student in the <Link href="/search">search</Link> and keep the question: every reviewed round
          answers it here.
        </Quiet>
      </p>
    );
  return questions.map(({ id, answer, newest, ...question }) => (
    <p key={id}>
      <Link href={questionAddress(question)}>{question.text}</Link>:{' '}
      {answer ? answerWords(answer, wordOf) : 'nothing here has these words.'}{' '}
      {newest ? <InNewest {...newest} /> : null}
    </p>
  ));
}
