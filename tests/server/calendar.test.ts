import { randomUUID } from 'node:crypto';
import ICAL from 'ical.js';
import { beforeEach, expect, it, vi } from 'vitest';
import { addDays, clockIn, dayIn, momentOf } from '@/core/kernel';
import { findAskedPlan, findClass, insertClass, listClassesBetween, saveAttendee } from '@/data/classes/classes';
import { saveDrilled } from '@/data/classes/log';
import { pool } from '@/data/client';
import { copyClasses, moveTheme, removeHoliday, repeatWeekly, setHoliday } from '@/server/classes/calendarActions';
import { closeCalendarAddress, openCalendarAddress } from '@/server/classes/calendarAddressActions';
import { subscribedCalendar } from '@/server/classes/calendarFile';
import { keepOwnBlocks, takePlan } from '@/server/classes/classActions';
import { loadClass, loadClasses } from '@/server/classes/loadClass';
import { saveUnit, setPlanFirst } from '@/server/classes/unitActions';
import { unitsAhead } from '@/server/classes/unitsAhead';
import { academyZone, today } from '@/server/kernel/academyTime';
import { figuresAreThere, planNow } from '../support/plans';
import { emptyDatabase, flatError, putMarks, seedCoach, seedPerson, seedRound } from '../support/seed';

let coach: { id: string; role: 'head'; weightUnit: 'kg'; reactionLeadSeconds: number };
vi.mock('next/cache', () => ({ revalidatePath: () => undefined }));
vi.mock('@/server/accounts/currentCoach', () => ({ requireCoach: async () => coach }));
let [zone, day] = ['', ''];
const theme = { family: 'half-guard' as const, place: 'under' as const };
async function classOn(on: string, patch: object = {}): Promise<string> {
  const id = randomUUID();
  const kind = { title: 'Evening', minutes: 60, uniform: 'gi' as const, level: 'all', pairsOnMats: 6 };
  await insertClass(pool(), { id, startsAt: momentOf(zone, `${on}T19:00:00`), ...kind, ...patch });
  return id;
}
const all = async () =>
  (await listClassesBetween(pool(), '2020-01-01', '2040-01-01')).map((one) => dayIn(zone, one.startsAt));
beforeEach(async () => {
  await emptyDatabase();
  await pool().query('truncate holiday');
  coach = { id: await seedCoach(), role: 'head', weightUnit: 'kg', reactionLeadSeconds: 0.3 };
  [zone, day] = [await academyZone(), await today()];
});

it('holds a class every week up to a day, at its time by the clock on the wall, but not on days without classes and none twice', async () => {
  // Over the end of summer time in Europe, 25 October 2026.
  const id = await classOn('2026-10-14', { setTheme: theme });
  await setHoliday({ day: '2026-10-21', title: 'Autumn break' });
  expect(await repeatWeekly(id, '2026-11-05')).toEqual({ ok: true, made: 2, skipped: 1 });
  expect(await all()).toEqual(['2026-10-14', '2026-10-28', '2026-11-04']);
  const there = await listClassesBetween(pool(), '2026-10-20', '2026-12-01');
  expect(there.map((one) => clockIn(zone, one.startsAt))).toEqual(['19:00', '19:00']);
  expect(there.every((one) => one.setTheme === undefined)).toBe(true);
  expect(await repeatWeekly(id, '2026-11-05')).toEqual({ ok: true, made: 0, skipped: 3 });
  for (const until of ['2026-10-15', '2026-10-01', '2099-01-01', 'soon', '2026-02-30'])
    expect((await repeatWeekly(id, until)).ok, until).toBe(false);
  expect((await repeatWeekly(randomUUID(), '2026-11-05')).ok).toBe(false);
});

it('copies a term with the themes that were set, and keeps days free', async () => {
  await classOn('2026-09-01', { setTheme: theme });
  await classOn('2026-09-03', { title: 'Basics' });
  await setHoliday({ day: addDays(day, 3), title: '' });
  expect((await loadClasses()).holidays).toEqual([{ day: addDays(day, 3), title: '' }]);
  await removeHoliday(addDays(day, 3));
  expect((await loadClasses()).holidays).toEqual([]);
  expect(await copyClasses('2026-09-01', '2026-09-07', '2026-09-15')).toEqual({ ok: true, made: 2, skipped: 0 });
  expect(await all()).toEqual(['2026-09-01', '2026-09-03', '2026-09-15', '2026-09-17']);
  const [first] = await listClassesBetween(pool(), '2026-09-15', '2026-09-16');
  expect(first?.setTheme).toEqual(theme);
  expect(await copyClasses('2026-09-01', '2026-09-07', '2026-09-15')).toEqual({ ok: true, made: 0, skipped: 2 });
  const refused: readonly (readonly [string, string, string])[] = [
    ['2026-09-07', '2026-09-01', '2026-10-01'],
    ['2026-09-01', '2026-09-07', '2026-09-05'],
    ['2025-01-01', '2025-01-02', '2026-01-01'],
  ];
  for (const [from, to, onto] of refused) expect((await copyClasses(from, to, onto)).ok, from).toBe(false);
  for (const wrong of ['', '2026-13-01', `${'9'.repeat(40)}`])
    expect((await setHoliday({ day: wrong, title: '' })).ok, wrong).toBe(false);
  expect((await setHoliday({ day: '2026-12-24', title: 'x'.repeat(81) })).ok).toBe(false);
});

it('gives the theme of one class to another and plans both anew; what is set is taught, also where nobody’s errors ask for it', async () => {
  const [ana, marek] = [await seedPerson('Ana Velden'), await seedPerson('Marek Osei')];
  const below = {
    kind: 'position' as const,
    id: randomUUID(),
    atSeconds: 10,
    positionId: 'half-guard',
    holder: 'b' as const,
  };
  await putMarks(await seedRound(ana, marek, addDays(day, -3)), coach.id, below, flatError(40), flatError(80));
  await figuresAreThere(day);
  const [first, second] = [await classOn(addDays(day, 2)), await classOn(addDays(day, 4))];
  for (const id of [first, second]) for (const one of [ana, marek]) await saveAttendee(pool(), id, one, 1);
  expect((await moveTheme(first, second)).ok).toBe(false);
  const planned = await planNow(first, day);
  expect(planned.ok && planned.plan.themes).toEqual([theme]);
  expect((await moveTheme(first, second)).ok).toBe(true);
  expect((await findClass(pool(), second))?.setTheme).toEqual(theme);
  expect((await findClass(pool(), first))?.setTheme).toBeUndefined();
  for (const id of [first, second]) expect((await findAskedPlan(pool(), id))?.state).toBe('waiting');

  const third = await classOn(addDays(day, 6), { setTheme: { family: 'back', place: 'over' } });
  for (const one of [ana, marek]) await saveAttendee(pool(), third, one, 1);
  const taught = await planNow(third, day);
  expect(taught.ok && taught.plan.themes).toEqual([{ family: 'back', place: 'over' }]);
  expect(taught.ok && taught.plan.drills.length).toBeGreaterThan(0);
  // No lesson of the theme may be taught: said so.
  const fourth = await classOn(addDays(day, 8), { setTheme: { family: 'scramble', place: 'over' } });
  for (const one of [ana, marek]) await saveAttendee(pool(), fourth, one, 1);
  expect(await planNow(fourth, day)).toMatchObject({ ok: false, problem: { code: 'theme-does-not-fit' } });
  expect((await moveTheme(first, first)).ok).toBe(false);
  expect((await moveTheme(first, randomUUID())).ok).toBe(false);
});

it('makes room for the coach’s own blocks, and takes earlier plans again without losing one', async () => {
  const [ana, marek] = [await seedPerson('Ana Velden'), await seedPerson('Marek Osei')];
  const below = {
    ...{ kind: 'position' as const, id: randomUUID(), atSeconds: 10, positionId: 'half-guard', holder: 'b' as const },
  };
  await putMarks(await seedRound(ana, marek, addDays(day, -3)), coach.id, below, flatError(40), flatError(80));
  await figuresAreThere(day);
  const id = await classOn(addDays(day, 2));
  for (const one of [ana, marek]) await saveAttendee(pool(), id, one, 1);
  const first = await planNow(id, day);
  const block = { id: 'b', title: 'Double leg', minutes: 6, conceptId: 'double-leg', place: 'before' as const };
  expect((await keepOwnBlocks(id, [block])).ok).toBe(true);
  const second = await planNow(id, day);
  const own = second.ok ? second.plan.blocks.filter((one) => one.kind === 'own') : [];
  expect(own).toMatchObject([{ title: 'Double leg', conceptId: 'double-leg', minutes: 6 }]);
  expect((await takePlan(id, first.ok ? first.version : 0)).ok).toBe(true);
  const versions = (await loadClass(id))?.versions ?? [];
  expect(versions.map((one) => one.ordinal)).toEqual([3, 2, 1]);
  expect((await loadClass(id))?.stored?.plan.blocks.some((one) => one.kind === 'own')).toBe(false);
  expect((await takePlan(id, 99)).ok).toBe(false);
  for (const wrong of [
    { ...block, minutes: 0 },
    { ...block, title: ' ' },
    { ...block, minutes: 1.5 },
  ])
    expect((await keepOwnBlocks(id, [wrong])).ok).toBe(false);
  expect(
    (
      await keepOwnBlocks(
        id,
        Array.from({ length: 9 }, () => block),
      )
    ).ok,
  ).toBe(false);
  expect((await keepOwnBlocks(randomUUID(), [block])).ok).toBe(false);
  expect((await keepOwnBlocks(id, [{ ...block, minutes: 60 }])).ok).toBe(true);
  expect(await planNow(id, day)).toMatchObject({ ok: false, problem: { code: 'own-blocks-do-not-fit' } });
});

it('gives a calendar program an address that shows the classes and nobody’s name, until it is closed', async () => {
  await classOn(addDays(day, 3), { title: 'Friday, gi', setTheme: theme });
  await classOn(addDays(day, -10), { title: 'Was held' });
  await classOn(addDays(day, -90), { title: 'Long ago' });
  const made = await openCalendarAddress();
  if (!made.ok) throw new Error('no address');
  const token = made.path.split('/').at(-1) ?? '';
  expect(token).toMatch(/^[\w-]{43}$/);
  const { rows } = await pool().query('select * from calendar_address');
  expect(JSON.stringify(rows)).not.toContain(token);
  expect((await loadClasses()).calendar).toEqual({ madeOn: day, lastReadOn: undefined });

  const answer = await subscribedCalendar(token);
  expect([answer.status, answer.headers.get('content-type')]).toEqual([200, 'text/calendar; charset=utf-8']);
  // Read by a parser of its own. @source RFC 5545
  const events = new ICAL.Component(ICAL.parse(await answer.text())).getAllSubcomponents('vevent');
  const named = events.map((one) => one.getFirstPropertyValue('summary'));
  expect(named).toEqual(['Was held', expect.stringContaining('Friday, gi')]);
  expect((await loadClasses()).calendar).toEqual({ madeOn: day, lastReadOn: day });

  for (const wrong of ['', 'x', token.slice(1), `${token}x`, token.toUpperCase(), 'a'.repeat(5000), '../classes'])
    expect((await subscribedCalendar(wrong)).status).toBe(404);
  const again = await openCalendarAddress();
  expect((await subscribedCalendar(token)).status).toBe(404);
  const next = again.ok ? (again.path.split('/').at(-1) ?? '') : '';
  expect((await subscribedCalendar(next)).status).toBe(200);
  await pool().query('update coach set ended_at = now()');
  expect((await subscribedCalendar(next)).status).toBe(404);
  await pool().query('update coach set ended_at = null');
  await closeCalendarAddress();
  expect((await subscribedCalendar(next)).status).toBe(404);
  expect((await loadClasses()).calendar).toBeUndefined();
});

it('goes by the curriculum where the academy says so: each open class takes the next unit, and errors choose inside it', async () => {
  await pool().query('truncate unit');
  const unit = (title: string, conceptIds: string[]) =>
    saveUnit({ title, belt: 'blue', conceptIds }, { id: randomUUID(), version: 0 });
  await unit('Taught already', ['drill-half-guard-side']);
  await unit('To the feet', ['single-leg', 'double-leg']);
  await unit('No lesson for it', ['collar-grip']);
  await unit('Past the guard', ['knee-slice', 'toreando']);
  const held = await classOn(addDays(day, -9));
  await saveDrilled(pool(), held, 'drill-half-guard-side', 12);
  const ids = [
    await classOn(addDays(day, 2)),
    await classOn(addDays(day, 4), { setTheme: theme }),
    await classOn(addDays(day, 6)),
    await classOn(addDays(day, 8)),
  ];
  const people = [await seedPerson('Ana Velden'), await seedPerson('Marek Osei')];
  for (const id of ids) for (const personId of people) await saveAttendee(pool(), id, personId, 0.9);
  expect((await unitsAhead(pool())).size).toBe(0);
  expect(await setPlanFirst('curriculum')).toMatchObject({ ok: true });
  const ahead = await unitsAhead(pool());
  // What was never taught in the academy's order, then what was; a class with a theme of its own takes none.
  expect(ids.map((id) => ahead.get(id)?.unit.title)).toEqual([
    ...['To the feet', undefined, 'Past the guard', 'Taught already'],
  ]);
  const planned = await planNow(ids[0] ?? '', day);
  expect(planned).toMatchObject({
    plan: { fromUnit: { title: 'To the feet' }, themes: [{ family: 'standing', place: 'level' }] },
  });
  // Nobody may do what the next unit is about, everything being sore: the class is left to the errors.
  await pool().query(
    "truncate unit; update person set injured_until = now() + interval '90 days', injury_note = 'neck, shoulder, elbow, wrist, back, hip, knee, ankle'",
  );
  await unit('The legs', ['straight-ankle-lock', 'drill-clear-leg-then-invert']);
  expect((await unitsAhead(pool())).get(ids[0] ?? '')?.unit.title).toBe('The legs');
  const leftOpen = await planNow(ids[0] ?? '', day);
  expect(leftOpen).not.toMatchObject({ problem: { code: 'theme-does-not-fit' } });
  expect(leftOpen.ok ? leftOpen.plan.fromUnit : undefined).toBeUndefined();
  expect((await loadClasses()).planFirst).toBe('curriculum');
  expect(await setPlanFirst('errors')).toMatchObject({ ok: true });
  expect((await unitsAhead(pool())).size).toBe(0);
  expect(await setPlanFirst('mood' as never)).toMatchObject({ ok: false });
});
