import { z } from 'zod';
import { type PlanNumberName, type PlanNumbers, planNumberNames, planNumbers, usualNumbers } from '@/core/planning';
import type { Database } from '../client';
import { findRow, runStatement } from '../rows';

const wholeIn = (name: PlanNumberName) => {
  const { least, most } = planNumbers[name];
  const message = `Write a whole number from ${least} to ${most}.`;
  return z.number(message).int(message).min(least, message).max(most, message);
};
const numberShapes = Object.fromEntries(planNumberNames.map((name) => [name, wholeIn(name)])) as Readonly<
  Record<PlanNumberName, ReturnType<typeof wholeIn>>
>;
/** The numbers of the planner as they are written. */
export const planNumbersShape = z
  .object(numberShapes)
  .refine((numbers) => numbers.leastLessonMinutes <= numbers.mostLessonMinutes, {
    path: ['mostLessonMinutes'],
    message: 'The longest lesson is shorter than the shortest: exchange them.',
  })
  .refine((numbers) => numbers.priorCame <= numbers.priorHeld, {
    path: ['priorCame'],
    message: 'Nobody comes more often than there are classes.',
  });
/** As they are kept: a number that was not there yet when they were written is the usual one. */
const keptNumbers = z.object(numberShapes).partial();

/** What decides the theme of a class that nobody set. */
export const planFirsts = ['errors', 'curriculum'] as const;

const academyRow = z
  .object({
    name: z.string(),
    live_weight_gap_ratio: z.number(),
    minors_with_adults: z.boolean(),
    time_zone: z.string().nullable(),
    plan_first: z.enum(planFirsts),
    plan_numbers: keptNumbers.nullable(),
    student_pages: z.boolean(),
  })
  .transform((row) => ({
    name: row.name,
    // Stored as a 4-byte float: the limit a coach typed is whole per cents.
    liveWeightGapRatio: Math.round(row.live_weight_gap_ratio * 1000) / 1000,
    minorsWithAdults: row.minors_with_adults,
    timeZone: row.time_zone ?? serverZone(),
    planFirst: row.plan_first,
    /** How it plans: every number, its own where it set one. */
    planNumbers: { ...usualNumbers, ...row.plan_numbers },
    /** Students may have pages of their own. */
    studentPages: row.student_pages,
  }));
/** Where nobody said where the academy is, it is where its server stands. */
export const serverZone = (): string => Intl.DateTimeFormat().resolvedOptions().timeZone;
export type Academy = z.output<typeof academyRow>;

export async function getAcademy(database: Database): Promise<Academy> {
  const found = await findRow(
    database,
    academyRow,
    'select name, live_weight_gap_ratio, minors_with_adults, time_zone, plan_first, plan_numbers, student_pages from academy where id = 1',
  );
  return (
    found ?? {
      ...{ name: 'The academy', liveWeightGapRatio: 0.2, minorsWithAdults: false },
      ...{ timeZone: serverZone(), planFirst: 'errors', planNumbers: usualNumbers, studentPages: false },
    }
  );
}

/** Stores the academy; a time zone, and whether students have pages, that is not given stays as it was. */
export const saveAcademy = (
  database: Database,
  academy: Omit<Academy, 'timeZone' | 'planFirst' | 'planNumbers' | 'studentPages'> &
    Partial<Pick<Academy, 'timeZone' | 'studentPages'>>,
) =>
  runStatement(
    database,
    `insert into academy (id, name, live_weight_gap_ratio, minors_with_adults, time_zone, student_pages) values (1, $1, $2, $3, $4, coalesce($5, false))
     on conflict (id) do update set name = $1, live_weight_gap_ratio = $2, minors_with_adults = $3, time_zone = coalesce($4, academy.time_zone),
       student_pages = coalesce($5, academy.student_pages)`,
    [
      ...[academy.name, academy.liveWeightGapRatio, academy.minorsWithAdults, academy.timeZone ?? null],
      academy.studentPages ?? null,
    ],
  );

/** Keeps the numbers of the planner that differ from the usual ones: what is usual may become better. */
export const keepPlanNumbers = (database: Database, numbers: PlanNumbers) =>
  runStatement(
    database,
    `insert into academy (id, name, plan_numbers) values (1, 'The academy', $1) on conflict (id) do update set plan_numbers = $1`,
    [
      JSON.stringify(
        Object.fromEntries(
          Object.entries(numbers).filter(([name, value]) => value !== usualNumbers[name as PlanNumberName]),
        ),
      ),
    ],
  );

export const savePlanFirst = (database: Database, planFirst: Academy['planFirst']) =>
  runStatement(
    database,
    `insert into academy (id, name, plan_first) values (1, 'The academy', $1) on conflict (id) do update set plan_first = $1`,
    [planFirst],
  );
