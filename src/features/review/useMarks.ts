'use client';

import { useCallback, useMemo, useReducer, useRef } from 'react';
import type { Mark } from '@/core/round';
import type { ChangeOutcome } from '@/server/marks/marksInput';
import type { MarksAddress } from './marksAddress';
import { forgetWaiting } from './outbox';
import { changesFor, emptyReview, type HeldMark, type PendingChange, reviewReducer } from './reviewReducer';
import { useLiveMerging } from './useLiveMerging';
import { useOutbox } from './useOutbox';
import { useRoundCopy } from './useRoundCopy';

/** The marks of a round: shown at once, put by in the browser, sent until the server has answered for each; others' changes are merged in. */
export function useMarks(address: MarksAddress, stored: readonly HeldMark[], coachId: string) {
  const { scopeId } = address;
  const [state, dispatch] = useReducer(reviewReducer, stored, emptyReview);
  const latest = useRef(state);
  latest.current = state;
  // Tells a merge whether something was marked while its answer was on the way.
  const changesMade = useRef(0);
  const lastAdded = useRef<string>(undefined);

  const merge = useCallback((marks: readonly HeldMark[]) => dispatch({ kind: 'merge', stored: marks }), []);
  const writeCopy = useRoundCopy(scopeId, state.held, merge);

  const onOutcome = (change: PendingChange, outcome: ChangeOutcome) => {
    if (outcome.status === 'stored') return dispatch({ kind: 'stored', changeIds: [change.changeId] });
    // A later change of the same mark stands for the earlier ones: only it is settled, only it has to wait.
    const earlier = latest.current.conflicts.find((one) => one.change.mark.id === change.mark.id);
    if (earlier) void forgetWaiting([earlier.change.changeId]).catch(() => undefined);
    if (outcome.status === 'conflict') dispatch({ kind: 'conflict', conflict: { change, theirs: outcome.current } });
    else dispatch({ kind: 'refused', refusal: { change, codes: outcome.problems.map((one) => one.code) } });
  };
  const { keeping, queue, isSending } = useOutbox(
    {
      ...{ address: address.marks, scopeId, coachId, onOutcome },
      pending: () => latest.current.pending,
      onRestored: ({ waiting, refused }) => {
        changesMade.current += 1;
        dispatch({ kind: 'restore', changes: waiting, refusals: refused });
      },
      beforeForgetting: writeCopy,
    },
    state.pending.length,
  );
  const verbs = useMemo(() => {
    const makeId = () => crypto.randomUUID();
    const change = (before: readonly (Mark | undefined)[], after: readonly (Mark | undefined)[], selectId?: string) => {
      const changes = changesFor(latest.current, scopeId, before, after, makeId, Date.now());
      changesMade.current += 1;
      queue(changes);
      dispatch({ kind: 'step', step: { before, after }, changes, selectId });
    };
    const travel = (kind: 'undo' | 'redo') => {
      const stack = kind === 'undo' ? latest.current.undo : latest.current.redo;
      const step = stack[stack.length - 1];
      if (!step) return;
      const [from, to] = kind === 'undo' ? [step.after, step.before] : [step.before, step.after];
      const changes = changesFor(latest.current, scopeId, from, to, makeId, Date.now());
      changesMade.current += 1;
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
        changesMade.current += 1;
        queue([again]);
        dispatch({ kind: 'use-mine', changeId, change: again });
      },
      dropRefusal: (changeId: string) => {
        void forgetWaiting([changeId]).catch(() => undefined);
        dispatch({ kind: 'drop-refusal', changeId });
      },
    };
  }, [scopeId, queue]);

  const quietSince = useCallback(
    () => (latest.current.pending.length === 0 && !isSending() ? changesMade.current : undefined),
    [isSending],
  );
  useLiveMerging(address, quietSince, merge);

  const lastAddedId = useCallback(() => lastAdded.current, []);
  return { state, keeping, lastAddedId, ...verbs };
}
