import { beforeEach, describe, expect, it, vi } from 'vitest';
import { featureNames, plainWeights } from '@/core/commentary';
import { present } from '@/core/kernel';
import { ordinaryCircumstances } from '@/core/round';
import { drillOf, findDrill } from '@/core/vocabulary';
import { pool } from '@/data/client';
import { countLearned, listCorrections } from '@/data/language/corrections';
import { getHouseWords } from '@/data/language/houseWords';
import { findSpeechWeights } from '@/data/language/speechWeights';
import { findRound } from '@/data/rounds/rounds';
import { addOwnWord, removeAlias, renameConcept, saveCourse } from '@/server/language/houseActions';
import { forgetWords, learnCards, learnWords } from '@/server/language/learnActions';
import { restoreCircumstances, shareCircumstances } from '@/server/rounds/dayActions';
import { emptyDatabase, seedCoach, seedPerson, seedRound } from '../support/seed';

let coach: { id: string; role: 'head' | 'assistant' };
vi.mock('@/server/accounts/currentCoach', () => ({ requireCoach: async () => coach }));
vi.mock('next/cache', () => ({ revalidatePath: () => undefined }));
beforeEach(async () => {
  await emptyDatabase();
  coach = { id: await seedCoach(), role: 'assistant' };
});
const aliases = async (id: string) => (await getHouseWords(pool())).aliases[id] ?? [];

describe('words that a coach corrected', () => {
  it('mean it from the second time on, are listed, and can be forgotten', async () => {
    expect(await learnWords('sleepy shin', 'half-guard')).toEqual({ ok: true, learned: false });
    expect(await aliases('half-guard')).toEqual([]);
    expect(await learnWords('sleepy shin', 'half-guard')).toEqual({ ok: true, learned: true });
    expect(await learnWords('sleepy shin', 'half-guard')).toEqual({ ok: true, learned: false });
    expect(await aliases('half-guard')).toEqual(['sleepy shin']);
    expect(await countLearned(pool())).toBe(1);
    expect(await listCorrections(pool(), 10)).toMatchObject([
      { words: 'sleepy shin', conceptId: 'half-guard', times: 3, isLearned: true },
    ]);
    expect(await forgetWords('sleepy shin', 'half-guard')).toMatchObject({ ok: true });
    expect(await aliases('half-guard')).toEqual([]);
    expect(await learnWords('sleepy shin', 'half-guard')).toEqual({ ok: true, learned: false });
  });
  it('and are removed on the entry’s own page begin to count anew, too', async () => {
    for (let time = 0; time < 2; time += 1) await learnWords('sleepy shin', 'half-guard');
    expect(await removeAlias('half-guard', 'sleepy shin')).toMatchObject({ ok: true });
    expect(await learnWords('sleepy shin', 'half-guard')).toEqual({ ok: true, learned: false });
  });
  it('never take the name of something, nor mean something without a name or nothing', async () => {
    await renameConcept('mount', 'the saddle chair');
    for (let time = 0; time < 3; time += 1) {
      expect(await learnWords('armbar', 'kimura')).toEqual({ ok: true, learned: false });
      expect(await learnWords('the saddle chair', 'half-guard')).toEqual({ ok: true, learned: false });
      expect(await learnWords('thing', 'err-unnamed')).toEqual({ ok: true, learned: false });
      expect(await learnWords('thing', 'no-such-thing')).toEqual({ ok: true, learned: false });
    }
    expect(await learnWords('x'.repeat(61), 'half-guard')).toMatchObject({ ok: false });
    expect(await learnWords('', 'half-guard')).toMatchObject({ ok: false });
    expect((await getHouseWords(pool())).aliases).toEqual({});
  });
});

describe('what was decided on cards', () => {
  const features = featureNames.map((name) => (name === 'always' || name === 'grip' ? 1 : 0));
  it('moves the academy’s own weights, also when two coaches decide at once', async () => {
    expect(await findSpeechWeights(pool())).toBeUndefined();
    const cards = Array.from({ length: 20 }, () => ({ features, right: false }));
    await Promise.all([learnCards(cards), learnCards(cards), learnCards(cards)]);
    const weights = await findSpeechWeights(pool());
    const grip = featureNames.indexOf('grip');
    expect(weights?.[grip]).toBeLessThan((plainWeights[grip] ?? 0) - 0.3);
    const { rows } = await pool().query('select decided from speech_weights');
    expect(rows).toEqual([{ decided: 60 }]);
  });
  it('is refused where it is no decision of a page', async () => {
    expect(await learnCards([{ features: [Number.NaN], right: true }])).toMatchObject({ ok: false });
    expect(await learnCards([{ features: [1e9], right: true }])).toMatchObject({ ok: false });
    expect(await learnCards([])).toMatchObject({ ok: true });
  });
});

describe('what a whole day was like', () => {
  it('is said once for all its rounds, keeps what belongs to one of them, and is taken back in one step', async () => {
    const [ana, marek] = [await seedPerson('Ana'), await seedPerson('Marek')];
    const day = '2026-11-20';
    const [first, second, other] = [
      await seedRound(ana, marek, day),
      await seedRound(ana, marek, day),
      await seedRound(ana, marek, '2026-11-21'),
    ];
    await pool().query('update round set circumstances = $2 where id = $1', [
      second.id,
      JSON.stringify({ ...ordinaryCircumstances, restrictions: ['no-leg-locks'] }),
    ]);
    const told = { intensity: 'hard', audience: 'watched', wallNear: true, crowdedMat: true, filmedBy: 'Ida' } as const;
    const outcome = await shareCircumstances(first.id, told);
    expect(outcome).toMatchObject({ ok: true, before: [{ id: second.id }] });
    expect((await findRound(pool(), second.id))?.circumstances).toMatchObject({
      ...told,
      restrictions: ['no-leg-locks'],
    });
    expect((await findRound(pool(), other.id))?.circumstances.wallNear).toBe(false);
    if (outcome.ok) expect(await restoreCircumstances([...outcome.before])).toMatchObject({ ok: true });
    expect((await findRound(pool(), second.id))?.circumstances).toMatchObject({
      wallNear: false,
      restrictions: ['no-leg-locks'],
    });
  });
});

describe('a drill of the academy’s own', () => {
  const standard = present(findDrill('drill-step-to-mount'));
  const course = {
    ...standard,
    cue: 'Hips, then foot.',
    leastMinutes: 9,
    needs: [],
    targetErrorIds: ['err-half-flat'],
  };
  const added = async () => {
    const outcome = await addOwnWord({ likeId: standard.id, name: 'Sofa drill', text: '', aliases: [] });
    if (!outcome.ok) throw new Error('not added');
    return outcome.id;
  };
  const kept = async () => (await getHouseWords(pool())).own[0];

  it('is run as written, and as the standard one again', async () => {
    const id = await added();
    expect(await saveCourse(id, 'On the sofa.', course)).toMatchObject({ ok: true });
    expect(drillOf(await getHouseWords(pool()), id)).toMatchObject({
      ...{ start: 'On the sofa.', cue: 'Hips, then foot.', leastMinutes: 9, targetErrorIds: ['err-half-flat'] },
      ...{ kappa: standard.kappa, family: standard.family, game: standard.game },
    });
    expect(await saveCourse(id, '', undefined)).toMatchObject({ ok: true });
    expect(await kept()).toMatchObject({ text: '', course: undefined });
  });

  it.each([
    ['targetErrorIds', { targetErrorIds: [] }],
    ['targetErrorIds', { targetErrorIds: ['no-such-error'] }],
    ['needs', { needs: ['no-such-drill'] }],
    ['cue', { cue: ' ' }],
    ['cue', { cue: 'x'.repeat(301) }],
    ['mostMinutes', { leastMinutes: 20, mostMinutes: 10 }],
    ['leastMinutes', { leastMinutes: Number.NaN }],
    ['branches.0.answer', { branches: [{ when: 'they frame', answer: '' }] }],
    ['branches', { branches: Array.from({ length: 9 }, () => ({ when: 'a', answer: 'b' })) }],
    ['game.seconds', { game: { ...present(standard.game), seconds: 5 } }],
  ])('says what is wrong with its %s, and keeps nothing', async (field, patch) => {
    const id = await added();
    const outcome = await saveCourse(id, '', { ...course, ...patch });
    expect(outcome).toMatchObject({ ok: false, messages: { [field]: expect.any(String) } });
    expect(await kept()).toMatchObject({ course: undefined });
  });

  it('cannot need itself, and what is no drill of ours has no course', async () => {
    const id = await added();
    expect(await saveCourse(id, '', { ...course, needs: [id] })).toMatchObject({ ok: false });
    expect(await saveCourse(standard.id, '', course)).toMatchObject({ ok: false });
    expect(await saveCourse('nothing~here', '', course)).toMatchObject({ ok: false });
  });
});
