import { z } from 'zod';
import { type Consent, consentPurposes } from '@/core/consent';
import type { Database } from '../client';
import { findRow, listRows, runStatement } from '../rows';

const consentRow = z
  .object({
    id: z.string(),
    person_id: z.string(),
    purpose: z.enum(consentPurposes),
    given_by: z.string(),
    by_guardian: z.boolean(),
    given_on: z.string(),
    until_day: z.string().nullable(),
    withdrawn_on: z.string().nullable(),
    note: z.string(),
    recorded_by_name: z.string().nullable(),
  })
  .transform((row) => ({
    id: row.id,
    personId: row.person_id,
    purpose: row.purpose,
    givenBy: row.given_by,
    byGuardian: row.by_guardian,
    givenOn: row.given_on,
    untilDay: row.until_day ?? undefined,
    withdrawnOn: row.withdrawn_on ?? undefined,
    note: row.note,
    recordedByName: row.recorded_by_name ?? undefined,
  }));
export type RecordedConsent = z.output<typeof consentRow>;

const select = `select n.id, n.person_id, n.purpose, n.given_by, n.by_guardian, n.given_on, n.until_day, n.withdrawn_on, n.note,
  c.display_name as recorded_by_name
  from consent n left join coach c on c.id = n.recorded_by`;

/** What these people, or guardians for them, agreed to, newest first. */
export const listConsents = (database: Database, personIds: readonly string[]) =>
  listRows(
    database,
    consentRow,
    `${select} where n.person_id = any($1::uuid[]) order by n.given_on desc, n.recorded_at desc, n.id`,
    [personIds],
  );

export const findConsent = (database: Database, id: string) =>
  findRow(database, consentRow, `${select} where n.id = $1`, [id]);

export interface NewConsent extends Pick<Consent, 'purpose' | 'byGuardian' | 'givenOn' | 'untilDay'> {
  readonly id: string;
  readonly personId: string;
  readonly givenBy: string;
  readonly note: string;
}

export const insertConsent = (database: Database, consent: NewConsent, recordedBy: string | undefined) =>
  runStatement(
    database,
    `insert into consent (id, person_id, purpose, given_by, by_guardian, given_on, until_day, note, recorded_by)
     values ($1, $2, $3, $4, $5, $6, $7, $8, $9) on conflict (id) do nothing`,
    [
      ...[consent.id, consent.personId, consent.purpose, consent.givenBy, consent.byGuardian, consent.givenOn],
      ...[consent.untilDay ?? null, consent.note, recordedBy ?? null],
    ],
  );

/** Ends a consent from a day on; 0 rows when it was withdrawn before. */
export const withdrawConsent = (database: Database, id: string, day: string) =>
  runStatement(
    database,
    'update consent set withdrawn_on = greatest(given_on, $2::date) where id = $1 and withdrawn_on is null',
    [id, day],
  );

const inRoundRow = z
  .object({
    round_id: z.string(),
    person_id: z.string(),
    name: z.string(),
    born_on: z.string().nullable(),
    belt: z.string().nullable(),
  })
  .transform((row) => ({
    roundId: row.round_id,
    personId: row.person_id,
    name: row.name,
    bornOn: row.born_on ?? undefined,
    belt: row.belt ?? undefined,
  }));

/** Everybody in these rounds, with what tells their age: a birthday, else the belt that they wear today, else that of the round. */
export const listShownIn = (database: Database, roundIds: readonly string[]) =>
  listRows(
    database,
    inRoundRow,
    `select a.round_id, p.id as person_id, p.name, p.born_on, coalesce(p.belt, a.belt) as belt
     from round_athlete a join person p on p.id = a.person_id where a.round_id = any($1::uuid[]) order by a.round_id, a.slot`,
    [roundIds],
  );
