import { z } from 'zod';
import { type ClassShape, shapeNumbers, usualShape } from '@/core/planning';
import type { Database } from '../client';
import { findRow, runStatement } from '../rows';

const wholeIn = (name: keyof ClassShape) => {
  const { least, most } = shapeNumbers[name];
  const message = `Write whole minutes from ${least} to ${most}.`;
  return z.number(message).int(message).min(least, message).max(most, message);
};
/** How classes are built, as it is written, kept and read again. */
export const classShapeShape = z
  .object({
    warmUpMinutes: wholeIn('warmUpMinutes'),
    roundsMinutes: wholeIn('roundsMinutes'),
    closeMinutes: wholeIn('closeMinutes'),
    leastLessonMinutes: wholeIn('leastLessonMinutes'),
    mostLessonMinutes: wholeIn('mostLessonMinutes'),
    mostLessons: z.number('Write 1 to 4.').int('Write 1 to 4.').min(1, 'Write 1 to 4.').max(4, 'Write 1 to 4.'),
    twoThemesMinutes: wholeIn('twoThemesMinutes'),
  })
  .refine((shape) => shape.leastLessonMinutes <= shape.mostLessonMinutes, {
    path: ['mostLessonMinutes'],
    message: 'The longest lesson is shorter than the shortest: exchange them.',
  });

/** What decides the theme of a class that nobody set. */
export const planFirsts = ['errors', 'curriculum'] as const;

const academyRow = z
  .object({
    name: z.string(),
    live_weight_gap_ratio: z.number(),
    minors_with_adults: z.boolean(),
    time_zone: z.string().nullable(),
    plan_first: z.enum(planFirsts),
    class_shape: classShapeShape.nullable(),
  })
  .transform((row) => ({
    name: row.name,
    // Stored as a 4-byte float: the limit a coach typed is whole per cents.
    liveWeightGapRatio: Math.round(row.live_weight_gap_ratio * 1000) / 1000,
    minorsWithAdults: row.minors_with_adults,
    timeZone: row.time_zone ?? serverZone(),
    planFirst: row.plan_first,
    classShape: row.class_shape ?? usualShape,
  }));
/** Where nobody said where the academy is, it is where its server stands. */
export const serverZone = (): string => Intl.DateTimeFormat().resolvedOptions().timeZone;
export type Academy = z.output<typeof academyRow>;

export async function getAcademy(database: Database): Promise<Academy> {
  const found = await findRow(
    database,
    academyRow,
    'select name, live_weight_gap_ratio, minors_with_adults, time_zone, plan_first, class_shape from academy where id = 1',
  );
  return (
    found ?? {
      ...{ name: 'The academy', liveWeightGapRatio: 0.2, minorsWithAdults: false },
      ...{ timeZone: serverZone(), planFirst: 'errors', classShape: usualShape },
    }
  );
}

/** Stores the academy; a time zone and a shape of classes that are not given stay as they were. */
export const saveAcademy = (
  database: Database,
  academy: Omit<Academy, 'timeZone' | 'planFirst' | 'classShape'> & Partial<Academy>,
) =>
  runStatement(
    database,
    `insert into academy (id, name, live_weight_gap_ratio, minors_with_adults, time_zone, class_shape) values (1, $1, $2, $3, $4, $5)
     on conflict (id) do update set name = $1, live_weight_gap_ratio = $2, minors_with_adults = $3, time_zone = coalesce($4, academy.time_zone),
       class_shape = coalesce($5, academy.class_shape)`,
    [
      ...[academy.name, academy.liveWeightGapRatio, academy.minorsWithAdults, academy.timeZone ?? null],
      academy.classShape ? JSON.stringify(academy.classShape) : null,
    ],
  );

export const savePlanFirst = (database: Database, planFirst: Academy['planFirst']) =>
  runStatement(
    database,
    `insert into academy (id, name, plan_first) values (1, 'The academy', $1) on conflict (id) do update set plan_first = $1`,
    [planFirst],
  );
