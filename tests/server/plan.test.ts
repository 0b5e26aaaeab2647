import { randomUUID } from 'node:crypto';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { arrangementOf } from '@/core/planning';
import { findDrill, findError } from '@/core/vocabulary';
import {
  beginPlan,
  endPlan,
  findAskedPlan,
  findLatestPlan,
  insertClass,
  listClassesFrom,
  saveAttendee,
} from '@/data/classes/classes';
import { saveDrilled } from '@/data/classes/log';
import { endRun, findLatestRun, findReadyRun, insertAskedRun } from '@/data/classes/runs';
import { inTransaction, pool } from '@/data/client';
import { insertOwnWord, saveHidden } from '@/data/language/houseWords';
import { insertMark } from '@/data/marks/marks';
import { listPeople } from '@/data/people/people';
import { askForPlan } from '@/server/classes/askForPlan';
import { arrangePlan, keepClass, keepPairs } from '@/server/classes/classActions';
import { workOutPlan } from '@/server/classes/workOutPlan';
import { workOutRun } from '@/server/classes/workOutRun';
import { recordOf } from '@/server/figures/records';
import { figuresAreThere, planNow } from '../support/plans';
import { emptyDatabase, seedCoach, seedPerson, seedRound } from '../support/seed';

vi.mock('next/cache', () => ({ revalidatePath: () => undefined }));
const coach = vi.hoisted(() => ({ id: '', role: 'head' }));
vi.mock('@/server/accounts/currentCoach', () => ({ requireCoach: async () => coach }));

const today = '2026-11-23';
let classId: string;
let people: string[];

beforeEach(async () => {
  await emptyDatabase();
  const coach = await seedCoach();
  people = await Promise.all(['Ana', 'Iris', 'Nadia', 'Yara'].map((name) => seedPerson(name)));
  const round = await seedRound(people[0]!, people[1]!);
  const marks = [
    { kind: 'position' as const, atSeconds: 10, positionId: 'half-guard', holder: 'b' as const },
    {
      kind: 'error' as const,
      atSeconds: 60,
      errorId: 'err-half-flat',
      athlete: 'a' as const,
      punished: 'yes' as const,
      ledTo: [],
    },
    {
      kind: 'error' as const,
      atSeconds: 90,
      errorId: 'err-half-flat',
      athlete: 'a' as const,
      punished: 'no' as const,
      ledTo: [],
    },
  ];
  for (const mark of marks)
    await insertMark(pool(), {
      mark: { ...mark, id: randomUUID() },
      scopeId: round.id,
      version: 1,
      changeId: randomUUID(),
      deleted: false,
      changedBy: coach,
    });
  classId = randomUUID();
  await insertClass(pool(), {
    id: classId,
    title: 'Evening',
    startsAt: '2026-11-24T19:00:00.000Z',
    minutes: 60,
    uniform: 'gi',
    level: 'all',
    pairsOnMats: 4,
  });
});

const generate = async () => {
  await figuresAreThere(today);
  return planNow(classId, today);
};
const recordsOf = async () => {
  await figuresAreThere(today);
  return Promise.all((await listPeople(pool())).map((person) => recordOf(pool(), person, today)));
};

describe('from marks in the database to a plan in the database', () => {
  it('counts only rounds that were reviewed, and only what is not deleted', async () => {
    await seedRound(people[2]!, people[3]!);
    expect((await recordsOf()).map((one) => one.rounds.length).sort()).toEqual([0, 0, 1, 1]);
    await pool().query("update mark set deleted_at = now() where kind = 'error'");
    expect((await recordsOf()).flatMap((one) => one.rounds).every((one) => one.occurrences.size === 0)).toBe(true);
  });

  it('answers what was marked, keeps each version, and says for whom', async () => {
    for (const id of people) await saveAttendee(pool(), classId, id, 0.9);
    const first = await generate();
    if (!first.ok) throw new Error(first.problem?.code);
    expect(first.version).toBe(1);
    const targets = first.plan.drills.flatMap((one) => findDrill(one.drillId)!.targetErrorIds);
    expect(targets).toContain('err-half-flat');
    const reason = first.plan.blocks.flatMap((block) => block.reasons).find((one) => one.errorId === 'err-half-flat');
    expect(reason?.people).toMatchObject([{ personId: people[0], count: 2, lastSeenOn: '2026-11-20' }]);
    expect((await generate()).ok).toBe(true);
    expect(await findLatestPlan(pool(), classId)).toMatchObject({ version: 2 });
  });

  it('plans with the academy’s own drill where the standard one is hidden, and answers its own errors', async () => {
    for (const id of people) await saveAttendee(pool(), classId, id, 0.9);
    const before = await generate();
    if (!before.ok) throw new Error(before.problem?.code);
    const standard = before.plan.drills
      .map((one) => one.drillId)
      .find((id) => findError('err-half-flat')!.drillIds.includes(id))!;
    const ownDrill = `${standard}~sofa`;
    await insertOwnWord(pool(), { id: ownDrill, name: 'Sofa drill', text: '' }, undefined);
    for (const id of findError('err-half-flat')!.drillIds) await saveHidden(pool(), id, true);
    await insertOwnWord(pool(), { id: 'err-half-flat~sleepy', name: 'Sleepy half', text: '' }, undefined);
    await pool().query(
      `update mark set content = jsonb_set(content, '{errorId}', '"err-half-flat~sleepy"') where kind = 'error'`,
    );
    const after = await generate();
    if (!after.ok) throw new Error(after.problem?.code);
    expect(after.plan.drills.map((one) => one.drillId)).toContain(ownDrill);
    const reason = after.plan.blocks.flatMap((block) => block.reasons).find((one) => one.errorId === 'err-half-flat');
    expect(reason?.people).toMatchObject([{ personId: people[0], count: 2 }]);
  });

  it('is worked out for whoever asked last: an earlier one is overtaken, and one whose process died is taken up again', async () => {
    for (const id of people) await saveAttendee(pool(), classId, id, 0.9);
    await figuresAreThere(today);
    const signal = new AbortController().signal;
    const earlier = (await askForPlan(classId, [], undefined)) ?? 0;
    // Its process began, and died.
    await beginPlan(pool(), classId, earlier);
    const [one, other] = await Promise.all([askForPlan(classId, [], undefined), askForPlan(classId, [], undefined)]);
    const latest = Math.max(one ?? 0, other ?? 0);
    expect(new Set([earlier, one, other]).size).toBe(3);
    expect(await endPlan(pool(), classId, earlier, { state: 'failed', problem: { code: 'interrupted' } })).toBe(0);
    await workOutPlan(pool(), classId, earlier, today, signal);
    expect(await findLatestPlan(pool(), classId)).toBeUndefined();
    await beginPlan(pool(), classId, latest);
    await workOutPlan(pool(), classId, latest, today, signal);
    expect(await findLatestPlan(pool(), classId)).toMatchObject({ version: latest, ordinal: 1 });
    expect(await findAskedPlan(pool(), classId)).toMatchObject({ state: 'ready' });
    expect(await askForPlan(randomUUID(), [], undefined)).toBeUndefined();
  });

  it('says what is missing', async () => {
    const code = async () => {
      const outcome = await generate();
      return outcome.ok ? 'planned' : outcome.problem?.code;
    };
    expect(await code()).toBe('nobody-expected');
    await saveAttendee(pool(), classId, people[2]!, 0.9);
    expect(await code()).toBe('one-person');
    await saveAttendee(pool(), classId, people[3]!, 0.9);
    expect(await code()).toBe('nothing-to-work-on');
    expect(await findLatestPlan(pool(), classId)).toBeUndefined();
  });
});

describe('the coming weeks', () => {
  const DAY_MS = 86_400_000;
  const ahead = async (days: number, expected: readonly string[]) => {
    const id = randomUUID();
    const startsAt = new Date(Date.now() + days * DAY_MS).toISOString();
    const content = { minutes: 60, uniform: 'gi' as const, level: 'all', pairsOnMats: 4 };
    await insertClass(pool(), { id, title: `in ${days}`, startsAt, ...content });
    for (const personId of expected) await saveAttendee(pool(), id, personId, 0.9);
    return id;
  };
  const ask = async () => {
    const id = randomUUID();
    await inTransaction(pool(), (client) => insertAskedRun(client, id, coachId));
    return id;
  };
  const now = () => new Date().toISOString().slice(0, 10);
  const workOut = async (id: string) => {
    await figuresAreThere(now());
    await workOutRun(pool(), id, now(), new AbortController().signal);
    return findLatestRun(pool());
  };
  let coachId: string;
  beforeEach(async () => {
    const { rows } = await pool().query<{ id: string }>('select id from coach');
    coachId = rows[0]?.id ?? '';
    coach.id = coachId;
    await pool().query('update round set held_on = current_date - 2');
  });

  it('get a plan for each class that somebody comes to, with what it does for each', async () => {
    const [first, second] = [await ahead(2, people), await ahead(4, people)];
    const [alone, far] = [await ahead(6, people.slice(0, 1)), await ahead(40, people)];
    await saveDrilled(pool(), classId, 'drill-shield-first', 12);
    const run = await workOut(await ask());
    expect(run).toMatchObject({ state: 'ready', askedBy: expect.any(String) });
    expect(run?.content?.classes.map((one) => one.classId)).toEqual([first, second]);
    expect(run?.content?.gains.map((one) => one.personId)).toEqual([people[0]]);
    const plans = await Promise.all([first, second, alone, far].map((id) => findLatestPlan(pool(), id)));
    expect(plans.map((one) => one !== undefined)).toEqual([
      (run?.content?.classes[0]?.lessons.length ?? 0) > 0,
      (run?.content?.classes[1]?.lessons.length ?? 0) > 0,
      false,
      false,
    ]);
    const planned = plans.find(Boolean);
    expect(planned?.plan.drills.map((one) => one.drillId).sort()).toEqual(
      run?.content?.classes
        .find((one) => one.classId === planned?.classId)
        ?.lessons.map((one) => one.drillId)
        .sort(),
    );
    expect(planned?.plan.isOfRun).toBe(true);
    // What the coach locked stays: the run's own lessons are no locks.
    expect(planned?.locks).toEqual([]);
    const [line] = await listClassesFrom(pool(), new Date().toISOString());
    expect(line).toMatchObject({ id: first, lessonIds: plans[0]?.plan.drills.map((one) => one.drillId) ?? [] });
  });

  it('keep what the coach locked in a class', async () => {
    const only = await ahead(3, people);
    const locks = [{ kind: 'keep' as const, drillId: 'drill-hold-the-mount', minutes: 11 }];
    const version = await askForPlan(only, locks, coachId);
    await figuresAreThere(now());
    await workOutPlan(pool(), only, version ?? 0, now(), new AbortController().signal);
    const run = await workOut(await ask());
    expect(run?.content?.classes[0]?.lessons).toContainEqual(
      expect.objectContaining({ drillId: 'drill-hold-the-mount', minutes: 11 }),
    );
    expect((await findLatestPlan(pool(), only))?.locks).toEqual(locks);
  });

  it('leave a class as it is whose plan is kept, and plan the others around it', async () => {
    const [kept, other] = [await ahead(2, people), await ahead(4, people)];
    expect(await keepClass(kept, true)).toMatchObject({ ok: false });
    const locks = [{ kind: 'keep' as const, drillId: 'drill-shield-first', minutes: 13 }];
    const version = await askForPlan(kept, locks, coachId);
    await figuresAreThere(now());
    await workOutPlan(pool(), kept, version ?? 0, now(), new AbortController().signal);
    const before = await findLatestPlan(pool(), kept);
    expect(await keepClass(kept, true)).toEqual({ ok: true });
    const run = await workOut(await ask());
    expect(await findLatestPlan(pool(), kept)).toEqual(before);
    const [first, second] = run?.content?.classes ?? [];
    expect(first?.lessons.map((one) => [one.drillId, one.minutes]).sort()).toEqual(
      before?.plan.drills.map((one) => [one.drillId, one.minutes]).sort(),
    );
    expect(second?.classId).toBe(other);
    expect(await keepClass(kept, false)).toEqual({ ok: true });
    expect(await keepClass(randomUUID(), false)).toMatchObject({ ok: false });
  });

  it('are arranged by hand as a version of their own; an arrangement of an older plan, or one that cannot be, is refused', async () => {
    const one = await ahead(2, people);
    await figuresAreThere(now());
    const planned = await planNow(one, now());
    const version = planned.ok ? planned.version : 0;
    const lessons = planned.ok ? arrangementOf(planned.plan) : [];
    const [first, ...rest] = lessons;
    if (!first) throw new Error('there is nothing to arrange');
    const shorter = [...rest, { ...first, minutes: first.minutes - 1 }];
    expect(await arrangePlan(one, version, 0, shorter)).toEqual({ ok: true });
    const stored = await findLatestPlan(pool(), one);
    expect(stored?.plan.isArranged).toBe(true);
    expect(arrangementOf(stored?.plan ?? { blocks: [] })).toEqual(shorter);
    expect(stored?.plan.blocks.reduce((sum, block) => sum + block.minutes, 0)).toBe(60);
    expect(await arrangePlan(one, version, 0, lessons)).toMatchObject({ ok: false });
    const next = stored?.version ?? 0;
    for (const wrong of [[], rest, [...rest, { ...first, minutes: 200 }], [...rest, { ...first, minutes: 1 }]])
      expect(await arrangePlan(one, next, 0, wrong)).toMatchObject({ ok: false });
    for (const wrong of ['x', [{ drillId: 1, minutes: 2 }], Array(99).fill(first)])
      expect(await arrangePlan(one, next, 0, wrong as never)).toMatchObject({ ok: false });
    expect(await arrangePlan(randomUUID(), 1, 0, lessons)).toMatchObject({ ok: false });
    expect((await findLatestPlan(pool(), one))?.version).toBe(next);
  });

  it('pair as the coach said, and refuse what are no pairs', async () => {
    const one = await ahead(2, people);
    const [ana = '', other = ''] = people;
    expect(await keepPairs(one, [[ana, other]])).toEqual({ ok: true });
    await figuresAreThere(now());
    const planned = await planNow(one, now());
    const groups = planned.ok ? planned.plan.pairings.map((pairing) => pairing.groups) : [];
    expect(groups.length).toBeGreaterThan(0);
    for (const pairs of groups) expect(pairs).toContainEqual([ana, other]);
    const twice = [
      [ana, other],
      [ana, randomUUID()],
    ] as [string, string][];
    for (const wrong of [twice, [[ana, 'nonsense']], [[ana]], 'x', Array(31).fill([ana, other])])
      expect(await keepPairs(one, wrong as never)).toMatchObject({ ok: false });
    expect(await keepPairs(randomUUID(), [])).toMatchObject({ ok: false });
  });

  it('say why there is no run; an earlier one is overtaken, and asking twice asks once', async () => {
    expect(await workOut(await ask())).toMatchObject({ state: 'failed', problem: { code: 'no-class-ahead' } });
    await ahead(2, people.slice(2));
    expect(await workOut(await ask())).toMatchObject({ state: 'failed', problem: { code: 'nothing-to-work-on' } });
    const [overtaken, last] = [await ask(), await ask()];
    await workOutRun(pool(), overtaken, now(), new AbortController().signal);
    expect(await findLatestRun(pool())).toMatchObject({ id: last, state: 'waiting' });
    expect(await inTransaction(pool(), (client) => insertAskedRun(client, last, coachId))).toBe(0);
    expect(await findReadyRun(pool())).toBeUndefined();
  });

  it('end at once when somebody stops them, and what was planned before stands', async () => {
    await ahead(2, people);
    await workOut(await ask());
    const before = await findReadyRun(pool());
    expect(before?.content?.bound).toBeGreaterThanOrEqual(before?.content?.benefit ?? 1);
    expect(before?.soFar?.benefit).toBeGreaterThan(0);
    const id = await ask();
    // The work is on; then nobody waits for it any more.
    const work = workOutRun(pool(), id, now(), new AbortController().signal);
    await expect.poll(async () => (await findLatestRun(pool()))?.state).toBe('working');
    await endRun(pool(), id, { state: 'failed', problem: { code: 'stopped' } });
    await work;
    expect(await findLatestRun(pool())).toMatchObject({ id, state: 'failed', problem: { code: 'stopped' } });
    expect((await findReadyRun(pool()))?.id).toBe(before?.id);
  });
});
