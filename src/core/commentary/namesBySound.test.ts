import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { buildVocabularyIndex, phoneticKey, wordsOf } from '../callline';
import { techniques } from '../vocabulary';
import { findNamesBySound, namesBySound } from './namesBySound';

const names = namesBySound(buildVocabularyIndex());
const heard = (text: string, isKnown = () => false) =>
  findNamesBySound(wordsOf(text), names, isKnown).map(({ concept }) => concept.id);

describe('names by their sound', () => {
  // Forms made by rule: the vowels of a name written otherwise, its words broken or joined elsewhere.
  it.each([
    ['he hits the gilotine', 'guillotine'],
    ['snep down and away', 'snap-down'],
    ['the side controle', 'side-control'],
    ['a tore ando', 'toreando'],
    ['knee sheeld', 'knee-shield-half-guard'],
    ['the elevaiter', 'butterfly-sweep'],
    ['butterflai guard', 'butterfly-guard'],
  ])('“%s”', (text, id) => expect(heard(text)).toContain(id));
  it.each([
    'and your hand is there',
    'me and the others',
    'under it all',
    'he was right',
    'for me and you',
    '',
    'a',
    '🥋',
  ])('“%s” names nothing', (text) => expect(heard(text)).toEqual([]));
  it('hear what stands for itself only where hardly a letter is off', () => {
    expect(heard('collar too')).toEqual(['collar-tie']);
    expect(heard('collar too', () => true)).toEqual([]);
  });
  it('leave names as they are written to others', () => expect(heard('side control')).toEqual([]));
  it('find a long name wherever it is broken', () => {
    const long = techniques.filter(({ name }) => {
      const joined = wordsOf(name).join('');
      return joined.length >= 9 && names.get(phoneticKey(joined))?.written.includes(wordsOf(name).join(' '));
    });
    expect(long.length).toBeGreaterThan(60);
    fc.assert(
      fc.property(fc.constantFrom(...long), fc.integer({ min: 3, max: 5 }), ({ id, name }, at) => {
        const joined = wordsOf(name).join('');
        const broken = `${joined.slice(0, at)} ${joined.slice(at)}`;
        const ids = heard(broken);
        // As one of its names is written it is left to others.
        const isWritten = names.get(phoneticKey(joined))?.written.includes(broken) === true;
        expect(isWritten || ids.includes(id) || joints(broken), broken).toBe(true);
      }),
    );
  });
});

/** A piece that is a small word is taken for one: names neither begin nor end with those. */
const joints = (text: string) => text.split(' ').some((word) => word.length <= 4);
