import { describe, expect, it } from 'vitest';
import { exposureIn, roundFigures } from '../figures';
import { present } from '../kernel';
import type { Mark } from '../round';
import { errorCues } from './errors/cues';
import {
  checkWord,
  chosenOption,
  conceptKinds,
  conceptName,
  cueOf,
  drillIdsFor,
  drillOf,
  drills,
  drillsOf,
  errors,
  facts,
  findDrill,
  findError,
  followMerges,
  type HouseWords,
  houseNameOf,
  isUnnamed,
  kindOf,
  listConceptIds,
  makeOwnId,
  plainHouse,
  schools,
  sharedWords,
  soundOf,
  standardIdOf,
  strengths,
  unnamedErrors,
  unnamedGrips,
  unnamedPositions,
  unnamedStrengths,
  unnamedTechniques,
  wordsForConcept,
} from './index';

const own = (id: string, name: string, more: object = {}) => ({ id, name, aliases: [], text: '', ...more });
const house: HouseWords = {
  own: [
    own('half-guard~staple', 'Staple half', { aliases: ['stapler'] }),
    own('err-half-flat~sleepy', 'Sleepy half', { text: 'Wake the top leg.' }),
    own('drill-half-guard-side~sofa', 'Sofa drill', { text: 'Lie on the sofa side.' }),
    own('half-guard~first', 'First half', { mergedIntoId: 'half-guard~staple' }),
  ],
  names: { 'scissor-sweep': 'Garden gate' },
  aliases: { armbar: ['straight bar'] },
  hiddenIds: ['flying-armbar', 'drill-slx-arm-through'],
  schools: { 'school-hook-order': 'b', 'school-wall': 'nonsense' },
};

describe('the words of a house', () => {
  it('count as the standard entry whose kind they are', () => {
    expect(kindOf('half-guard~staple')).toBe('position');
    expect(standardIdOf('half-guard~staple')).toBe('half-guard');
    expect(findError('err-half-flat~sleepy')?.severity).toBe(findError('err-half-flat')?.severity);
    const marks: Mark[] = [
      { kind: 'position', id: 'p', atSeconds: 0, positionId: 'half-guard~staple', holder: 'b' },
      { kind: 'error', id: 'e', atSeconds: 10, errorId: 'err-half-flat~sleepy', athlete: 'a', ledTo: [] },
    ];
    const span = { startSeconds: 0, endSeconds: 120 };
    const figures = roundFigures({
      roundId: 'r',
      heldOn: '2026-11-20',
      span,
      athlete: 'a',
      beltGap: 0,
      weightGap: 0,
      marks,
    });
    expect(figures.occurrences.get('err-half-flat~sleepy')).toHaveLength(1);
    expect(figures.occurrences.has('err-half-flat')).toBe(false);
    expect(exposureIn(figures, 'err-half-flat~sleepy')).toBeCloseTo(2, 9);
  });

  it('name, find and hide entries', () => {
    expect(houseNameOf(house, 'scissor-sweep')).toBe('Garden gate');
    expect(houseNameOf(house, 'half-guard~staple')).toBe('Staple half');
    expect(houseNameOf(house, 'armbar')).toBe('armbar');
    expect(wordsForConcept(house, 'scissor-sweep')).toEqual(expect.arrayContaining(['Garden gate', 'scissor sweep']));
    expect(listConceptIds(house, 'attempt')).not.toContain('flying-armbar');
    expect(listConceptIds(house, 'position')).toContain('half-guard~staple');
    expect(listConceptIds(house, 'position')).not.toContain('half-guard~first');
    for (const kind of conceptKinds) expect(listConceptIds(plainHouse, kind).length).toBeGreaterThan(40);
  });

  it('follow merges to their end and stop in a ring', () => {
    expect(followMerges(house, 'half-guard~first')).toBe('half-guard~staple');
    expect(houseNameOf(house, 'half-guard~first')).toBe('Staple half');
    const ring = {
      ...plainHouse,
      own: [own('mount~a', 'A', { mergedIntoId: 'mount~b' }), own('mount~b', 'B', { mergedIntoId: 'mount~a' })],
    };
    expect(followMerges(ring, 'mount~a')).toBe('mount~a');
  });

  it('give drills their own start, and keep the targets of the standard one', () => {
    const drills = drillsOf(house);
    const sofa = drills.find((drill) => drill.id === 'drill-half-guard-side~sofa');
    expect(sofa).toMatchObject({ name: 'Sofa drill', start: 'Lie on the sofa side.' });
    expect(sofa?.targetErrorIds).toEqual(findDrill('drill-half-guard-side')?.targetErrorIds);
    expect(drills.some((drill) => drill.id === 'drill-slx-arm-through')).toBe(false);
  });

  it('run drills of their own their own way, never less carefully than the standard one', () => {
    const standard = drills.find((one) => one.lowestBelt === 'blue' && !one.under16 && one.loads.length > 0);
    if (!standard) throw new Error('no such drill');
    const { name: _name, ...course } = standard;
    const ours = { ...course, lowestBelt: 'white' as const, under16: true, loads: ['neck' as const], cue: 'Ours.' };
    const targetErrorIds = ['err-half-flat'];
    const id = `${standard.id}~ours`;
    const at = { ...plainHouse, own: [own(id, 'Ours', { course: { ...ours, targetErrorIds, leastMinutes: 9 } })] };
    const drill = drillOf(at, id);
    expect(drill).toMatchObject({ id, name: 'Ours', cue: 'Ours.', targetErrorIds, leastMinutes: 9 });
    const { game: _game, ...quiet } = ours;
    const unplayed = { ...plainHouse, own: [own(id, 'Ours', { course: quiet })] };
    expect(drillOf(unplayed, id)?.game).toBeUndefined();
    expect(drill).toMatchObject({ lowestBelt: 'blue', under16: false });
    expect(new Set(drill?.loads)).toEqual(new Set([...standard.loads, 'neck']));
    const answering = (errorId: string) => drillIdsFor(at, present(findError(errorId)));
    expect(answering('err-half-flat')).toContain(id);
    for (const errorId of standard.targetErrorIds)
      if (errorId !== 'err-half-flat') expect(answering(errorId)).not.toContain(id);
  });

  it('make ids that are free, whatever the script of the name', () => {
    expect(makeOwnId('half-guard~staple', 'Áéé Ööö!', new Set())).toBe('half-guard~aee-ooo');
    expect(makeOwnId('mount', 'Sit', new Set(['mount~sit']))).toBe('mount~sit-2');
    expect(makeOwnId('mount', 'חצי', new Set())).toBe('mount~own');
  });
});

describe('a new word is checked', () => {
  it.each([
    ['', 'empty'],
    ['   ', 'empty'],
    ['🦉🦉', 'no-letters'],
    ['x'.repeat(61), 'too-long'],
    ['Armbar', 'taken'],
    ['garden  gate', 'taken'],
    ['scissor sweep', 'hides-standard-name'],
    ['staple half', 'taken'],
  ])('%s', (text, code) => expect(checkWord(house, text, undefined)?.code).toBe(code));

  it('and passes when it is new, the entry’s own, shared as an alias, or in another script', () => {
    expect(checkWord(house, 'Window latch', undefined)).toBeUndefined();
    expect(checkWord(house, 'garden gate', 'scissor-sweep')).toBeUndefined();
    expect(checkWord(house, 'straight bar', 'americana')).toBeUndefined();
    expect(checkWord(house, 'חצי גארד', undefined)).toBeUndefined();
    expect(checkWord({ ...house, hiddenIds: ['armbar'] }, 'armbar', undefined)).toBeUndefined();
  });
});

describe('schools', () => {
  it('name known errors and drills, ship a default with its reason, and give each side a reason', () => {
    expect(schools.length).toBe(30);
    for (const school of schools) {
      expect(school.options.length, school.id).toBeGreaterThanOrEqual(2);
      expect(
        school.options.some((one) => one.key === school.defaultKey),
        school.id,
      ).toBe(true);
      expect(school.defaultReason.length, school.id).toBeGreaterThan(10);
      for (const option of school.options)
        expect(option.reason.length, `${school.id} ${option.key}`).toBeGreaterThan(10);
      for (const id of school.errorIds) expect(findError(id), `${school.id} ${id}`).toBeDefined();
      for (const id of school.drillIds) expect(findDrill(id), `${school.id} ${id}`).toBeDefined();
    }
  });

  it('change the cue only where the academy leaves the default, and an unknown choice is the default', () => {
    const plain = errorCues['err-knee-first-hook'];
    expect(cueOf(plainHouse, 'err-knee-first-hook')).toBe(plain);
    expect(cueOf(house, 'err-knee-first-hook')).toBe(
      `${plain} Here: whichever leg is free. The one who is in first stays in.`,
    );
    expect(chosenOption(house, schools.find((one) => one.id === 'school-wall')!).isDefault).toBe(true);
    expect(cueOf(house, 'err-half-flat~sleepy')).toBe('Wake the top leg.');
  });
});

describe('the rest of the catalogue', () => {
  it('has sayings for every error and every thing done well', () => {
    for (const one of [...errors, ...strengths])
      expect(wordsForConcept(plainHouse, one.id).length, one.id).toBeGreaterThan(2);
  });

  it('shares a word between entries only where that is meant', () => {
    const owners = new Map<string, string[]>();
    for (const id of conceptKinds.flatMap((kind) => (kind === 'drill' ? [] : listConceptIds(plainHouse, kind))))
      for (const sound of new Set(wordsForConcept(plainHouse, id).map(soundOf)))
        owners.set(sound, [...(owners.get(sound) ?? []), id]);
    const shared = [...owners].filter(([, ids]) => ids.length > 1).map(([sound]) => sound);
    expect(shared.sort()).toEqual([...sharedWords].sort());
  });

  it('has a place for what has no name yet', () => {
    const unnamed = [...unnamedPositions, ...unnamedGrips, ...unnamedTechniques, ...unnamedErrors, ...unnamedStrengths];
    for (const { id } of unnamed) {
      expect(isUnnamed(id), id).toBe(true);
      expect(kindOf(id), id).toBeDefined();
      expect(conceptName(id)).toMatch(/without a name/);
    }
    expect(isUnnamed('half-guard')).toBe(false);
  });

  it('says of every fact where it comes from', () => {
    expect(facts.length).toBe(46);
    for (const fact of facts) expect(fact.source, fact.id).toMatch(/^(published: .+|common practice|arithmetic)$/);
  });
});
