import { describe, expect, it } from 'vitest';
import type { ErrorMark, Mark } from '../round';
import { buildVocabularyIndex, type CallContext, readCall } from './index';

const index = buildVocabularyIndex();
const marks: Mark[] = [
  { kind: 'error', id: 'flat', atSeconds: 90, errorId: 'err-half-flat', athlete: 'a', ledTo: [] },
  { kind: 'attempt', id: 'pass', atSeconds: 112, techniqueId: 'crossface-half-pass', athlete: 'b', stage: 'finished' },
  { kind: 'position', id: 'side', atSeconds: 113, positionId: 'side-control', holder: 'b' },
];
const context: CallContext = {
  uniform: 'gi',
  state: { kind: 'position', positionId: 'half-guard', holder: 'b' },
  calledBy: { a: ['a', 'ana', 'white'], b: ['k', 'karim', 'blue'] },
  atSeconds: 100,
  roundStartSeconds: 10,
  marks,
};
const read = (text: string) => readCall(text, index, context);

describe('a call tells apart what looks alike', () => {
  it.each([
    ['ana elbows flared bait', { kind: 'error', verdict: 'bait' }],
    ['ana gives up the underhook on purpose', { kind: 'error', verdict: 'concession' }],
    ['karim knee slice feint', { kind: 'attempt', verdict: 'bait' }],
    ['ana flat nothing to fault', { kind: 'error', verdict: 'no-fault' }],
    ['ana elbows flared unsure', { kind: 'error', unsure: true }],
    ['ana elbows flared?', { kind: 'error', unsure: true }],
    ['missed chance ana armbar', { kind: 'chance', techniqueId: 'armbar', athlete: 'a' }],
    ['ana missed armbar', { kind: 'chance', techniqueId: 'armbar', athlete: 'a' }],
    ['karim armbar was open', { kind: 'chance', techniqueId: 'armbar', athlete: 'b' }],
    ['karim armbar locked on the far arm', { kind: 'attempt', stage: 'locked', target: 'far arm' }],
    ['ana grips sleeve grip left on the wrist', { kind: 'grip', side: 'left', target: 'wrist' }],
    ['nice knee slice', { kind: 'attempt', techniqueId: 'knee-slice', note: 'good' }],
    ['ana elbows flared spared', { kind: 'error', punished: 'spared' }],
    ['ana unnamed sweep - turns under the far leg', { techniqueId: 'unnamed-sweep', note: 'turns under the far leg' }],
  ])('%s', (text, expected) => {
    const reading = read(text);
    expect(reading.understood, JSON.stringify(reading.draft)).toBe(true);
    expect(reading.draft).toMatchObject(expected);
  });
});

describe('a call says who', () => {
  it('by initial, unless the letter begins a name of the mat', () => {
    expect(read('k armbar').draft).toMatchObject({ kind: 'attempt', athlete: 'b' });
    expect(read('k guard').draft).toMatchObject({ kind: 'position', positionId: 'k-guard' });
  });

  it('by what fits the position, when nobody is named', () => {
    expect(read('knee slice').draft).toMatchObject({ athlete: 'b' });
    expect(read('deep half sweep').draft).toMatchObject({ athlete: 'a' });
    expect(read('side control').draft).toMatchObject({ holder: 'b' });
    expect(read('closed guard').draft).toMatchObject({ holder: 'a' });
  });

  it('by kit, possessive and place', () => {
    expect(read('blue armbar').draft).toMatchObject({ athlete: 'b' });
    expect(read('ana’s elbows flared').draft).toMatchObject({ kind: 'error', athlete: 'a' });
    expect(read('bottom elbows flared').draft).toMatchObject({ athlete: 'a' });
  });
});

describe('a call names causes and consequences', () => {
  it('forwards, among the marks of the next 45 seconds', () => {
    expect(read('ana gives up the underhook led to the pass').draft).toMatchObject({ ledTo: ['pass'] });
    expect(read('ana gives up the underhook led to side control').draft).toMatchObject({ ledTo: ['side'] });
  });

  it('backwards, as the error that led here', () => {
    const reading = read('karim knee slice finished after flat');
    expect(reading.draft).toMatchObject({ techniqueId: 'knee-slice', stage: 'finished' });
    expect(reading.causeId).toBe('flat');
  });

  it('and keeps as a remark what it cannot find', () => {
    const reading = read('ana gives up the underhook led to a heel hook');
    expect((reading.draft as ErrorMark).ledTo).toEqual([]);
    expect(reading.draft?.note).toBe('led to a heel hook');
    expect(reading.remarks.map((one) => one.code)).toContain('no-such-consequence');
    expect(read('ana armbar after lunch').draft).toMatchObject({ techniqueId: 'armbar', note: 'after lunch' });
  });
});

describe('a call loses nothing', () => {
  it('keeps words that name nothing as the remark of the mark', () => {
    const reading = read('karim knee slice quickly - head low');
    expect(reading.draft).toMatchObject({ techniqueId: 'knee-slice', note: 'quickly - head low' });
    expect(reading.remarks).toContainEqual({ code: 'kept-as-remark', words: ['quickly'] });
  });

  it('says which words it does not know', () => {
    const reading = read('blorp quux');
    expect(reading.draft).toMatchObject({ kind: 'note', note: 'blorp quux' });
    expect(reading.remarks).toEqual([{ code: 'kept-as-remark', words: ['blorp', 'quux'] }]);
  });

  it('takes emoji, other scripts and very long text as they are', () => {
    expect(read('🦉🦉').draft).toMatchObject({ kind: 'note', note: '🦉🦉' });
    expect(read('חצי גארד').draft).toMatchObject({ kind: 'note', note: 'חצי גארד' });
    const long = `${'word '.repeat(2000)}end`;
    expect(read(long).draft?.note).toBe(long);
  });
});
