'use client';

import { useState } from 'react';
import type { Outcome } from '@/core/kernel';
import { useRequest } from './useRequest';
import { whyNot } from './whyNot';

/** Runs something that is done by one press, and keeps why it was not done; what has fields of its own is sent by `useSending`. */
export function useAction() {
  const [message, setMessage] = useState<string>();
  const { isAsking: pending, ask } = useRequest();
  const run = <Value extends object>(work: () => Promise<Outcome<Value>>, then?: (value: Value) => void) =>
    ask(work, (outcome) => {
      setMessage(whyNot(outcome));
      if (outcome?.ok) then?.(outcome);
    });
  return { message, setMessage, pending, run };
}
