import { randomUUID } from 'node:crypto';
import { beforeEach, describe, expect, it } from 'vitest';
import type { Mark } from '@/core/round';
import type { SearchedPartner } from '@/core/search';
import { houseNameOf, plainHouse } from '@/core/vocabulary';
import { pool } from '@/data/client';
import {
  deleteAlias,
  deleteHouseName,
  deleteOwnWord,
  getHouseWords,
  insertAlias,
  insertOwnWord,
  saveHidden,
  saveHouseName,
  saveMerge,
  saveSchoolChoice,
  updateOwnWord,
} from '@/data/language/houseWords';
import { countFoundMarks, countUses, searchMarks } from '@/data/language/occurrences';
import { listMarks } from '@/data/marks/marks';
import { listTransitionsFrom } from '@/data/projections/roundFigures';
import { deleteRound, listRounds } from '@/data/rounds/rounds';
import { withMerges } from '@/server/language/loadHouse';
import { loadLanguage } from '@/server/language/loadLanguage';
import { applyChanges } from '@/server/marks/applyChanges';
import { placeOfRound } from '@/server/marks/marksPlace';
import { figuresAreThere } from '../support/plans';
import { emptyDatabase, seedPerson, seedRound } from '../support/seed';

beforeEach(emptyDatabase);

const put = async (round: Awaited<ReturnType<typeof seedRound>>, marks: readonly Mark[]) => {
  const changes = marks.map((mark) => ({ changeId: randomUUID(), mark, removed: false }));
  const outcomes = await applyChanges(pool(), placeOfRound(round), changes, undefined);
  expect(outcomes.map((one) => one.status)).toEqual(marks.map(() => 'stored'));
};
const at = (atSeconds: number) => ({ id: randomUUID(), atSeconds });

describe('the house’s words', () => {
  it('are kept and taken back, whatever letters they have', async () => {
    expect(await getHouseWords(pool())).toEqual(plainHouse);
    await insertOwnWord(pool(), { id: 'half-guard~staple', name: `Staple'; drop table mark; --`, text: '' }, undefined);
    await insertAlias(pool(), 'half-guard~staple', 'חצי 🦉');
    await insertAlias(pool(), 'half-guard~staple', 'חצי 🦉');
    await insertAlias(pool(), 'armbar', 'straight bar');
    await saveHouseName(pool(), 'scissor-sweep', 'Garden gate');
    await saveHouseName(pool(), 'scissor-sweep', 'Gate');
    await saveHidden(pool(), 'flying-armbar', true);
    await saveSchoolChoice(pool(), 'school-wall', 'c');
    expect(await getHouseWords(pool())).toEqual({
      own: [
        {
          id: 'half-guard~staple',
          name: `Staple'; drop table mark; --`,
          text: '',
          aliases: ['חצי 🦉'],
          mergedIntoId: undefined,
        },
      ],
      names: { 'scissor-sweep': 'Gate' },
      aliases: { armbar: ['straight bar'] },
      hiddenIds: ['flying-armbar'],
      schools: { 'school-wall': 'c' },
    });
    await updateOwnWord(pool(), { id: 'half-guard~staple', name: 'Staple', text: 'Shin across.' });
    await deleteAlias(pool(), 'armbar', 'straight bar');
    await deleteHouseName(pool(), 'scissor-sweep');
    await saveHidden(pool(), 'flying-armbar', false);
    await saveSchoolChoice(pool(), 'school-wall', undefined);
    expect(await deleteOwnWord(pool(), 'half-guard~staple')).toBe(1);
    expect(await getHouseWords(pool())).toEqual(plainHouse);
  });

  it('merge without touching a mark, and undo it', async () => {
    const round = await seedRound(await seedPerson('Ana'), await seedPerson('Marek'));
    for (const [id, name] of [
      ['half-guard~one', 'One'],
      ['half-guard~two', 'Two'],
    ] as const)
      await insertOwnWord(pool(), { id, name, text: '' }, undefined);
    await put(round, [{ kind: 'position', ...at(20), positionId: 'half-guard~one', holder: 'b' }]);
    await saveMerge(pool(), 'half-guard~one', 'half-guard~two');
    const merged = await getHouseWords(pool());
    const [stored] = await listMarks(pool(), round.id);
    expect(withMerges(merged, stored!.mark)).toMatchObject({ positionId: 'half-guard~two' });
    expect(houseNameOf(merged, 'half-guard~one')).toBe('Two');
    await saveMerge(pool(), 'half-guard~one', undefined);
    expect(withMerges(await getHouseWords(pool()), stored!.mark)).toMatchObject({ positionId: 'half-guard~one' });
    // A word that a mark names, or that others were merged into, cannot be taken away.
    expect(await deleteOwnWord(pool(), 'half-guard~one')).toBe(0);
    await expect(saveMerge(pool(), 'half-guard~two', 'half-guard~two')).rejects.toThrow(/own_word_not_into_itself/);
  });

  it('are refused as ids that are no kind of a standard entry', async () => {
    await expect(insertOwnWord(pool(), { id: 'half-guard', name: 'X', text: '' }, undefined)).rejects.toThrow(
      /is_a_kind/,
    );
    await expect(insertOwnWord(pool(), { id: 'mount~x', name: ' ', text: '' }, undefined)).rejects.toThrow(
      /own_word_named/,
    );
  });
});

describe('finding marks', () => {
  it('by entry, people, cloth, days and remarks', async () => {
    const [ana, marek, mia] = [await seedPerson('Ana'), await seedPerson('Marek'), await seedPerson('Mia')];
    const spring = await seedRound(ana, marek, '2026-03-12');
    const autumn = await seedRound(ana, mia, '2026-11-02');
    const elbows = (seconds: number, note?: string): Mark => ({
      kind: 'error',
      ...at(seconds),
      errorId: 'err-elbows-open',
      athlete: 'a',
      ledTo: [],
      note,
    });
    await put(spring, [elbows(20, '100% flared_out'), { kind: 'note', ...at(30), note: 'Ask about the knee' }]);
    await put(autumn, [elbows(40), { kind: 'chance', ...at(50), techniqueId: 'armbar', athlete: 'b' }]);
    const find = async (search: object) =>
      (await searchMarks(pool(), search, 50)).rows.map((one) => [one.heldOn, one.roundSeconds]);
    expect(await find({ conceptIds: ['err-elbows-open'] })).toEqual([
      ['2026-11-02', 30],
      ['2026-03-12', 10],
    ]);
    expect(await find({ conceptIds: ['err-elbows-open'], personIds: [ana, marek] })).toEqual([['2026-03-12', 10]]);
    expect(await find({ fromDay: '2026-03-01', toDay: '2026-03-31', conceptIds: ['err-elbows-open'] })).toHaveLength(1);
    expect(await find({ uniform: 'no-gi' })).toEqual([]);
    expect(await find({ noteWords: ['knee', 'ask'] })).toEqual([['2026-03-12', 20]]);
    // Signs of a pattern are letters here.
    expect(await find({ noteWords: ['100%'] })).toHaveLength(1);
    expect(await find({ noteWords: ['d_o'] })).toHaveLength(1);
    expect(await find({ noteWords: ['x_o'] })).toEqual([]);
    await figuresAreThere('2026-11-23');
    expect(await countUses(pool())).toEqual({ 'err-elbows-open': 2, armbar: 1 });
    expect((await listRounds(pool(), { personIds: [mia] }, 10)).rows.map((round) => round.id)).toEqual([autumn.id]);
    expect((await listRounds(pool(), { personIds: [marek, mia] }, 10)).rows).toEqual([]);
  });
});

describe('finding marks by what the partner was like', () => {
  it('as both were on the day: weights by a tenth, belts in their order, children’s among them', async () => {
    const [ana, marek, mia] = [await seedPerson('Ana'), await seedPerson('Marek'), await seedPerson('Mia')];
    const against = async (partner: string, heldOn: string, weightKg: number | null, belt: string | null) => {
      const round = await seedRound(ana, partner, heldOn);
      await pool().query("update round_athlete set weight_kg = $2, belt = $3 where round_id = $1 and slot = 'b'", [
        round.id,
        weightKg,
        belt,
      ]);
      await put(round, [{ kind: 'attempt', ...at(20), techniqueId: 'knee-slice', athlete: 'a', stage: 'finished' }]);
    };
    // Ana is a blue belt of 70 kg in all of them.
    await against(marek, '2026-11-01', 90, 'purple');
    await against(marek, '2026-11-02', 72, 'white');
    await against(mia, '2026-11-03', 50, 'green');
    await against(mia, '2026-11-04', null, null);
    const find = async (partner: SearchedPartner, personIds = [ana]) =>
      (await searchMarks(pool(), { conceptIds: ['knee-slice'], personIds, partner }, 50)).rows.map((one) => one.heldOn);
    expect(await find({ weight: 'heavier' })).toEqual(['2026-11-01']);
    expect(await find({ weight: 'lighter' })).toEqual(['2026-11-03']);
    expect(await find({ belt: 'higher' })).toEqual(['2026-11-01']);
    expect(await find({ belt: 'white' })).toEqual(['2026-11-02']);
    expect(await find({ weight: 'heavier', belt: 'higher' })).toEqual(['2026-11-01']);
    expect(await find({ weight: 'heavier', belt: 'lower' })).toEqual([]);
    expect(await find({ weight: 'heavier' }, [mia])).toEqual(['2026-11-03']);
    expect(await find({})).toHaveLength(4);
    // Nobody named: it is seen from whoever did it.
    const days = async (search: object) =>
      (await searchMarks(pool(), { conceptIds: ['knee-slice'], ...search }, 50)).rows.map((one) => one.heldOn);
    expect(await days({ partner: { weight: 'heavier' } })).toEqual(['2026-11-01']);
    expect(await days({ ownBelt: 'blue' })).toHaveLength(4);
    expect(await days({ ownBelt: 'white' })).toEqual([]);
    // Ana did all of them: her partners had them done to them.
    expect(await days({ personIds: [ana], whose: 'own' })).toHaveLength(4);
    expect(await days({ personIds: [ana], whose: 'partner' })).toEqual([]);
    expect(await days({ personIds: [mia], whose: 'partner' })).toEqual(['2026-11-04', '2026-11-03']);
    expect(await countFoundMarks(pool(), { conceptIds: ['knee-slice'], personIds: [mia] }, 50)).toEqual({
      marks: 2,
      rounds: 2,
    });
    expect(await countFoundMarks(pool(), { conceptIds: ['knee-slice'] }, 3)).toMatchObject({ marks: 3 });
  });
});

describe('what an academy’s marks teach', () => {
  it('the likely calls, without the round under review; and what follows a position', async () => {
    const [ana, marek] = [await seedPerson('Ana'), await seedPerson('Marek')];
    const taught = await seedRound(ana, marek);
    const reviewed = await seedRound(ana, marek);
    const marks: Mark[] = [
      { kind: 'position', ...at(20), positionId: 'half-guard', holder: 'b' },
      { kind: 'position', ...at(40), positionId: 'side-control', holder: 'b' },
    ];
    await put(taught, marks);
    await put(reviewed, [{ kind: 'position', ...at(20), positionId: 'turtle', holder: 'a' }]);
    await figuresAreThere('2026-11-23');
    const { habits, uses } = await loadLanguage(pool(), reviewed);
    expect(uses).toEqual({ 'half-guard': 1, 'side-control': 1, turtle: 1 });
    expect(Object.keys(habits.counts).some((context) => context.includes('turtle'))).toBe(false);
    expect(JSON.stringify(habits.counts)).toContain('side-control');
    expect(await listTransitionsFrom(pool(), 'half-guard', 300)).toEqual([{ positionId: 'side-control', count: 1 }]);
  });

  it('what they say now: a round that was marked on, emptied or deleted meanwhile teaches as it is', async () => {
    const [ana, marek] = [await seedPerson('Ana'), await seedPerson('Marek')];
    const taught = await seedRound(ana, marek);
    const reviewed = await seedRound(ana, marek);
    const all = async () => {
      await figuresAreThere('2026-11-23');
      return (await loadLanguage(pool(), reviewed)).habits.counts.all;
    };
    const mount: Mark = { kind: 'position', ...at(20), positionId: 'mount', holder: 'b' };
    await put(taught, [mount]);
    expect(await all()).toEqual({ 'b||mount': 1 });
    await put(taught, [{ kind: 'position', ...at(60), positionId: 'turtle', holder: 'a' }]);
    const both = await Promise.all([all(), all()]);
    expect(both[1]).toEqual(both[0]);
    expect(Object.values(both[0] ?? {})).toEqual([1, 1]);
    expect(await deleteRound(pool(), taught.id)).toBeTruthy();
    expect(await all()).toBeUndefined();
  });
});
