'use client';

import { styled } from 'styled-components';
import type { Habits } from '@/core/patterns';
import { useWordOf } from '@/terms/HouseContext';
import { times } from '@/terms/times';
import { Quiet } from '@/ui/layout/Page';
import { useShowAll } from '@/ui/layout/ShowAll';
import { space } from '@/ui/tokens/tokens';
import { Moments, type RoundLabels } from '../errors/Moments';

const Line = styled.div`
  display: grid; grid-template-columns: minmax(0, 300px) minmax(0, 1fr); gap: ${space(1)} ${space(6)}; padding: ${space(1)} 0; align-items: baseline;
  @media (max-width: 860px) { grid-template-columns: 1fr; }
`;
const SHOWN = 6;

/** What was marked as done well, most often first, with its moments. */
export function GoesWell({
  strengths,
  rounds,
}: {
  readonly strengths: Habits['strengths'];
  readonly rounds: RoundLabels;
}) {
  const wordOf = useWordOf();
  const { shown, toggle } = useShowAll(strengths, SHOWN);
  if (strengths.length === 0) return <p>Nothing is marked as well done yet: write “good …” in Review.</p>;
  return (
    <>
      {shown.map(({ strengthId, moments }) => (
        <Line key={strengthId}>
          <span>
            {wordOf(strengthId)} <Quiet>{times(moments.length)}</Quiet>
          </span>
          <Moments moments={moments} rounds={rounds} shown={3} title={wordOf(strengthId)} />
        </Line>
      ))}
      {toggle}
    </>
  );
}
