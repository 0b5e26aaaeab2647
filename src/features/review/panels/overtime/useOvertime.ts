'use client';

import { useMemo } from 'react';
import type { RoundReading, TurnMark } from '@/core/round';
import { endTurn, nextTurn, type OvertimeRules, readOvertimeRecord } from '@/core/scoring';
import type { Playhead } from '@/player/usePlayhead';
import type { useMarks } from '../../useMarks';

/** The overtime of a round whose rule set has one: what stands, and the one press that begins a turn or ends it. */
export function useOvertime(
  marks: ReturnType<typeof useMarks>,
  reading: RoundReading,
  rules: OvertimeRules | undefined,
  playhead: Playhead,
  say: (words: string | undefined) => void,
) {
  const record = useMemo(() => rules && readOvertimeRecord(reading.marks, rules), [reading, rules]);
  const press = () => {
    if (!rules) return say('This round has no overtime by escape time. Its card can give it a rule set that has.');
    const now = playhead.now();
    const open = record?.open;
    if (!open) {
      const turns = record?.turns.map((turn) => turn.mark) ?? [];
      marks.add({ kind: 'turn', id: crypto.randomUUID(), atSeconds: now, ...nextTurn(turns) });
      return say('The turn runs. H again when they are free.');
    }
    const ended = endTurn(open, now, rules);
    if (!ended) return say('That is before the turn began. Go on to the escape, then press H.');
    marks.replace(open, ended);
    say(undefined);
  };
  return {
    rules,
    record,
    press,
    change: (before: TurnMark, after: TurnMark) => marks.replace(before, after),
    remove: marks.remove,
  };
}
export type Overtime = ReturnType<typeof useOvertime>;
