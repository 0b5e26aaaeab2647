'use client';

import Link from 'next/link';
import type { SearchedAnswer } from '@/core/search';
import { answerWords } from '@/terms/searchWords';
import { Quiet } from '@/ui/layout/Page';

export interface QuestionAbout {
  readonly id: string;
  readonly text: string;
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
  return questions.map(({ id, text, answer }) => (
    <p key={id}>
      <Link href={`/search?${new URLSearchParams({ q: text })}`}>{text}</Link>:{' '}
      {answer ? answerWords(answer) : 'nothing here has these words.'}
    </p>
  ));
}
