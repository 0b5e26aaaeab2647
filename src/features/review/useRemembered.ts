'use client';

import { useEffect, useState } from 'react';
import { z } from 'zod';

const keptShape = z.array(z.string());

/** A list of small remarks that stays on this machine: what was waved away need not be asked again. */
export function useRemembered(
  name: string,
): readonly [kept: readonly string[], remember: (entry: string) => void, forget: () => void] {
  const [kept, setKept] = useState<readonly string[]>([]);
  useEffect(() => {
    try {
      setKept(keptShape.safeParse(JSON.parse(localStorage.getItem(name) ?? '[]')).data ?? []);
    } catch {
      // Storage may be forbidden: then the questions come again next time.
    }
  }, [name]);
  const keep = (now: readonly string[]) => {
    setKept(now);
    try {
      localStorage.setItem(name, JSON.stringify(now));
    } catch {
      // See above.
    }
  };
  return [kept, (entry) => keep([...kept, entry]), () => keep([])];
}
