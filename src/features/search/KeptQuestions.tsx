'use client';

import Link from 'next/link';
import { useRouter } from 'next/navigation';
import { styled } from 'styled-components';
import type { NewestAnswer, SearchedAnswer } from '@/core/search';
import { FormMessage } from '@/forms/FormMessage';
import { useNewId } from '@/forms/useNewId';
import { useSending } from '@/forms/useSending';
import { forgetQuestion, keepQuestion } from '@/server/search/questionActions';
import { questionAddress } from '@/terms/addresses';
import { useWordOf } from '@/terms/HouseContext';
import { InNewest } from '@/terms/InNewest';
import { answerWords } from '@/terms/searchWords';
import { Quiet, Section } from '@/ui/layout/Page';
import { Button } from '@/ui/primitives';
import { color, font, size, space } from '@/ui/tokens/tokens';

const One = styled.article`
  display: grid; grid-template-columns: minmax(0, 1fr) auto; gap: 2px ${space(4)}; align-items: baseline; padding: ${space(2)} 0; border-bottom: 1px solid ${color.rule};
  h3 { font-family: ${font.sans}; font-size: ${size.body}; margin: 0; font-weight: 600; }
  p { grid-column: 1; }
`;

/** A question that the coach keeps, answered. */
export interface QuestionLine {
  readonly id: string;
  readonly text: string;
  readonly as?: string;
  readonly whose?: 'own' | 'partner' | 'either';
  readonly answer?: SearchedAnswer;
  readonly newest?: NewestAnswer;
}

/** The coach's own questions with their answers of now; nothing where there are none. */
export function KeptQuestions({ questions }: { readonly questions: readonly QuestionLine[] }) {
  const router = useRouter();
  const wordOf = useWordOf();
  const { messages, isSending, send } = useSending();
  if (questions.length === 0) return null;
  return (
    <Section>
      <h2>Your questions</h2>
      <div className="note">Every round that is reviewed answers them anew.</div>
      <div className="matter">
        <FormMessage messages={messages} />
        {questions.map((question) => (
          <One key={question.id} aria-label={question.text}>
            <h3>
              <Link href={questionAddress(question)}>{question.text}</Link>
            </h3>
            <Button
              look="plain"
              isDisabled={isSending}
              onPress={() =>
                send(
                  () => forgetQuestion(question.id),
                  () => router.refresh(),
                )
              }
            >
              Forget
            </Button>
            <p>
              {question.answer ? answerWords(question.answer, wordOf) : <Quiet>Nothing here has these words.</Quiet>}{' '}
              {question.newest ? <InNewest {...question.newest} /> : null}
            </p>
          </One>
        ))}
      </div>
    </Section>
  );
}

export type KeepQuestionProps = Pick<QuestionLine, 'text' | 'as' | 'whose'> & { readonly isKept: boolean };

/** Keeps what was asked. */
export function KeepQuestion({ isKept, text, as, whose }: KeepQuestionProps) {
  const router = useRouter();
  const fresh = useNewId();
  const { messages, isSending, send } = useSending();
  if (isKept)
    return (
      <Quiet>
        Kept: <Link href="/search">your questions</Link>
      </Quiet>
    );
  return (
    <>
      <FormMessage messages={messages} />
      <Button
        isPending={isSending}
        onPress={() =>
          send(
            () => keepQuestion({ id: fresh.id(), text, as, whose }),
            () => {
              fresh.renew();
              router.refresh();
            },
          )
        }
      >
        Keep this question
      </Button>
    </>
  );
}
