'use client';

import Link from 'next/link';
import { useRouter } from 'next/navigation';
import { styled } from 'styled-components';
import type { Difference, Kappa, KindAgreement } from '@/core/agreement';
import { formatClock } from '@/core/clock';
import { kindCalled } from '@/core/round';
import { useAction } from '@/forms/useAction';
import { beginSecond, settle } from '@/server/reviews/secondReviewActions';
import { dayWords } from '@/terms/dayWords';
import { useWordOf } from '@/terms/HouseContext';
import { Notice, Page, Quiet, Row, Section, Stack, Table } from '@/ui/layout/Page';
import { Button } from '@/ui/primitives';
import { color, size, space } from '@/ui/tokens/tokens';
import type { Names } from '../reviewView';
import { differsIn, kappaWords, lineOf, shareWords } from './agreementView';

const Differences = styled.ol`
  list-style: none; margin: 0; padding: 0;
  li { display: grid; grid-template-columns: 60px minmax(0, 1fr) auto; gap: ${space(1)} ${space(3)}; border-top: 1px solid ${color.rule}; padding: ${space(2.5)} 0; align-items: baseline; }
  .side { color: ${color.quiet}; font-size: ${size.small}; }
  .verbs { display: flex; gap: ${space(2)}; }
`;

export interface AgreementPageProps {
  readonly round: {
    readonly id: string;
    readonly heldOn: string;
    readonly startSeconds: number;
    readonly a: string;
    readonly b: string;
  };
  readonly names: Names;
  readonly own?: { readonly id: string; readonly done: boolean };
  readonly waiting: readonly string[];
  readonly firstCount: number;
  readonly agreements: readonly {
    readonly reviewId: string;
    readonly coachName: string;
    readonly kinds: readonly KindAgreement[];
    readonly states: Kappa;
    readonly differences: readonly Difference[];
    readonly settled: number;
  }[];
}

/** The second reviews of a round: how far they agree with the first, and what is to be settled. */
export function AgreementPage(props: AgreementPageProps) {
  const { round, own, waiting, agreements, firstCount } = props;
  const isBlind = own !== undefined && !own.done;
  return (
    <Page
      title="A second pair of eyes"
      aside={`${round.a} and ${round.b}, ${dayWords(round.heldOn)}`}
      actions={isBlind ? undefined : <Link href={`/rounds/${round.id}`}>To the round</Link>}
    >
      {agreements.length === 0 ? (
        <Section>
          <h2>Blind</h2>
          <div className="note">
            Two coaches who do not see each other’s marks show how far a review can be trusted.
          </div>
          <div className="matter">
            <Stack>
              <p>
                {isBlind
                  ? 'Your second review has begun. You do not see the first one’s marks until you say that you are done.'
                  : `Review the round once more without seeing the ${firstCount} marks that are there. When you are done, the two are compared and the differences listed.`}
              </p>
              {own?.done ? null : <BeginButton roundId={round.id} begun={own !== undefined} />}
              {waiting.length > 0 ? <Quiet>At it: {waiting.join(', ')}.</Quiet> : null}
            </Stack>
          </div>
        </Section>
      ) : null}
      {agreements.map((one) => (
        <OneAgreement key={one.reviewId} {...props} agreement={one} />
      ))}
      {agreements.length > 0 && !own ? (
        <Row>
          <BeginButton roundId={round.id} begun={false} />
        </Row>
      ) : null}
    </Page>
  );
}

function BeginButton({ roundId, begun }: { readonly roundId: string; readonly begun: boolean }) {
  return (
    <form action={() => void beginSecond(roundId)}>
      <Button type="submit" look="lead">
        {begun ? 'Go on with your second review' : 'Begin a blind second review'}
      </Button>
    </form>
  );
}

function OneAgreement({
  round,
  names,
  agreement,
}: AgreementPageProps & { readonly agreement: AgreementPageProps['agreements'][number] }) {
  const { coachName, kinds, states, differences, settled, reviewId } = agreement;
  return (
    <>
      <Section>
        <h2>{coachName}’s review</h2>
        <div className="note">
          Marks of one kind and athlete within 2 s are taken for the same; precision and recall take the first review as
          the reference.
        </div>
        <div className="matter">
          <Stack>
            <p>
              Positions second by second, Cohen’s kappa: <strong>{kappaWords(states)}</strong>
            </p>
            <Table>
              <thead>
                <tr>
                  <th>Kind</th>
                  <th>Seen by both</th>
                  <th>Precision</th>
                  <th>Recall</th>
                  <th>F1</th>
                </tr>
              </thead>
              <tbody>
                {kinds.map((one) => (
                  <tr key={one.kind}>
                    <td>{kindCalled(one.kind).many}</td>
                    <td>{one.matched}</td>
                    <td>{shareWords(one.precision)}</td>
                    <td>{shareWords(one.recall)}</td>
                    <td>{shareWords(one.f1)}</td>
                  </tr>
                ))}
              </tbody>
            </Table>
          </Stack>
        </div>
      </Section>
      <Section>
        <h2>To settle</h2>
        <div className="note">
          {differences.length} open{settled > 0 ? `, ${settled} left as they are` : ''}. Look together, then decide.
        </div>
        <div className="matter">
          {differences.length === 0 ? (
            <Quiet>Nothing is left to settle.</Quiet>
          ) : (
            <Differences aria-label={`Differences with ${coachName}`}>
              {differences.map((one) => (
                <DifferenceLine key={one.key} {...{ round, names, reviewId, coachName }} difference={one} />
              ))}
            </Differences>
          )}
        </div>
      </Section>
    </>
  );
}

function DifferenceLine({
  round,
  names,
  reviewId,
  coachName,
  difference,
}: Pick<AgreementPageProps, 'round' | 'names'> & {
  readonly reviewId: string;
  readonly coachName: string;
  readonly difference: Difference;
}) {
  const wordOf = useWordOf();
  const router = useRouter();
  const { message, pending, run } = useAction();
  const { first, second, key, atSeconds } = difference;
  const decide = (take: 'first' | 'second') =>
    run(
      () => settle(round.id, reviewId, key, take),
      () => router.refresh(),
    );
  const takeWords = !second ? 'Take it out' : !first ? 'Take it in' : 'As they saw it';
  return (
    <li>
      <Link href={`/rounds/${round.id}?at=${Math.max(0, atSeconds - 1).toFixed(2)}`}>
        {formatClock(atSeconds - round.startSeconds)}
      </Link>
      <span>
        {first ? lineOf(first, names, wordOf) : <em>not in the round</em>}
        <br />
        <span className="side">
          {coachName}: {second ? lineOf(second, names, wordOf) : 'not marked'}
          {differsIn(difference) ? ` · ${differsIn(difference)}` : ''}
        </span>
        {message ? <Notice role="alert">{message}</Notice> : null}
      </span>
      <span className="verbs">
        <Button isPending={pending} onPress={() => decide('second')}>
          {takeWords}
        </Button>
        <Button look="plain" isPending={pending} onPress={() => decide('first')}>
          Leave it
        </Button>
      </span>
    </li>
  );
}
