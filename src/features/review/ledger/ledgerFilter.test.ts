import { describe, expect, it } from 'vitest';
import type { Mark } from '@/core/round';
import { conceptName } from '@/core/vocabulary';
import { everything, filterMarks, isEverything, type LedgerFilter } from './ledgerFilter';

const marks: readonly Mark[] = [
  { kind: 'position', id: 'p', atSeconds: 1, positionId: 'mount', holder: 'a' },
  { kind: 'error', id: 'e', atSeconds: 2, errorId: 'err-half-flat', athlete: 'a', ledTo: [], note: 'knees wide' },
  {
    kind: 'error',
    id: 'f',
    atSeconds: 3,
    errorId: 'err-half-flat',
    athlete: 'b',
    punished: 'no',
    ledTo: [],
    unsure: true,
  },
  { kind: 'attempt', id: 't', atSeconds: 4, techniqueId: 'armbar', athlete: 'b', stage: 'locked' },
  { kind: 'note', id: 'n', atSeconds: 5, note: 'water' },
];
const shown = (patch: Partial<LedgerFilter>) =>
  filterMarks(
    marks,
    { ...everything, ...patch },
    [{ code: 'already-past', atSeconds: 4, markIds: ['t'] }],
    conceptName,
  ).map((mark) => mark.id);

describe('what the ledger shows', () => {
  it('is everything when nothing is asked, as the same list', () => {
    expect(isEverything(everything)).toBe(true);
    expect(filterMarks(marks, { text: '  ' }, [], conceptName)).toBe(marks);
  });
  it('is narrowed by athlete, kind, state and words, all together', () => {
    expect(shown({ athlete: 'a' })).toEqual(['p', 'e']);
    expect(shown({ kind: 'errors' })).toEqual(['e', 'f']);
    expect(shown({ kind: 'else' })).toEqual(['n']);
    expect(shown({ state: 'to-judge' })).toEqual(['e', 't']);
    expect(shown({ state: 'to-ask' })).toEqual(['f']);
    expect(shown({ state: 'doubtful' })).toEqual(['t']);
    expect(shown({ state: 'drawn' })).toEqual([]);
    expect(shown({ text: 'FLAT' })).toEqual(['e', 'f']);
    expect(shown({ text: 'knees' })).toEqual(['e']);
    expect(shown({ athlete: 'b', kind: 'errors', text: 'flat' })).toEqual(['f']);
  });
});
