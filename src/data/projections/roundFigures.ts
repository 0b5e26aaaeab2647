import { z } from 'zod';
import type { CallHabits } from '@/core/callline';
import { FIGURES_VERSION, occasions, type RoundFigures } from '@/core/figures';
import { attemptEnds, gripOutcomes, punishments, sides, stages, type Transition } from '@/core/round';
import { roles } from '@/core/vocabulary';
import type { Database } from '../client';
import { findRow, listRows, runStatement } from '../rows';

const occurrenceShape = z.object({
  markId: z.string(),
  atSeconds: z.number(),
  punished: z.enum(punishments).optional(),
  side: z.enum(sides).optional(),
  damage: z.number().optional(),
  symptom: z.boolean(),
  rootErrorIds: z.array(z.string()),
});
const positionShape = z.object({
  positionId: z.string(),
  role: z.enum(roles),
  liveSeconds: z.number(),
  entries: z.number(),
  longestSeconds: z.number(),
});
const stayShape = z.object({
  positionId: z.string(),
  role: z.enum(roles),
  atSeconds: z.number(),
  seconds: z.number(),
  tide: z.number(),
});
const attemptShape = z.object({
  markId: z.string(),
  techniqueId: z.string(),
  isOwn: z.boolean(),
  atSeconds: z.number(),
  stage: z.enum(stages),
  end: z.enum(attemptEnds).optional(),
  side: z.enum(sides).optional(),
  toControl: z.number().optional(),
  toLocked: z.number().optional(),
  seconds: z.number().optional(),
});
const gripShape = z.object({
  markId: z.string(),
  gripId: z.string(),
  atSeconds: z.number(),
  side: z.enum(sides).optional(),
  outcome: z.enum(gripOutcomes),
});
const answerShape = z.object({
  markId: z.string(),
  atSeconds: z.number(),
  seconds: z.number(),
  isUnanswered: z.literal(true).optional(),
  from: z.enum(['marks', 'stopwatch']),
});
/** As it lies in a row; what the row's own columns say is not said again. */
const contentShape = z.object({
  shape: z.literal(1),
  beltGap: z.number().nullable(),
  // Absent in what an older version wrote, as are the lists below: it is made anew in the background.
  weightGap: z.number().nullable().default(null),
  heightGap: z.number().optional(),
  partnerId: z.string().optional(),
  uniform: z.enum(['gi', 'no-gi']).optional(),
  occasion: z.enum(occasions).optional(),
  theme: z.string().optional(),
  startSeconds: z.number().default(0),
  endSeconds: z.number().default(0),
  liveMinutes: z.number(),
  tideArea: z.number(),
  positions: z.array(positionShape),
  occurrences: z.record(z.string(), z.array(occurrenceShape)),
  exposures: z.record(z.string(), z.number()),
  goods: z.array(z.object({ markId: z.string(), strengthId: z.string(), atSeconds: z.number() })).default([]),
  stays: z.array(stayShape).default([]),
  attempts: z.array(attemptShape).default([]),
  missed: z
    .array(z.object({ markId: z.string(), techniqueId: z.string().optional(), atSeconds: z.number() }))
    .default([]),
  grips: z.array(gripShape).default([]),
  answers: z.array(answerShape).default([]),
});

const figureRow = z
  .object({
    round_id: z.string(),
    person_id: z.string(),
    held_on: z.string(),
    number_in_session: z.number(),
    content: contentShape,
  })
  .transform(({ round_id: roundId, person_id: personId, held_on: heldOn, number_in_session, content }) => ({
    personId,
    figures: {
      roundId,
      heldOn,
      beltGap: content.beltGap ?? undefined,
      weightGap: content.weightGap ?? undefined,
      heightGap: content.heightGap,
      partnerId: content.partnerId,
      numberInSession: number_in_session,
      uniform: content.uniform,
      occasion: content.occasion,
      theme: content.theme,
      startSeconds: content.startSeconds,
      endSeconds: content.endSeconds,
      liveMinutes: content.liveMinutes,
      tideArea: content.tideArea,
      positions: content.positions,
      occurrences: new Map(
        Object.entries(content.occurrences).map(([errorId, all]) => [
          errorId,
          all.map((one) => ({ ...one, roundId, heldOn })),
        ]),
      ),
      exposures: new Map(Object.entries(content.exposures)),
      goods: content.goods,
      stays: content.stays,
      attempts: content.attempts,
      missed: content.missed,
      grips: content.grips,
      answers: content.answers,
    } satisfies RoundFigures,
  }));

const contentOf = (figures: RoundFigures): z.input<typeof contentShape> => ({
  shape: 1,
  beltGap: figures.beltGap ?? null,
  weightGap: figures.weightGap ?? null,
  heightGap: figures.heightGap,
  partnerId: figures.partnerId,
  uniform: figures.uniform,
  occasion: figures.occasion,
  theme: figures.theme,
  startSeconds: figures.startSeconds,
  endSeconds: figures.endSeconds,
  liveMinutes: figures.liveMinutes,
  tideArea: figures.tideArea,
  positions: [...figures.positions],
  occurrences: Object.fromEntries(
    [...figures.occurrences].map(([errorId, all]) => [
      errorId,
      all.map(({ roundId: _round, heldOn: _day, ...one }) => ({ ...one, rootErrorIds: [...one.rootErrorIds] })),
    ]),
  ),
  exposures: Object.fromEntries(figures.exposures),
  goods: [...figures.goods],
  stays: [...figures.stays],
  attempts: [...figures.attempts],
  missed: [...figures.missed],
  grips: [...figures.grips],
  answers: [...figures.answers],
});

/** Which of somebody's rounds are read: those since a day, and so many of the newest at any age; none after `until`, and never more than `most`. */
export interface FiguresWanted {
  readonly since: string;
  readonly until?: string;
  readonly always: number;
  readonly most: number;
}

/** What the newest rounds of somebody say about them, oldest first. */
export const listRoundFigures = (database: Database, personId: string, { since, until, always, most }: FiguresWanted) =>
  listRows(
    database,
    figureRow,
    // What is counted off has no content: only that of the rounds that are wanted is read.
    `select f.round_id, f.person_id, f.held_on, f.number_in_session, f.content from (
       select round_id, held_on, row_number() over (order by held_on desc, number_in_session desc, round_id desc) as place
       from round_figure where person_id = $1 and ($5::date is null or held_on <= $5)
     ) newest join round_figure f on f.round_id = newest.round_id and f.person_id = $1
     where place <= $4 and (newest.held_on >= $2 or place <= $3) order by place desc`,
    [personId, since, always, most, until ?? null],
  );

export interface FiguredRound {
  readonly roundId: string;
  readonly numberInSession: number;
  readonly markCount: number;
  readonly lastMarkedAt: string | undefined;
  /** Empty where the round says nothing about sparring. */
  readonly athletes: readonly {
    readonly slot: 'a' | 'b';
    readonly personId: string;
    readonly figures: RoundFigures;
    /** What the round gave, 0 to 1. */
    readonly result: number;
  }[];
  readonly uses: ReadonlyMap<string, number>;
  readonly lesson: CallHabits;
  readonly transitions: readonly Transition[];
}

/** Puts what a round says in the place of what it said before. In a transaction that holds the round (`holdRound`). */
export async function replaceRoundFigures(database: Database, figured: FiguredRound): Promise<void> {
  const { roundId, numberInSession, markCount, lastMarkedAt, athletes, uses, lesson, transitions } = figured;
  // Rows that many rounds share are held in one order, so that no two rounds wait for each other: people by one statement for both, entries before any is changed,
  // and those that nobody has used yet before that.
  await runStatement(database, 'delete from round_figure where round_id = $1', [roundId]);
  await runStatement(
    database,
    `insert into round_figure (round_id, slot, person_id, held_on, number_in_session, content, belt_gap, weight_gap, result)
     select $1, slot, person_id, held_on::date, $2, content, belt_gap, weight_gap, result
     from unnest($3::text[], $4::uuid[], $5::text[], $6::jsonb[], $7::real[], $8::real[], $9::real[]) as t (slot, person_id, held_on, content, belt_gap, weight_gap, result)`,
    [
      roundId,
      numberInSession,
      athletes.map(({ slot }) => slot),
      athletes.map(({ personId }) => personId),
      athletes.map(({ figures }) => figures.heldOn),
      athletes.map(({ figures }) => JSON.stringify(contentOf(figures))),
      athletes.map(({ figures }) => figures.beltGap ?? null),
      athletes.map(({ figures }) => figures.weightGap ?? null),
      athletes.map(({ result }) => result),
    ],
  );
  await runStatement(
    database,
    'insert into concept_use_total (concept_id, uses) select id, 0 from unnest($1::text[]) as id order by id on conflict do nothing',
    [[...uses.keys()]],
  );
  await runStatement(
    database,
    `select 1 from concept_use_total where concept_id = any($2) or concept_id in (select concept_id from concept_use where round_id = $1)
     order by concept_id for update`,
    [roundId, [...uses.keys()]],
  );
  await runStatement(database, 'delete from concept_use where round_id = $1', [roundId]);
  await runStatement(
    database,
    'insert into concept_use (round_id, concept_id, uses) select $1, * from unnest($2::text[], $3::integer[])',
    [roundId, [...uses.keys()], [...uses.values()]],
  );
  await runStatement(
    database,
    `insert into round_figured (round_id, figures_version, mark_count, last_marked_at, lesson, transitions) values ($1, $2, $3, $4, $5, $6)
     on conflict (round_id) do update set figures_version = excluded.figures_version, mark_count = excluded.mark_count,
       last_marked_at = excluded.last_marked_at, lesson = excluded.lesson, transitions = excluded.transitions, figured_at = now()`,
    [roundId, FIGURES_VERSION, markCount, lastMarkedAt ?? null, JSON.stringify(lesson), JSON.stringify(transitions)],
  );
}

/** Waits until nobody else works out this round, and holds it until the transaction ends; false when it is gone. */
export async function holdRound(database: Database, roundId: string): Promise<boolean> {
  const held = await findRow(
    database,
    z.object({ id: z.string() }),
    'select id from round where id = $1 for no key update',
    [roundId],
  );
  return held !== undefined;
}

// Tens of thousands of numbers for each page of Review: looked through by hand, which takes a tenth of the time of a schema of records.
const isCounts = (value: unknown): value is CallHabits['counts'] =>
  typeof value === 'object' &&
  value !== null &&
  Object.values(value).every(
    (byKey) =>
      typeof byKey === 'object' && byKey !== null && Object.values(byKey).every((count) => typeof count === 'number'),
  );
const lessonRow = z
  .object({ round_id: z.string(), lesson: z.object({ counts: z.custom<CallHabits['counts']>(isCounts) }) })
  .transform((row): RoundLesson => ({ roundId: row.round_id, lesson: row.lesson }));
export interface RoundLesson {
  readonly roundId: string;
  /** What the round teaches about the next call. */
  readonly lesson: CallHabits;
}

/** The newest rounds since a day that teach the next call, with the moment at which each lesson was worked out. */
export const listTaught = (database: Database, since: string, most: number) =>
  listRows(
    database,
    z
      .object({ round_id: z.string(), figured_at: z.string() })
      .transform((row) => ({ roundId: row.round_id, figuredAt: row.figured_at })),
    `select f.round_id, f.figured_at::text from round r join round_figured f on f.round_id = r.id
     where r.held_on >= $1 and f.mark_count > 0 order by r.held_on desc, r.number_in_session desc, r.id desc limit $2`,
    [since, most],
  );

/** The lessons of these rounds. */
export const listLessons = (database: Database, roundIds: readonly string[]) =>
  listRows(database, lessonRow, 'select round_id, lesson from round_figured where round_id = any($1)', [roundIds]);

const transitionRow = z
  .object({ to_id: z.string(), count: z.number() })
  .transform((row) => ({ positionId: row.to_id, count: row.count }));

/** What came after a position in the newest rounds, most frequent first. */
export const listTransitionsFrom = (database: Database, positionId: string, mostRounds: number) =>
  listRows(
    database,
    transitionRow,
    `select t ->> 'toPositionId' as to_id, sum((t ->> 'count')::int)::int as count
     from (select f.transitions from round r join round_figured f on f.round_id = r.id where f.mark_count > 0
       order by r.held_on desc, r.number_in_session desc, r.id desc limit $2) newest
       cross join lateral jsonb_array_elements(newest.transitions) as t
     where t ->> 'fromPositionId' = $1 group by 1 order by 2 desc, 1`,
    [positionId, mostRounds],
  );

/** Asks for the figures of rounds, in this order, behind everything that coaches change meanwhile. */
export const askForRounds = (database: Database, roundIds: readonly string[]) =>
  runStatement(database, 'select ask_for_figures($1::uuid[], 10)', [roundIds]);

/** Takes the rounds that were asked for and that nobody began from the queue: for whoever works them out at once. */
export const takeAskedRounds = (database: Database) =>
  listRows(
    database,
    z.object({ id: z.string() }).transform((row) => row.id),
    `select substring(key from 14) as id, graphile_worker.remove_job(key) from graphile_worker.jobs
     where task_identifier = 'figure-round' and locked_at is null and key is not null`,
  );

/** Takes back what was asked for and nobody began: for whoever works everything out at once. */
export const forgetAskedFigures = (database: Database) =>
  runStatement(
    database,
    "select graphile_worker.remove_job(key) from graphile_worker.jobs where task_identifier in ('figure-round', 'figure-person') and locked_at is null and key is not null",
  );

/** Rounds that were never worked out or by an older reading, newest first. */
export const listStaleRounds = (database: Database, most: number) =>
  listRows(
    database,
    z.object({ id: z.string() }).transform((row) => row.id),
    `select r.id from round r left join round_figured f on f.round_id = r.id
     where f.round_id is null or f.figures_version <> $1 order by r.held_on desc, r.number_in_session desc, r.id limit $2`,
    [FIGURES_VERSION, most],
  );

/** How many rounds are still to be worked out, and since when; of these people when some are named. */
export async function findFiguresDue(
  database: Database,
  personIds: readonly string[] | undefined,
): Promise<{ readonly rounds: number; readonly since: string | undefined }> {
  const row = await findRow(
    database,
    z.object({ rounds: z.number(), since: z.date().nullable() }),
    `select count(*)::int as rounds, min(j.created_at) as since from graphile_worker.jobs j
     where j.task_identifier = 'figure-round' and ($1::uuid[] is null or exists (select 1 from round_athlete a
       where a.person_id = any($1) and j.key = 'figure-round:' || a.round_id))`,
    [personIds ?? null],
  );
  return { rounds: row?.rounds ?? 0, since: row?.since?.toISOString() };
}
