'use client';

import { styled } from 'styled-components';
import type { ApartReason } from '@/core/round';
import { useWordOf } from '@/terms/HouseContext';
import { times } from '@/terms/times';
import { Quiet } from '@/ui/layout/Page';
import { space } from '@/ui/tokens/tokens';
import { Moments } from '../errors/Moments';

const One = styled.article`
  padding: ${space(1)} 0;
  h3 { font-size: inherit; font-weight: 400; margin: 0; }
`;

export interface RoundApartLine {
  readonly roundId: string;
  readonly heldOn: string;
  readonly partner: string;
  readonly filmed: boolean;
  readonly startSeconds: number;
  readonly reason: ApartReason;
  readonly marks: readonly { readonly markId: string; readonly conceptId: string; readonly atSeconds: number }[];
}
const reasonWords: Readonly<Record<ApartReason, string>> = {
  'for-the-camera': 'played for the camera',
  flow: 'agreed to flow',
};
/** Names of what is marked in a round, at most. */
const SHOWN = 6;

/** Rounds that enter no rate, with why, what is marked of the student in them and their clips: not counted does not mean not there. */
export function RoundsApart({ rounds }: { readonly rounds: readonly RoundApartLine[] }) {
  const wordOf = useWordOf();
  return rounds.map(({ roundId, heldOn, partner, filmed, startSeconds, reason, marks }) => {
    const counts = new Map<string, number>();
    for (const { conceptId } of marks) counts.set(conceptId, (counts.get(conceptId) ?? 0) + 1);
    const names = [...counts].sort((one, other) => other[1] - one[1]).slice(0, SHOWN);
    const label = { roundId, startSeconds, filmed, partner: partner.split(' ')[0] ?? partner };
    return (
      <One key={roundId}>
        <h3>
          Not counted: <strong>{reasonWords[reason]}</strong>.{' '}
          <Quiet>
            {names.map(([id, count]) => `${wordOf(id)} ${times(count)}`).join(', ') || 'nothing marked'}
            {counts.size > SHOWN ? `, and ${counts.size - SHOWN} more` : ''}
          </Quiet>
        </h3>
        <Moments
          moments={marks.map((mark) => ({ ...mark, roundId, heldOn }))}
          rounds={new Map([[roundId, label]])}
          shown={4}
          title={`${partner}, ${reasonWords[reason]}`}
        />
      </One>
    );
  });
}
