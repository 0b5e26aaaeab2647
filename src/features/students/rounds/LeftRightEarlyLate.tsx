'use client';

import type { lateErrors, SideCount } from '@/core/patterns';
import { useWordOf } from '@/terms/HouseContext';
import { Quiet } from '@/ui/layout/Page';

export type LateErrors = ReturnType<typeof lateErrors>;

const probability = (p: number) =>
  p < 0.001 ? 'less than 1 in 1000' : `about ${Math.max(1, Math.round(p * 1000))} in 1000`;

/** What chance would hardly bring: one side only, errors late in rounds. What is not flagged folds away. */
export function LeftRightEarlyLate({
  sides,
  late,
}: {
  readonly sides: readonly SideCount[];
  readonly late: LateErrors;
}) {
  const wordOf = useWordOf();
  const nameOf = ({ techniqueId }: SideCount) => (techniqueId === undefined ? 'all attempts' : wordOf(techniqueId));
  const flagged = sides.filter((one) => one.isFlagged);
  const rest = sides.filter((one) => !one.isFlagged);
  return (
    <>
      {flagged.map((one) => (
        <p key={nameOf(one)}>
          <strong>
            {nameOf(one)}: nearly always {one.left > one.right ? 'left' : 'right'}
          </strong>
          , {one.left} left and {one.right} right <Quiet>(by chance {probability(one.p)})</Quiet>
        </p>
      ))}
      {late?.isFlagged ? (
        <p>
          <strong>Errors {late.ratio > 1 ? 'late' : 'early'} in rounds</strong>: in the last third{' '}
          {late.ratio >= 1 ? `${late.ratio.toFixed(1)} times as often` : `${Math.round(late.ratio * 100)} % as often`}{' '}
          as before{' '}
          <Quiet>
            (between {late.interval.low.toFixed(1)} and {late.interval.high.toFixed(1)})
          </Quiet>
        </p>
      ) : null}
      {flagged.length === 0 && !late?.isFlagged ? <p>Nothing here that chance would not bring.</p> : null}
      {rest.length > 0 || (late && !late.isFlagged) ? (
        <details>
          <summary>what was counted</summary>
          {rest.map((one) => (
            <p key={nameOf(one)}>
              {nameOf(one)}: {one.left} left, {one.right} right
            </p>
          ))}
          {late && !late.isFlagged ? (
            <p>Errors in the last third: {late.ratio.toFixed(1)} times as often as before</p>
          ) : null}
        </details>
      ) : null}
    </>
  );
}
