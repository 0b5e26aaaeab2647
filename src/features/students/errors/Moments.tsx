'use client';

import Link from 'next/link';
import { useState } from 'react';
import { styled } from 'styled-components';
import { formatClock } from '@/core/clock';
import { markAddress } from '@/terms/addresses';
import { dayWords } from '@/terms/dayWords';
import { color, size, space } from '@/ui/tokens/tokens';

const Row = styled.div`
  display: flex; flex-wrap: wrap; gap: ${space(1)} ${space(3)}; font-size: ${size.small};
  a[data-punished='yes'] { color: ${color.harm}; }
  button { background: none; border: 0; padding: 0; text-decoration: underline; cursor: pointer; font-size: ${size.small}; color: ${color.quiet}; }
  @media print { button { display: none; } }
`;

export interface RoundLabel {
  readonly roundId: string;
  readonly startSeconds: number;
  readonly partner: string;
}
export type RoundLabels = ReadonlyMap<string, RoundLabel>;

export interface MomentsProps {
  readonly moments: readonly {
    readonly markId?: string;
    readonly roundId: string;
    readonly heldOn: string;
    readonly atSeconds: number;
    readonly punished?: string;
  }[];
  readonly rounds: RoundLabels;
  readonly shown?: number;
}

/** The seconds of footage behind a figure, newest first; each opens three seconds before. */
export function Moments({ moments, rounds, shown = 5 }: MomentsProps) {
  const [all, setAll] = useState(false);
  const newest = [...moments].reverse();
  const rest = newest.length - shown;
  return (
    <Row>
      {(all ? newest : newest.slice(0, shown)).map((one) => {
        const round = rounds.get(one.roundId);
        return (
          <Link
            key={`${one.roundId} ${one.markId ?? one.atSeconds}`}
            href={markAddress({ roundId: one.roundId, markId: one.markId ?? '', mediaSeconds: one.atSeconds })}
            data-punished={one.punished}
          >
            {dayWords(one.heldOn)} {formatClock(one.atSeconds - (round?.startSeconds ?? 0))}
            {round ? ` with ${round.partner}` : ''}
          </Link>
        );
      })}
      {rest > 0 ? (
        <button type="button" onClick={() => setAll(!all)} aria-expanded={all}>
          {all ? 'fewer' : `${rest} more`}
        </button>
      ) : null}
    </Row>
  );
}
