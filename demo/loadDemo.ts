import { createHash } from 'node:crypto';
import { copyFile, mkdir, readFile, stat } from 'node:fs/promises';
import path from 'node:path';
import { fileURLToPath } from 'node:url';
import pg from 'pg';
import { addDays } from '../src/core/kernel';
import { insertCoach } from '../src/data/accounts/coaches';
import { insertClass, saveAttendee } from '../src/data/classes/classes';
import { inTransaction } from '../src/data/client';
import { insertFootage } from '../src/data/footage/footage';
import { queueTask } from '../src/data/footage/queue';
import { putWork } from '../src/data/footage/work';
import { insertMark, insertMarkHistory } from '../src/data/marks/marks';
import { saveAcademy } from '../src/data/people/academy';
import { insertDoNotPair, insertPerson } from '../src/data/people/people';
import { insertAthlete, insertRound } from '../src/data/rounds/rounds';
import { hashPassword } from '../src/server/accounts/passwords';
import { probeFootage } from '../src/server/footage/probe';
import { figureEverything } from '../src/server/jobs/refigure';
import { dayOfServer } from '../src/server/kernel/environment';
import { type DemoClass, upcomingClasses } from './academy/classes';
import { demoId, marksOfRound, roundSpan } from './academy/marksOfRound';
import { ACADEMY_NAME, coaches, DEMO_PASSWORD, doNotPair, people } from './academy/people';
import { allRounds, filmedRounds } from './academy/rounds';
import type { DemoRound } from './academy/types';
import { competitions } from './academy/waiting';
import { loadOpenMat } from './loadOpenMat';
import { loadTerm } from './loadTerm';
import { filmedTermRounds } from './term/playTerm';
import { lastWeekday } from './term/schedule';

/** Some days on; of a class that is named after a day, on the next such day. */
const dayOfClass = (today: string, { inDays, onWeekday }: DemoClass) =>
  onWeekday === undefined ? addDays(today, inDays) : lastWeekday(addDays(today, inDays + 7), onWeekday);

const films = path.join(path.dirname(fileURLToPath(import.meta.url)), 'footage', 'films');

/** Fills an empty database with the demo academy, with a whole term before its films if asked for; does nothing when it is there already, so that a coach's trials are kept. */
export async function loadDemo(
  databaseUrl: string,
  folder: string,
  say: (text: string) => void,
  { withTerm = false } = {},
): Promise<void> {
  const pool = new pg.Pool({ connectionString: databaseUrl, max: 4 });
  try {
    const { rowCount } = await pool.query('select 1 from coach limit 1');
    if (rowCount) return say('the demo academy is there already; its data are kept.');
    say('loading the demo academy …');
    const footage = new Map<string, string>();
    const keys = [...filmedRounds.map((round) => round.key), ...(withTerm ? filmedTermRounds : [])];
    for (const key of keys) footage.set(key, await loadFilm(pool, key, folder));
    const term = await inTransaction(pool, (client) => loadAcademy(client, footage, withTerm));
    await loadOpenMat(pool, films, folder, dayOfServer());
    await figureEverything(pool, dayOfServer());
    say(
      `loaded ${people.length + term.people} people, ${allRounds.length + term.rounds} rounds, ${upcomingClasses.length + term.classes} classes.`,
    );
  } finally {
    await pool.end();
  }
}

/** Throws the demo's data away. Only ever called on the demo's own database. */
export async function emptyDemo(databaseUrl: string): Promise<void> {
  const pool = new pg.Pool({ connectionString: databaseUrl, max: 1 });
  const tables =
    'coach, academy, person, footage, round, mark, academy_class, sign_in_attempt, concept_use_total, group_error, group_verdict, unit, holiday, lesson_effect, drill_kappa, class_run';
  await pool.query(`truncate ${tables} cascade`).finally(() => pool.end());
}

async function loadFilm(pool: pg.Pool, key: string, folder: string): Promise<string> {
  const source = path.join(films, `${key}.mp4`);
  const id = demoId('footage', key);
  const storageName = `${id}.mp4`;
  await mkdir(path.join(folder, 'footage'), { recursive: true });
  await copyFile(source, path.join(folder, 'footage', storageName));
  const facts = await probeFootage(source);
  if (!facts.ok)
    throw new Error(`loadFilm: ${source} is ${facts.problem.code}; draw it again with demo/footage/render.ts`);
  const sha256 = createHash('sha256')
    .update(await readFile(source))
    .digest('hex');
  const byteLength = (await stat(source)).size;
  await insertFootage(
    pool,
    { id, originalName: `${key}.mp4`, storageName, byteLength, sha256, ...facts.value },
    undefined,
  );
  await putWork(pool, id, 'look');
  await queueTask(pool, 'look', { footageId: id }, `look:${id}`);
  return id;
}

async function loadAcademy(client: pg.PoolClient, footage: ReadonlyMap<string, string>, withTerm: boolean) {
  const day = dayOfServer();
  await saveAcademy(client, { name: ACADEMY_NAME, liveWeightGapRatio: 0.2, minorsWithAdults: false });
  const passwordHash = await hashPassword(DEMO_PASSWORD);
  for (const coach of coaches)
    await insertCoach(client, { id: demoId('coach', coach.signInName), ...coach, passwordHash });
  for (const person of people) {
    const { name, standing, division, belt, stripes, weightKg, injury } = person;
    const bornOn = addDays(day, -Math.round(person.age * 365.25 + 100));
    const injuredUntil = injury ? addDays(day, 10) : undefined;
    await insertPerson(client, {
      id: demoId('person', person.key),
      name,
      standing,
      division,
      bornOn,
      belt,
      stripes,
      weightKg,
      injuredUntil,
      injuryNote: injury,
      competesOn: competitions[person.key] === undefined ? undefined : addDays(day, competitions[person.key]!),
    });
  }
  for (const [one, other] of doNotPair) await insertDoNotPair(client, demoId('person', one), demoId('person', other));
  for (const round of allRounds) await loadRound(client, round, day, footage.get(round.key));
  const term = withTerm ? await loadTerm(client, day, footage) : { people: 0, rounds: 0, classes: 0 };
  // The marks were written on the evening after each round, not now.
  await client.query(
    "update mark set changed_at = r.held_on + interval '45 hours' from round r where r.id = mark.round_id and r.held_on < current_date - 1",
  );
  await client.query(
    `insert into belt_step (person_id, since_day, belt, stripes)
     select person_id, held_on, belt, stripes from (
       select a.person_id, r.held_on, a.belt, a.stripes,
         lag((a.belt, a.stripes)) over (partition by a.person_id order by r.held_on, r.number_in_session, r.id) as before
       from round_athlete a join round r on r.id = a.round_id
     ) worn where before is distinct from (belt, stripes) order by person_id, held_on on conflict do nothing`,
  );
  await client.query(
    `insert into weighing (person_id, since_day, weight_kg, source)
     select distinct on (a.person_id) a.person_id, r.held_on, a.weight_kg, 'stated'
     from round_athlete a join round r on r.id = a.round_id where a.weight_kg is not null order by a.person_id, r.held_on on conflict do nothing`,
  );
  for (const one of upcomingClasses) {
    const id = demoId('class', one.key);
    const startsAt = new Date(`${dayOfClass(day, one)}T${one.time}:00`).toISOString();
    await insertClass(client, {
      id,
      title: one.title,
      startsAt,
      minutes: one.minutes,
      uniform: one.uniform,
      level: one.level,
      pairsOnMats: one.pairsOnMats,
    });
    for (const [key, chance] of Object.entries(one.expected))
      await saveAttendee(client, id, demoId('person', key), chance);
  }
  return term;
}

async function loadRound(
  client: pg.PoolClient,
  round: DemoRound,
  day: string,
  footageId: string | undefined,
): Promise<void> {
  const id = demoId('round', round.key);
  const { uniform, ruleSet, occasion, theme, numberInSession } = round;
  const content = {
    id,
    footageId,
    heldOn: addDays(day, -round.daysAgo),
    uniform,
    ruleSet,
    plannedSeconds: round.plannedSeconds ?? round.seconds,
    occasion,
    theme,
    numberInSession,
  };
  await insertRound(client, { ...content, ...roundSpan(round) }, undefined);
  for (const slot of ['a', 'b'] as const) {
    const person = people.find((one) => one.key === round[slot].key)!;
    const entry = {
      personId: demoId('person', person.key),
      belt: person.belt,
      stripes: person.stripes,
      weightKg: person.weightKg,
      weightSource: 'stated' as const,
    };
    await insertAthlete(client, id, slot, { ...entry, toldApartBy: round[slot].toldApartBy });
  }
  for (const mark of marksOfRound(round)) {
    const write = {
      mark,
      scopeId: id,
      version: 1,
      changeId: demoId('change', mark.id),
      deleted: false,
      changedBy: demoId('coach', 'ludo'),
    };
    await insertMark(client, write);
    await insertMarkHistory(client, write);
  }
}
