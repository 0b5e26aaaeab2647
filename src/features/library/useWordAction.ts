'use client';

import { useState, useTransition } from 'react';
import type { WordOutcome } from '@/server/language/houseInput';

/** Runs a change of the academy's words and keeps what it answered; an unreachable server is said in words. */
export function useWordAction() {
  const [message, setMessage] = useState<string>();
  const [pending, start] = useTransition();
  const run = (work: () => Promise<WordOutcome>, then?: (id: string) => void) =>
    start(async () => {
      const outcome = await work().catch(() => undefined);
      if (!outcome) setMessage('The server could not be reached. Nothing was changed; try again in a moment.');
      else if (!outcome.ok) setMessage(outcome.message);
      else {
        setMessage(undefined);
        then?.(outcome.id);
      }
    });
  return { message, pending, run };
}
