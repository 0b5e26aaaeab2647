import { randomUUID } from 'node:crypto';
import ICAL from 'ical.js';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { planNumberNames, planNumbers, usualNumbers } from '@/core/planning';
import { ruleSets } from '@/core/scoring';
import { listCoaches } from '@/data/accounts/coaches';
import { findAskedPlan, insertClass, listAttendees, listClassesFrom } from '@/data/classes/classes';
import { listCame, listDrilledIn } from '@/data/classes/log';
import { pool } from '@/data/client';
import { getHouseWords } from '@/data/language/houseWords';
import { listMarks } from '@/data/marks/marks';
import { getAcademy } from '@/data/people/academy';
import { listWeighings } from '@/data/people/histories';
import { findPerson } from '@/data/people/people';
import { listSignedReviews } from '@/data/reviews/signedReviews';
import { listClocks } from '@/data/rounds/clocks';
import { listHouseRuleSets } from '@/data/rounds/ruleSets';
import { calendarFile } from '@/server/classes/calendarFile';
import {
  expectPerson,
  generateClassPlan,
  logCame,
  logDrilled,
  removeClass,
  saveClass,
} from '@/server/classes/classActions';
import { loadMatClock } from '@/server/classes/loadMat';
import { keepMatClock } from '@/server/classes/matActions';
import { keepClip, removeClip } from '@/server/language/clipActions';
import { addOwnWord, mergeWord, renameConcept } from '@/server/language/houseActions';
import { nameMarks } from '@/server/language/nameMarksActions';
import { savePerson } from '@/server/people/personActions';
import { signReview } from '@/server/reviews/closingActions';
import { removeClock, saveClock } from '@/server/rounds/clockActions';
import { removeRound, saveRound } from '@/server/rounds/roundActions';
import { removeRuleSet, saveRuleSet } from '@/server/settings/ruleSetActions';
import { savePlanNumbers, saveSettings } from '@/server/settings/settingsActions';
import { emptyDatabase, flatError, putMarks, seedCoach, seedFilm, seedPerson, seedRound } from '../support/seed';

let coach: { id: string; role: 'head' | 'assistant' };
vi.mock('@/server/accounts/currentCoach', () => ({ requireCoach: async () => coach }));
vi.mock('next/cache', () => ({ revalidatePath: () => undefined }));
beforeEach(async () => {
  await emptyDatabase();
  coach = { id: await seedCoach(), role: 'head' };
});
const fresh = () => ({ id: randomUUID(), version: 0 });
const refusedWith = (field: string, words: string) => ({
  ok: false,
  messages: { [field]: expect.stringContaining(words) },
});
const MEANWHILE = 'Another coach changed';

describe('somebody’s details', () => {
  const draft = {
    name: 'Nele',
    standing: 'student',
    division: 'female',
    belt: 'blue',
    stripes: 2,
    weight: 150,
    weightUnit: 'lb',
    bornOn: '1996-05-04',
    injuredUntil: '',
    injuryNote: '',
    competesOn: '',
  } as const;
  it('are kept with the weight in kilograms and noted for today; a change on an old version is refused', async () => {
    const { id } = fresh();
    expect(await savePerson(draft, { id, version: 0 })).toEqual({ ok: true, personId: id });
    const person = (await findPerson(pool(), id))!;
    expect(person).toMatchObject({ name: 'Nele', belt: 'blue', stripes: 2, bornOn: '1996-05-04' });
    expect(person.weightKg).toBeCloseTo(68.04, 1);
    expect(await savePerson({ ...draft, weight: 148 }, { id, version: person.version })).toMatchObject({ ok: true });
    expect(await listWeighings(pool(), [id])).toHaveLength(1);
    expect(await savePerson({ ...draft, name: 'Nelly' }, { id, version: person.version })).toEqual(
      refusedWith('', MEANWHILE),
    );
    expect((await findPerson(pool(), id))?.name).toBe('Nele');
  });
  it('are refused by field', async () => {
    expect(await savePerson({ ...draft, name: ' ' }, fresh())).toEqual(refusedWith('name', ''));
    expect(await savePerson({ ...draft, weight: 900, weightUnit: 'kg' }, fresh())).toEqual(refusedWith('weight', ''));
    expect(await savePerson({ ...draft, bornOn: '30.2.1996' }, fresh())).toEqual(refusedWith('bornOn', ''));
    expect(await savePerson({ ...draft, belt: undefined, stripes: 3 }, fresh())).toMatchObject({ ok: false });
  });
});

describe('settings', () => {
  const input = {
    academyName: 'Loft',
    liveWeightGapPercent: 15,
    minorsWithAdults: true,
    reactionLeadSeconds: 0.4,
    weightUnit: 'lb',
    timeZone: 'Asia/Tokyo',
  } as const;
  it('of the academy are the head coach’s; everybody has their own', async () => {
    expect(await saveSettings(input)).toEqual({ ok: true });
    expect(await getAcademy(pool())).toEqual({
      ...{ name: 'Loft', liveWeightGapRatio: 0.15, minorsWithAdults: true, timeZone: 'Asia/Tokyo' },
      ...{ planFirst: 'errors', planNumbers: usualNumbers, studentPages: false },
    });
    coach = { id: await seedCoach('felix'), role: 'assistant' };
    expect(await saveSettings({ ...input, academyName: 'Mine', reactionLeadSeconds: 1 })).toEqual({ ok: true });
    expect((await getAcademy(pool())).name).toBe('Loft');
    expect((await listCoaches(pool())).find((one) => one.id === coach.id)?.reactionLeadSeconds).toBeCloseTo(1, 5);
  });
  it('are refused by field, and nothing of them is kept', async () => {
    expect(await saveSettings({ ...input, timeZone: 'Mars/Olympus' })).toEqual(refusedWith('timeZone', 'time zone'));
    expect(await saveSettings({ ...input, liveWeightGapPercent: 900 })).toEqual(
      refusedWith('liveWeightGapPercent', '2'),
    );
    expect(await saveSettings({ ...input, reactionLeadSeconds: Number.NaN })).toMatchObject({ ok: false });
    expect((await getAcademy(pool())).name).toBe('The academy');
  });
  it('of the planner are numbers of the head coach’s, each within its bounds', async () => {
    const kept = async () => (await getAcademy(pool())).planNumbers;
    const write = (patch: object) => savePlanNumbers({ ...usualNumbers, ...patch });
    expect(await write({ warmUpMinutes: 15, doseMinutes: 10 })).toEqual({ ok: true });
    expect(await kept()).toEqual({ ...usualNumbers, warmUpMinutes: 15, doseMinutes: 10 });
    for (const name of planNumberNames) {
      const { least, most } = planNumbers[name];
      for (const wrong of [least - 1, most + 1, least + 0.5, Number.NaN, '7', null])
        expect(await write({ [name]: wrong }), `${name} ${wrong}`).toMatchObject({
          ok: false,
          messages: { [name]: expect.stringContaining(`${least} to ${most}`) },
        });
    }
    expect(await write({ leastLessonMinutes: 20, mostLessonMinutes: 10 })).toEqual(
      refusedWith('mostLessonMinutes', 'exchange'),
    );
    expect(await write({ priorCame: 9 })).toEqual(refusedWith('priorCame', 'Nobody comes more often'));
    expect((await kept()).warmUpMinutes).toBe(15);
    coach = { id: await seedCoach('felix'), role: 'assistant' };
    expect(await write({})).toMatchObject({ ok: false });
    expect((await kept()).warmUpMinutes).toBe(15);
  });
});

describe('rules of the academy’s own', () => {
  const given = ruleSets.find((one) => one.id === 'submission-only')!;
  const own = () => ({
    ...{ id: randomUUID(), name: 'Ours', uniform: 'both' as const },
    overtime: { turnsEach: 2, turnSeconds: 60, equalWithinSeconds: 0.5 },
  });
  it('are kept, changed and taken away, but not under a round that they judge', async () => {
    const rules = own();
    expect(await saveRuleSet(rules)).toEqual({ ok: true });
    expect(await listHouseRuleSets(pool())).toMatchObject([{ name: 'Ours', overtime: rules.overtime, rounds: 0 }]);
    expect(await saveRuleSet({ ...own(), name: 'Ours' })).toEqual(refusedWith('name', 'this name'));
    expect(await saveRuleSet({ ...rules, name: 'Ours, shorter' }, 1)).toEqual({ ok: true });
    expect(await saveRuleSet({ ...rules, name: 'Again' }, 1)).toEqual(refusedWith('', MEANWHILE));
    const round = await seedRound(await seedPerson('Ana'), await seedPerson('Marek'));
    await pool().query('update round set rule_set = $1 where id = $2', [rules.id, round.id]);
    expect(await removeRuleSet(rules.id)).toEqual(refusedWith('', 'judged by these rules'));
    expect(await removeRound(round.id)).toEqual({ ok: true });
    expect(await removeRuleSet(rules.id)).toEqual({ ok: true });
  });
  it('leave those that came with the product alone', async () => {
    expect(await saveRuleSet({ ...own(), id: given.id as never })).toMatchObject({ ok: false });
    expect(await saveRuleSet({ ...own(), overtime: { turnsEach: 0, turnSeconds: 60 } })).toEqual(
      refusedWith('overtime.turnsEach', '1 to 6'),
    );
  });
});

describe('a round’s card', () => {
  const athlete = (newName: string) =>
    ({ newName, standing: 'student', stripes: 0, weightUnit: 'kg', toldApartBy: '' }) as const;
  const card = {
    heldOn: '2026-11-20',
    uniform: 'gi',
    ruleSet: 'no-score',
    occasion: 'sparring',
    theme: '',
    numberInSession: 1,
    startSeconds: 0,
    endSeconds: 300,
    a: athlete('Nele'),
    b: athlete('Birk'),
  } as const;
  it('sent twice because its answer was lost makes one round and two people', async () => {
    const seen = fresh();
    for (let sent = 0; sent < 2; sent += 1) expect(await saveRound(card, seen)).toEqual({ ok: true, roundId: seen.id });
    const { rows } = await pool().query(
      'select (select count(*)::int from round) as rounds, (select count(*)::int from person) as people',
    );
    expect(rows[0]).toEqual({ rounds: 1, people: 2 });
  });
  it('is refused by field', async () => {
    expect(await saveRound({ ...card, endSeconds: 0 }, fresh())).toEqual(refusedWith('endSeconds', 'in point'));
    expect(await saveRound({ ...card, b: athlete('nele') }, fresh())).toEqual(refusedWith('b.personId', 'same person'));
    expect(await saveRound({ ...card, footageId: randomUUID() }, fresh())).toEqual(
      refusedWith('footageId', 'no longer there'),
    );
    expect(await saveRound({ ...card, ruleSet: randomUUID() }, fresh())).toEqual(refusedWith('ruleSet', 'not kept'));
    const footageId = await seedFilm();
    expect(await saveRound({ ...card, footageId, endSeconds: 900 }, fresh())).toEqual(
      refusedWith('endSeconds', '6:40'),
    );
  });
});

describe('a review', () => {
  const review = { good: { text: 'Waits for the elbow.', markIds: [] }, points: [], questions: [], remark: '' };
  it('is signed once however often it is sent; a second coach is told of the first', async () => {
    const round = await seedRound(await seedPerson('Ana'), await seedPerson('Marek'));
    const id = randomUUID();
    for (let sent = 0; sent < 2; sent += 1)
      expect(await signReview({ kind: 'round', roundId: round.id, slot: 'a' }, 0, review, id)).toEqual({
        ok: true,
        version: 1,
      });
    expect(await signReview({ kind: 'round', roundId: round.id, slot: 'a' }, 0, review, randomUUID())).toEqual(
      refusedWith('', 'signed this review meanwhile'),
    );
    expect(
      await signReview(
        { kind: 'round', roundId: round.id, slot: 'a' },
        1,
        { ...review, remark: 'And more.' },
        randomUUID(),
      ),
    ).toEqual({
      ...{ ok: true, version: 2 },
    });
    expect(await listSignedReviews(pool(), { kind: 'round', roundId: round.id, slot: 'a' })).toHaveLength(2);
    expect(await signReview({ kind: 'round', roundId: round.id, slot: 'b' }, 0, review, id)).toEqual(
      refusedWith('', 'another review'),
    );
    const empty = { ...review, good: { text: '', markIds: [] } };
    expect(await signReview({ kind: 'round', roundId: round.id, slot: 'b' }, 0, empty, randomUUID())).toMatchObject({
      ok: false,
    });
    expect(await signReview({ kind: 'round', roundId: randomUUID(), slot: 'a' }, 0, review, randomUUID())).toEqual(
      refusedWith('', 'no longer there'),
    );
  });
});

describe('a class', () => {
  const draft = {
    title: 'Evening',
    startsAt: '2026-12-01T19:00',
    minutes: 75,
    uniform: 'gi',
    level: 'all',
    pairsOnMats: 8,
  } as const;
  it('begins at the academy’s own time', async () => {
    await saveSettings({
      academyName: 'Loft',
      liveWeightGapPercent: 20,
      minorsWithAdults: false,
      reactionLeadSeconds: 0,
      weightUnit: 'kg',
      timeZone: 'America/New_York',
    });
    const seen = fresh();
    expect(await saveClass(draft, seen)).toEqual({ ok: true, classId: seen.id });
    const [stored] = await listClassesFrom(pool(), '2026-01-01T00:00:00Z');
    expect(stored).toMatchObject({ startsAt: '2026-12-02T00:00:00.000Z', version: 1 });
    expect(await saveClass({ ...draft, minutes: 5 }, seen)).toEqual(refusedWith('minutes', '20 minutes'));
    expect(await saveClass({ ...draft, startsAt: '2026-02-30T19:00' }, seen)).toEqual(refusedWith('startsAt', 'day'));
    expect(await saveClass({ ...draft, title: 'Noon' }, { ...seen, version: 7 })).toEqual(refusedWith('', MEANWHILE));
    const ana = await seedPerson('Ana');
    expect(await expectPerson(seen.id, ana, 0.8)).toEqual({ ok: true });
    expect(await logCame(seen.id, ana, true)).toEqual({ ok: true });
    expect(await logDrilled(seen.id, 'drill-half-guard-side', 12)).toEqual({ ok: true });
    expect(await listDrilledIn(pool(), seen.id)).toEqual([{ drillId: 'drill-half-guard-side', minutes: 12 }]);
    expect(await logDrilled(seen.id, 'drill-half-guard-side', 0)).toEqual({ ok: true });
    expect(await listDrilledIn(pool(), seen.id)).toEqual([]);
    expect(await listCame(pool(), seen.id)).toMatchObject([{ personId: ana, came: true }]);
    expect(await logDrilled(seen.id, 'drill-half-guard-side', 2.5)).toMatchObject({ ok: false });
    expect(await logDrilled(seen.id, 'drill-of-nobody', 5)).toEqual(refusedWith('', 'no longer in the library'));
    expect(await logCame(randomUUID(), ana, true)).toEqual(refusedWith('', 'no longer there'));
    expect(await logCame(seen.id, randomUUID(), true)).toEqual(refusedWith('', 'no longer there'));
    expect(await generateClassPlan(seen.id, [])).toEqual({ ok: true, version: 1 });
    expect(await findAskedPlan(pool(), seen.id)).toMatchObject({ state: 'waiting' });
    expect(await generateClassPlan(randomUUID(), [])).toEqual(refusedWith('', 'no longer there'));
    expect(await removeClass(seen.id)).toEqual({ ok: true });
    expect(await listClassesFrom(pool(), '2026-01-01T00:00:00Z')).toEqual([]);
  });
});

describe('a new class', () => {
  it('expects whoever usually comes on its day of the week, as surely as they do', async () => {
    const [ana, ben, cai] = [await seedPerson('Ana'), await seedPerson('Ben'), await seedPerson('Cai')];
    // Tuesdays of the weeks before, and a Wednesday that says nothing of Tuesdays.
    for (let week = 1; week <= 9; week += 1) {
      const seen = fresh();
      const startsAt = new Date(Date.parse('2026-12-01T18:00:00Z') - week * 7 * 86_400_000).toISOString();
      await insertClass(pool(), {
        id: seen.id,
        title: 'x',
        startsAt,
        minutes: 60,
        uniform: 'gi',
        level: '',
        pairsOnMats: 4,
      });
      await logCame(seen.id, ana, true);
      await logCame(seen.id, ben, week % 2 === 0);
      if (week === 9) await logCame(seen.id, cai, true);
    }
    const other = fresh();
    const wednesday = {
      startsAt: '2026-11-25T18:00:00Z',
      minutes: 60,
      uniform: 'gi' as const,
      level: '',
      pairsOnMats: 4,
    };
    await insertClass(pool(), { id: other.id, title: 'y', ...wednesday });
    await logCame(other.id, cai, true);
    const made = fresh();
    const draft = {
      title: 'Next',
      startsAt: '2026-12-01T18:00:00Z',
      minutes: 60,
      uniform: 'gi' as const,
      level: '',
      pairsOnMats: 4,
    };
    expect(await saveClass(draft, made)).toMatchObject({ ok: true });
    expect((await listAttendees(pool(), made.id)).sort((x, y) => y.chance - x.chance)).toEqual([
      { personId: ana, chance: expect.closeTo(10 / 11, 2) },
      { personId: ben, chance: expect.closeTo(6 / 11, 2) },
    ]);
    // Sent again because its answer was lost: who was taken off meanwhile stays off.
    await expectPerson(made.id, ben, 0);
    expect(await saveClass(draft, made)).toMatchObject({ ok: true });
    expect(await listAttendees(pool(), made.id)).toHaveLength(1);
  });
});

describe('classes as a calendar file', () => {
  it('are read by another program as they were set up (RFC 5545), whatever stands in their names', async () => {
    const title = 'Evening; all, belts \\ "open" 🦉\nBEGIN:VEVENT';
    const seen = fresh();
    const startsAt = new Date(Date.now() + 86_400_000).toISOString();
    await insertClass(pool(), {
      id: seen.id,
      title,
      startsAt,
      minutes: 75,
      uniform: 'gi',
      level: 'all',
      pairsOnMats: 8,
    });
    const plan = { themes: [{ family: 'half-guard', place: 'under' }], drills: [{ drillId: 'drill-shield-first' }] };
    await pool().query(
      "insert into class_plan (class_id, version, content, locks, state) values ($1, 1, $2, '[]', 'ready')",
      [seen.id, JSON.stringify(plan)],
    );
    for (const text of [await calendarFile(), await calendarFile(seen.id)]) {
      const calendar = new ICAL.Component(ICAL.parse(text ?? ''));
      const events = calendar.getAllSubcomponents('vevent').map((one) => new ICAL.Event(one));
      expect(events).toHaveLength(1);
      const [event] = events;
      expect(event?.summary).toBe(`${title}: half guard below`);
      expect(event?.startDate.toJSDate().toISOString().slice(0, 16)).toBe(startsAt.slice(0, 16));
      expect(event?.duration.toSeconds()).toBe(75 * 60);
      expect(event?.uid).toBe(`class-${seen.id}`);
      expect(event?.description).toContain('Shield first, then the hip');
      // Lines of at most 75 bytes, ended as the standard has it (section 3.1).
      for (const line of (text ?? '').split('\r\n')) expect(Buffer.byteLength(line)).toBeLessThanOrEqual(75);
    }
    expect(await calendarFile(randomUUID())).toBeUndefined();
    expect(await calendarFile('nonsense')).toBeUndefined();
  });
});

describe('the clock of a class', () => {
  it('is one for every device: whoever set it last before is told, and nothing that is no clock is kept', async () => {
    const seen = fresh();
    const draft = {
      title: 'Evening',
      startsAt: '2026-12-01T19:00',
      minutes: 75,
      uniform: 'gi',
      level: 'all',
      pairsOnMats: 8,
    };
    await saveClass(draft as Parameters<typeof saveClass>[0], seen);
    const clock = { at: 0, beganAt: 1_800_000_000_000, added: [], took: [] };
    expect(await loadMatClock(seen.id)).toEqual({ version: 0 });
    expect(await keepMatClock(seen.id, 0, clock, 0)).toEqual({ ok: true, kept: { clock, version: 1 } });
    const late = { ...clock, at: 3 };
    expect(await keepMatClock(seen.id, 0, late, 0)).toEqual({ ok: true, kept: { clock, version: 1 } });
    expect(await keepMatClock(seen.id, 0, late, 1)).toEqual({ ok: true, kept: { clock: late, version: 2 } });
    // Two groups of a class have a clock each.
    expect(await keepMatClock(seen.id, 2, clock, 0)).toEqual({ ok: true, kept: { clock, version: 1 } });
    expect(await loadMatClock(seen.id)).toEqual({ clock: late, version: 2 });
    expect(await keepMatClock(seen.id, 3, clock, 0)).toMatchObject({ ok: false });
    for (const broken of [
      {},
      { ...clock, at: -1 },
      { ...clock, beganAt: Number.NaN },
      { ...clock, added: ['x'] },
      null,
    ])
      expect(await keepMatClock(seen.id, 0, broken as never, 2)).toMatchObject({ ok: false });
    expect(await keepMatClock(seen.id, 0, { ...clock, took: Array(500).fill(1) }, 2)).toMatchObject({ ok: false });
    expect(await keepMatClock(randomUUID(), 0, clock, 0)).toEqual(refusedWith('', 'no longer there'));
    expect(await loadMatClock('nonsense')).toEqual({ version: 0 });
    await removeClass(seen.id);
    expect(await loadMatClock(seen.id)).toEqual({ version: 0 });
  });
});

describe('clocks', () => {
  it('are kept with their ties; one against its direction is refused, unless it is set anew', async () => {
    const round = await seedRound(await seedPerson('Ana'), await seedPerson('Marek'));
    const ties = [
      { mediaSeconds: 20, readingSeconds: 100 },
      { mediaSeconds: 60, readingSeconds: 110 },
    ];
    const clock = {
      id: randomUUID(),
      name: 'wall',
      counts: 'down',
      pauses: false,
      restarts: false,
      ties,
      version: 0,
    } as const;
    expect(await saveClock(round.id, { ...clock, ties: [...ties] })).toMatchObject({
      ok: false,
      messages: { ties: expect.stringContaining('set anew for each turn') },
    });
    expect(await saveClock(round.id, { ...clock, restarts: true, ties: [...ties] })).toEqual({ ok: true, version: 1 });
    expect(await saveClock(round.id, { ...clock, restarts: true, ties: [] })).toEqual(refusedWith('', MEANWHILE));
    expect(await listClocks(pool(), round.id)).toMatchObject([{ name: 'wall', restarts: true, ties }]);
    expect(await removeClock(round.id, clock.id)).toEqual({ ok: true });
    expect(await listClocks(pool(), round.id)).toEqual([]);
  });
});

describe('the academy’s words', () => {
  it('are renamed, added, merged; marks without a name get one', async () => {
    expect(await renameConcept('half-guard', 'Zwischenstation')).toEqual({ ok: true, id: 'half-guard' });
    expect(await renameConcept('mount', 'Zwischenstation')).toEqual(refusedWith('', 'already means'));
    const added = await addOwnWord({ likeId: 'half-guard', name: 'long shin', text: '', aliases: ['shin shield'] });
    expect(added).toMatchObject({ ok: true });
    const id = added.ok ? added.id : '';
    expect(await mergeWord(id, 'mount')).toMatchObject({ ok: true, id: 'mount' });
    expect((await getHouseWords(pool())).own).toMatchObject([{ id, mergedIntoId: 'mount' }]);
    expect(await mergeWord(id, id)).toEqual(refusedWith('', 'into itself'));
    const round = await seedRound(await seedPerson('Ana'), await seedPerson('Marek'));
    const nameless = flatError(50, { errorId: 'err-unnamed', note: 'foot parked behind' });
    await putMarks(round, coach.id, nameless);
    expect(await nameMarks([nameless.id], 'err-few-bridges')).toEqual({ ok: true, id: 'err-few-bridges' });
    expect((await listMarks(pool(), round.id))[0]?.mark).toMatchObject({ errorId: 'err-few-bridges' });
    expect(await nameMarks([nameless.id], 'half-guard')).toEqual(refusedWith('', 'another kind'));
    expect(await nameMarks([nameless.id], 'no-such-thing')).toMatchObject({ ok: false });
  });
  it('find marks by how they went, as the call line reads it, and by kinds that name no entry', async () => {
    const round = await seedRound(await seedPerson('Ana'), await seedPerson('Marek'));
    const attempt = { kind: 'attempt', techniqueId: 'armbar', athlete: 'a', stage: 'locked' } as const;
    await putMarks(
      round,
      coach.id,
      { ...attempt, id: randomUUID(), atSeconds: 20, end: 'escaped' },
      { ...attempt, id: randomUUID(), atSeconds: 30, stage: 'finished', end: 'finished' },
      { kind: 'hazard', id: randomUUID(), atSeconds: 40, hazard: 'neck loaded' },
      { kind: 'stoppage', id: randomUUID(), atSeconds: 50, endSeconds: 60, reason: 'blood' },
    );
    const { searchEverything } = await import('@/server/search/searchEverything');
    const found = async (text: string) =>
      (await searchEverything(text)).marks.map((one) => one.roundSeconds + round.startSeconds);
    expect((await found('armbar')).sort()).toEqual([20, 30]);
    expect(await found('armbar escaped')).toEqual([20]);
    expect(await found('armbar finished')).toEqual([30]);
    expect(await found('hazard neck loaded')).toEqual([40]);
    expect(await found('stop blood')).toEqual([50]);
    expect(await found('ana hazard neck loaded')).toEqual([40]);
    expect(await found('missed armbar')).toEqual([]);
  });
  it('keep a clip of own footage within the footage', async () => {
    const footageId = await seedFilm();
    const clip = {
      ...{ id: randomUUID(), conceptId: 'half-guard', footageId, startSeconds: 390, endSeconds: 420 },
      ...{ speed: 1, caption: 'elbow first', drawing: [] },
    };
    expect(await keepClip(clip)).toMatchObject({ ok: true, id: clip.id });
    expect(await keepClip({ ...clip, id: randomUUID(), startSeconds: 500, endSeconds: 510 })).toMatchObject({
      ok: false,
    });
    expect(await removeClip(clip.id)).toMatchObject({ ok: true });
  });
});
