'use client';

import { useState, useTransition } from 'react';

/** What is wrong with a form, by the dotted path of its field; under '' what is wrong with it as a whole. */
export type Messages = Readonly<Record<string, string>>;

/** The answer of every use case that takes a form. */
export type FormOutcome = { readonly ok: true } | { readonly ok: false; readonly messages: Messages };

const AWAY = 'The server could not be reached. Nothing is lost: try again in a moment.';

/** Sends a form: what is refused is told at its fields and nothing that was typed goes, what is kept is handed on. */
export function useSending() {
  const [messages, setMessages] = useState<Messages>({});
  const [isSending, start] = useTransition();
  const send = <Outcome extends FormOutcome>(
    work: () => Promise<Outcome>,
    onKept: (outcome: Extract<Outcome, { readonly ok: true }>) => void,
  ) =>
    start(async () => {
      const outcome = await work().catch(() => undefined);
      if (!outcome) return setMessages({ '': AWAY });
      if (!outcome.ok) return setMessages(outcome.messages);
      setMessages({});
      onKept(outcome as Extract<Outcome, { readonly ok: true }>);
    });
  return { messages, isSending, send };
}

/** What is typed into a form, as text until it is sent. */
export function useDraft<Fields extends object>(first: () => Fields) {
  const [fields, setFields] = useState(first);
  const set = (patch: Partial<Fields>) => setFields((current) => ({ ...current, ...patch }));
  return { fields, set };
}
