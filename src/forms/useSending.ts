'use client';

import { useState } from 'react';
import type { Messages, Outcome } from '@/core/kernel';
import { useRequest } from './useRequest';
import { AWAY } from './whyNot';

/** Sends a form: what is refused is told at its fields and nothing that was typed goes, what is kept is handed on. */
export function useSending() {
  const [messages, setMessages] = useState<Messages>({});
  const { isAsking: isSending, ask } = useRequest();
  const send = <Value extends object>(work: () => Promise<Outcome<Value>>, onKept: (value: Value) => void) =>
    ask(work, (outcome) => {
      if (!outcome) return setMessages({ '': AWAY });
      if (!outcome.ok) return setMessages(outcome.messages);
      setMessages({});
      onKept(outcome);
    });
  return { messages, isSending, send };
}

/** What is typed into a form, as text until it is sent. */
export function useDraft<Fields extends object>(first: () => Fields) {
  const [fields, setFields] = useState(first);
  const set = (patch: Partial<Fields>) => setFields((current) => ({ ...current, ...patch }));
  return { fields, set };
}
