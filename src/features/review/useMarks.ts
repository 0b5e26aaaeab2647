'use client';

import { useCallback, useEffect, useMemo, useReducer, useRef, useState } from 'react';
import type { Mark } from '@/core/round';
import { forgetWaiting, keepWaiting, listWaiting } from './outbox';
import { changesFor, emptyReview, type HeldMark, type PendingChange, reviewReducer } from './reviewReducer';
import { sendChanges } from './sendChanges';
import { useLiveMerging } from './useLiveMerging';
import { useRoundCopy } from './useRoundCopy';

export type KeepState = 'kept' | 'sending' | 'away' | 'signed-out' | 'gone';

const RETRY_MS = 2000;
const BATCH = 100;

/** Where the marks of a page lie on the server. */
export interface MarksAddress {
  /** The round, or the second review that they belong to. */
  readonly scopeId: string;
  readonly marks: string;
  readonly live: string;
}
export const addressOf = (roundId: string, secondReviewId?: string): MarksAddress => {
  const second = secondReviewId ? `?second=${secondReviewId}` : '';
  const round = `/api/rounds/${roundId}`;
  return { scopeId: secondReviewId ?? roundId, marks: `${round}/marks${second}`, live: `${round}/live${second}` };
};

/** The marks of a round: shown at once, kept in the page's storage, sent to the server, and again when it was away; others' changes are merged in. */
export function useMarks(address: MarksAddress, stored: readonly HeldMark[]) {
  const { scopeId } = address;
  const [state, dispatch] = useReducer(reviewReducer, stored, emptyReview);
  const [keepState, setKeepState] = useState<KeepState>('kept');
  const latest = useRef(state);
  latest.current = state;
  const sending = useRef(false);
  // Tells a merge whether something was marked while its answer was on the way.
  const changesMade = useRef(0);
  const lastAdded = useRef<string>(undefined);

  useEffect(() => {
    void listWaiting(scopeId)
      .then((changes) => {
        if (changes.length === 0) return;
        changesMade.current += 1;
        dispatch({ kind: 'restore', changes });
      })
      .catch(() => undefined);
  }, [scopeId]);

  const merge = useCallback((marks: readonly HeldMark[]) => dispatch({ kind: 'merge', stored: marks }), []);
  const writeCopy = useRoundCopy(scopeId, state.held, merge);

  const flush = useCallback(async () => {
    if (sending.current) return;
    const batch = latest.current.pending.slice(0, BATCH);
    if (batch.length === 0) return setKeepState('kept');
    sending.current = true;
    setKeepState((before) => (before === 'away' ? 'away' : 'sending'));
    const result = await sendChanges(address.marks, batch);
    sending.current = false;
    if (result.kind !== 'answered') return setKeepState(result.kind);
    // First the copy, then the list of what waits: whatever ends the page in between, one of them has the change.
    await writeCopy();
    const done = result.outcomes.filter((one) => one.status !== 'conflict').map((one) => one.changeId);
    await forgetWaiting(done).catch(() => undefined);
    for (const outcome of result.outcomes) {
      const change = batch.find((one) => one.changeId === outcome.changeId);
      if (!change || outcome.status === 'stored') continue;
      // A later change of the same mark stands for the earlier ones: only it is settled, only it has to wait.
      const earlier = latest.current.conflicts.find((one) => one.change.mark.id === change.mark.id);
      if (earlier) await forgetWaiting([earlier.change.changeId]).catch(() => undefined);
      if (outcome.status === 'conflict') dispatch({ kind: 'conflict', conflict: { change, theirs: outcome.current } });
      else dispatch({ kind: 'refused', refusal: { change, codes: outcome.problems.map((one) => one.code) } });
    }
    dispatch({
      kind: 'stored',
      changeIds: result.outcomes.filter((one) => one.status === 'stored').map((one) => one.changeId),
    });
    setKeepState('kept');
  }, [address, writeCopy]);

  useEffect(() => {
    if (state.pending.length === 0) return;
    void flush();
    const timer = setInterval(() => void flush(), RETRY_MS);
    return () => clearInterval(timer);
  }, [state.pending, flush]);

  const queue = useCallback((changes: readonly PendingChange[]) => {
    changesMade.current += 1;
    void keepWaiting(changes).catch(() => undefined);
  }, []);
  const verbs = useMemo(() => {
    const makeId = () => crypto.randomUUID();
    const change = (before: readonly (Mark | undefined)[], after: readonly (Mark | undefined)[], selectId?: string) => {
      const changes = changesFor(latest.current, scopeId, before, after, makeId, Date.now());
      queue(changes);
      dispatch({ kind: 'step', step: { before, after }, changes, selectId });
    };
    const travel = (kind: 'undo' | 'redo') => {
      const stack = kind === 'undo' ? latest.current.undo : latest.current.redo;
      const step = stack[stack.length - 1];
      if (!step) return;
      const [from, to] = kind === 'undo' ? [step.after, step.before] : [step.before, step.after];
      const changes = changesFor(latest.current, scopeId, from, to, makeId, Date.now());
      queue(changes);
      dispatch({ kind, changes });
    };
    return {
      /** Adds a mark; an error that led to it, with the new link, goes in the same step. */
      add: (mark: Mark, causeWithLink?: Mark) => {
        lastAdded.current = mark.id;
        const cause = causeWithLink && latest.current.held.get(causeWithLink.id)?.mark;
        if (cause && causeWithLink) change([undefined, cause], [mark, causeWithLink], mark.id);
        else change([undefined], [mark], mark.id);
      },
      /** Adds many marks as one step. */
      addAll: (added: readonly Mark[]) =>
        change(
          added.map(() => undefined),
          added,
          added[0]?.id,
        ),
      /** Changes many marks as one step. */
      replaceAll: (before: readonly Mark[], after: readonly Mark[]) => change(before, after),
      replace: (before: Mark, after: Mark) => change([before], [after], after.id),
      remove: (...removed: readonly Mark[]) => {
        // Whatever led to them no longer does: all goes in one step, so that undo brings all back.
        const gone = new Set(removed.map((mark) => mark.id));
        const parents = [...latest.current.held.values()].flatMap(({ mark }) =>
          mark.kind === 'error' && !gone.has(mark.id) && mark.ledTo.some((id) => gone.has(id)) ? [mark] : [],
        );
        const cut = parents.map((mark) => ({ ...mark, ledTo: mark.ledTo.filter((id) => !gone.has(id)) }));
        change([...removed, ...parents], [...removed.map(() => undefined), ...cut]);
      },
      undo: () => travel('undo'),
      redo: () => travel('redo'),
      select: (markId: string | undefined) => dispatch({ kind: 'select', markId }),
      keepTheirs: (changeId: string) => {
        void forgetWaiting([changeId]).catch(() => undefined);
        dispatch({ kind: 'keep-theirs', changeId });
      },
      useMine: (changeId: string) => {
        const conflict = latest.current.conflicts.find((one) => one.change.changeId === changeId);
        if (!conflict) return;
        const again = { ...conflict.change, changeId: makeId(), baseChangeId: conflict.theirs.changeId };
        void forgetWaiting([changeId]).catch(() => undefined);
        queue([again]);
        dispatch({ kind: 'use-mine', changeId, change: again });
      },
      dropRefusal: (changeId: string) => dispatch({ kind: 'drop-refusal', changeId }),
    };
  }, [scopeId, queue]);

  const quietSince = useCallback(
    () => (latest.current.pending.length === 0 && !sending.current ? changesMade.current : undefined),
    [],
  );
  useLiveMerging(address, quietSince, merge);

  const lastAddedId = useCallback(() => lastAdded.current, []);
  return { state, keepState, lastAddedId, ...verbs };
}
