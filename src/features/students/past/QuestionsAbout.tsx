'use client';

import Link from 'next/link';
import type { SearchedAnswer } from '@/core/search';
import { questionAddress } from '@/terms/addresses';
import { answerWords } from '@/terms/searchWords';
import { Quiet } from '@/ui/layout/Page';

export interface QuestionAbout {
  readonly id: string;
  readonly text: string;
  readonly as?: string;
  readonly whose?: string;
  readonly answer?: SearchedAnswer;
}

/** The coach's own questions about a student, answered from the marks of now. */
export function QuestionsAbout({ questions }: { readonly questions: readonly QuestionAbout[] }) {
  if (questions.length === 0)
    return (
      <p>
        <Quiet>
          Ask about this student in the <Link href="/search">search</Link> and keep the question: every reviewed round
          answers it here.
        </Quiet>
      </p>
    );
  return questions.map(({ id, answer, ...question }) => (
    <p key={id}>
      <Link href={questionAddress(question)}>{question.text}</Link>:{' '}
      {answer ? answerWords(answer) : 'nothing here has these words.'}
    </p>
  ));
}
