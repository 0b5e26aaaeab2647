'use client';

import { useCallback, useEffect, useRef, useState } from 'react';
import type { ChangeOutcome } from '@/server/marks/marksInput';
import { askToPersist, forgetWaiting, keepWaiting, noteRefused, type Outbox, readOutbox } from './outbox';
import type { PendingChange } from './reviewReducer';
import { type SendResult, sendChanges, type WaitReason } from './sendChanges';

const LOOK_MS = 1000;
const MOST_BATCH = 100;
const FIRST_PAUSE_MS = 2000;
const MOST_PAUSE_MS = 30_000;

/** How the changes of a page are kept: on the server, on their way, or waiting and why. */
export interface Keeping {
  readonly state: 'kept' | 'sending' | WaitReason['kind'];
  /** The status of an answer that was none of our server's. */
  readonly status?: number;
  /** Since when they wait (ms since 1970). */
  readonly sinceMs?: number;
  /** What waits is only in this page's memory: the browser keeps nothing. */
  readonly onlyHere: boolean;
  /** Changes of other coaches that wait on this machine for this round. */
  readonly ofOthers: number;
}

/** The pause after so many tries without an answer: short while a server is only coming up again, longer where something says no. */
export function pauseAfter(failures: number, reason: WaitReason, chance: number): number {
  if (reason.kind === 'too-large') return FIRST_PAUSE_MS / 2;
  const doublings = reason.kind === 'away' ? Math.max(0, failures - 8) : failures - 1;
  const pause = Math.min(MOST_PAUSE_MS, FIRST_PAUSE_MS * 2 ** doublings) * (0.75 + chance / 2);
  return Math.max(pause, reason.kind === 'too-many' ? (reason.afterMs ?? 0) : 0);
}

export interface OutboxOptions {
  readonly address: string;
  readonly scopeId: string;
  readonly coachId: string;
  /** What waits in the page, oldest first. */
  readonly pending: () => readonly PendingChange[];
  readonly onRestored: (outbox: Outbox) => void;
  /** Runs before an answered change leaves the outbox: the copy for opening without a server must have it first. */
  readonly beforeForgetting: () => Promise<void>;
  readonly onOutcome: (change: PendingChange, outcome: ChangeOutcome) => void;
}

/**
 * Puts changes by in the browser, sends them until each is answered by its id, and tells how they are kept. Where the browser keeps nothing, that is said at
 * once, and leaving the page is asked about.
 */
export function useOutbox(options: OutboxOptions, waiting: number) {
  const { scopeId, coachId, address } = options;
  const latest = useRef(options);
  latest.current = options;
  const [state, setState] = useState<Omit<Keeping, 'onlyHere' | 'ofOthers'>>({ state: 'kept' });
  const [onlyHere, setOnlyHere] = useState(false);
  const [ofOthers, setOfOthers] = useState(0);
  const sending = useRef(false);
  const pace = useRef({ batch: MOST_BATCH, failures: 0, nextAtMs: 0 });

  useEffect(() => {
    readOutbox(scopeId, coachId).then(
      (outbox) => {
        setOfOthers(outbox.ofOthers);
        if (outbox.waiting.length + outbox.refused.length > 0) latest.current.onRestored(outbox);
      },
      () => setOnlyHere(true),
    );
  }, [scopeId, coachId]);

  /** Puts changes by; when the browser had lost what it kept, all that waits is put by again. */
  const keep = useCallback(
    async (changes: readonly PendingChange[]) => {
      const known = new Set(changes.map((one) => one.changeId));
      const all = [...latest.current.pending().filter((one) => !known.has(one.changeId)), ...changes];
      await keepWaiting(coachId, all).then(
        () => setOnlyHere(false),
        () => setOnlyHere(true),
      );
    },
    [coachId],
  );

  const takeOutcomes = useCallback(async (batch: readonly PendingChange[], outcomes: readonly ChangeOutcome[]) => {
    await latest.current.beforeForgetting();
    const done = outcomes.filter((one) => one.status === 'stored').map((one) => one.changeId);
    await forgetWaiting(done).catch(() => undefined);
    for (const outcome of outcomes) {
      const change = batch.find((one) => one.changeId === outcome.changeId);
      if (!change) continue;
      if (outcome.status === 'refused')
        await noteRefused(
          outcome.changeId,
          outcome.problems.map((one) => one.code),
        ).catch(() => undefined);
      latest.current.onOutcome(change, outcome);
    }
  }, []);

  const waitFor = useCallback((reason: WaitReason) => {
    const { current } = pace;
    current.failures += 1;
    if (reason.kind === 'too-large' || reason.kind === 'strange') current.batch = Math.max(1, current.batch >> 1);
    current.nextAtMs = Date.now() + pauseAfter(current.failures, reason, Math.random());
    setState((before) => ({
      state: reason.kind,
      status: reason.kind === 'strange' ? reason.status : undefined,
      sinceMs: before.sinceMs ?? Date.now(),
    }));
  }, []);

  const flush = useCallback(async () => {
    if (sending.current || Date.now() < pace.current.nextAtMs) return;
    const batch = latest.current.pending().slice(0, pace.current.batch);
    if (batch.length === 0) return setState({ state: 'kept' });
    sending.current = true;
    setState((before) => (before.state === 'kept' ? { state: 'sending' } : before));
    const result: SendResult = await sendChanges(address, coachId, batch);
    if (result.kind === 'answered' && result.outcomes.length > 0) {
      pace.current = { batch: Math.min(MOST_BATCH, pace.current.batch * 2), failures: 0, nextAtMs: 0 };
      await takeOutcomes(batch, result.outcomes);
      setState({ state: latest.current.pending().length > batch.length ? 'sending' : 'kept' });
    } else waitFor(result.kind === 'answered' ? { kind: 'strange', status: 200 } : result);
    sending.current = false;
  }, [address, coachId, takeOutcomes, waitFor]);

  useEffect(() => {
    if (waiting === 0) return setState({ state: 'kept' });
    void flush();
    const timer = setInterval(() => void flush(), LOOK_MS);
    return () => clearInterval(timer);
  }, [waiting, flush]);

  // What is only in this page is lost with it: the browser asks before it goes.
  const isAtRisk = onlyHere && waiting > 0;
  useEffect(() => {
    if (!isAtRisk) return;
    const ask = (event: BeforeUnloadEvent) => event.preventDefault();
    window.addEventListener('beforeunload', ask);
    return () => window.removeEventListener('beforeunload', ask);
  }, [isAtRisk]);

  const asked = useRef(false);
  const queue = useCallback(
    (changes: readonly PendingChange[]) => {
      if (!asked.current) void askToPersist();
      asked.current = true;
      void keep(changes);
    },
    [keep],
  );
  const isSending = useCallback(() => sending.current, []);
  const keeping: Keeping = { ...state, onlyHere, ofOthers };
  return { keeping, queue, isSending };
}
