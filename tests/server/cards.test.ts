import { randomUUID } from 'node:crypto';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import type { Coach } from '@/data/accounts/coaches';
import { insertClass, saveAttendee } from '@/data/classes/classes';
import { pool } from '@/data/client';
import { listWeighings } from '@/data/people/histories';
import { findPerson } from '@/data/people/people';
import { insertSignedReview } from '@/data/reviews/signedReviews';
import { findRound } from '@/data/rounds/rounds';
import { applyChanges } from '@/server/marks/applyChanges';
import { placeOfRound } from '@/server/marks/marksPlace';
import { loadClosing } from '@/server/reviews/loadClosing';
import { loadHomework } from '@/server/reviews/loadHomework';
import { saveRound } from '@/server/rounds/roundActions';
import { figuresAreThere, planNow } from '../support/plans';
import { emptyDatabase, seedCoach, seedPerson, seedRound } from '../support/seed';

let coach: Pick<Coach, 'id' | 'role'>;
vi.mock('@/server/accounts/currentCoach', () => ({ requireCoach: async () => coach }));
vi.mock('next/cache', () => ({ revalidatePath: () => undefined }));
beforeEach(async () => {
  await emptyDatabase();
  coach = { id: await seedCoach(), role: 'head' };
});

const athlete = (more: object) =>
  ({ standing: 'student', stripes: 0, weightUnit: 'kg', toldApartBy: '', weightSource: 'stated', ...more }) as const;
const card = (heldOn: string, a: object, b: object) =>
  ({
    heldOn,
    uniform: 'gi',
    ruleSet: 'no-score',
    occasion: 'sparring',
    theme: '',
    numberInSession: 1,
    startSeconds: 0,
    endSeconds: 300,
    a: athlete(a),
    b: athlete(b),
  }) as const;
const save = async (draft: ReturnType<typeof card>) => {
  const id = randomUUID();
  expect(await saveRound(draft, { id, version: 0 })).toEqual({ ok: true, roundId: id });
  return (await findRound(pool(), id))!;
};

describe('a round’s card', () => {
  it('tells the person what they weigh and wear now, in whatever unit, unless a later day is known', async () => {
    const ana = await seedPerson('Ana', undefined);
    await save(
      card('2026-11-20', { personId: ana, belt: 'purple', weight: 150, weightUnit: 'lb' }, { newName: 'Timo Berg' }),
    );
    expect(await findPerson(pool(), ana)).toMatchObject({
      belt: 'purple',
      stripes: 0,
      weightKg: expect.closeTo(68.04, 1),
    });
    await save(card('2026-11-01', { personId: ana, belt: 'blue', weight: 66 }, { newName: 'Otto' }));
    expect(await findPerson(pool(), ana)).toMatchObject({ belt: 'purple', weightKg: expect.closeTo(68.04, 1) });
    expect(await listWeighings(pool(), [ana])).toHaveLength(2);
  });

  it('leaves unknown what nobody said: belt, and the length asked for', async () => {
    const round = await save(card('2026-11-20', { newName: 'Timo Berg' }, { newName: 'Timo Ahrens', belt: 'blue' }));
    expect(round).toMatchObject({ plannedSeconds: undefined, a: { belt: undefined }, b: { belt: 'blue' } });
    expect(await findPerson(pool(), round.a.personId)).toMatchObject({ belt: undefined, stripes: 0 });
    expect(
      await saveRound(card('2026-11-20', { newName: 'A', stripes: 2 }, { newName: 'B' }), {
        id: randomUUID(),
        version: 0,
      }),
    ).toMatchObject({
      messages: { 'a.stripes': expect.stringContaining('Say the belt') },
    });
  });

  it('is heard by the plan of the next class: weight, and what is hurt', async () => {
    const people = [await seedPerson('Ana', undefined), await seedPerson('Iris', undefined)];
    const today = '2026-11-24';
    const [ana, iris] = people.map((personId) => ({ personId, belt: 'blue', weight: 61 }));
    const round = await save(card('2026-11-20', { ...ana, condition: { hurt: 'left wrist' } }, iris!));
    const mark = {
      kind: 'error',
      id: randomUUID(),
      atSeconds: 50,
      errorId: 'err-half-flat',
      athlete: 'a',
      punished: 'yes',
      ledTo: [],
    } as const;
    const half = { kind: 'position', id: randomUUID(), atSeconds: 10, positionId: 'half-guard', holder: 'b' } as const;
    await applyChanges(
      pool(),
      placeOfRound(round),
      [half, mark].map((one) => ({ changeId: randomUUID(), mark: one, removed: false })),
      coach.id,
    );
    const id = randomUUID();
    await insertClass(pool(), {
      id,
      title: 'Evening',
      startsAt: '2026-11-25T19:00:00Z',
      minutes: 75,
      uniform: 'gi',
      level: 'all',
      pairsOnMats: 8,
    });
    for (const personId of people) await saveAttendee(pool(), id, personId, 1);
    await figuresAreThere(today);
    const planned = await planNow(id, today);
    if (!planned.ok) throw new Error(planned.problem?.code);
    const live = planned.plan.pairings.find((one) => one.phase === 'rounds')!;
    expect(live.groups).toHaveLength(1);
    expect(live.unknownWeightIds).toEqual([]);
    expect(live.spares).toEqual([{ personId: people[0], what: 'left wrist (card of 2026-11-20)' }]);
    // Punished, with nothing linked: said, and not "so far without a price".
    const closing = (await loadClosing({ kind: 'round', roundId: round.id, slot: 'a' }))!;
    expect(closing.draft.points[0]?.text).toBe('It happened once in this round, and it was punished.');
  });
});

describe('homework', () => {
  it('is looked for only in rounds after the day on which it was signed', async () => {
    const [ana, iris] = [await seedPerson('Ana'), await seedPerson('Iris')];
    const first = await seedRound(ana, iris, '2026-11-20');
    const sameEvening = await seedRound(ana, iris, '2026-11-20');
    await pool().query('update round set number_in_session = 2 where id = $1', [sameEvening.id]);
    const nextWeek = await seedRound(ana, iris, '2026-11-27');
    const content = {
      good: { text: '', markIds: [] },
      points: [
        {
          ...{ errorId: 'err-half-flat', title: 'Flat', text: '', cue: '', branch: '', homework: 'On your side.' },
          ...{ homeworkDue: '' as const, markIds: [] },
        },
      ],
      questions: [],
      remark: '',
    };
    await insertSignedReview(
      pool(),
      { id: randomUUID(), about: { kind: 'round', roundId: first.id, slot: 'a' }, version: 1, content },
      coach.id,
    );
    const signedOn = (day: string) =>
      pool().query('update signed_review set signed_at = $1::timestamptz', [`${day}T21:00:00`]);
    const found = async (round: { id: string }) =>
      (await loadHomework(pool(), (await findRound(pool(), round.id))!)).length;
    await signedOn('2026-11-20');
    expect([await found(sameEvening), await found(nextWeek)]).toEqual([0, 1]);
    await signedOn('2026-11-28');
    expect(await found(nextWeek)).toBe(0);
  });
});
