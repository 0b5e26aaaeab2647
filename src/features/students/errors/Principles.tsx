'use client';

import { styled } from 'styled-components';
import { type PrincipleSum, principlesOf, type RecurringError } from '@/core/patterns';
import { useWordOf } from '@/terms/HouseContext';
import { times } from '@/terms/times';
import { Quiet } from '@/ui/layout/Page';
import { useShowAll } from '@/ui/layout/ShowAll';
import { size, space } from '@/ui/tokens/tokens';
import { percent } from '../studentView';
import { Moments, type RoundLabels } from './Moments';

const Part = styled.section`
  margin-bottom: ${space(5)};
  h3 { margin-bottom: ${space(1)}; font-size: ${size.body}; }
  > div { padding: ${space(1)} 0; }
`;
const SHOWN = 3;

export interface PrinciplesProps {
  readonly errors: readonly RecurringError[];
  readonly rounds: RoundLabels;
}

/** Errors of one principle added up, whatever the position. */
export function Principles({ errors, rounds }: PrinciplesProps) {
  const { shown, toggle } = useShowAll(principlesOf(errors), SHOWN);
  if (shown.length === 0) return null;
  return (
    <Part aria-label="Under one principle">
      <h3>Under one principle</h3>
      {shown.map((one) => (
        <Line key={one.principle} sum={one} rounds={rounds} />
      ))}
      {toggle}
    </Part>
  );
}

function Line({ sum, rounds }: { readonly sum: PrincipleSum; readonly rounds: RoundLabels }) {
  const { principle, errorIds, occurrences, punishedShare } = sum;
  const wordOf = useWordOf();
  const name = principle.replace('-', ' ');
  const named = errorIds.slice(0, 4).map(wordOf).join(', ');
  const more = errorIds.length > 4 ? ` and ${errorIds.length - 4} more` : '';
  return (
    <div>
      <strong>{name}</strong> {times(occurrences.length)} in {errorIds.length} errors
      {punishedShare === undefined ? '' : `, ${percent(punishedShare)} punished`}{' '}
      <Quiet>
        {named}
        {more}
      </Quiet>
      <Moments moments={occurrences} rounds={rounds} shown={0} title={`What is about ${name}`} />
    </div>
  );
}
