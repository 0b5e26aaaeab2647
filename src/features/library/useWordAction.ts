'use client';

import { useState, useTransition } from 'react';
import { whyNot } from '@/forms/whyNot';
import type { Named } from '@/server/language/houseInput';

/** Runs a change of the academy's words and keeps why it was not done. */
export function useWordAction() {
  const [message, setMessage] = useState<string>();
  const [pending, start] = useTransition();
  const run = (work: () => Promise<Named>, then?: (id: string) => void) =>
    start(async () => {
      const outcome = await work().catch(() => undefined);
      setMessage(whyNot(outcome));
      if (outcome?.ok) then?.(outcome.id);
    });
  return { message, pending, run };
}
