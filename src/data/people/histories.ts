import { z } from 'zod';
import { weightSources } from '@/core/partner';
import { anyBelts } from '@/core/vocabulary';
import type { Database } from '../client';
import { listRows, runStatement } from '../rows';

const beltStepRow = z
  .object({ person_id: z.string(), since_day: z.string(), belt: z.enum(anyBelts), stripes: z.number() })
  .transform((row) => ({ personId: row.person_id, sinceDay: row.since_day, belt: row.belt, stripes: row.stripes }));
export type BeltStep = z.output<typeof beltStepRow>;

const weighingRow = z
  .object({ person_id: z.string(), since_day: z.string(), weight_kg: z.number(), source: z.enum(weightSources) })
  .transform((row) => ({
    personId: row.person_id,
    sinceDay: row.since_day,
    weightKg: row.weight_kg,
    source: row.source,
  }));
export type Weighing = z.output<typeof weighingRow>;

/** Belts over time, oldest first; of everybody when no ids are given. */
export const listBeltSteps = (database: Database, personIds?: readonly string[]) =>
  listRows(
    database,
    beltStepRow,
    `select person_id, since_day, belt, stripes from belt_step where $1::uuid[] is null or person_id = any($1)
     order by person_id, since_day`,
    [personIds ?? null],
  );

export const listWeighings = (database: Database, personIds?: readonly string[]) =>
  listRows(
    database,
    weighingRow,
    `select person_id, since_day, weight_kg, source from weighing where $1::uuid[] is null or person_id = any($1)
     order by person_id, since_day`,
    [personIds ?? null],
  );

/** Remembers a belt from a day on; nothing when the belt of that day is already known to be this. */
export const noteBelt = (database: Database, step: BeltStep) =>
  runStatement(
    database,
    `insert into belt_step (person_id, since_day, belt, stripes)
     select $1::uuid, $2::date, $3::text, $4::smallint
     where (select (s.belt, s.stripes) from belt_step s where s.person_id = $1 and s.since_day <= $2 order by s.since_day desc limit 1)
       is distinct from ($3::text, $4::smallint)
     on conflict (person_id, since_day) do update set belt = excluded.belt, stripes = excluded.stripes`,
    [step.personId, step.sinceDay, step.belt, step.stripes],
  );

/** Remembers what somebody weighed on a day; the later word on the same day holds. */
export const noteWeight = (database: Database, weighing: Weighing) =>
  runStatement(
    database,
    `insert into weighing (person_id, since_day, weight_kg, source) values ($1, $2, $3, $4)
     on conflict (person_id, since_day) do update set weight_kg = excluded.weight_kg, source = excluded.source`,
    [weighing.personId, weighing.sinceDay, weighing.weightKg, weighing.source],
  );
