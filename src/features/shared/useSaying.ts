'use client';

import { useState, useTransition } from 'react';
import { whyNot } from '@/forms/whyNot';
import type { AnswerInput } from '@/server/sharing/shareInput';
import { sayAnswer } from '@/server/sharing/studentActions';

/** Sends what a student says; what could not be sent is told, and stays written. */
export function useSaying(token: string, closingId: string, wasSaid: boolean) {
  const [problem, setProblem] = useState<string>();
  const [isSaid, setSaid] = useState(wasSaid);
  const [isSending, start] = useTransition();
  const say = (answer: AnswerInput, onNot?: () => void) =>
    start(async () => {
      const outcome = await sayAnswer(token, { closingId, answer }).catch(() => undefined);
      setProblem(whyNot(outcome));
      setSaid(outcome?.ok === true);
      if (!outcome?.ok) onNot?.();
    });
  return { problem, isSaid, isSending, say, change: () => setSaid(false) };
}
