'use client';

import { useState } from 'react';
import { removeClock, saveClock } from '@/server/rounds/clockActions';
import type { RoundClock } from './clockView';

/** The clocks of a round: each change is shown at once and kept; what the server refuses is taken back with its reason. */
export function useClocks(roundId: string, stored: readonly RoundClock[]) {
  const [clocks, setClocks] = useState(stored);
  const [problem, setProblem] = useState<string>();
  const put = (clock: RoundClock) =>
    setClocks((now) =>
      now.some((one) => one.id === clock.id) ? now.map((one) => (one.id === clock.id ? clock : one)) : [...now, clock],
    );
  const save = async (clock: RoundClock): Promise<boolean> => {
    const before = clocks.find((one) => one.id === clock.id);
    put(clock);
    setProblem(undefined);
    const outcome = await saveClock(roundId, { ...clock, ties: [...clock.ties] }).catch(() => undefined);
    if (outcome?.ok) put({ ...clock, version: outcome.version });
    else {
      if (before) put(before);
      else setClocks((now) => now.filter((one) => one.id !== clock.id));
      setProblem(outcome?.message ?? 'The server could not be reached; the clock was not kept. Try again in a moment.');
    }
    return outcome?.ok ?? false;
  };
  const remove = (id: string) => {
    const before = clocks;
    setClocks((now) => now.filter((one) => one.id !== id));
    void removeClock(roundId, id).catch(() => {
      setClocks(before);
      setProblem('The server could not be reached; the clock is still there. Try again in a moment.');
    });
  };
  return { clocks, problem, save, remove };
}
