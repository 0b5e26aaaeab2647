import { randomUUID } from 'node:crypto';
import { beforeEach, expect, it, vi } from 'vitest';
import { addDays } from '@/core/kernel';
import type { ClassPlan } from '@/core/planning';
import { houseNameOf, listConceptIds } from '@/core/vocabulary';
import { endPlan, insertAskedPlan, insertClass, saveAttendee } from '@/data/classes/classes';
import { listDrilledBy } from '@/data/classes/log';
import { listTaughtTo } from '@/data/classes/units';
import { pool } from '@/data/client';
import { loadAcademy } from '@/server/academy/loadAcademy';
import { logCame, logDrilled, logGroup, logHowItWas, logNote, saveClass } from '@/server/classes/classActions';
import { loadClass } from '@/server/classes/loadClass';
import { today } from '@/server/kernel/academyTime';
import { addOwnWord, hideConcept, removeOwnWord } from '@/server/language/houseActions';
import { houseOf } from '@/server/language/loadHouse';
import { loadStudent } from '@/server/students/loadStudent';
import { figuresAreThere, planNow } from '../support/plans';
import { emptyDatabase, flatError, putMarks, seedCoach, seedPerson, seedRound } from '../support/seed';

let coach: { id: string; role: 'head'; weightUnit: 'kg'; reactionLeadSeconds: number };
vi.mock('next/cache', () => ({ revalidatePath: () => undefined }));
vi.mock('@/server/accounts/currentCoach', () => ({ requireCoach: async () => coach }));
let [day, ana, marek, held] = ['', '', '', ''];
async function classOn(daysAgo: number): Promise<string> {
  const id = randomUUID();
  const kind = { title: 'Evening', minutes: 60, uniform: 'gi' as const, level: 'all', pairsOnMats: 6 };
  await insertClass(pool(), { id, startsAt: `${addDays(day, -daysAgo)}T01:00:00Z`, ...kind });
  return id;
}
beforeEach(async () => {
  await emptyDatabase();
  coach = { id: await seedCoach(), role: 'head', weightUnit: 'kg', reactionLeadSeconds: 0.3 };
  day = await today();
  [ana, marek] = [await seedPerson('Ana Velden'), await seedPerson('Marek Osei')];
  held = await classOn(2);
});

it('keeps of who came whether they struggled and what hurt; their page, the safety log and the next plan know it', async () => {
  const how = { struggled: true, hurt: 'left knee' };
  // Nobody said yet that she came.
  expect(await logHowItWas(held, ana, how)).toMatchObject({ ok: false });
  await logCame(held, ana, true);
  expect(await logHowItWas(held, ana, how)).toMatchObject({ ok: true });
  expect((await loadClass(held))?.log?.howItWas[ana]).toEqual(how);
  expect((await loadStudent(ana))?.past.hurts).toMatchObject([{ hurt: 'left knee', saidIn: 'class' }]);
  expect((await loadAcademy()).inClasses).toMatchObject([
    { classId: held, hurt: 'Ana Velden: left knee', hazards: '' },
  ]);

  await putMarks(await seedRound(ana, marek, addDays(day, -3)), coach.id, flatError(40), flatError(80));
  await figuresAreThere(day);
  const ahead = await classOn(-2);
  for (const one of [ana, marek]) await saveAttendee(pool(), ahead, one, 1);
  const planned = await planNow(ahead, day);
  const spared = planned.ok ? planned.plan.pairings.flatMap((one) => one.spares ?? []) : [];
  expect(spared.find((one) => one.personId === ana)?.what).toContain('left knee (class of');
  for (const hurt of ['x'.repeat(201), 'null\u0000byte'])
    expect((await logHowItWas(held, ana, { struggled: false, hurt })).ok).toBe(false);
});

it('keeps how a class went; of two coaches who write at once the later one is told, and nothing of the first is lost', async () => {
  const note = { went: 'too-hard' as const, words: 'Again on Thursday', hazards: 'two pairs collided' };
  expect(await logNote(held, note, 0)).toEqual({ ok: true, version: 1 });
  const late = await logNote(held, { words: 'mine', hazards: '' }, 0);
  expect(late).toMatchObject({ ok: false });
  expect(JSON.stringify(late)).toContain('Another coach');
  expect((await loadClass(held))?.log?.note).toEqual({ ...note, version: 1 });
  expect(await logNote(held, { words: 'both', hazards: '' }, 1)).toEqual({ ok: true, version: 2 });
  expect((await loadClass(held))?.log?.note).toMatchObject({ went: undefined, words: 'both' });
  expect((await logNote(held, { words: 'x'.repeat(2001), hazards: '' }, 2)).ok).toBe(false);
  expect((await logNote(randomUUID(), note, 0)).ok).toBe(false);
});

it('knows who was in which of two groups: each did its own lessons, and who changed over those of the other', async () => {
  const group = (personId: string, drillId: string) => ({
    ...{ personIds: [personId], themes: [], blocks: [], pairings: [], drills: [{ drillId, minutes: 12 }] },
  });
  const groups = [group(ana, 'drill-half-guard-side'), group(marek, 'drill-shield-first')];
  const plan = {
    groups,
    blocks: [],
    pairings: [],
    drills: groups.flatMap((one) => one.drills),
  } as unknown as ClassPlan;
  const version = (await insertAskedPlan(pool(), held, [], undefined)) ?? 0;
  await endPlan(pool(), held, version, { state: 'ready', plan });
  const guest = await seedPerson('Pia Lorens');
  for (const one of [ana, marek, guest]) expect(await logCame(held, one, true)).toEqual({ ok: true });
  for (const [drillId, minutes] of [
    ['drill-half-guard-side', 12],
    ['drill-shield-first', 9],
    ['drill-frames-retention', 5],
  ] as const)
    expect(await logDrilled(held, drillId, minutes)).toEqual({ ok: true });
  const doneBy = async (personId: string) =>
    (await listDrilledBy(pool(), [personId], addDays(day, -9), 'UTC')).map((one) => one.drillId);
  // What no group had is everybody's; who was not expected is thought to have been with both until somebody says otherwise.
  expect(await doneBy(ana)).toEqual(['drill-frames-retention', 'drill-half-guard-side']);
  expect(await doneBy(marek)).toEqual(['drill-frames-retention', 'drill-shield-first']);
  expect(await doneBy(guest)).toEqual(['drill-frames-retention', 'drill-half-guard-side', 'drill-shield-first']);
  expect((await loadClass(held))?.log?.groupOf).toEqual({ [ana]: 1, [marek]: 2, [guest]: 0 });
  expect(await logGroup(held, ana, 2)).toEqual({ ok: true });
  // Ticked again, she stays where she was put.
  await logCame(held, ana, false);
  await logCame(held, ana, true);
  expect(await doneBy(ana)).toEqual(['drill-frames-retention', 'drill-shield-first']);
  const taught = await listTaughtTo(pool(), ['drill-half-guard-side', 'drill-shield-first'], 'UTC', ana);
  expect(taught.map((one) => one.conceptId)).toEqual(['drill-shield-first']);
  expect(await logGroup(held, await seedPerson('Nobody'), 1)).toMatchObject({ ok: false });
  expect(await logGroup(held, ana, 3)).toMatchObject({ ok: false });
});

it('takes a class that is moved into the past as held: its plan stands, its log is there, and those who came are added up anew', async () => {
  await putMarks(await seedRound(ana, marek, addDays(day, -9)), coach.id, flatError(40), flatError(80));
  await figuresAreThere(day);
  const ahead = await classOn(-2);
  for (const one of [ana, marek]) await saveAttendee(pool(), ahead, one, 1);
  const planned = await planNow(ahead, day);
  const page = await loadClass(ahead);
  expect(page?.log).toBeUndefined();
  const { title, minutes, uniform, level, pairsOnMats } = page!.academyClass;
  const draft = { title, minutes, uniform, level, pairsOnMats };
  const moveTo = (when: string, version: number) => saveClass({ ...draft, startsAt: when }, { id: ahead, version });
  expect(await moveTo(`${addDays(day, -1)}T19:00`, 1)).toMatchObject({ ok: true });
  const moved = await loadClass(ahead);
  expect(moved?.log).toMatchObject({ came: {}, drilled: {} });
  expect(planned.ok && moved?.stored?.plan).toEqual(planned.ok && planned.plan);
  const lesson = moved?.stored?.plan.drills[0]?.drillId ?? '';
  for (const one of [ana, marek]) await logCame(ahead, one, true);
  await logDrilled(ahead, lesson, 12);
  const lastDay = async () => (await listDrilledBy(pool(), [ana], addDays(day, -99), 'UTC')).map((one) => one.day);
  expect(await lastDay()).toEqual([addDays(day, -1)]);
  await pool().query('delete from graphile_worker._private_jobs');
  expect(await moveTo(`${addDays(day, -4)}T19:00`, 2)).toMatchObject({ ok: true });
  expect(await lastDay()).toEqual([addDays(day, -4)]);
  const { rows } = await pool().query<{ key: string }>('select key from graphile_worker.jobs order by key');
  expect(rows.map((one) => one.key)).toEqual(expect.arrayContaining([ana, marek].map((id) => `figure-person:${id}`)));
  // A day that cannot be is refused, and the class stays where it was.
  for (const wrong of ['', '2026-02-30T19:00', 'yesterday', '9999999-01-01T00:00'])
    expect(await moveTo(wrong, 3)).toMatchObject({ ok: false });
  expect((await loadClass(ahead))?.academyClass.startsAt.slice(0, 10)).toBe(addDays(day, -4));
});

it('goes on telling which drill it was when the drill is hidden; one that classes name cannot be taken away', async () => {
  const added = await addOwnWord({
    likeId: 'drill-half-guard-side',
    name: 'Rolling half',
    text: 'From flat.',
    aliases: [],
  });
  const own = added.ok ? added.id : '';
  await logCame(held, ana, true);
  for (const one of [own, 'drill-shield-first']) expect(await logDrilled(held, one, 9)).toEqual({ ok: true });
  expect(await removeOwnWord(own)).toMatchObject({ ok: false });
  expect(JSON.stringify(await removeOwnWord(own))).toContain('Hide it instead');
  for (const one of [own, 'drill-shield-first']) expect(await hideConcept(one, true)).toMatchObject({ ok: true });
  const house = await houseOf(pool());
  expect(houseNameOf(house, own)).toBe('Rolling half');
  expect(listConceptIds(house, 'drill')).not.toContain(own);
  expect((await loadClass(held))?.log?.drilled).toEqual({ [own]: 9, 'drill-shield-first': 9 });
  // What was done can still be put right, and no new plan chooses it.
  expect(await logDrilled(held, own, 11)).toEqual({ ok: true });
  await putMarks(await seedRound(ana, marek, addDays(day, -3)), coach.id, flatError(40), flatError(80));
  await figuresAreThere(day);
  const ahead = await classOn(-2);
  for (const one of [ana, marek]) await saveAttendee(pool(), ahead, one, 1);
  const planned = await planNow(ahead, day);
  const drills = planned.ok ? planned.plan.drills.map((one) => one.drillId) : [];
  expect(drills.length).toBeGreaterThan(0);
  expect(drills).not.toContain(own);
  expect(drills).not.toContain('drill-shield-first');
  // Nothing names it any more: then it goes.
  await logDrilled(held, own, 0);
  expect(await removeOwnWord(own)).toEqual({ ok: true, id: own });
});
