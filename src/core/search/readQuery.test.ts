import { describe, expect, it } from 'vitest';
import { buildVocabularyIndex } from '../callline';
import { plainHouse } from '../vocabulary';
import { readQuery } from './index';

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
    // Nobody is named whose partner it could be; a colour without a belt is none.
    ['heavier partners', { partner: {}, restWords: ['heavier', 'partners'] }],
    ['ana white', { partner: {}, restWords: ['white'] }],
  ])('%s', (text, expected) => expect(read(text)).toMatchObject(expected));

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
