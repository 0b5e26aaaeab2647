import { describe, expect, it } from 'vitest';
import type { Mark } from '@/core/round';
import { changesFor, emptyReview, type PendingChange, type ReviewState, reviewReducer } from './reviewReducer';

const mark = (id: string, holder: 'a' | 'b' = 'a'): Mark => ({
  kind: 'position',
  id,
  atSeconds: 20,
  positionId: 'mount',
  holder,
});
let counter = 0;
const makeId = () => `change-${++counter}`;
const step = (state: ReviewState, before: Mark | undefined, after: Mark | undefined): ReviewState => {
  const changes = changesFor(state, 'r', [before], [after], makeId, 0);
  return reviewReducer(state, { kind: 'step', step: { before: [before], after: [after] }, changes });
};
const travel = (state: ReviewState, kind: 'undo' | 'redo'): ReviewState => {
  const stack = kind === 'undo' ? state.undo : state.redo;
  const last = stack[stack.length - 1]!;
  const [from, to] = kind === 'undo' ? [last.after, last.before] : [last.before, last.after];
  return reviewReducer(state, { kind, changes: changesFor(state, 'r', from, to, makeId, 0) });
};
const ids = (state: ReviewState) => [...state.held.keys()];

describe('marks on the page', () => {
  it('are shown at once and wait to be stored', () => {
    const state = step(emptyReview([]), undefined, mark('m'));
    expect(ids(state)).toEqual(['m']);
    expect(state.pending).toMatchObject([{ baseVersion: 0, removed: false }]);
    expect(
      reviewReducer(state, { kind: 'stored', changeIds: state.pending.map((one) => one.changeId) }).pending,
    ).toEqual([]);
  });

  it('carry the version that the server will give, change after change', () => {
    let state = step(emptyReview([]), undefined, mark('m'));
    state = step(state, mark('m'), mark('m', 'b'));
    state = step(state, mark('m', 'b'), undefined);
    expect(state.pending.map((one) => [one.baseVersion, one.removed])).toEqual([
      [0, false],
      [1, false],
      [2, true],
    ]);
    expect(ids(state)).toEqual([]);
  });

  it('come and go with undo and redo, on the right versions', () => {
    let state = step(emptyReview([]), undefined, mark('m'));
    state = step(state, mark('m'), mark('m', 'b'));
    state = travel(state, 'undo');
    expect(state.held.get('m')).toMatchObject({ version: 3, mark: { holder: 'a' } });
    state = travel(state, 'undo');
    expect(ids(state)).toEqual([]);
    state = travel(state, 'redo');
    expect(state.held.get('m')).toMatchObject({ version: 5, mark: { holder: 'a' } });
    state = travel(state, 'redo');
    expect(state.held.get('m')).toMatchObject({ version: 6, mark: { holder: 'b' } });
    expect(state.redo).toEqual([]);
    expect(reviewReducer(emptyReview([]), { kind: 'undo', changes: [] }).undo).toEqual([]);
  });

  it('are taken up again from what had not been sent', () => {
    const change: PendingChange = {
      changeId: 'c',
      roundId: 'r',
      mark: mark('m', 'b'),
      baseVersion: 1,
      removed: false,
      queuedAt: 0,
    };
    const state = reviewReducer(emptyReview([{ mark: mark('m'), version: 1 }]), { kind: 'restore', changes: [change] });
    expect(state.held.get('m')).toMatchObject({ version: 2, mark: { holder: 'b' } });
    expect(state.pending).toEqual([change]);
  });

  it('stay as they are here until a conflict is settled', () => {
    const start = step(emptyReview([{ mark: mark('m'), version: 1 }]), mark('m'), mark('m', 'b'));
    const change = start.pending[0]!;
    const theirs = { mark: { ...mark('m'), atSeconds: 30 } as Mark, version: 2, removed: false, by: 'Iris' };
    const torn = reviewReducer(start, { kind: 'conflict', conflict: { change, theirs } });
    expect(torn.pending).toEqual([]);
    expect(torn.held.get('m')!.mark).toMatchObject({ holder: 'b' });
    const kept = reviewReducer(torn, { kind: 'keep-theirs', changeId: change.changeId });
    expect(kept.held.get('m')).toEqual({ mark: theirs.mark, version: 2 });
    const again = { ...change, changeId: 'again', baseVersion: 2 };
    const mine = reviewReducer(torn, { kind: 'use-mine', changeId: change.changeId, change: again });
    expect(mine.held.get('m')).toMatchObject({ version: 3, mark: { holder: 'b' } });
    expect(mine.pending).toEqual([again]);
    expect(mine.conflicts).toEqual([]);
  });
});
