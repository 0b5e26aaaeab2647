'use client';

import { useState } from 'react';
import { useRequest } from '@/forms/useRequest';
import { whyNot } from '@/forms/whyNot';
import type { Named } from '@/server/language/houseInput';

/** Runs a change of the academy's words and keeps why it was not done. */
export function useWordAction() {
  const [message, setMessage] = useState<string>();
  const { isAsking: pending, ask } = useRequest();
  const run = (work: () => Promise<Named>, then?: (id: string) => void) =>
    ask(work, (outcome) => {
      setMessage(whyNot(outcome));
      if (outcome?.ok) then?.(outcome.id);
    });
  return { message, pending, run };
}
