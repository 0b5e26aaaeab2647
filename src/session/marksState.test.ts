import { describe, expect, it } from 'vitest';
import type { Mark } from '@/core/round';
import { changesFor, emptyMarks, type MarksState, marksReducer, type PendingChange } from './marksState';

const mark = (id: string, holder: 'a' | 'b' = 'a'): Mark => ({
  kind: 'position',
  id,
  atSeconds: 20,
  positionId: 'mount',
  holder,
});
let counter = 0;
const makeId = () => `change-${++counter}`;
const step = (state: MarksState, before: Mark | undefined, after: Mark | undefined): MarksState => {
  const changes = changesFor(state, 'r', [before], [after], makeId, 0);
  return marksReducer(state, { kind: 'step', step: { before: [before], after: [after] }, changes });
};
const travel = (state: MarksState, kind: 'undo' | 'redo'): MarksState => {
  const stack = kind === 'undo' ? state.undo : state.redo;
  const last = stack[stack.length - 1]!;
  const [from, to] = kind === 'undo' ? [last.after, last.before] : [last.before, last.after];
  return marksReducer(state, { kind, changes: changesFor(state, 'r', from, to, makeId, 0) });
};
const ids = (state: MarksState) => [...state.held.keys()];

describe('marks on the page', () => {
  it('are shown at once and wait to be stored', () => {
    const state = step(emptyMarks([]), undefined, mark('m'));
    expect(ids(state)).toEqual(['m']);
    expect(state.pending).toMatchObject([{ baseChangeId: undefined, removed: false }]);
    expect(
      marksReducer(state, { kind: 'stored', changeIds: state.pending.map((one) => one.changeId) }).pending,
    ).toEqual([]);
  });

  it('name the change that each next one was made on', () => {
    let state = step(emptyMarks([{ mark: mark('m'), changeId: 'stored' }]), mark('m'), mark('m', 'b'));
    state = step(state, mark('m', 'b'), undefined);
    state = travel(state, 'undo');
    const [one, two, three] = state.pending;
    expect(state.pending.map((change) => change.baseChangeId)).toEqual(['stored', one!.changeId, two!.changeId]);
    expect(state.pending.map((change) => change.removed)).toEqual([false, true, false]);
    expect(state.held.get('m')).toEqual({ mark: mark('m', 'b'), changeId: three!.changeId });
  });

  it('come and go with undo and redo', () => {
    let state = step(emptyMarks([]), undefined, mark('m'));
    state = step(state, mark('m'), mark('m', 'b'));
    state = travel(state, 'undo');
    expect(state.held.get('m')?.mark).toMatchObject({ holder: 'a' });
    state = travel(state, 'undo');
    expect(ids(state)).toEqual([]);
    state = travel(state, 'redo');
    state = travel(state, 'redo');
    expect(state.held.get('m')?.mark).toMatchObject({ holder: 'b' });
    expect(state.redo).toEqual([]);
    expect(marksReducer(emptyMarks([]), { kind: 'undo', changes: [] }).undo).toEqual([]);
  });

  it('are taken up again from what had not been sent', () => {
    const change: PendingChange = {
      changeId: 'c',
      roundId: 'r',
      mark: mark('m', 'b'),
      baseChangeId: 'stored',
      removed: false,
      queuedAt: 0,
    };
    const state = marksReducer(emptyMarks([{ mark: mark('m'), changeId: 'stored' }]), {
      kind: 'restore',
      changes: [change],
    });
    expect(state.held.get('m')).toEqual({ mark: mark('m', 'b'), changeId: 'c' });
    expect(state.pending).toEqual([change]);
  });

  it('stay as they are here until a conflict is settled', () => {
    const start = step(emptyMarks([{ mark: mark('m'), changeId: 'stored' }]), mark('m'), mark('m', 'b'));
    const change = start.pending[0]!;
    const theirs = { mark: { ...mark('m'), atSeconds: 30 } as Mark, changeId: 'theirs', removed: false, by: 'Iris' };
    const torn = marksReducer(start, { kind: 'conflict', conflict: { change, theirs } });
    expect(torn.pending).toEqual([]);
    expect(torn.held.get('m')!.mark).toMatchObject({ holder: 'b' });
    const kept = marksReducer(torn, { kind: 'keep-theirs', changeId: change.changeId });
    expect(kept.held.get('m')).toEqual({ mark: theirs.mark, changeId: 'theirs' });
    const again = { ...change, changeId: 'again', baseChangeId: 'theirs' };
    const mine = marksReducer(torn, { kind: 'use-mine', changeId: change.changeId, change: again });
    expect(mine.held.get('m')).toEqual({ mark: mark('m', 'b'), changeId: 'again' });
    expect(mine.pending).toEqual([again]);
    expect(mine.conflicts).toEqual([]);
  });
});
