'use client';

import Link from 'next/link';
import { usePathname } from 'next/navigation';
import { useState } from 'react';
import { styled } from 'styled-components';
import { formatClock } from '@/core/clock';
import { MOST_MOMENTS } from '@/core/reel';
import { markAddress, reelAddress } from '@/terms/addresses';
import { dayWords } from '@/terms/dayWords';
import { color, size, space } from '@/ui/tokens/tokens';

const Row = styled.div`
  display: flex; flex-wrap: wrap; gap: ${space(1)} ${space(3)}; font-size: ${size.small};
  a[data-punished='yes'] { color: ${color.harm}; }
  button { background: none; border: 0; padding: 0; text-decoration: underline; cursor: pointer; font-size: ${size.small}; color: ${color.quiet}; }
  .reel { font-weight: 600; color: ${color.focusText}; }
  @media print { button, .reel { display: none; } }
`;

export interface RoundLabel {
  readonly roundId: string;
  readonly startSeconds: number;
  readonly partner: string;
  readonly filmed: boolean;
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
  /** What the moments show, as the title of their reel. */
  readonly title: string;
}

/** The seconds of footage behind a figure, newest first; each opens three seconds before, and all play in a row. */
export function Moments({ moments, rounds, shown = 5, title }: MomentsProps) {
  const [all, setAll] = useState(false);
  const back = usePathname();
  const newest = [...moments].reverse();
  // Of rounds further back it is not known here: then the reel says it.
  const canPlay = newest.length > 1 && newest.some((one) => rounds.get(one.roundId)?.filmed ?? true);
  const pieces = newest.map(({ markId, roundId, atSeconds }) => (markId ? { markId } : { roundId, atSeconds }));
  const rest = newest.length - shown;
  return (
    <Row>
      {canPlay ? (
        <Link className="reel" href={reelAddress({ title, moments: pieces, back })}>
          {newest.length > MOST_MOMENTS ? `play the newest ${MOST_MOMENTS}` : `play ${newest.length} in a row`}
        </Link>
      ) : null}
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
          {all ? 'fewer' : shown === 0 ? `${rest} moments` : `${rest} more`}
        </button>
      ) : null}
    </Row>
  );
}
