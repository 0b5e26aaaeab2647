import type { Mark } from '@/core/round';

/** A mark with the change that made it what it is: the next change names it, so that nobody else's change is overwritten unseen. */
export interface HeldMark {
  readonly mark: Mark;
  readonly changeId: string;
}

/** One change on its way to the server. */
export interface PendingChange {
  readonly changeId: string;
  readonly roundId: string;
  readonly mark: Mark;
  /** The change that this one was made on; absent for a new mark. */
  readonly baseChangeId?: string;
  readonly removed: boolean;
  readonly queuedAt: number;
}

export interface Conflict {
  readonly change: PendingChange;
  readonly theirs: {
    readonly mark: Mark;
    readonly changeId: string;
    readonly removed: boolean;
    readonly by?: string;
  };
}

export interface Refusal {
  readonly change: PendingChange;
  readonly codes: readonly string[];
}

/** What one step did to each mark it touched: undo puts `before` back. */
export interface Step {
  readonly before: readonly (Mark | undefined)[];
  readonly after: readonly (Mark | undefined)[];
}

export interface MarksState {
  readonly held: ReadonlyMap<string, HeldMark>;
  /** The changes that removed marks, so that undo can bring those back on the right one. */
  readonly removals: ReadonlyMap<string, string>;
  readonly pending: readonly PendingChange[];
  readonly conflicts: readonly Conflict[];
  readonly refusals: readonly Refusal[];
  readonly undo: readonly Step[];
  readonly redo: readonly Step[];
  readonly selectedId?: string;
}

export type MarksAction =
  | {
      readonly kind: 'restore';
      readonly changes: readonly PendingChange[];
      readonly refusals?: readonly Refusal[];
    }
  | {
      readonly kind: 'step';
      readonly step: Step;
      readonly changes: readonly PendingChange[];
      readonly selectId?: string;
    }
  | { readonly kind: 'undo' | 'redo'; readonly changes: readonly PendingChange[] }
  | { readonly kind: 'stored'; readonly changeIds: readonly string[] }
  | { readonly kind: 'conflict'; readonly conflict: Conflict }
  | { readonly kind: 'refused'; readonly refusal: Refusal }
  | { readonly kind: 'keep-theirs'; readonly changeId: string }
  | { readonly kind: 'use-mine'; readonly changeId: string; readonly change: PendingChange }
  | { readonly kind: 'merge'; readonly stored: readonly HeldMark[] }
  | { readonly kind: 'drop-refusal'; readonly changeId: string }
  | { readonly kind: 'select'; readonly markId: string | undefined };

export const emptyMarks = (stored: readonly HeldMark[]): MarksState => ({
  held: new Map(stored.map((one) => [one.mark.id, one])),
  removals: new Map(),
  pending: [],
  conflicts: [],
  refusals: [],
  undo: [],
  redo: [],
});

/** The changes that turn marks from one form into another, on what is held now. */
export function changesFor(
  state: MarksState,
  roundId: string,
  from: readonly (Mark | undefined)[],
  to: readonly (Mark | undefined)[],
  makeId: () => string,
  now: number,
): PendingChange[] {
  return to.flatMap((target, index) => {
    const mark = target ?? from[index];
    if (!mark) return [];
    const baseChangeId = state.held.get(mark.id)?.changeId ?? state.removals.get(mark.id);
    return [{ changeId: makeId(), roundId, mark, baseChangeId, removed: target === undefined, queuedAt: now }];
  });
}

function applyChanges(state: MarksState, changes: readonly PendingChange[]): MarksState {
  const held = new Map(state.held);
  const removals = new Map(state.removals);
  for (const { mark, changeId, removed } of changes) {
    if (removed) {
      held.delete(mark.id);
      removals.set(mark.id, changeId);
    } else held.set(mark.id, { mark, changeId });
  }
  return { ...state, held, removals, pending: [...state.pending, ...changes] };
}

const without = (changes: readonly PendingChange[], ids: readonly string[]): PendingChange[] =>
  changes.filter((one) => !ids.includes(one.changeId));

/**
 * Takes in what is on the server: others' changes, new marks, removals. A mark with a change of one's own on its way, or in question, stays as it is: the
 * server's answer settles it.
 */
function mergeStored(state: MarksState, stored: readonly HeldMark[]): MarksState {
  const own = new Set([
    ...state.pending.map((one) => one.mark.id),
    ...state.conflicts.map((one) => one.change.mark.id),
  ]);
  const held = new Map(state.held);
  const removals = new Map(state.removals);
  const there = new Set(stored.map((one) => one.mark.id));
  let changed = false;
  for (const one of stored) {
    if (own.has(one.mark.id) || held.get(one.mark.id)?.changeId === one.changeId) continue;
    held.set(one.mark.id, one);
    removals.delete(one.mark.id);
    changed = true;
  }
  for (const [id] of state.held) {
    if (there.has(id) || own.has(id)) continue;
    held.delete(id);
    changed = true;
  }
  return changed ? { ...state, held, removals } : state;
}

/** All that happens to the marks of a round on this page. Pure: ids and times come with the actions. */
export function marksReducer(state: MarksState, action: MarksAction): MarksState {
  switch (action.kind) {
    case 'restore': {
      // A page may hear twice of the same: from its storage, and from having made it.
      const known = new Set(state.pending.map((one) => one.changeId));
      const next = applyChanges(
        state,
        action.changes.filter((one) => !known.has(one.changeId)),
      );
      return { ...next, refusals: [...state.refusals, ...(action.refusals ?? [])] };
    }
    case 'step': {
      const next = applyChanges(state, action.changes);
      return {
        ...next,
        undo: [...state.undo, action.step].slice(-500),
        redo: [],
        selectedId: action.selectId ?? state.selectedId,
      };
    }
    case 'undo': {
      const step = state.undo[state.undo.length - 1];
      if (!step) return state;
      return { ...applyChanges(state, action.changes), undo: state.undo.slice(0, -1), redo: [...state.redo, step] };
    }
    case 'redo': {
      const step = state.redo[state.redo.length - 1];
      if (!step) return state;
      return { ...applyChanges(state, action.changes), redo: state.redo.slice(0, -1), undo: [...state.undo, step] };
    }
    case 'stored':
      return { ...state, pending: without(state.pending, action.changeIds) };
    case 'conflict': {
      const { changeId, mark } = action.conflict.change;
      const others = state.conflicts.filter((one) => one.change.mark.id !== mark.id);
      return { ...state, pending: without(state.pending, [changeId]), conflicts: [...others, action.conflict] };
    }
    case 'refused':
      return {
        ...state,
        pending: without(state.pending, [action.refusal.change.changeId]),
        refusals: [...state.refusals, action.refusal],
      };
    case 'keep-theirs': {
      const conflict = state.conflicts.find((one) => one.change.changeId === action.changeId);
      if (!conflict) return state;
      const { mark, changeId, removed } = conflict.theirs;
      const held = new Map(state.held);
      const removals = new Map(state.removals);
      if (removed) {
        held.delete(mark.id);
        removals.set(mark.id, changeId);
      } else held.set(mark.id, { mark, changeId });
      return { ...state, held, removals, conflicts: state.conflicts.filter((one) => one !== conflict) };
    }
    case 'use-mine': {
      const conflicts = state.conflicts.filter((one) => one.change.changeId !== action.changeId);
      return applyChanges({ ...state, conflicts }, [action.change]);
    }
    case 'drop-refusal':
      return { ...state, refusals: state.refusals.filter((one) => one.change.changeId !== action.changeId) };
    case 'merge':
      return mergeStored(state, action.stored);
    case 'select':
      return { ...state, selectedId: action.markId };
  }
}
