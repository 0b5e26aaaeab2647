import { describe, expect, it } from 'vitest';
import { asTold } from '../resemblance';
import { plainHouse, strengths } from '../vocabulary';
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
  it('that nothing was understood of is asked about as what it resembles, its words beside it', () => {
    const text = 'both pull';
    const reading = readCall(text, index, context());
    expect(reading.draft).toMatchObject({ kind: 'position', positionId: 'double-guard-pull' });
    expect(reading.doubtful).toBe(true);
    expect(reading).toMatchObject({ guessed: true, ownWords: { kind: 'note', note: text } });
    expect(readCall(text, alone, context()).draft?.kind).toBe('note');
  });
  it('that resembles little stays a note, and is offered what it resembles', () => {
    const text = 'marek wraps his own leg round the head from below';
    expect(readCall(text, index, context()).draft?.kind).toBe('note');
    expect(choicesOf(text)[0]).toBe('triangle');
    expect(choicesOf(text, alone)[0]).not.toBe('triangle');
  });
  it('in the coach’s own words is asked about as the entry that tells it, under the same verdict', () => {
    const reading = readCall('marek second hook too slow', index, context());
    expect(reading.draft).toMatchObject({ kind: 'error', errorId: 'err-hook-late', athlete: 'b' });
    expect(reading.ownWords).toMatchObject({ kind: 'error', errorId: 'err-unnamed-timing', athlete: 'b' });
    expect(reading.doubtful).toBe(true);
  });
  it('is compared by what was done, not by what should have been', () => {
    const reading = readCall('ana holds her own shin rather than cutting the angle', index, context());
    expect(reading.draft).toMatchObject({ kind: 'error', errorId: 'err-triangle-holds-shin', athlete: 'a' });
    expect(reading.ownWords).toMatchObject({ kind: 'error', athlete: 'a' });
  });
  it('that praises is taken without asking only where it is a saying as it stands, and the likest', () => {
    expect(readCall('marek good frames inside on the neck', index, context()).doubtful).toBe(true);
    expect(readCall('marek good head position', index, context()).doubtful).toBeUndefined();
  });
  it('that praises by a name is taken without asking, whatever it resembles', () => {
    for (const { id, title } of strengths) {
      const { draft, doubtful } = readCall(`marek good ${title.toLowerCase()}`, index, context());
      expect([title, draft, doubtful]).toEqual([title, expect.objectContaining({ strengthId: id }), undefined]);
    }
  });
  it('that praises as this academy says it is taken without asking', () => {
    const text = 'marek nice octopus';
    expect(readCall(text, index, context()).draft).not.toMatchObject({ strengthId: 'good-feet-inside' });
    const aliases = { 'good-feet-inside': ['octopus'] };
    const { draft, doubtful } = readCall(text, buildVocabularyIndex({ ...plainHouse, aliases }, {}, asTold), context());
    expect([draft, doubtful]).toEqual([expect.objectContaining({ strengthId: 'good-feet-inside' }), undefined]);
  });
  it('offers nothing of a jacket in a round without one', () => {
    const offered = (uniform: 'gi' | 'no-gi') =>
      readCall('marek feeds his own jacket beneath the chin', index, { ...context(), uniform }).choices.map(
        ({ concept }) => concept.id,
      );
    expect(offered('gi')).toContain('lapel-wrap-choke');
    expect(offered('no-gi')).not.toContain('lapel-wrap-choke');
  });
  it.each(['ana armbar finished', 'marek mount', 'ana underhook', 'marek knee slice', 'ana elbows open', 'stop 20'])(
    'that is a plain name is not asked about: “%s”',
    (text) => {
      const { doubtful, draft } = readCall(text, index, context());
      expect(doubtful).toBe(readCall(text, alone, context()).doubtful);
      expect(draft).toEqual(readCall(text, alone, context()).draft);
    },
  );
  it('that was sure and resembles something else is asked about, with that beside it', () => {
    const [text, likest] = ['marek stays on his knees with it', 'good-stays-on-back'];
    expect(readCall(text, alone, context()).doubtful).toBeUndefined();
    const reading = readCall(text, index, context());
    expect(reading.doubtful).toBe(true);
    expect(reading.choices.slice(0, 2).map(({ concept }) => concept.id)).toContain(likest);
  });
  it('that was in doubt is sure where it is also what it resembles most', () => {
    const text = 'marek holds on to the neck too long';
    expect(readCall(text, alone, context()).doubtful).toBe(true);
    const reading = readCall(text, index, context());
    expect(reading.doubtful).toBeUndefined();
    expect(reading.draft).toEqual(readCall(text, alone, context()).draft);
  });
  it('keeps the verdict and whose it is, whatever it resembles', () => {
    for (const text of ['marek good hips', 'ana bad frames', 'marek gets up', 'marek choke', '…', 'x'.repeat(300)]) {
      const [one, other] = [index, alone].map((words) => readCall(text, words, context()).draft);
      const who = (draft = one) => (draft && 'athlete' in draft ? draft.athlete : undefined);
      expect(one?.kind, text).toBe(other?.kind);
      expect(who(one), text).toBe(who(other));
    }
  });
});
