'use client';

import Link from 'next/link';
import { useState } from 'react';
import type { ClosingAbout, ReviewContent } from '@/server/reviews/closingInput';
import { dayWords } from '@/terms/dayWords';
import { ActionLink, Notice, Page } from '@/ui/layout/Page';
import { type AnswerLine, AnswersHere } from './AnswersHere';
import { ClosingEditor, type ClosingEditorProps } from './ClosingEditor';
import { type HomeworkLine, LastHomework } from './LastHomework';
import { Sharing, type SharingProps } from './Sharing';
import { SignedReviewView, type SignedVersion } from './SignedReviewView';
import { WhichDays } from './WhichDays';

export interface ClosingPageProps extends Omit<ClosingEditorProps, 'start' | 'seenVersion'> {
  /** Whom it is for; absent for the academy. */
  readonly person?: { readonly id: string; readonly name: string };
  /** The rounds that are closed, in order of time. */
  readonly rounds: readonly {
    readonly id: string;
    readonly heldOn: string;
    readonly a: string;
    readonly b: string;
  }[];
  readonly markCount: number;
  readonly draft: ReviewContent;
  readonly homework: readonly HomeworkLine[];
  /** Newest first. */
  readonly signed: readonly SignedVersion[];
  /** How it is shared, once it is signed for somebody. */
  readonly sharing?: SharingProps;
  readonly answers: readonly AnswerLine[];
}

/** Closing a round, an evening, a visit or the academy's week: a draft to be edited and signed, or what was signed, to be read, printed, shared and opened again. */
export function ClosingPage(props: ClosingPageProps) {
  const { about, person, rounds, signed, markCount, homework } = props;
  const [latest] = signed;
  const [reopened, setReopened] = useState(false);
  return (
    <Page
      title={`For ${person?.name ?? 'the academy'}`}
      aside={`What comes of ${whatWords(props)}`}
      actions={<Actions {...props} />}
    >
      {about.kind === 'round' ? null : <WhichDays about={about} />}
      <LastHomework homework={homework} />
      {latest && !reopened ? (
        <>
          <AnswersHere answers={props.answers} />
          {props.sharing ? <Sharing {...props.sharing} /> : null}
          <SignedReviewView signed={signed} evidence={props.evidence} onReopen={() => setReopened(true)} />
        </>
      ) : markCount === 0 ? (
        <Notice data-tone="calm">
          {about.kind === 'round' ? (
            <>
              Nothing is marked in this round yet. <Link href={`/rounds/${about.roundId}`}>Review it first</Link>; the
              draft is made from the marks.
            </>
          ) : rounds.length === 0 ? (
            'No round of these days is marked yet. Choose other days, or review one first.'
          ) : null}
        </Notice>
      ) : (
        <ClosingEditor {...props} start={latest?.content ?? props.draft} seenVersion={latest?.version ?? 0} />
      )}
    </Page>
  );
}

function Actions({ about, person, rounds }: ClosingPageProps) {
  const [round] = rounds;
  if (about.kind === 'round' && round) {
    const other = about.slot === 'a' ? 'b' : 'a';
    return (
      <>
        <ActionLink href={`/rounds/${round.id}`}>Back to the review</ActionLink>
        <ActionLink href={`/rounds/${round.id}/closing?for=${other}`}>For {round[other]} instead</ActionLink>
        {person ? (
          <ActionLink href={daysAddress({ personId: person.id, firstDay: round.heldOn, lastDay: round.heldOn })}>
            The whole evening
          </ActionLink>
        ) : null}
      </>
    );
  }
  return person ? <ActionLink href={`/students/${person.id}`}>To {person.name}</ActionLink> : null;
}

const daysAddress = (days: Omit<Extract<ClosingAbout, { kind: 'days' }>, 'kind'>): string =>
  `/students/${days.personId}/closing?from=${days.firstDay}&to=${days.lastDay}`;

function whatWords({ about, rounds, markCount }: ClosingPageProps): string {
  const marks = `${markCount} ${markCount === 1 ? 'mark' : 'marks'}`;
  const [round] = rounds;
  if (about.kind === 'round')
    return round
      ? `the round with ${round[about.slot === 'a' ? 'b' : 'a']} on ${dayWords(round.heldOn)}, ${marks}`
      : marks;
  const days =
    about.firstDay === about.lastDay
      ? dayWords(about.firstDay)
      : `${dayWords(about.firstDay)} to ${dayWords(about.lastDay)}`;
  const count = rounds.length === 1 ? 'one round' : `${rounds.length} rounds`;
  return `${days}: ${count}, ${marks}`;
}
