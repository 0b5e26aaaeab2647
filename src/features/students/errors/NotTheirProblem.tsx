'use client';

import Link from 'next/link';
import { styled } from 'styled-components';
import type { NotTheirs } from '@/core/patterns';
import { findError } from '@/core/vocabulary';
import { exposureWords } from '@/terms/exposureWords';
import { useWordOf } from '@/terms/HouseContext';
import { Quiet } from '@/ui/layout/Page';
import { useShowAll } from '@/ui/layout/ShowAll';
import { size, space } from '@/ui/tokens/tokens';

const Part = styled.section`
  margin-top: ${space(4)};
  h3 { margin-bottom: ${space(1)}; font-size: ${size.body}; }
`;
const SHOWN = 4;

/** Errors of the same belt that somebody does not make, though they had the chances for it. */
export function NotTheirProblem({ errors }: { readonly errors: readonly NotTheirs[] }) {
  const wordOf = useWordOf();
  const { shown, toggle } = useShowAll(errors, SHOWN);
  if (errors.length === 0) return null;
  return (
    <Part aria-label="Not their problem">
      <h3>Not their problem</h3>
      {shown.map(({ errorId, expected, exposure, unit }) => {
        const error = findError(errorId);
        const amount = unit === 'minutes' ? exposure.toFixed(0) : String(exposure);
        return (
          <p key={errorId}>
            <Link href={`/library/${errorId}`}>{wordOf(errorId)}</Link>{' '}
            <Quiet>
              not once in {amount} {error ? exposureWords(error, true) : ''}; the same belts would show it about{' '}
              {Math.round(expected)} times
            </Quiet>
          </p>
        );
      })}
      {toggle}
    </Part>
  );
}
