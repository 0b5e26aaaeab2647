'use client';

import { useState } from 'react';
import { useRequest } from '@/forms/useRequest';
import { whyNot } from '@/forms/whyNot';
import type { AnswerInput } from '@/server/sharing/shareInput';
import { sayAnswer } from '@/server/sharing/studentActions';

/** Sends what a student says; what could not be sent is told, and stays written. */
export function useSaying(token: string, closingId: string, wasSaid: boolean) {
  const [problem, setProblem] = useState<string>();
  const [isSaid, setSaid] = useState(wasSaid);
  const { isAsking: isSending, ask } = useRequest();
  const say = (answer: AnswerInput, onNot?: () => void) =>
    ask(
      () => sayAnswer(token, { closingId, answer }),
      (outcome) => {
        setProblem(whyNot(outcome));
        setSaid(outcome?.ok === true);
        if (!outcome?.ok) onNot?.();
      },
    );
  return { problem, isSaid, isSending, say, change: () => setSaid(false) };
}
