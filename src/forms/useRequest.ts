'use client';

import { startTransition, useTransition } from 'react';

/**
 * Asks the server and hands on what it answers; nothing where it is away. What the answer changes is shown together with the end of the wait: shown before, it
 * would invite a press that a busy button swallows.
 */
export function useRequest() {
  const [isAsking, start] = useTransition();
  const ask = <Answer>(work: () => Promise<Answer>, onAnswer: (answer: Answer | undefined) => void) =>
    start(async () => {
      const answer = await work().catch(() => undefined);
      // After an await a change belongs to the transition only when it begins one of its own.
      startTransition(() => onAnswer(answer));
    });
  return { isAsking, ask };
}
