import { describe, expect, it } from 'vitest';
import type { Mark } from '../round';
import { buildVocabularyIndex, type CallContext, readCall } from './index';

const index = buildVocabularyIndex();
const stop: Mark = { kind: 'stoppage', id: 'stop', atSeconds: 90, endSeconds: 100, offCamera: true };
const now: CallContext = {
  uniform: 'gi',
  state: { kind: 'unmarked' },
  calledBy: { a: ['ana'], b: ['iris'] },
  atSeconds: 110,
  roundStartSeconds: 10,
  marks: [stop],
};
const read = (text: string, patch: Partial<CallContext> = {}) => readCall(text, index, { ...now, ...patch });

describe('“until”', () => {
  it('says when a stoppage ends, in the time of the round', () => {
    expect(read('stop until 2:30').draft).toMatchObject({ kind: 'stoppage', atSeconds: 110, endSeconds: 160 });
    expect(read('off camera until 2:30').draft).toMatchObject({ offCamera: true, endSeconds: 160 });
    expect(read('at 1:00 stop until 1:20').draft).toMatchObject({ atSeconds: 70, endSeconds: 90 });
  });

  it('alone ends the stoppage before, and changes nothing else of it', () => {
    expect(read('until 1:50')).toMatchObject({
      finishesId: 'stop',
      draft: { atSeconds: 90, endSeconds: 120, offCamera: true },
    });
    expect(read('until 1:50', { marks: [] })).toMatchObject({ understood: false, draft: { kind: 'note' } });
    // A stoppage cannot end before it began.
    expect(read('until 0:30').draft).toMatchObject({ kind: 'note' });
    expect(read('stop until 0:30').draft?.kind).not.toBe('stoppage');
  });
});
