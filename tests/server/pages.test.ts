import { randomUUID } from 'node:crypto';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { addDays } from '@/core/kernel';
import { packReel } from '@/core/reel';
import { insertClass, saveAttendee } from '@/data/classes/classes';
import { pool } from '@/data/client';
import { listMarks } from '@/data/marks/marks';
import { listPeople } from '@/data/people/people';
import { insertSignedReview } from '@/data/reviews/signedReviews';
import { insertClock } from '@/data/rounds/clocks';
import { findRound } from '@/data/rounds/rounds';
import { today } from '@/server/kernel/academyTime';
import { moveRounds } from '@/server/people/moveRoundsActions';
import { loadReel } from '@/server/reels/loadReel';
import { loadClosing } from '@/server/reviews/loadClosing';
import { loadReview } from '@/server/rounds/loadReview';
import { loadWhatNext } from '@/server/rounds/loadWhatNext';
import { loadQuestions } from '@/server/search/loadQuestions';
import { forgetQuestion, keepQuestion } from '@/server/search/questionActions';
import { searchEverything } from '@/server/search/searchEverything';
import { loadStudent } from '@/server/students/loadStudent';
import { readStudentQuery } from '@/server/students/studentInput';
import { figuresAreThere } from '../support/plans';
import { emptyDatabase, flatError, putMarks, seedCoach, seedFilm, seedPerson, seedRound } from '../support/seed';

let coach: { id: string; role: 'head'; weightUnit: 'kg'; reactionLeadSeconds: number };
vi.mock('next/cache', () => ({ revalidatePath: () => undefined }));
vi.mock('@/server/accounts/currentCoach', () => ({ requireCoach: async () => coach }));
let [day, ana, marek] = ['', '', ''];
beforeEach(async () => {
  await emptyDatabase();
  coach = { id: await seedCoach(), role: 'head', weightUnit: 'kg', reactionLeadSeconds: 0.3 };
  day = await today();
  [ana, marek] = [await seedPerson('Ana Velden'), await seedPerson('Marek Osei')];
});

const position = (atSeconds: number) => ({
  ...{ kind: 'position' as const, id: randomUUID(), atSeconds, positionId: 'half-guard', holder: 'b' as const },
});
const marked = async (heldOn = day) => {
  const round = await seedRound(ana, marek, heldOn);
  await putMarks(round, coach.id, position(10), flatError(60), flatError(120, { punished: 'yes' }));
  return round;
};

describe('a student’s page', () => {
  it('shows what keeps happening in the window, and every round of theirs', async () => {
    for (const days of [1, 2, 3]) await marked(addDays(day, -days));
    await seedRound(ana, marek, addDays(day, -400));
    await figuresAreThere(day);
    const page = (await loadStudent(ana))!;
    expect(page.errors).toMatchObject([{ errorId: 'err-half-flat', count: 6 }]);
    expect(page.rounds.rows).toHaveLength(4);
    expect(page).toMatchObject({ today: day, weightUnit: 'kg', figuresDue: { rounds: 0 } });
    // Marek is on top all the time: the tide runs against her.
    expect(page.rounds.rows[0]?.meanTide).toBeLessThan(0);
    expect((await loadStudent(marek))?.errors).toEqual([]);
  });
  it('looks at the rounds that its address names, and at two sets of them side by side', async () => {
    const iris = await seedPerson('Iris Kovar', 90);
    for (const days of [1, 2, 3]) await marked(addDays(day, -days));
    const withIris = await seedRound(ana, iris, addDays(day, -40));
    await pool().query("update round_athlete set weight_kg = 90 where round_id = $1 and slot = 'b'", [withIris.id]);
    await putMarks(withIris, coach.id, position(10), flatError(60));
    await figuresAreThere(day);
    const counted = async (parameters: object) => {
      const page = await loadStudent(ana, readStudentQuery(parameters));
      return page?.errors[0]?.count ?? 0;
    };
    expect(await counted({})).toBe(7);
    expect(await counted({ with: iris })).toBe(1);
    expect(await counted({ against: 'heavier' })).toBe(1);
    expect(await counted({ against: 'lighter' })).toBe(0);
    expect(await counted({ uniform: 'no-gi' })).toBe(0);
    expect(await counted({ from: addDays(day, -2) })).toBe(4);
    expect(await counted({ to: addDays(day, -2), from: addDays(day, -100) })).toBe(5);
    // What is no day, no person and no kind does not narrow.
    expect(await counted({ with: "'; drop", against: 'taller-than-me', from: '2026-99-99', side: '<b>' })).toBe(7);
    const page = (await loadStudent(ana, readStudentQuery({ day: addDays(day, -10) })))!;
    expect(page.compared.differences).toMatchObject([
      { errorId: 'err-half-flat', one: { count: 1 }, other: { count: 6 } },
    ]);
    expect(page.met.map((one) => one.name).sort()).toEqual(['Iris Kovar', 'Marek Osei']);
    // A belt and what hurt part the rounds, once they are known; the first belt that is known parts nothing.
    const parted = async (side: string, asked?: string) =>
      (await loadStudent(ana, readStudentQuery({ side, day: asked })))!.compared;
    const [white, blue, stripe] = [400, 20, 2].map((days) => addDays(day, -days));
    expect(await parted('belt')).toMatchObject({ day: undefined, differences: [] });
    expect(await parted('injury', addDays(day, -10))).toMatchObject({ day: undefined, differences: [] });
    await pool().query('delete from belt_step where person_id = $1', [ana]);
    for (const [since, belt, stripes] of [
      [white, 'white', 4],
      [blue, 'blue', 0],
      [stripe, 'blue', 1],
    ])
      await pool().query('insert into belt_step (person_id, since_day, belt, stripes) values ($1, $2, $3, $4)', [
        ...[ana, since, belt, stripes],
      ]);
    await pool().query(
      `update round_athlete set condition = '{"hurt":"left knee"}' where round_id = $1 and slot = 'a'`,
      [withIris.id],
    );
    expect(await parted('belt')).toMatchObject({
      day: stripe,
      differences: [{ one: { count: 3 }, other: { count: 4 } }],
    });
    expect(await parted('belt', blue)).toMatchObject({
      day: blue,
      differences: [{ one: { count: 1 }, other: { count: 6 } }],
    });
    expect(await parted('belt', white)).toMatchObject({ day: stripe });
    expect(await parted('injury')).toMatchObject({ day: addDays(day, -40) });
    const beside = (await loadStudent(ana, readStudentQuery({ side: 'student', beside: marek })))!;
    expect(beside.compared.others.map((one) => one.id)).not.toContain(ana);
    expect(beside.compared.differences).toMatchObject([{ one: { count: 7 }, other: { count: 0 } }]);
  });
  it('counts the theme of a day against own attempts', async () => {
    const round = await marked();
    await pool().query("update round set theme = 'half guard' where id = $1", [round.id]);
    await figuresAreThere(day);
    const [theme] = (await loadStudent(ana))?.themes ?? [];
    expect(theme).toMatchObject({ theme: 'half guard', rounds: 1, triedIn: 1, tries: 0, minutes: 5 });
    await pool().query("update round set theme = 'zebra' where id = $1", [round.id]);
    await figuresAreThere(day);
    expect((await loadStudent(ana))?.themes).toEqual([]);
  });

  it('expects of partners what this academy’s rounds taught', async () => {
    const iris = await seedPerson('Iris Kovar', 90);
    for (let days = 1; days <= 6; days += 1) {
      const round = await seedRound(ana, iris, addDays(day, -days));
      await pool().query("update round_athlete set weight_kg = 90 where round_id = $1 and slot = 'b'", [round.id]);
      await putMarks(round, coach.id, {
        ...{ kind: 'attempt', id: randomUUID(), atSeconds: 40, techniqueId: 'armbar', athlete: 'a' },
        ...{ stage: 'finished', end: 'finished' },
      });
    }
    await figuresAreThere(day);
    const page = (await loadStudent(ana))!;
    // The lighter one taps the heavier one six times: weight is worth less here than was thought.
    expect(page.edge.rounds).toBe(6);
    expect(page.edge.perTenth).toBeLessThan(40);
    expect(page.partners.find((one) => one.group === 'heavier')).toMatchObject({ result: 1 });
  });
  it('keeps apart what was played for the camera, with its reason and its moments, and knows what is noted', async () => {
    const lesson = await marked(addDays(day, -1));
    await pool().query(`update round set circumstances = '{"audience":"for-the-camera"}' where id = $1`, [lesson.id]);
    await pool().query(
      `update round_athlete set condition = '{"hurt":"left knee"}' where round_id = $1 and slot = 'a'`,
      [lesson.id],
    );
    await figuresAreThere(day);
    const page = (await loadStudent(ana))!;
    expect(page.errors).toEqual([]);
    expect(page.past.apart).toMatchObject([{ reason: 'for-the-camera', partner: 'Marek Osei', filmed: false }]);
    expect(page.past.apart[0]?.marks.map((one) => one.conceptId)).toEqual(['err-half-flat', 'err-half-flat']);
    expect(page.past.hurts).toMatchObject([{ hurt: 'left knee' }]);
    expect((await loadStudent(marek))?.past.apart[0]?.marks).toEqual([]);
    const review = { good: { text: 'Waits.', markIds: [] }, points: [], questions: [], remark: '' };
    const signed = {
      id: randomUUID(),
      about: { kind: 'round' as const, roundId: lesson.id, slot: 'a' as const },
      version: 1,
      content: review,
    };
    await insertSignedReview(pool(), signed, coach.id);
    expect((await loadStudent(ana))?.past.reviews).toMatchObject([{ partner: 'Marek Osei', signedByName: 'ludo' }]);
  });
  it('stands whatever the record is: nothing, one round, rounds long ago, guests without weights, a belt that went back, thousands of rounds', async () => {
    expect(await loadStudent(ana)).toMatchObject({ errors: [], habits: { rounds: 0 }, window: { earlierRounds: 0 } });
    const only = await marked(addDays(day, -132));
    await figuresAreThere(day);
    // 132 days ago is outside of the window, and looked at all the same: there is nothing newer.
    expect((await loadStudent(ana))?.errors).toMatchObject([{ errorId: 'err-half-flat', count: 2 }]);
    await pool().query("update person set standing = 'guest', belt = null, weight_kg = null where id = $1", [marek]);
    await pool().query('update round_athlete set belt = null, weight_kg = null where person_id = $1', [marek]);
    await pool().query("update person set belt = 'white', stripes = 0 where id = $1", [ana]);
    await figuresAreThere(day);
    const met = (await loadStudent(ana))!;
    expect(met.partners).toEqual([]);
    expect(met.errors).toHaveLength(1);
    expect(met.person.belt).toBe('white');
    // As if she had sparred eight times a day for a year.
    await pool().query(
      `with more as (
         insert into round (id, footage_id, held_on, uniform, rule_set, planned_seconds, occasion, theme, number_in_session, start_seconds, end_seconds, circumstances, created_by)
         select gen_random_uuid(), footage_id, held_on + 100 - n / 8, uniform, rule_set, planned_seconds, occasion, theme, number_in_session, start_seconds, end_seconds, circumstances, created_by
         from round, generate_series(1, 3000) as n where id = $1 returning id, held_on)
       insert into round_figure (round_id, slot, person_id, held_on, number_in_session, content)
       select more.id, f.slot, f.person_id, more.held_on, f.number_in_session, f.content from more, round_figure f where f.round_id = $1`,
      [only.id],
    );
    const thousands = (await loadStudent(ana))!;
    expect(thousands.window.isCut).toBe(true);
    expect(thousands.habits.rounds).toBeGreaterThanOrEqual(10);
  });

  it('is none for somebody who is not there', async () => {
    for (const id of [randomUUID(), 'nonsense', '']) expect(await loadStudent(id)).toBeUndefined();
  });
});

describe('two who were taken for one', () => {
  it('are parted: rounds with all that hangs on them go to the other, and come back', async () => {
    const rounds = [await marked(addDays(day, -1)), await marked(addDays(day, -2)), await marked(addDays(day, -3))];
    const [first, second] = rounds.map((round) => round.id);
    const give = (name: string, roundIds: (string | undefined)[], fromId = ana) =>
      moveRounds({ fromId, roundIds: roundIds.map((id) => id ?? ''), name, newId: randomUUID() });
    expect(await give('', [first])).toMatchObject({ ok: false });
    expect(await give('Anna', [])).toMatchObject({ ok: false });
    expect(await give('ana velden', [first])).toMatchObject({ ok: false });
    expect(await give('Anna', [randomUUID()])).toMatchObject({ ok: false });
    expect((await listPeople(pool())).map((one) => one.name)).not.toContain('Anna');
    const given = await give('Anna Velde', [first, second]);
    if (!given.ok) throw new Error('not given');
    expect(given).toMatchObject({ moved: 2, toName: 'Anna Velde' });
    await figuresAreThere(day);
    expect((await loadStudent(ana))?.errors).toMatchObject([{ count: 2 }]);
    expect((await loadStudent(given.toId))?.errors).toMatchObject([{ count: 4 }]);
    expect((await loadStudent(given.toId))?.past.belts.length).toBeGreaterThan(0);
    // A card that was open meanwhile is told.
    expect((await findRound(pool(), first ?? ''))?.version).toBe(rounds[0]!.version + 1);
    // Nobody spars with themselves.
    expect(await give('Marek Osei', [rounds[2]?.id])).toMatchObject({ ok: true, moved: 0 });
    expect(await give('Ana Velden', [first, second], given.toId)).toMatchObject({ ok: true, moved: 2, toId: ana });
    await figuresAreThere(day);
    expect((await loadStudent(ana))?.errors).toMatchObject([{ count: 6 }]);
    await seedPerson('Twin');
    await seedPerson('twin');
    expect(await give('TWIN', [first])).toMatchObject({ ok: false });
  });
});

describe('closing a review', () => {
  it('drafts what to work on with its evidence, the homework due in three weeks, and knows what was signed', async () => {
    const round = await marked();
    const page = (await loadClosing({ kind: 'round', roundId: round.id, slot: 'a' }))!;
    expect(page.draft.points).toMatchObject([{ errorId: 'err-half-flat', homeworkDue: addDays(day, 21) }]);
    const [point] = page.draft.points;
    expect(point?.markIds).toHaveLength(2);
    expect(page.evidence[point?.markIds[0] ?? '']).toMatchObject({ at: '0:50', mediaSeconds: 60 });
    expect((await loadClosing({ kind: 'round', roundId: round.id, slot: 'b' }))?.draft.points).toEqual([]);
    const review = { good: { text: 'Waits.', markIds: [] }, points: [], questions: [], remark: '' };
    const signed = {
      id: randomUUID(),
      about: { kind: 'round' as const, roundId: round.id, slot: 'a' as const },
      version: 1,
      content: review,
    };
    await insertSignedReview(pool(), signed, coach.id);
    expect((await loadClosing({ kind: 'round', roundId: round.id, slot: 'a' }))?.signed).toHaveLength(1);
    expect(await loadClosing({ kind: 'round', roundId: randomUUID(), slot: 'a' })).toBeUndefined();
  });
});

describe('what to review next', () => {
  it('is every filmed round without marks, those of somebody with a class soon first', async () => {
    const film = await seedFilm();
    const iris = await seedPerson('Iris Kovar');
    const filmed = async (a: string, b: string) => {
      const round = await seedRound(a, b, addDays(day, -3));
      await pool().query('update round set footage_id = $1 where id = $2', [film, round.id]);
      return round;
    };
    const [plain, pressing] = [await filmed(marek, marek === iris ? ana : iris), await filmed(ana, marek)];
    await marked();
    const id = randomUUID();
    const startsAt = `${addDays(day, 1)}T19:00:00Z`;
    await insertClass(pool(), {
      ...{ id, title: 'Evening', startsAt, minutes: 75, uniform: 'gi', level: 'all', pairsOnMats: 6 },
    });
    await saveAttendee(pool(), id, ana, 1);
    const { waiting, names } = await loadWhatNext();
    expect(waiting.map((one) => one.roundId)).toEqual([pressing.id, plain.id]);
    expect(waiting[0]?.costSeconds).toBeGreaterThan(waiting[0]?.liveSeconds ?? 0);
    expect(names[ana]).toBe('Ana Velden');
  });
});

describe('Review', () => {
  it('opens with the marks, the clocks and the words of the academy', async () => {
    const round = await marked();
    const clock = { id: randomUUID(), name: 'wall', counts: 'down', pauses: true, restarts: false, ties: [] } as const;
    await insertClock(pool(), round.id, { ...clock, ties: [] });
    await figuresAreThere(day);
    const page = (await loadReview(round.id))!;
    expect(page.marks.map(({ mark }) => mark.kind)).toEqual(['position', 'error', 'error']);
    expect(page.clocks).toMatchObject([{ name: 'wall', pauses: true }]);
    expect(page.language.uses['err-half-flat']).toBe(2);
    expect(page).toMatchObject({ reactionLeadSeconds: 0.3, weightUnit: 'kg', coachId: coach.id, spentSeconds: 0 });
    expect(await loadReview(round.id, 'second')).toBeUndefined();
    expect(await loadReview('nonsense')).toBeUndefined();
  });
});

describe('the one box', () => {
  it('finds people, rounds, marks, remarks and entries by what the words mean', async () => {
    const round = await marked();
    await putMarks(round, coach.id, { kind: 'note', id: randomUUID(), atSeconds: 80, note: 'zebra crossing' });
    await figuresAreThere(day);
    const marks = await searchEverything('ana flat in half guard');
    expect(marks.people).toEqual([{ id: ana, name: 'Ana Velden' }]);
    expect(marks.marks.filter((one) => /flat/i.test(JSON.stringify(one)))).toHaveLength(2);
    expect(marks.entries.map((one) => one.id)).toContain('err-half-flat');
    expect((await searchEverything('marek')).rounds).toMatchObject([{ id: round.id, markCount: 4 }]);
    expect((await searchEverything('zebra')).notes).toHaveLength(1);
    // Counted, against what it could have been seen in.
    expect(marks.answer?.count).toMatchObject({
      marks: 2,
      rounds: 1,
      isCut: false,
      exposure: { errorId: 'err-half-flat' },
    });
    expect(marks.answer?.count?.exposure?.amount).toBeGreaterThan(1);
    expect(marks.breakdown).toMatchObject({
      what: [{ id: 'err-half-flat', count: 2 }],
      partners: [{ id: marek, name: expect.stringContaining('Marek'), count: 2 }],
      days: [{ day, count: 2 }],
    });
    const ofPartners = await searchEverything('ana flat in half guard', undefined, { whose: 'partner' });
    expect(ofPartners.marks).toEqual([]);
    const narrowed = await searchEverything('ana half guard', undefined, { as: 'err-half-flat', whose: 'own' });
    expect(narrowed.query.conceptIds).toEqual(['err-half-flat']);
    expect((await searchEverything('ana half guard', undefined, { as: "'; drop" })).query.conceptIds).not.toHaveLength(
      1,
    );
    for (const nothing of ['', '   ', '🦉'.repeat(400), "'; drop table mark; --"])
      expect((await searchEverything(nothing)).marks).toEqual([]);
  });

  it('tells how long somebody was somewhere, of all their live time, and plays it', async () => {
    const round = await marked();
    await marked(addDays(day, -30));
    const mount = { kind: 'position' as const, id: randomUUID(), atSeconds: 130, positionId: 'mount' };
    await putMarks(round, coach.id, { ...mount, holder: 'a' });
    await figuresAreThere(day);
    const asked = async (text: string) => (await searchEverything(text)).answer;
    // In half guard from 10 on, in the other round to its end at 310; mounted from 130 on.
    const onTop = await searchEverything('ana share of time on top');
    expect(onTop.answer?.length).toMatchObject({
      place: 'over',
      positionIds: [],
      minutes: 3,
      rounds: 2,
      roundsWith: 1,
    });
    expect(onTop.stays).toEqual([{ roundId: round.id, atSeconds: 130 }]);
    expect(onTop.query.parts.map((part) => part.name)).toEqual(['time', 'people']);
    const inMount = await asked('how long is marek under mount this month');
    expect(inMount?.length).toMatchObject({ minutes: 3, rounds: 1, liveMinutes: 5 });
    expect((await asked('ana time in half guard'))?.length?.minutes).toBeGreaterThan(5);
    expect(await asked('share of time on top')).toEqual({ needsName: true });
    expect((await asked('ana time in side control'))?.length).toMatchObject({ minutes: 0, roundsWith: 0 });
  });
});

describe('a coach’s own questions', () => {
  it('are kept once, answered by every round, about a student on their page, and forgotten', async () => {
    const ask = (text: string, id: string = randomUUID()) => keepQuestion({ id, text });
    expect(await loadQuestions()).toEqual([]);
    expect(await ask('ana flat in half guard')).toEqual({ ok: true });
    expect(await ask('Ana flat in half guard')).toEqual({ ok: true });
    expect(await ask('after ana flat in half guard, side control')).toEqual({ ok: true });
    expect(await ask('')).toMatchObject({ ok: false });
    expect(await ask('x'.repeat(201))).toMatchObject({ ok: false });
    const round = await marked();
    const side = { kind: 'position' as const, id: randomUUID(), atSeconds: 75, positionId: 'side-control' };
    await putMarks(round, coach.id, { ...side, holder: 'b' });
    await figuresAreThere(day);
    const [counted, followed] = await loadQuestions();
    expect(counted?.answer?.count).toMatchObject({ marks: 2, rounds: 1 });
    expect(followed?.answer?.follows).toMatchObject({ marks: 2, followed: 1, isNot: false });
    const found = await searchEverything('after ana flat in half guard, side control');
    expect(found.marks).toHaveLength(2);
    expect(found.followedIds).toHaveLength(1);
    expect((await searchEverything('ana flat in half guard without side control')).answer?.follows?.followed).toBe(1);
    expect((await loadStudent(ana))?.past.questions).toHaveLength(2);
    expect((await loadStudent(marek))?.past.questions).toEqual([]);
    expect(counted?.newest).toMatchObject({ roundId: round.id, heldOn: day, answer: { count: { marks: 2 } } });
    const other = coach;
    coach = { ...coach, id: await seedCoach('felix') };
    expect(await loadQuestions()).toEqual([]);
    expect(await forgetQuestion(counted?.id ?? '')).toEqual({ ok: true });
    coach = other;
    expect(await loadQuestions()).toHaveLength(2);
    expect(await forgetQuestion(counted?.id ?? '')).toEqual({ ok: true });
    expect(await loadQuestions()).toHaveLength(1);
    for (let count = 0; count < 29; count += 1) expect(await ask(`question ${count}`)).toEqual({ ok: true });
    expect(await ask('one more')).toMatchObject({ ok: false });
  });
});

describe('a reel', () => {
  it('is made of the marks and rounds that are there, in its order, and says what is gone', async () => {
    const round = await marked();
    const film = await seedFilm();
    await pool().query('update round set footage_id = $1 where id = $2', [film, round.id]);
    const plain = await marked(addDays(day, -1));
    const [first, second] = (await listMarks(pool(), round.id)).filter(({ mark }) => mark.kind === 'error');
    const moments = [
      { roundId: plain.id, atSeconds: 60 },
      { markId: second?.id ?? '' },
      { markId: first?.id ?? '' },
      { markId: randomUUID() },
      { roundId: randomUUID(), atSeconds: 3 },
    ];
    const { pieces, left } = await loadReel(packReel(moments));
    expect(left).toBe(2);
    expect(pieces.map((one) => one.atSeconds)).toEqual([60, 120, 60]);
    expect(pieces.map((one) => one.footage?.id)).toEqual([undefined, film, film]);
    expect(pieces[1]).toMatchObject({ startSeconds: 117, endSeconds: 125, names: ['Ana', 'Marek'], roundId: round.id });
    expect(pieces[1]?.words).toMatch(/flat in half guard/i);
    for (const text of ['', '~~~', 'm'.repeat(10_000)]) expect((await loadReel(text)).pieces).toEqual([]);
  });
});
