'use client';

import Link from 'next/link';
import { styled } from 'styled-components';
import { certaintyOf, monthsOf, type RecurringError } from '@/core/patterns';
import { findError } from '@/core/vocabulary';
import { dayWords } from '@/terms/dayWords';
import { useWordOf } from '@/terms/HouseContext';
import { color, size, space } from '@/ui/tokens/tokens';
import { beforeAndSince, changeWords, doneThen } from '../changeView';
import { MonthStrip } from './MonthStrip';

const Line = styled.article`
  display: grid; grid-template-columns: 20px minmax(0, 1fr) 176px; gap: 2px ${space(3)}; padding: ${space(2)} 0; border-bottom: 1px solid ${color.rule}; align-items: center;
  .sign { font-size: ${size.large}; line-height: 1; text-align: center; }
  .sign[data-good] { color: ${color.good}; }
  .sign[data-bad] { color: ${color.harm}; }
  &[data-certainty='probable'] h3 { font-weight: 400; }
  h3 { font-size: ${size.body}; font-weight: 600; }
  p { color: ${color.quiet}; font-size: ${size.small}; }
`;
const signs = { gone: '○', less: '↘', more: '↗', back: '↻', same: '●' } as const;

/** One error whose rate changed: what became of it, since when, and what was done then. */
export function Changed({ found }: { readonly found: RecurringError }) {
  const wordOf = useWordOf();
  const error = findError(found.errorId);
  if (!error) return null;
  const { kind } = found.change;
  const isGood = kind === 'gone' || kind === 'less';
  const done = doneThen(found);
  return (
    <Line aria-label={wordOf(found.errorId)} data-certainty={certaintyOf(found)}>
      <span className="sign" aria-hidden data-good={isGood || undefined} data-bad={!isGood || undefined}>
        {signs[kind]}
      </span>
      <div>
        <h3>
          <Link href={`/library/${found.errorId}`}>{wordOf(found.errorId)}</Link>: {changeWords(found)}
        </h3>
        <p>
          {beforeAndSince(error, found)}
          {done
            ? ` · then: ${done.kind === 'class' ? `${done.words}, ${dayWords(done.day)}` : `homework of ${dayWords(done.day)}`}${done.drillId ? ` (${wordOf(done.drillId)})` : ''}`
            : ''}
        </p>
      </div>
      <MonthStrip months={monthsOf(found.history)} interval={found.interval} width={176} height={48} />
    </Line>
  );
}
