'use client';

import { useState } from 'react';
import type { TurnMark } from '@/core/round';
import type { Announced } from '@/core/scoring';
import { Select } from '@/ui/primitives';
import type { Names } from '../../reviewView';
import { TimeField } from './TimeField';
import type { Overtime } from './useOvertime';

/** What the officials gave out after the last turn that is over: their sums, the winner, by how much; each as far as it was heard. */
export function OfficialResult({
  turn,
  names,
  overtime,
}: {
  readonly turn: TurnMark;
  readonly names: Names;
  readonly overtime: Overtime;
}) {
  const [said, setSaid] = useState<Partial<Record<'a' | 'b', number>>>(turn.officialTotals ?? {});
  const take = (athlete: 'a' | 'b', seconds: number | undefined) => {
    const next: Partial<Record<'a' | 'b', number>> = { ...said, [athlete]: seconds };
    const { a, b } = next;
    setSaid(next);
    const officialTotals = a !== undefined && b !== undefined ? { a, b } : undefined;
    if (officialTotals || turn.officialTotals) overtime.change(turn, { ...turn, officialTotals });
  };
  const announce = (announced: Announced) =>
    overtime.change(turn, {
      ...turn,
      announced: announced.winner || announced.marginSeconds !== undefined ? announced : undefined,
    });
  return (
    <>
      <div className="fields two">
        {(['a', 'b'] as const).map((athlete) => (
          <TimeField
            key={athlete}
            label={`Officials’ sum, ${names[athlete]}`}
            seconds={said[athlete]}
            onTime={(seconds) => take(athlete, seconds)}
          />
        ))}
      </div>
      <div className="fields two">
        <Select
          label="They announced"
          value={turn.announced?.winner ?? 'nobody'}
          onChange={(winner) => announce({ ...turn.announced, winner: winner === 'nobody' ? undefined : winner })}
          options={[
            { value: 'nobody', label: 'not heard' },
            { value: 'a', label: names.a },
            { value: 'b', label: names.b },
          ]}
        />
        <TimeField
          label="By how much"
          seconds={turn.announced?.marginSeconds}
          onTime={(marginSeconds) => announce({ ...turn.announced, marginSeconds })}
        />
      </div>
    </>
  );
}
