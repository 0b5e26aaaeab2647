'use client';

import { useRef, useState } from 'react';
import { messageOf } from '@/core/kernel';
import { removeClock, saveClock } from '@/server/rounds/clockActions';
import type { RecordStep } from '@/session/undoSteps';
import type { OneByOne } from '../../useCardChanges';
import type { RoundClock } from './clockView';

const AWAY = 'The server could not be reached; the clock is as it was. Try again in a moment.';

/** The clocks of a round: each change is shown at once and kept; what the server refuses is taken back with its reason. */
export function useClocks(roundId: string, stored: readonly RoundClock[], record: RecordStep, oneByOne: OneByOne) {
  const [clocks, setClocks] = useState(stored);
  const [problem, setProblem] = useState<string>();
  const latest = useRef(clocks);
  const show = (now: readonly RoundClock[]) => {
    latest.current = now;
    setClocks(now);
  };
  const find = (id: string) => latest.current.find((one) => one.id === id);
  const put = (id: string, clock: RoundClock | undefined) => {
    const others = latest.current.map((one) => (one.id === id ? clock : one));
    if (clock && !find(id)) others.push(clock);
    show(others.flatMap((one) => one ?? []));
  };

  /** Brings a clock into another form; absent takes it away. Says whether that was kept. */
  const change = async (id: string, wanted: RoundClock | undefined): Promise<boolean> => {
    const before = find(id);
    if (!before && !wanted) return true;
    setProblem(undefined);
    const next = wanted && { ...wanted, version: before?.version ?? 0 };
    put(id, next);
    if (!next) {
      const removed = await removeClock(roundId, id).catch(() => undefined);
      if (removed?.ok) return true;
      put(id, before);
      setProblem(removed ? messageOf(removed) : AWAY);
      return false;
    }
    const outcome = await saveClock(roundId, { ...next, ties: [...next.ties] }).catch(() => undefined);
    put(id, outcome?.ok ? { ...next, version: outcome.version } : before);
    if (!outcome?.ok) setProblem(outcome ? messageOf(outcome) : AWAY);
    return outcome?.ok ?? false;
  };
  const changeAsStep = async (id: string, wanted: RoundClock | undefined): Promise<boolean> => {
    const before = find(id);
    const turnTo = (clock: RoundClock | undefined) => oneByOne(() => change(id, clock));
    const forget = record({ undo: () => void turnTo(before), redo: () => void turnTo(wanted) });
    const kept = await turnTo(wanted);
    if (!kept) forget();
    return kept;
  };
  return {
    clocks,
    problem,
    save: (clock: RoundClock) => changeAsStep(clock.id, clock),
    remove: (id: string) => void changeAsStep(id, undefined),
  };
}
