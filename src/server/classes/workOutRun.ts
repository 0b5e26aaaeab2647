import type pg from 'pg';
import { addDays, dayIn, daysBetween } from '@/core/kernel';
import {
  type ClassProblem,
  type DoneBefore,
  type DrillLock,
  earlierOf,
  gainsOf,
  ownMinutesIn,
  type PlanNumbers,
  type RunClass,
  type RunProblem,
  spaced,
} from '@/core/planning';
import {
  type AcademyClass,
  endPlan,
  findLatestPlan,
  insertAskedPlan,
  listClassesFrom,
  type StoredPlan,
} from '@/data/classes/classes';
import { beginRun, endRun, isRunWanted, keepSoFar } from '@/data/classes/runs';
import { inTransaction } from '@/data/client';
import { type Academy, getAcademy } from '@/data/people/academy';
import { listTaughtDrills } from '@/data/projections/academy';
import { log } from '../../log/log';
import { listDoneBefore } from './listDoneBefore';
import { planRunApart } from './planApart';
import { type UnitOfClass, unitsAhead } from './unitsAhead';
import { gatherProblem, type KnownNeeds, withLearned } from './workOutPlan';

/** How far back what was drilled still counts. @source own decision */
const HALF_LIVES = 3;
/** How soon a run that nobody waits for any more ends. */
const LOOK_MS = 700;

/** Works out a run that was asked for: the lessons of the coming classes together, and the plan of each. Harmless to repeat; nothing for one that was overtaken. */
export async function workOutRun(database: pg.Pool, runId: string, today: string, signal: AbortSignal): Promise<void> {
  const asked = await beginRun(database, runId);
  if (!asked) return;
  const academy = await getAcademy(database);
  const { runDays, runClasses } = academy.planNumbers;
  const ahead = (await listClassesFrom(database, new Date().toISOString())).filter(
    (one) => one.expected > 1 && Date.parse(one.startsAt) < Date.now() + runDays * 86_400_000,
  );
  const classes = ahead.slice(0, runClasses);
  if (classes.length === 0) {
    await endRun(database, runId, { state: 'failed', problem: { code: 'no-class-ahead' } });
    return;
  }
  const units = await unitsAhead(database);
  const { run: problem, problems } = await gatherRun(database, academy, classes, units, today);
  const planned = await whileWanted(database, runId, signal, (until) =>
    planRunApart(
      problem,
      problems,
      until,
      (found) => void keepSoFar(database, runId, found).catch(logOn('a run so far')),
    ),
  );
  if (!planned) return;
  const { run, plans } = planned;
  if (run.classes.every((one) => one.lessons.length === 0)) {
    await endRun(database, runId, { state: 'failed', problem: { code: 'nothing-to-work-on' } });
    return;
  }
  await inTransaction(database, async (client) => {
    const kept = await endRun(client, runId, { state: 'ready', content: { ...run, gains: gainsOf(problem, run) } });
    if (kept === 0) return;
    for (const [at, plan] of plans.entries()) {
      const [one, own] = [classes[at], problems[at]];
      if (!one || !own || !plan?.ok) continue;
      // As if it had been asked for by itself: with the coach's locks, and a version of its own.
      const version = await insertAskedPlan(client, one.id, own.locks, asked.askedById);
      if (version !== undefined)
        await endPlan(client, one.id, version, {
          state: 'ready',
          plan: { ...(await withLearned(client, plan.value)), isOfRun: true },
        });
    }
  });
}

/** Does work as long as somebody waits for it; undefined when it was stopped or overtaken meanwhile. */
async function whileWanted<Answer>(
  database: pg.Pool,
  runId: string,
  signal: AbortSignal,
  work: (until: AbortSignal) => Promise<Answer>,
): Promise<Answer | undefined> {
  const unwanted = new AbortController();
  const look = setInterval(() => {
    isRunWanted(database, runId)
      .then((isWanted) => {
        if (!isWanted) unwanted.abort();
      })
      .catch(logOn('whether a run is wanted'));
  }, LOOK_MS);
  try {
    return await work(AbortSignal.any([signal, unwanted.signal]));
  } catch (error) {
    if (unwanted.signal.aborted) return undefined;
    throw error;
  } finally {
    clearInterval(look);
  }
}

const logOn = (what: string) => (error: unknown) => log.error({ err: error, what }, 'planning goes on without it');

async function gatherRun(
  database: pg.Pool,
  { timeZone: zone, planNumbers: numbers }: Academy,
  classes: readonly AcademyClass[],
  units: ReadonlyMap<string, UnitOfClass>,
  today: string,
): Promise<{ readonly run: RunProblem; readonly problems: readonly ClassProblem[] }> {
  const known: KnownNeeds = new Map();
  const problems: ClassProblem[] = [];
  for (const one of classes) {
    const latest = await findLatestPlan(database, one.id);
    const locks = one.isKept ? lessonsAsLocks(latest) : (latest?.locks ?? []);
    problems.push(await gatherProblem(database, one, locks, today, { knownNeeds: known, unit: units.get(one.id) }));
  }
  const first = dayIn(zone, classes[0]?.startsAt ?? today);
  const since = addDays(today, -HALF_LIVES * numbers.halfLifeDays);
  const [taught, done] = await Promise.all([
    listTaughtDrills(database, since, zone),
    listDoneBefore(database, [...known.keys()], since, { timeZone: zone, planNumbers: numbers }),
  ]);
  const spacedOf = spacing(problems, done, first, numbers);
  const run: RunProblem = {
    classes: problems.map((problem, at): RunClass => {
      const { id, startsAt, isKept } = classes[at] as AcademyClass;
      const { minutes, uniform, pairsOnMats, locks, theme, ownBlocks } = problem;
      const attendees = problem.attendees.map((one) => ({ ...one, needs: spacedOf(one.personId).needs }));
      return {
        ...{ classId: id, day: daysBetween(first, dayIn(zone, startsAt)), minutes, uniform, pairsOnMats },
        ...{ attendees, locks, theme, isKept, ownMinutes: ownMinutesIn(ownBlocks) },
      };
    }),
    earlier: [...known.keys()].flatMap((personId) =>
      earlierOf(personId, spacedOf(personId).kept, (day) => daysBetween(day, first)),
    ),
    taughtOn: new Map(taught.map(({ drillId, lastDay }) => [drillId, -daysBetween(lastDay, first)])),
    drills: problems[0]?.drills,
    numbers,
    isFair: true,
    seed: 1,
  };
  return { run, problems };
}

/** The lessons of a plan that stays as it is. */
const lessonsAsLocks = (stored: StoredPlan | undefined): DrillLock[] =>
  (stored?.plan.drills ?? []).map(({ drillId, minutes }) => ({ kind: 'keep', drillId, minutes }));

/** What everybody needs at the beginning of the run, given what they did before, each worked out once. */
function spacing(
  problems: readonly ClassProblem[],
  done: ReadonlyMap<string, readonly DoneBefore[]>,
  day: string,
  numbers: PlanNumbers,
): (personId: string) => ReturnType<typeof spaced> {
  const needs = new Map(
    problems.flatMap((one) => one.attendees.map((attendee) => [attendee.personId, attendee.needs])),
  );
  const known = new Map<string, ReturnType<typeof spaced>>();
  return (personId) => {
    const found = known.get(personId) ?? spaced(needs.get(personId) ?? [], done.get(personId) ?? [], day, numbers);
    known.set(personId, found);
    return found;
  };
}
