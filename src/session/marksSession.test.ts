import { describe, expect, it } from 'vitest';
import type { Mark } from '@/core/round';
import { createMarksSession } from './marksSession';
import type { PendingChange } from './marksState';

const note = (id: string, text = id): Mark => ({ kind: 'note', id, atSeconds: 5, note: text });
const error = (id: string, ...ledTo: string[]): Mark => ({
  ...{ kind: 'error', id, atSeconds: 3, errorId: 'err-half-flat', athlete: 'a' },
  ledTo,
});

function open(stored: readonly Mark[] = []) {
  const queued: PendingChange[] = [];
  const forgotten: string[] = [];
  let made = 0;
  const session = createMarksSession({
    scopeId: 'round',
    stored: stored.map((mark) => ({ mark, changeId: `was-${mark.id}` })),
    queue: (changes) => void queued.push(...changes),
    forget: (ids) => void forgotten.push(...ids),
    makeId: () => `change-${++made}`,
    nowMs: () => 1000,
  });
  const marks = () => [...session.get().held.values()].map(({ mark }) => mark);
  return { session, queued, forgotten, marks };
}

describe('the marks of a review', () => {
  it('change at once, are queued on what was there, and tell whoever watches', () => {
    const { session, queued, marks } = open([note('a')]);
    let told = 0;
    const leave = session.subscribe(() => {
      told += 1;
    });
    session.replace(note('a'), note('a', 'rewritten'));
    expect(marks()).toEqual([note('a', 'rewritten')]);
    expect(queued).toMatchObject([{ changeId: 'change-1', baseChangeId: 'was-a', removed: false, queuedAt: 1000 }]);
    expect([told, session.changesMade()]).toEqual([1, 1]);
    leave();
    session.select('a');
    expect([told, session.get().selectedId]).toEqual([1, 'a']);
  });
  it('go with what led to them in one step, and come back with it', () => {
    const { session, marks } = open([error('e', 'n'), note('n')]);
    session.remove(note('n'));
    expect(marks()).toEqual([error('e')]);
    session.undo();
    expect(marks()).toContainEqual(error('e', 'n'));
    expect(marks()).toContainEqual(note('n'));
    session.redo();
    expect(marks()).toEqual([error('e')]);
  });
  it('share one way back with every other step, in the order in which things were done', () => {
    const { session, marks } = open();
    const log: string[] = [];
    session.add(note('a'));
    session.record({ undo: () => log.push('clock back'), redo: () => log.push('clock again') });
    session.add(note('b'));
    session.undo();
    expect([marks().length, log]).toEqual([1, []]);
    session.undo();
    expect([marks().length, log]).toEqual([1, ['clock back']]);
    session.undo();
    expect(marks()).toEqual([]);
    session.redo();
    session.redo();
    expect(log).toEqual(['clock back', 'clock again']);
  });
  it('let a conflict be settled either way', () => {
    const { session, queued, forgotten, marks } = open([note('a')]);
    session.replace(note('a'), note('a', 'mine'));
    const change = queued[0]!;
    const theirs = { mark: note('a', 'theirs'), changeId: 'their-change', removed: false };
    session.dispatch({ kind: 'conflict', conflict: { change, theirs } });
    session.useMine(change.changeId);
    expect(queued.at(-1)).toMatchObject({ baseChangeId: 'their-change', mark: { note: 'mine' } });
    expect(forgotten).toEqual([change.changeId]);
    session.dispatch({ kind: 'conflict', conflict: { change: queued.at(-1)!, theirs } });
    session.keepTheirs(queued.at(-1)!.changeId);
    expect(marks()).toEqual([theirs.mark]);
    expect(session.get().conflicts).toEqual([]);
  });
});
