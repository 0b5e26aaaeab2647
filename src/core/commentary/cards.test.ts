import { describe, expect, it } from 'vitest';
import { listTalks, proposeFor } from '../../../tests/language/talks/scoreTalks';
import { buildVocabularyIndex, stemOf, wordsOf } from '../callline';
import { conceptIdOf, type Mark } from '../round';
import { findPosition, findTechnique, isUnnamed } from '../vocabulary';
import { doingsAsTold, positionsAsTold } from '../vocabulary/sayings/bodies';
import type { Reading } from './hearing';
import { certaintyOf, type Proposal, readCommentary } from './index';
import { LEAST_AT_ALL, LEAST_OF_ITS_OWN, oneCardAClause } from './oneCard';
import { MOST_OTHERS } from './otherReadings';

const idOf = (draft: Proposal['draft']) => conceptIdOf({ ...draft, id: '' } as Mark) ?? '';

describe('the cards of talks by other hands', () => {
  const cards = listTalks().flatMap(proposeFor);
  it('have at most three other readings, none of them twice or the same as the first', () => {
    expect(cards.length).toBeGreaterThan(300);
    for (const { draft, others = [], words } of cards) {
      expect(others.length).toBeLessThanOrEqual(MOST_OTHERS);
      const said = [draft, ...others].map((one) => `${one.kind} ${isUnnamed(idOf(one)) ? '' : idOf(one)}`);
      expect(new Set(said).size, words).toBe(said.length);
    }
  });
  it('nearly all have something else to choose', () =>
    expect(cards.filter(({ others = [] }) => others.length > 0).length).toBeGreaterThan(0.9 * cards.length));
  it('leave out what is hardly ever right', () => {
    for (const { features } of cards) expect(certaintyOf(features)).toBeGreaterThanOrEqual(LEAST_AT_ALL);
  });
});

describe('one card a clause', () => {
  const [likely, second] = readCommentary(
    [{ line: 1, startSeconds: 0, endSeconds: 8, text: 'Ana goes for the armbar. Ana goes for the triangle.' }],
    buildVocabularyIndex(),
    { uniform: 'gi', calledBy: { a: ['ana'], b: ['rike'] } },
  ) as [Proposal, Proposal];
  const weak = ({ others: _, ...one }: Proposal, certainty: number): Reading => ({
    ...one,
    // Only what all cards have in common: the log of the odds, by the first weight.
    features: one.features.map((_, at) => (at === 0 ? Math.log(certainty / (1 - certainty)) / PLAIN : 0)),
    besides: () => [],
  });
  const PLAIN = Math.log(1 / certaintyOf([1]) - 1) * -1;
  const sameClause = { saidInClauseAt: 0, words: 'both' };
  it('keeps two that are likely by themselves', () => {
    const both = [likely, second].map((one) => ({ ...weak(one, LEAST_OF_ITS_OWN + 0.1), ...sameClause }));
    expect(oneCardAClause(both)).toHaveLength(2);
  });
  it('puts a doubtful one beside the likelier one of the same clause, and leaves it a card in a clause of its own', () => {
    const sure = { ...weak(likely, 0.8), ...sameClause };
    const doubtful = { ...weak(second, 0.3), ...sameClause };
    const [only, ...none] = oneCardAClause([doubtful, sure]);
    expect(none).toEqual([]);
    expect(only).toMatchObject({ draft: likely.draft, others: [second.draft] });
    expect(oneCardAClause([sure, { ...doubtful, saidInClauseAt: 5 }])).toHaveLength(2);
  });
  it('of nothing likely makes none', () =>
    expect(oneCardAClause([{ ...weak(likely, 0.1), ...sameClause }])).toEqual([]));
  it('of nothing makes nothing', () => expect(oneCardAClause([])).toEqual([]));
});

describe('what bodies do, as it is told', () => {
  const small = new Set('the a an of to in on at his her is are was were be my your that this it'.split(' '));
  const content = (text: string) =>
    wordsOf(text)
      .filter((word) => !small.has(word))
      .map(stemOf)
      .join(' ');
  const all = Object.entries({ ...doingsAsTold, ...positionsAsTold });
  it('is told of entries of the catalogue', () => {
    for (const id of Object.keys(doingsAsTold)) expect(findTechnique(id), id).toBeDefined();
    for (const id of Object.keys(positionsAsTold)) expect(findPosition(id), id).toBeDefined();
  });
  it('means one entry each', () => {
    const meant = new Map<string, string>();
    for (const [id, told] of all)
      for (const text of told) {
        expect(meant.get(content(text)) ?? id, text).toBe(id);
        meant.set(content(text), id);
      }
  });
});
