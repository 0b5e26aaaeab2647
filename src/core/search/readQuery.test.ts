import { describe, expect, it } from 'vitest';
import { buildVocabularyIndex } from '../callline';
import { plainHouse } from '../vocabulary';
import { readQuery, textWithout } from './index';

const world = {
  people: [
    { id: 'ana', name: 'Ana Velden' },
    { id: 'mia', name: 'Mia Serrat' },
    { id: 'marek', name: 'Marek Osei' },
  ],
  today: '2026-11-23',
  index: buildVocabularyIndex(),
  house: plainHouse,
};
const read = (text: string) => readQuery(text, world);

describe('a search', () => {
  it('reads people, cloth, days and what is left', () => {
    const query = read('elbows ana gi march');
    expect(query).toMatchObject({
      personIds: ['ana'],
      uniform: 'gi',
      fromDay: '2026-03-01',
      toDay: '2026-03-31',
      restWords: ['elbows'],
    });
    expect(query.conceptIds).toContain('err-elbows-open');
  });

  it.each([
    ['no gi last week', { uniform: 'no-gi', fromDay: '2026-11-16', toDay: '2026-11-23' }],
    ['nogi', { uniform: 'no-gi' }],
    ['december', { fromDay: '2025-12-01', toDay: '2025-12-31' }],
    ['feb 2024', { fromDay: '2024-02-01', toDay: '2024-02-29' }],
    ['2025', { fromDay: '2025-01-01', toDay: '2025-12-31' }],
    ['today', { fromDay: '2026-11-23', toDay: '2026-11-23' }],
    ['yesterday mia with marek', { fromDay: '2026-11-22', personIds: ['mia', 'marek'] }],
    ['mar osei', { personIds: ['marek'] }],
    ['ana since october', { personIds: ['ana'], fromDay: '2026-10-01', toDay: '2026-11-23', restWords: [] }],
    ['ana since dec 2025', { fromDay: '2025-12-01', toDay: '2026-11-23' }],
    ['ana this month', { fromDay: '2026-11-01', toDay: '2026-11-23' }],
    [
      'ana passed from half guard on the left by heavier partners since october',
      { partner: { weight: 'heavier' }, fromDay: '2026-10-01' },
    ],
    ['ana against higher belts', { partner: { belt: 'higher' }, restWords: [] }],
    ['mia with smaller white belts', { partner: { weight: 'lighter', belt: 'white' }, restWords: [] }],
    ['heavier partners', { partner: { weight: 'heavier' }, restWords: [] }],
    // A colour without a belt is none.
    ['ana white', { partner: {}, restWords: ['white'] }],
  ])('%s', (text, expected) => expect(read(text)).toMatchObject(expected));

  it.each([
    [
      'ana passed from half guard on the left by heavier partners since october',
      'partner',
      { stage: 'finished', side: 'left' },
    ],
    ['ana gets swept', 'partner', { stage: 'finished' }],
    ['mia swept by marek', 'partner', { stage: 'finished' }],
    ['ana taps to arm locks', 'partner', { stage: 'finished' }],
    ["ana's guard passed", 'partner', { stage: 'finished' }],
    ['ana sweeps', 'own', {}],
    ['every missed back take this month', undefined, {}],

    ['back takes by white belts', undefined, {}],
  ])('reads a whole kind of techniques: %s', (text, whose, fields) => {
    const query = read(text);
    expect(query.whose).toBe(whose);
    expect(query.how.fields).toEqual(fields);
    expect(query.conceptIds.length).toBeGreaterThan(3);
    expect(query.restWords).toEqual([]);
  });

  it('asks for the kind of a position only, and for the belt of who did it', () => {
    const { conceptIds } = read('passed from half guard');
    expect(conceptIds).toContain('crossface-half-pass');
    expect(conceptIds).not.toContain('toreando');
    expect(read('every missed back take').how.kind).toBe('chance');
    expect(read('white belts flat under side control punished')).toMatchObject({ ownBelt: 'white', partner: {} });
    expect(read('back takes by white belts')).toMatchObject({ ownBelt: 'white', partner: {} });
    expect(read('armbar escaped by blue belts')).toMatchObject({ partner: { belt: 'blue' } });
    // A technique that has a name stays itself.
    expect(read('knee slice passes').conceptIds[0]).toBe('knee-slice');
    expect(read('how often is mia flat in half guard').conceptIds[0]).toBe('err-half-flat');
  });

  it.each([
    ['ana flat in half guard', 'own'],
    ['ana armbar escaped', 'own'],
    ['armbar escaped by ana', 'partner'],
    ['armbar by ana', 'own'],
    ['ana half guard', undefined],
    ['ana hazard neck loaded', undefined],
  ])('asks whose it was: %s', (text, whose) => expect(read(text).whose).toBe(whose));

  it('says which words make which part, and takes a part out of the question', () => {
    const text = 'ana flat in half guard no gi by heavier partners since october';
    const { parts } = read(text);
    expect(parts).toEqual([
      { name: 'people', words: ['ana'] },
      { name: 'what', words: ['flat', 'half', 'guard'] },
      { name: 'partner', words: ['by', 'heavier', 'partners'] },
      { name: 'uniform', words: ['no', 'gi'] },
      { name: 'days', words: ['since', 'october'] },
    ]);
    for (const part of parts) {
      const left = readQuery(textWithout(text, part), world).parts;
      expect(left.map((one) => one.name)).toEqual(parts.filter((one) => one !== part).map((one) => one.name));
    }
    expect(read('ana zzzz').parts.at(-1)).toEqual({ name: 'rest', words: ['zzzz'] });
  });

  it('forgives slips and finds drills by their names', () => {
    expect(read('traingle').conceptIds[0]).toMatch(/triangle/);
    expect(read('bridge shoulder').drillIds.length + read('bridge').drillIds.length).toBeGreaterThan(0);
    expect(read('brigde').drillIds).toEqual(read('bridge').drillIds);
    expect(read('zzzzz').drillIds).toEqual([]);
  });

  it.each([
    ['armbar escaped', { kind: 'attempt', fields: { end: 'escaped' }, conceptId: 'armbar' }],
    ['knee slice finished', { kind: 'attempt', fields: { stage: 'finished' } }],
    ['elbows flared punished', { kind: 'error', fields: { punished: 'yes' }, conceptId: 'err-elbows-open' }],
    ['missed kimura', { kind: 'chance', conceptId: 'kimura' }],
    ['marek hazard neck loaded', { kind: 'hazard', fields: { hazard: 'neck loaded' } }],
    ['underhook not got', { kind: 'grip', fields: { outcome: 'missed' } }],
    ['stop blood', { kind: 'stoppage', fields: { reason: 'blood' } }],
  ])('reads how it went as the call line does: %s', (text, how) => expect(read(text).how).toMatchObject(how));

  it('reads nothing of how where things are only named', () => {
    for (const text of ['armbar', 'half guard', 'elbows', 'ana gi march', 'zzzz'])
      expect(read(text).how, text).toEqual({ fields: {}, saidWords: [] });
  });

  it('asks for nothing when nothing is asked', () => {
    for (const text of ['', '   ', '🦉', 'the of in'])
      expect(read(text)).toMatchObject({ personIds: [], conceptIds: [], drillIds: [], restWords: [] });
  });
});
