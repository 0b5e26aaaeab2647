import { z } from 'zod';
import type { Database } from '../client';
import { readPiece, runStatement } from '../rows';

export const auditKinds = [
  'signed-in',
  'password-changed',
  'codes-on',
  'codes-off',
  'session-ended',
  'account-made',
  'account-ended',
  'link-made',
  'link-closed',
  'consent-recorded',
  'consent-withdrawn',
  'backup-asked',
  'package-asked',
  'package-taken',
  'round-taken',
  'student-taken',
  'package-brought-in',
  'package-taken-back',
  'roster-added',
  'classes-brought-in',
  'round-deleted',
  'class-deleted',
  'film-deleted',
  'account-back',
  'brought-back',
  'erased',
] as const;
/** What is put on record: what leaves the house or comes into it, who is let in, and what goes. */
export type AuditKind = (typeof auditKinds)[number];

export const insertAudit = (database: Database, coachId: string, what: AuditKind, about: string | undefined) =>
  runStatement(database, 'insert into audit (coach_id, what, about) values ($1, $2, $3)', [
    coachId,
    what,
    about ?? null,
  ]);

const auditRow = z
  .object({
    id: z.number(),
    done_at: z.date(),
    what: z.enum(auditKinds),
    coach_name: z.string().nullable(),
    about_name: z.string().nullable(),
  })
  .transform((row) => ({
    id: row.id,
    doneAt: row.done_at.toISOString(),
    what: row.what,
    coachName: row.coach_name ?? undefined,
    aboutName: row.about_name ?? undefined,
  }));

/** A piece of the record, the newest first, from behind `after` on; a person, coach or round it is about by its name of today. */
export const listAudit = (database: Database, most: number, after?: number) =>
  readPiece(
    database,
    auditRow,
    `select a.id, a.done_at, a.what, c.display_name as coach_name, coalesce(p.name, o.display_name,
       (select string_agg(q.name, ' and ' order by s.slot) from round_athlete s join person q on q.id = s.person_id where s.round_id = a.about)) as about_name
     from audit a left join coach c on c.id = a.coach_id left join person p on p.id = a.about left join coach o on o.id = a.about
     where $1::bigint is null or a.id < $1 order by a.id desc limit $2`,
    [after ?? null, most + 1],
    most,
    (row) => String(row.id),
  );
