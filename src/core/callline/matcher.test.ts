import { describe, expect, it } from 'vitest';
import * as tuning from '../../../tests/language/phrasesTuning';
import * as unseen from '../../../tests/language/phrasesUnseen';
import { type Phrase, readPhrases } from '../../../tests/language/readPhrases';
import { findGrip, findPosition, findTechnique, kindOf, plainHouse } from '../vocabulary';
import { buildVocabularyIndex, matchConcepts, wordsOf } from './index';

const index = buildVocabularyIndex();

/** Share of phrases whose concept comes first. Each is said where its cloth allows it: no-gi techniques without the gi, all others in it. */
function score(phrases: readonly Phrase[]): { readonly share: number; readonly wrong: readonly string[] } {
  const wrong = phrases.filter(({ text, conceptId, positionId }) => {
    const entry = findPosition(conceptId) ?? findGrip(conceptId) ?? findTechnique(conceptId);
    const uniform = entry?.uniform === 'no-gi' ? 'no-gi' : 'gi';
    return matchConcepts(wordsOf(text), index, { uniform, positionId })[0]?.concept.id !== conceptId;
  });
  return { share: 1 - wrong.length / phrases.length, wrong: wrong.map((one) => `${one.text} > ${one.conceptId}`) };
}

describe('the matcher on 400 phrases', () => {
  const lists: readonly (readonly [string, string, number])[] = [
    ['spelled right, for tuning', tuning.spelledForTuning, 0.95],
    ['damaged, for tuning', tuning.damagedForTuning, 0.85],
    ['spelled right, unseen', unseen.spelledUnseen, 0.95],
    ['damaged, unseen', unseen.damagedUnseen, 0.85],
  ];

  it('has lists that name known concepts, half of them kept apart', () => {
    const counts = lists.map(([, text]) => readPhrases(text).length);
    expect(counts.reduce((sum, one) => sum + one)).toBeGreaterThanOrEqual(400);
    expect(counts[2]! + counts[3]!).toBeGreaterThanOrEqual(200);
    for (const [, text] of lists)
      for (const { conceptId } of readPhrases(text)) expect(kindOf(conceptId), conceptId).toBeDefined();
    const seen = new Set([...readPhrases(lists[0]![1]), ...readPhrases(lists[1]![1])].map((one) => one.text));
    const shared = [...readPhrases(lists[2]![1]), ...readPhrases(lists[3]![1])].filter((one) => seen.has(one.text));
    expect(shared).toEqual([]);
  });

  it.each(lists)('%s', (name, text, goal) => {
    const { share, wrong } = score(readPhrases(text));
    console.info(`matcher, ${name}: ${(share * 100).toFixed(1)} % right`);
    expect(share, wrong.join('\n')).toBeGreaterThanOrEqual(goal);
  });
});

describe('the matcher listens', () => {
  const first = (text: string, context = {}) =>
    matchConcepts(wordsOf(text), index, { uniform: 'gi', ...context })[0]?.concept.id;

  it('to initials, joined and split words, swapped letters, plural and verb forms', () => {
    expect(first('ks', { positionId: 'half-guard' })).toBe('knee-slice');
    expect(first('halfguard')).toBe('half-guard');
    expect(first('knee bars')).toBe('knee-bar');
    expect(first('arm bar')).toBe('armbar');
    expect(first('sprawling')).toBe('sprawl');
    expect(first('traingle')).toBe('triangle');
  });

  it('to the place, when words may mean several things', () => {
    expect(first('kimura', { positionId: 'kimura-control' })).toMatch(/kimura/);
    const onTheFeet = first('single', { positionId: 'standing-clinch' });
    expect(onTheFeet).toBe('single-leg');
  });

  it('to what the academy uses most', () => {
    const often = buildVocabularyIndex(plainHouse, { 'high-mount': 60 });
    const rank = (vocabulary: typeof index) =>
      matchConcepts(['hm'], vocabulary, { uniform: 'gi' }).findIndex((one) => one.concept.id === 'high-mount');
    expect(rank(often)).toBeLessThanOrEqual(rank(index));
  });

  it('to the words of the house: names, aliases, own and hidden ones', () => {
    const house = {
      ...plainHouse,
      names: { 'scissor-sweep': 'Garden gate' },
      aliases: { armbar: ['straight bar'] },
      own: [
        { id: 'half-guard~staple', name: 'Staple half', aliases: ['stapler'], text: '' },
        { id: 'half-guard~old', name: 'Old half', aliases: [], text: '', mergedIntoId: 'half-guard~staple' },
      ],
      hiddenIds: ['flying-armbar'],
    };
    const here = buildVocabularyIndex(house);
    const heard = (text: string) => matchConcepts(wordsOf(text), here, { uniform: 'gi' })[0]?.concept;
    expect(heard('garden gate')).toMatchObject({ id: 'scissor-sweep', name: 'Garden gate' });
    expect(heard('scissor sweep')?.id).toBe('scissor-sweep');
    expect(heard('straight bar')?.id).toBe('armbar');
    expect(heard('stapler')?.id).toBe('half-guard~staple');
    expect(heard('old half')?.id).toBe('half-guard~staple');
    expect(heard('flying armbar')?.id).not.toBe('flying-armbar');
  });

  it('to nothing at all in emptiness, signs and other scripts', () => {
    expect(matchConcepts([], index, { uniform: 'gi' })).toEqual([]);
    expect(wordsOf('🦉 !!! …')).toEqual([]);
    expect(matchConcepts(wordsOf('חצי גארד'), index, { uniform: 'gi' })).toEqual([]);
    expect(
      matchConcepts(
        Array.from({ length: 60 }, () => 'guard'),
        index,
        { uniform: 'gi' },
      ),
    ).toEqual([]);
  });
});
