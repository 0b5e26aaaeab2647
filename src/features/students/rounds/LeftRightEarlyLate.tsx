'use client';

import type { Answers, lateErrors, SideCount } from '@/core/patterns';
import { useWordOf } from '@/terms/HouseContext';
import { Quiet } from '@/ui/layout/Page';
import type { RoundLabels } from '../errors/Moments';
import { Answering, NextMarked } from './Answering';

export type LateErrors = ReturnType<typeof lateErrors>;

const probability = (p: number) =>
  p < 0.001 ? 'less than 1 in 1000' : `about ${Math.max(1, Math.round(p * 1000))} in 1000`;

/** "1.8 times as often", "60 % as often". */
const ratioWords = (ratio: number): string =>
  ratio >= 1 ? `${ratio.toFixed(1)} times as often` : `${Math.round(ratio * 100)} % as often`;

export interface LeftRightEarlyLateProps {
  readonly sides: readonly SideCount[];
  /** The last third of rounds against the first two. */
  readonly late: LateErrors;
  /** The third round of a session and later against the first two. */
  readonly later: LateErrors;
  /** Timed with the stopwatch, and read off the marks. */
  readonly answers: { readonly timed?: Answers; readonly marked?: Answers };
  readonly labels: RoundLabels;
}

/** What chance would hardly bring: one side only, errors late in rounds or in sessions, waiting instead of answering. What is not flagged folds away. */
export function LeftRightEarlyLate({
  sides,
  late,
  later,
  answers: { timed, marked },
  labels,
}: LeftRightEarlyLateProps) {
  const wordOf = useWordOf();
  const nameOf = ({ of, conceptId }: SideCount) => (conceptId === undefined ? `all ${of}` : wordOf(conceptId));
  const keyOf = ({ of, conceptId }: SideCount) => `${of} ${conceptId}`;
  const flagged = sides.filter((one) => one.isFlagged);
  const rest = sides.filter((one) => !one.isFlagged);
  const times = [
    { found: late, where: 'in rounds', when: 'in the last third' },
    { found: later, where: 'in sessions', when: 'in the third round of an evening and later' },
  ].flatMap(({ found, ...words }) => (found ? [{ ...words, found }] : []));
  const told = times.filter(({ found }) => found.isFlagged);
  const untold = times.filter(({ found }) => !found.isFlagged);
  return (
    <>
      {flagged.map((one) => (
        <p key={keyOf(one)}>
          <strong>
            {nameOf(one)}: nearly always {one.left > one.right ? 'left' : 'right'}
          </strong>
          , {one.left} left and {one.right} right <Quiet>(by chance {probability(one.p)})</Quiet>
        </p>
      ))}
      {told.map(({ found, where, when }) => (
        <p key={where}>
          <strong>
            Errors {found.ratio > 1 ? 'late' : 'early'} {where}
          </strong>
          : {when} {ratioWords(found.ratio)} as before{' '}
          <Quiet>
            (between {found.interval.low.toFixed(1)} and {found.interval.high.toFixed(1)})
          </Quiet>
        </p>
      ))}
      {timed?.isFlagged ? <Answering answers={timed} labels={labels} /> : null}
      {flagged.length === 0 && told.length === 0 && !timed?.isFlagged ? (
        <p>Nothing here that chance would not bring.</p>
      ) : null}
      {rest.length > 0 || untold.length > 0 || marked || (timed && !timed.isFlagged) ? (
        <details>
          <summary>what was counted</summary>
          {rest.map((one) => (
            <p key={keyOf(one)}>
              {nameOf(one)}: {one.left} left, {one.right} right
            </p>
          ))}
          {untold.map(({ found, where, when }) => (
            <p key={where}>
              Errors {when}: {ratioWords(found.ratio)} as before
            </p>
          ))}
          {timed && !timed.isFlagged ? <Answering answers={timed} labels={labels} /> : null}
          {marked ? <NextMarked answers={marked} /> : null}
        </details>
      ) : null}
    </>
  );
}
