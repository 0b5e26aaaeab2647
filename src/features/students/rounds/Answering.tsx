'use client';

import type { Answers } from '@/core/patterns';
import { usualLimits } from '@/core/reaction';
import { Quiet } from '@/ui/layout/Page';
import { Moments, type RoundLabels } from '../errors/Moments';

const secondsWords = (seconds: number): string => `${seconds.toFixed(1)} s`;

/** How fast somebody answers what partners begin, and what was waited through, to be played in a row. */
export function Answering({ answers, labels }: { readonly answers: Answers; readonly labels: RoundLabels }) {
  const { count, unanswered, medianSeconds, medianIsOver, quartiles, waited, isFlagged } = answers;
  const [low, high] = quartiles;
  const middle = medianIsOver ? `over ${secondsWords(medianSeconds)}` : secondsWords(medianSeconds);
  const told = `waits ${usualLimits.passiveSeconds} s and more in ${waited.length} of ${count}`;
  return (
    <>
      <p>
        {isFlagged ? (
          <>
            <strong>Answers late</strong>: {told}
            {unanswered > 0 ? `, ${unanswered} of them never answered` : ''}; half of all answers take {middle} and more
          </>
        ) : (
          <>
            Answers what partners begin after {middle} in the middle, {told}
            {unanswered > 0 ? `, ${unanswered} of them never answered` : ''}
          </>
        )}{' '}
        <Quiet>
          (half lie between {secondsWords(low)} and {secondsWords(high)})
        </Quiet>
      </p>
      {waited.length > 0 ? (
        <Moments moments={waited} rounds={labels} shown={3} title="Waited instead of answering" />
      ) : null}
    </>
  );
}

/** What marks alone say of answers: when the next thing was marked, no more. */
export function NextMarked({ answers: { count, medianSeconds, medianIsOver } }: { readonly answers: Answers }) {
  return (
    <p>
      After what partners begin, their own next mark comes after {medianIsOver ? 'over ' : ''}
      {secondsWords(medianSeconds)} in the middle of {count}{' '}
      <Quiet>(as dense as the marks are; only the stopwatch in Review says how fast somebody answers)</Quiet>
    </p>
  );
}
