import type pg from 'pg';
import { type ErrorDose, lessonEffect, type RoundSeen, refitKappa, type Worker, withPriors } from '@/core/effects';
import { addDays } from '@/core/kernel';
import { isHardlyMarked } from '@/core/patterns';
import { doseOf, taughtBy } from '@/core/planning';
import type { Drill } from '@/core/vocabulary';
import { type DrilledBy, listEverythingDrilled } from '@/data/classes/log';
import { inTransaction } from '@/data/client';
import { getAcademy } from '@/data/people/academy';
import { listSeen, replaceLessonEffects, type SeenInRound } from '@/data/projections/lessonEffects';
import { houseOf } from '../language/loadHouse';

/** How far back lessons and rounds are looked at. @source own decision: half a year, as for changes */
const BACK_DAYS = 183;

/** Works out what happened to errors after lessons on them, and what that says of the drills. Harmless to repeat. */
export async function workOutEffects(database: pg.Pool, today: string): Promise<void> {
  const since = addDays(today, -BACK_DAYS);
  const house = await houseOf(database);
  const { timeZone, planNumbers } = await getAcademy(database);
  const drilled = await listEverythingDrilled(database, since, timeZone);
  const taughtOf = taughtBy(house, planNumbers);
  const drills = [...new Set(drilled.map((one) => one.drillId))].flatMap((id) => taughtOf(id) ?? []);
  const errorIds = [...new Set(drills.flatMap((one) => one.targetErrorIds))];
  const seen = errorIds.length > 0 ? await listSeen(database, errorIds, since) : [];
  const workers = new Map(errorIds.map((errorId) => [errorId, workersFor(errorId, seen, drilled, drills)]));
  const ofDrill = (ids: readonly string[]) => ids.map((id) => workers.get(id) ?? []);
  await inTransaction(database, async (client) =>
    replaceLessonEffects(
      client,
      drills.flatMap((drill) =>
        drill.targetErrorIds.flatMap(
          (errorId) => lessonEffect(drill.id, errorId, workers.get(errorId) ?? [], planNumbers) ?? [],
        ),
      ),
      drills
        .map((drill) => refitKappa(drill, ofDrill(drill.targetErrorIds), planNumbers))
        .filter((one) => one.people > 0),
    ),
  );
}

/** Everybody who was seen with one error or drilled it, with what they showed and what they did about it. */
function workersFor(
  errorId: string,
  seen: readonly SeenInRound[],
  drilled: readonly DrilledBy[],
  drills: readonly Drill[],
): Worker[] {
  const answering = new Map(drills.filter((one) => one.targetErrorIds.includes(errorId)).map((one) => [one.id, one]));
  const rounds = groupBy(seen, (one) => one.personId);
  const doses = groupBy(
    drilled.flatMap(({ personId, drillId, minutes, day }) => {
      const drill = answering.get(drillId);
      if (!drill) return [];
      const dose: ErrorDose = { day, drillId, dose: doseOf(drill, minutes, 1), kappa: drill.kappa };
      return [{ personId, dose }];
    }),
    (one) => one.personId,
  );
  const isLive = isHardlyMarked(
    seen.map((one) => ({ count: one.counts[errorId] ?? 0, exposure: one.exposures[errorId] ?? 0 })),
  );
  const seriesOf = (personId: string) =>
    (rounds.get(personId) ?? []).flatMap(({ day, liveMinutes, exposures, counts }): RoundSeen[] => {
      const exposure = isLive ? liveMinutes : (exposures[errorId] ?? 0);
      // What came without a chance of it can be set against nothing.
      return exposure > 0 ? [{ day, exposure, count: counts[errorId] ?? 0 }] : [];
    });
  const people = [...new Set([...rounds.keys(), ...doses.keys()])].map((personId) => ({
    ...{ personId, rounds: seriesOf(personId) },
    doses: (doses.get(personId) ?? []).map((one) => one.dose),
  }));
  return withPriors(people);
}

function groupBy<Item>(items: readonly Item[], keyOf: (item: Item) => string): Map<string, Item[]> {
  const groups = new Map<string, Item[]>();
  for (const item of items) {
    const key = keyOf(item);
    const group = groups.get(key);
    if (group) group.push(item);
    else groups.set(key, [item]);
  }
  return groups;
}
