import { describe, expect, it } from 'vitest';
import { asTold } from '../resemblance';
import { plainHouse } from '../vocabulary';
import { buildVocabularyIndex, type CallContext, readCall } from './index';

const index = buildVocabularyIndex(plainHouse, {}, asTold);
const alone = buildVocabularyIndex();
const context = (): CallContext => ({
  uniform: 'gi',
  state: { kind: 'unmarked' },
  calledBy: { a: ['ana'], b: ['marek'] },
  atSeconds: 30,
  roundStartSeconds: 0,
});
const choicesOf = (text: string, words = index) =>
  readCall(text, words, context()).choices.map(({ concept }) => concept.id);

describe('a call beside what it resembles', () => {
  it('that nothing was understood of offers it first, and stays a note', () => {
    const text = 'marek wraps his own leg round the head from below';
    expect(readCall(text, index, context()).draft?.kind).toBe('note');
    expect(choicesOf(text)[0]).toBe('triangle');
    expect(choicesOf(text, alone)[0]).not.toBe('triangle');
  });
  it('in the coach’s own words offers the entry that tells it', () => {
    const reading = readCall('ana rests under the pin until the crossface is on', index, context());
    expect(reading.choices.slice(0, 2).map(({ concept }) => concept.id)).toContain('err-lets-top-settle');
  });
  it('offers nothing of a jacket in a round without one', () => {
    const offered = (uniform: 'gi' | 'no-gi') =>
      readCall('marek feeds his own jacket beneath the chin', index, { ...context(), uniform }).choices.map(
        ({ concept }) => concept.id,
      );
    expect(offered('gi')).toContain('lapel-wrap-choke');
    expect(offered('no-gi')).not.toContain('lapel-wrap-choke');
  });
  it.each(['ana armbar finished', 'marek mount', 'ana underhook', 'marek knee slice', 'ana elbows open'])(
    'that is a plain name is not asked about: “%s”',
    (text) => {
      const { doubtful, draft } = readCall(text, index, context());
      expect(doubtful).toBe(readCall(text, alone, context()).doubtful);
      expect(draft).toEqual(readCall(text, alone, context()).draft);
    },
  );
  it('marks what it marked without it, whatever it resembles', () => {
    for (const text of [
      'marek gets up',
      'ana is flat',
      'marek choke',
      'elbow',
      'ana pushes and pushes',
      '…',
      'x'.repeat(300),
    ])
      expect(readCall(text, index, context()).draft?.kind, text).toBe(readCall(text, alone, context()).draft?.kind);
  });
});
