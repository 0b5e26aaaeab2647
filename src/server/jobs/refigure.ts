import type pg from 'pg';
import { fitEdge } from '@/core/patterns';
import { listBelts } from '@/data/people/people';
import { listResultGroups, saveEdge } from '@/data/projections/edge';
import { askForEffects } from '@/data/projections/lessonEffects';
import { askForPeopleBefore } from '@/data/projections/people';
import { askForRounds, forgetAskedFigures, listStaleRounds, takeAskedRounds } from '@/data/projections/roundFigures';
import { figurePerson } from '../figures/figurePerson';
import { figureRound } from '../figures/figureRound';
import { workOutEffects } from '../figures/workOutEffects';

/** Rounds that are asked for at once: years of a busy academy; what is beyond comes with the next look. */
const PIECE = 25_000;

/** Puts on the list what an older reading of the rules worked out, newest rounds first, and everybody whose sums are of an earlier day; and learns from the results and lessons that there are. */
export async function askForStaleFigures(database: pg.Pool, today: string): Promise<void> {
  const stale = await listStaleRounds(database, PIECE);
  if (stale.length > 0) await askForRounds(database, stale);
  await askForPeopleBefore(database, today);
  await learnFromResults(database);
  await askForEffects(database);
}

/** Learns anew from all results what belts and weights are worth here. */
const learnFromResults = async (database: pg.Pool): Promise<void> =>
  void (await saveEdge(database, fitEdge(await listResultGroups(database))));

/** Works out all rounds and people that are not up to date, here and now: for data that were just loaded, and for tests. */
export async function figureEverything(database: pg.Pool, today: string): Promise<void> {
  for (const id of await takeAskedRounds(database)) await figureRound(database, id);
  for (
    let stale = await listStaleRounds(database, PIECE);
    stale.length > 0;
    stale = await listStaleRounds(database, PIECE)
  )
    for (const id of stale) await figureRound(database, id);
  await forgetAskedFigures(database);
  await learnFromResults(database);
  const people = [...(await listBelts(database)).keys()];
  // Twice: the line of each depends on the sums of all others.
  for (let pass = 0; pass < 2; pass += 1) for (const id of people) await figurePerson(database, id, today);
  await workOutEffects(database, today);
}
