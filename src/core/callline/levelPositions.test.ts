import { describe, expect, it } from 'vitest';
import { plainHouse } from '../vocabulary';
import { buildVocabularyIndex, type CallContext, readCall } from './index';

const index = buildVocabularyIndex(plainHouse, {});
const now: CallContext = {
  uniform: 'gi',
  state: { kind: 'unmarked' },
  calledBy: { a: ['ana'], b: ['iris'] },
  atSeconds: 10,
  roundStartSeconds: 0,
};
const read = (text: string) => readCall(text, index, now).draft;

describe('who holds a position that a call names', () => {
  it('is said with “top” and “bottom” where neither side of it is better', () => {
    expect(read('ana top fifty fifty')).toMatchObject({ positionId: 'fifty-fifty', holder: 'a' });
    expect(read('ana bottom fifty fifty')).toMatchObject({ positionId: 'fifty-fifty', holder: 'b' });
    expect(read('fifty fifty')).toMatchObject({ positionId: 'fifty-fifty', holder: undefined });
    expect(read('ana fifty fifty')).toMatchObject({ positionId: 'fifty-fifty', holder: undefined });
  });

  it('is the other one in the turtle: it belongs to the one below', () => {
    expect(read('ana turtle')).toMatchObject({ positionId: 'turtle', holder: 'b' });
    expect(read('ana top turtle')).toMatchObject({ positionId: 'turtle', holder: 'a' });
  });
});
