'use client';

import { useMemo, useState } from 'react';
import { formatClock, readClock, type Span } from '@/core/clock';
import { type ClockGround, nextFace, type RoundClock, readable, type TimeFace } from './clockView';

/** In whose time the ledger is read: the round's, the file's, or that of a clock in the footage. */
export function useTimeFace(clocks: readonly RoundClock[], ground: ClockGround, span: Span) {
  const [face, setFace] = useState<TimeFace>({ kind: 'round' });
  const clock = face.kind === 'clock' ? clocks.find((one) => one.id === face.id) : undefined;
  const timeOf = useMemo(() => {
    if (face.kind === 'file') return formatClock;
    const asRead = clock && readable(clock, ground);
    return asRead
      ? (at: number) => formatClock(readClock(asRead, at).seconds)
      : (at: number) => formatClock(at - span.startSeconds);
  }, [face, clock, ground, span]);
  /** Turns to the next face and says which it is. */
  const turn = (): string => {
    const next = nextFace(
      face,
      clocks.filter((one) => readable(one, ground)).map((one) => one.id),
    );
    setFace(next);
    if (next.kind === 'file') return 'The ledger shows the time of the file.';
    if (next.kind === 'round') return 'The ledger shows the time of the round.';
    return `The ledger shows the clock “${clocks.find((one) => one.id === next.id)?.name ?? ''}”.`;
  };
  return { timeOf, turn };
}
