import type { ChangeOutcome } from '@/server/marks/marksInput';
import type { MarksSession } from '@/session/marksSession';
import type { PendingChange } from '@/session/marksState';
import { createStore, type Store } from '@/session/store';
import { askToPersist, forgetWaiting, keepWaiting, noteRefused, readOutbox } from './outbox';
import { freshPace, quicker, slower } from './pace';
import { type SendResult, sendChanges, type WaitReason } from './sendChanges';
import { createTabLine } from './tabLine';

const LOOK_MS = 1000;

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

export interface SenderOptions {
  readonly address: string;
  readonly scopeId: string;
  readonly coachId: string;
  readonly session: Pick<MarksSession, 'get' | 'subscribe' | 'dispatch' | 'restore'>;
  /** Runs before an answered change leaves the outbox: the copy for opening without a server must have it first. */
  readonly beforeForgetting: () => Promise<void>;
}

export interface Sender {
  readonly keeping: Store<Keeping>;
  readonly queue: (changes: readonly PendingChange[]) => void;
  readonly forget: (changeIds: readonly string[]) => void;
  readonly isSending: () => boolean;
  /** Begins to send; what is given back ends it. */
  readonly start: () => () => void;
}

/**
 * Puts changes by in the browser, sends them until each is answered by its id, and tells how they are kept. Of several tabs with the same changes one sends
 * at a time, and what it has settled the others do not send again.
 */
export function createSender({ address, scopeId, coachId, session, beforeForgetting }: SenderOptions): Sender {
  const keeping = createStore<Keeping>({ state: 'kept', onlyHere: false, ofOthers: 0 });
  const note = (patch: Partial<Keeping>) => keeping.set({ ...keeping.get(), ...patch });
  const show = (state: Omit<Keeping, 'onlyHere' | 'ofOthers'>) => {
    const { onlyHere, ofOthers, ...before } = keeping.get();
    if (before.state !== state.state || before.status !== state.status || before.sinceMs !== state.sinceMs)
      keeping.set({ ...state, onlyHere, ofOthers });
  };
  const pending = () => session.get().pending;
  let sending = false;
  let asked = false;
  let pace = freshPace;
  const tabs = createTabLine(`owl-outbox-${scopeId}-${coachId}`);

  /** Puts changes by; when the browser had lost what it kept, all that waits is put by again. */
  const keep = (changes: readonly PendingChange[]) => {
    const known = new Set(changes.map((one) => one.changeId));
    const all = [...pending().filter((one) => !known.has(one.changeId)), ...changes];
    return keepWaiting(coachId, all).then(
      () => note({ onlyHere: false }),
      () => note({ onlyHere: true }),
    );
  };
  const forget = (ids: readonly string[]) => forgetWaiting(ids).catch(() => undefined);

  const takeOutcome = async (change: PendingChange, outcome: ChangeOutcome) => {
    if (outcome.status === 'stored') return session.dispatch({ kind: 'stored', changeIds: [change.changeId] });
    // A later change of the same mark stands for the earlier ones: only it is settled, only it has to wait.
    const earlier = session.get().conflicts.find((one) => one.change.mark.id === change.mark.id);
    if (earlier) void forget([earlier.change.changeId]);
    if (outcome.status === 'conflict')
      return session.dispatch({ kind: 'conflict', conflict: { change, theirs: outcome.current } });
    const codes = outcome.problems.map((one) => one.code);
    await noteRefused(outcome.changeId, codes).catch(() => undefined);
    session.dispatch({ kind: 'refused', refusal: { change, codes } });
  };
  const takeOutcomes = async (batch: readonly PendingChange[], outcomes: readonly ChangeOutcome[]) => {
    await beforeForgetting();
    await forget(outcomes.filter((one) => one.status === 'stored').map((one) => one.changeId));
    for (const outcome of outcomes) {
      const change = batch.find((one) => one.changeId === outcome.changeId);
      if (change) await takeOutcome(change, outcome);
    }
    tabs.tell(outcomes.map((one) => one.changeId));
  };
  const waitFor = (reason: WaitReason) => {
    pace = slower(pace, reason, Date.now(), Math.random());
    const status = reason.kind === 'strange' ? reason.status : undefined;
    show({ state: reason.kind, status, sinceMs: keeping.get().sinceMs ?? Date.now() });
  };

  const sendBatch = async () => {
    // What another tab has settled while this one waited for its turn is out already.
    const batch = pending().slice(0, pace.batch);
    if (batch.length === 0) return;
    const result: SendResult = await sendChanges(address, coachId, batch);
    if (result.kind !== 'answered') return waitFor(result);
    if (result.outcomes.length === 0) return waitFor({ kind: 'strange', status: 200 });
    pace = quicker(pace);
    await takeOutcomes(batch, result.outcomes);
    show({ state: pending().length > 0 ? 'sending' : 'kept' });
  };
  const flush = async () => {
    if (sending || Date.now() < pace.nextAtMs) return;
    if (pending().length === 0) return show({ state: 'kept' });
    sending = true;
    if (keeping.get().state === 'kept') show({ state: 'sending' });
    await tabs.asLeader(sendBatch).finally(() => {
      sending = false;
    });
  };

  const start = () => {
    let ended = false;
    void readOutbox(scopeId, coachId).then(
      ({ waiting, refused, ofOthers }) => {
        if (ended) return;
        note({ ofOthers });
        if (waiting.length + refused.length > 0)
          session.restore({ kind: 'restore', changes: waiting, refusals: refused });
      },
      () => note({ onlyHere: true }),
    );
    let seen = -1;
    const look = () => {
      // Only what is new is sent at once; everything else waits for its turn.
      if (pending().length !== seen) void flush();
      seen = pending().length;
    };
    const unsubscribe = session.subscribe(look);
    const hangUp = tabs.listen((changeIds) => session.dispatch({ kind: 'stored', changeIds }));
    const timer = setInterval(() => void flush(), LOOK_MS);
    look();
    // What is only in this page is lost with it: the browser asks before it goes.
    const ask = (event: BeforeUnloadEvent) => {
      if (keeping.get().onlyHere && pending().length > 0) event.preventDefault();
    };
    window.addEventListener('beforeunload', ask);
    return () => {
      ended = true;
      unsubscribe();
      hangUp();
      clearInterval(timer);
      window.removeEventListener('beforeunload', ask);
    };
  };
  const queue = (changes: readonly PendingChange[]) => {
    if (!asked) void askToPersist();
    asked = true;
    void keep(changes);
  };
  return { keeping, queue, forget: (ids) => void forget(ids), isSending: () => sending, start };
}
