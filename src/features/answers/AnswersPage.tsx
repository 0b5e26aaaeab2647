'use client';

import Link from 'next/link';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { styled } from 'styled-components';
import { messageOf } from '@/core/kernel';
import { AWAY } from '@/forms/whyNot';
import { takeStudentAnswer } from '@/server/sharing/answerActions';
import { markAddress } from '@/terms/addresses';
import { dayWords, momentWords } from '@/terms/dayWords';
import { useZone } from '@/terms/ZoneContext';
import { Empty, Notice, Page, Quiet, Row } from '@/ui/layout/Page';
import { PieceFoot, type PieceFootProps } from '@/ui/layout/PieceFoot';
import { Button } from '@/ui/primitives';
import { color, font, space } from '@/ui/tokens/tokens';

export interface AnswerLine {
  readonly id: string;
  readonly personId: string;
  readonly personName: string;
  readonly kind: 'question' | 'feeling' | 'homework';
  readonly asked: string;
  readonly saidAt: string;
  readonly words: string;
  readonly mark?: {
    readonly markId: string;
    readonly roundId: string;
    readonly mediaSeconds: number;
    readonly words: string;
  };
  readonly becomes?: string;
  readonly closing: {
    readonly roundId?: string;
    readonly slot?: 'a' | 'b';
    readonly firstDay: string;
    readonly lastDay: string;
  };
}

const List = styled.ol`
  list-style: none; margin: 0; padding: 0; display: flex; flex-direction: column;
  li { display: grid; grid-template-columns: 170px minmax(0, 1fr) auto; gap: ${space(2)} ${space(6)}; padding: ${space(4)} 0; border-bottom: 1px solid ${color.rule}; align-items: start; }
  .who { display: flex; flex-direction: column; }
  .said { font-family: ${font.serif}; font-size: 20px; line-height: 1.3; }
  .asked { color: ${color.quiet}; }
  .verbs { display: flex; flex-direction: column; gap: ${space(2)}; align-items: stretch; min-width: 210px; }
  @media (max-width: 900px) { li { grid-template-columns: 1fr; } }
`;

export interface AnswersPageProps {
  readonly answers: readonly AnswerLine[];
  readonly foot: PieceFootProps;
}

/** What students said and no coach has taken yet: each becomes part of the round, or is read. */
export function AnswersPage({ answers, foot }: AnswersPageProps) {
  const [problem, setProblem] = useState<string>();
  return (
    <Page
      title="What students say"
      aside="Answers to questions, how rounds felt, homework that was ticked. The oldest first."
    >
      {problem ? <Notice role="alert">{problem}</Notice> : null}
      {answers.length === 0 ? (
        <Empty>
          <h2>Nothing waits</h2>
          <p>
            Once you share a signed review, what its student answers comes here: a question about a mark becomes what
            they meant with one press.
          </p>
        </Empty>
      ) : (
        <List aria-label="Answers">
          {answers.map((answer) => (
            <Answer key={answer.id} answer={answer} onProblem={setProblem} />
          ))}
        </List>
      )}
      <PieceFoot {...foot} />
    </Page>
  );
}

function Answer({
  answer,
  onProblem,
}: {
  readonly answer: AnswerLine;
  readonly onProblem: (problem: string | undefined) => void;
}) {
  const router = useRouter();
  const zone = useZone();
  const [sending, setSending] = useState<string>();
  const { mark, becomes, closing } = answer;
  const take = async (how: 'settle' | 'note' | 'read') => {
    setSending(how);
    const outcome = await takeStudentAnswer(answer.id, how).catch(() => undefined);
    setSending(undefined);
    onProblem(outcome === undefined ? AWAY : outcome.ok ? undefined : messageOf(outcome));
    router.refresh();
  };
  const verb = (how: 'settle' | 'note' | 'read', words: string, look?: 'lead') => (
    <Button look={look} isPending={sending === how} isDisabled={sending !== undefined} onPress={() => void take(how)}>
      {words}
    </Button>
  );
  const closingAddress = closing.roundId
    ? `/rounds/${closing.roundId}/closing?for=${closing.slot}`
    : `/students/${answer.personId}/closing?from=${closing.firstDay}&to=${closing.lastDay}`;
  return (
    <li aria-label={`${answer.personName}: ${answer.words}`}>
      <div className="who">
        <Link href={`/students/${answer.personId}`}>{answer.personName}</Link>
        <Quiet>{momentWords(answer.saidAt, zone)}</Quiet>
        <Link href={closingAddress}>
          <Quiet>review of {dayWords(closing.lastDay)}</Quiet>
        </Link>
      </div>
      <div>
        <p className="asked">
          {answer.kind === 'homework' ? 'Homework: ' : ''}
          {answer.asked}
        </p>
        <p className="said">{answer.words}</p>
        {mark ? (
          <Row>
            <Link href={markAddress(mark)}>▸ {mark.words}</Link>
            {becomes ? <Quiet>becomes: {becomes}</Quiet> : null}
          </Row>
        ) : null}
      </div>
      <div className="verbs">
        {mark ? verb('settle', becomes ? 'Take it: so it was' : 'Settled by this', 'lead') : null}
        {mark ? verb('note', 'Note it, still open') : null}
        {verb('read', mark ? 'Only read' : 'Read', mark ? undefined : 'lead')}
      </div>
    </li>
  );
}
