import { describe, expect, it } from 'vitest';
import { buildVocabularyIndex } from '../callline';
import { type CommentaryContext, readCommentary } from './index';

const vocabulary = buildVocabularyIndex();
const called: CommentaryContext['calledBy'] = { a: ['ana'], b: ['rike'] };

/** Kind and athlete of the marks that a text suggests, spoken at an even pace. */
function told(text: string, more: Partial<CommentaryContext> = {}) {
  const cues = [{ line: 1, startSeconds: 0, endSeconds: text.split(' ').length / 2, text }];
  return readCommentary(cues, vocabulary, { uniform: 'gi', calledBy: called, ...more }).map(({ draft }) => [
    draft.kind,
    'athlete' in draft ? draft.athlete : undefined,
  ]);
}

describe('who “you” is', () => {
  it('is who was called by name, until the other one is', () => {
    expect(told('Ana, you never framed with that arm. And Rike, your elbow is way too high.')).toEqual([
      ['error', 'a'],
      ['error', 'b'],
    ]);
    expect(told('Your elbow is way too high there, Ana. And Rike, your hips are way too high.')).toContainEqual([
      'error',
      'b',
    ]);
  });
  it('is the other one of whom is told of by name', () => {
    const text = 'Ana, you have the sleeve now. Rike stands up again. And your elbow is way too high there.';
    expect(told(text)).toContainEqual(['error', 'a']);
    const back = `${text} Ana grips the sleeve again. And your hips are way too high now.`;
    expect(told(back).at(-1)).toEqual(['error', 'b']);
  });
});

describe('whose something is', () => {
  it.each([
    ['the leg never comes across my face', 'b'],
    ['my elbow is way too high there', 'a'],
    ['no weight at all on my hips, way too light', 'b'],
  ])('“%s”, said by Ana: %s', (text, who) => expect(told(text, { speaks: 'a' })).toEqual([['error', who]]));
  it('of a thing of theirs that is something, wherever the clause begins', () =>
    expect(
      told('Rike grips the collar. So the first thing I see, your hands are way too low.', { you: 'a' }),
    ).toContainEqual(['error', 'a']));
  it('“Ana’s” is “Ana is” before where, how or what she does', () => {
    expect(told('Rike stands up. Ana’s on the wrong side, elbow way too high.')).toContainEqual(['error', 'a']);
  });
});

describe('a judgement without an object', () => {
  it('is about the clause before, and says whose it is', () => {
    const [grip, error] = readCommentary(
      [{ line: 1, startSeconds: 0, endSeconds: 6, text: 'Rike digs for the underhook and Ana does not even argue' }],
      vocabulary,
      { uniform: 'gi', calledBy: called },
    );
    expect(grip?.draft).toMatchObject({ kind: 'grip', athlete: 'b' });
    expect(error?.draft).toMatchObject({ kind: 'error', athlete: 'a', note: expect.stringContaining('underhook') });
  });
  it('that only says the same again is no second card', () =>
    expect(told('Ana has her elbow way too high. And that is a mistake, really a mistake.')).toEqual([['error', 'a']]));
});

describe('where somebody is', () => {
  it.each([
    ['Ana is in Rike’s guard now', 'closed-guard'],
    ['now Ana is on top in her half', 'half-guard'],
  ])('“%s”', (text, positionId) => {
    const [first] = readCommentary([{ line: 1, startSeconds: 0, endSeconds: 4, text }], vocabulary, {
      uniform: 'gi',
      calledBy: called,
    });
    expect(first?.draft).toMatchObject({ kind: 'position', positionId });
  });
});

describe('what is done to somebody', () => {
  it.each([
    ['of course rike gets snapped down to the knees', 'snap-down', 'a'],
    ['rike gets swept', 'unnamed-sweep', 'a'],
    ['rike is caught in the armbar', 'armbar', 'a'],
    ['and rike got thrown with a hip throw', 'hip-throw', 'a'],
    ['ana catches the armbar', 'armbar', 'a'],
  ])('“%s” is the other one’s', (text, techniqueId, athlete) => {
    const [first] = readCommentary([{ line: 1, startSeconds: 0, endSeconds: 4, text }], vocabulary, {
      uniform: 'gi',
      calledBy: called,
    });
    expect(first?.draft).toMatchObject({ kind: 'attempt', techniqueId, athlete });
  });
  it('so is where they end', () => {
    const [first] = readCommentary(
      [{ line: 1, startSeconds: 0, endSeconds: 4, text: 'ana gets mounted' }],
      vocabulary,
      {
        uniform: 'gi',
        calledBy: called,
      },
    );
    expect(first?.draft).toMatchObject({ kind: 'position', positionId: 'mount', holder: 'b' });
  });
});
