'use client';

import Link from 'next/link';
import { styled } from 'styled-components';
import { answerWords } from '@/core/reviewing';
import { dayWords } from '@/terms/dayWords';
import { useWordOf } from '@/terms/HouseContext';
import { Quiet } from '@/ui/layout/Page';
import { useShowAll } from '@/ui/layout/ShowAll';
import { color, font, size, space } from '@/ui/tokens/tokens';

const Review = styled.article`
  padding: ${space(2)} 0; border-bottom: 1px solid ${color.rule};
  h3 { font-family: ${font.sans}; font-size: ${size.body}; margin: 0; font-weight: 600; }
  ul { margin: ${space(1)} 0 0; padding: 0; list-style: none; display: flex; flex-direction: column; gap: 2px; }
  li strong { font-weight: 600; }
`;

/** What the student said to a review. */
export interface SaidLine {
  readonly reviewId: string;
  readonly kind: 'question' | 'feeling' | 'homework';
  readonly place: number;
  readonly said: string;
  readonly choice?: number;
  readonly isDone?: boolean;
}

export interface SignedReviewLine {
  readonly id: string;
  /** Of a review of one round; one of days has neither, nor a partner. */
  readonly roundId?: string;
  readonly slot?: 'a' | 'b';
  readonly firstDay: string;
  readonly heldOn: string;
  readonly partner?: string;
  readonly signedByName?: string;
  readonly content: {
    readonly good: { readonly text: string };
    readonly points: readonly {
      readonly title: string;
      readonly errorId?: string;
      readonly cue: string;
      readonly drillId?: string;
      readonly homework: string;
      readonly homeworkDue: string;
    }[];
    readonly questions: readonly { readonly text: string; readonly choices: readonly { readonly text: string }[] }[];
    readonly remark: string;
  };
}
const SHOWN = 3;

/** Signed reviews, newest first: what was good, what to work on with its homework, and what was asked. */
export function Reviews({
  personId,
  reviews,
  said,
}: {
  readonly personId: string;
  readonly reviews: readonly SignedReviewLine[];
  readonly said: readonly SaidLine[];
}) {
  const wordOf = useWordOf();
  const { shown, toggle } = useShowAll(reviews, SHOWN);
  if (reviews.length === 0) return <p>No review is signed yet: “Close the review” in Review drafts one.</p>;
  return (
    <>
      {shown.map(({ id, signedByName, content, ...closed }) => (
        <Review key={id}>
          <h3>
            <Link href={closingAddress(personId, closed)}>{closedWords(closed)}</Link>{' '}
            <Quiet style={{ fontWeight: 400 }}>{signedByName ? `signed by ${signedByName}` : ''}</Quiet>
          </h3>
          <ul>
            {content.good.text ? <li>Good: {content.good.text}</li> : null}
            {content.points.map((point, at) => (
              <li key={point.title}>
                <strong>{point.title}</strong>
                {point.cue ? `: ${point.cue}` : ''}
                {point.drillId ? <Quiet> · {wordOf(point.drillId)}</Quiet> : null}
                {point.homework ? (
                  <Quiet>
                    {' '}
                    · homework{point.homeworkDue ? ` for ${dayWords(point.homeworkDue)}` : ''}: {point.homework}
                    {doneWords(said.find((one) => one.reviewId === id && one.kind === 'homework' && one.place === at))}
                  </Quiet>
                ) : null}
              </li>
            ))}
            {content.questions.map((question, at) => (
              <li key={question.text}>
                Asked: “{question.text}”{' '}
                <Quiet>
                  {saidWords(
                    question.choices,
                    said.find((one) => one.reviewId === id && one.kind === 'question' && one.place === at),
                  )}
                </Quiet>
              </li>
            ))}
            {said
              .filter((one) => one.reviewId === id && one.kind === 'feeling')
              .map((one) => (
                <li key="felt">Felt: “{one.said}”</li>
              ))}
          </ul>
        </Review>
      ))}
      {toggle}
    </>
  );
}

type Closed = Pick<SignedReviewLine, 'roundId' | 'slot' | 'firstDay' | 'heldOn' | 'partner'>;

const closingAddress = (personId: string, { roundId, slot, firstDay, heldOn }: Closed): string =>
  roundId ? `/rounds/${roundId}/closing?for=${slot}` : `/students/${personId}/closing?from=${firstDay}&to=${heldOn}`;

const closedWords = ({ partner, firstDay, heldOn }: Closed): string => {
  if (partner) return `${dayWords(heldOn)} with ${partner}`;
  return firstDay === heldOn ? `${dayWords(heldOn)}, the evening` : `${dayWords(firstDay)} to ${dayWords(heldOn)}`;
};

const doneWords = (said: SaidLine | undefined): string => (said ? ` · they say: ${answerWords(said)}` : '');

const saidWords = (choices: readonly { readonly text: string }[], said: SaidLine | undefined): string =>
  said ? answerWords(said, choices) : 'not answered yet';
