import { linksOf, type Mark } from '@/core/round';
import {
  changesFor,
  emptyMarks,
  type HeldMark,
  type MarksAction,
  type MarksState,
  marksReducer,
  type PendingChange,
} from './marksState';
import { createStore, type Store } from './store';
import { createUndo, type Undo } from './undoSteps';

export interface MarksSessionOptions {
  /** The round, or the second review, that the marks belong to. */
  readonly scopeId: string;
  readonly stored: readonly HeldMark[];
  /** Puts changes by and sends them. */
  readonly queue: (changes: readonly PendingChange[]) => void;
  /** Lets changes go that were settled here. */
  readonly forget: (changeIds: readonly string[]) => void;
  readonly makeId: () => string;
  readonly nowMs: () => number;
}

/** The marks of a round while somebody works on them: what is there, every verb that changes it, one way back. It knows no page. */
export interface MarksSession extends Store<MarksState>, Undo {
  /** Grows with every change made here: what was asked for before it does not know of it. */
  readonly changesMade: () => number;
  /** Takes in what the server or the browser's storage says. */
  readonly dispatch: (action: MarksAction) => void;
  readonly merge: (stored: readonly HeldMark[]) => void;
  readonly restore: (action: Extract<MarksAction, { kind: 'restore' }>) => void;
  /** Adds a mark; an error that led to it, with the new link, goes in the same step. */
  readonly add: (mark: Mark, causeWithLink?: Mark) => void;
  /** Adds many marks as one step. */
  readonly addAll: (marks: readonly Mark[]) => void;
  readonly replace: (before: Mark, after: Mark) => void;
  /** Changes many marks as one step. */
  readonly replaceAll: (before: readonly Mark[], after: readonly Mark[]) => void;
  readonly remove: (...marks: readonly Mark[]) => void;
  readonly select: (markId: string | undefined) => void;
  readonly keepTheirs: (changeId: string) => void;
  readonly useMine: (changeId: string) => void;
  readonly dropRefusal: (changeId: string) => void;
  readonly lastAddedId: () => string | undefined;
}

export function createMarksSession(options: MarksSessionOptions): MarksSession {
  const { scopeId, queue, forget, makeId, nowMs } = options;
  const store = createStore(emptyMarks(options.stored));
  let changesMade = 0;
  let lastAddedId: string | undefined;
  const dispatch = (action: MarksAction) => store.set(marksReducer(store.get(), action));

  /** Changes of marks from one form into another, queued; the caller says what kind of step they are. */
  const changesBetween = (from: readonly (Mark | undefined)[], to: readonly (Mark | undefined)[]) => {
    const changes = changesFor(store.get(), scopeId, from, to, makeId, nowMs());
    changesMade += 1;
    queue(changes);
    return changes;
  };
  const change = (before: readonly (Mark | undefined)[], after: readonly (Mark | undefined)[], selectId?: string) =>
    dispatch({ kind: 'step', step: { before, after }, changes: changesBetween(before, after), selectId });
  const travel = (kind: 'undo' | 'redo') => {
    const step = store.get()[kind].at(-1);
    if (!step) return;
    const [from, to] = kind === 'undo' ? [step.after, step.before] : [step.before, step.after];
    dispatch({ kind, changes: changesBetween(from, to) });
  };
  const { record, undo, redo } = createUndo({
    done: () => store.get().undo.length,
    undone: () => store.get().redo.length,
    undo: () => travel('undo'),
    redo: () => travel('redo'),
  });

  return {
    ...{ get: store.get, subscribe: store.subscribe, dispatch, record, undo, redo },
    changesMade: () => changesMade,
    lastAddedId: () => lastAddedId,
    merge: (stored) => dispatch({ kind: 'merge', stored }),
    restore: (action) => {
      changesMade += 1;
      dispatch(action);
    },
    add: (mark, causeWithLink) => {
      lastAddedId = mark.id;
      const cause = causeWithLink && store.get().held.get(causeWithLink.id)?.mark;
      if (cause && causeWithLink) change([undefined, cause], [mark, causeWithLink], mark.id);
      else change([undefined], [mark], mark.id);
    },
    addAll: (added) =>
      change(
        added.map(() => undefined),
        added,
        added[0]?.id,
      ),
    replace: (before, after) => change([before], [after], after.id),
    replaceAll: (before, after) => change(before, after),
    remove: (...removed) => {
      const parents = parentsOf(store.get(), removed);
      change(
        [...removed, ...parents.map((one) => one.before)],
        [...removed.map(() => undefined), ...parents.map((one) => one.after)],
      );
    },
    select: (markId) => dispatch({ kind: 'select', markId }),
    keepTheirs: (changeId) => {
      forget([changeId]);
      dispatch({ kind: 'keep-theirs', changeId });
    },
    useMine: (changeId) => {
      const conflict = store.get().conflicts.find((one) => one.change.changeId === changeId);
      if (!conflict) return;
      const again = { ...conflict.change, changeId: makeId(), baseChangeId: conflict.theirs.changeId };
      forget([changeId]);
      changesMade += 1;
      queue([again]);
      dispatch({ kind: 'use-mine', changeId, change: again });
    },
    dropRefusal: (changeId) => {
      forget([changeId]);
      dispatch({ kind: 'drop-refusal', changeId });
    },
  };
}

/** Whatever led to marks that go no longer does: all goes in one step, so that undo brings all back. */
function parentsOf({ held }: MarksState, removed: readonly Mark[]): { before: Mark; after: Mark }[] {
  const gone = new Set(removed.map((mark) => mark.id));
  return [...held.values()].flatMap(({ mark }) =>
    !gone.has(mark.id) && linksOf(mark).some((id) => gone.has(id))
      ? [{ before: mark, after: { ...mark, ledTo: linksOf(mark).filter((id) => !gone.has(id)) } as Mark }]
      : [],
  );
}
