import { describe, expect, it } from 'vitest';
import { createUndo } from './undoSteps';

interface Fake {
  readonly undo: readonly string[];
  readonly redo: readonly string[];
}
const step = (state: Fake, action: string): Fake => {
  if (action === 'undo') return { undo: state.undo.slice(0, -1), redo: [...state.redo, ...state.undo.slice(-1)] };
  if (action === 'redo') return { undo: [...state.undo, ...state.redo.slice(-1)], redo: state.redo.slice(0, -1) };
  return { undo: [...state.undo, action], redo: [] };
};

/** A desk with marks that are letters, and another thing that is on or off. */
function openDesk() {
  const log: string[] = [];
  let state: Fake = { undo: [], redo: [] };
  const dispatch = (action: string) => {
    state = step(state, action);
  };
  const { record, undo, redo } = createUndo({
    done: () => state.undo.length,
    undone: () => state.redo.length,
    undo: () => dispatch('undo'),
    redo: () => dispatch('redo'),
  });
  const other = (name: string) => record({ undo: () => log.push(`-${name}`), redo: () => log.push(`+${name}`) });
  return { log, mark: dispatch, other, undo, redo, marks: () => state.undo.join('') };
}

describe('undo over everything', () => {
  it('goes back in the order in which things were done, and forth again', () => {
    const desk = openDesk();
    desk.mark('a');
    desk.other('clock');
    desk.mark('b');
    desk.undo();
    expect([desk.marks(), desk.log]).toEqual(['a', []]);
    desk.undo();
    expect([desk.marks(), desk.log]).toEqual(['a', ['-clock']]);
    desk.undo();
    expect(desk.marks()).toBe('');
    desk.redo();
    expect([desk.marks(), desk.log]).toEqual(['a', ['-clock']]);
    desk.redo();
    expect([desk.marks(), desk.log]).toEqual(['a', ['-clock', '+clock']]);
    desk.redo();
    expect(desk.marks()).toBe('ab');
  });
  it('takes several others at one place from the last to the first', () => {
    const desk = openDesk();
    desk.other('one');
    desk.other('two');
    desk.undo();
    desk.undo();
    desk.undo();
    expect(desk.log).toEqual(['-two', '-one']);
    desk.redo();
    desk.redo();
    expect(desk.log).toEqual(['-two', '-one', '+one', '+two']);
  });
  it('has no way forth after something new was done', () => {
    const desk = openDesk();
    desk.mark('a');
    desk.other('clock');
    desk.undo();
    desk.mark('b');
    desk.redo();
    expect([desk.marks(), desk.log]).toEqual(['ab', ['-clock']]);
    desk.undo();
    desk.undo();
    desk.redo();
    desk.redo();
    expect([desk.marks(), desk.log]).toEqual(['ab', ['-clock']]);
  });
  it('does nothing where nothing was done', () => {
    const desk = openDesk();
    desk.undo();
    desk.redo();
    expect([desk.marks(), desk.log]).toEqual(['', []]);
  });
});
