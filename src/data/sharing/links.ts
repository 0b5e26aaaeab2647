import { z } from 'zod';
import type { Database } from '../client';
import { findRow, listRows, runStatement } from '../rows';

const linkRow = z
  .object({
    id: z.string(),
    kind: z.enum(['review', 'student']),
    person_id: z.string(),
    closing_id: z.string().nullable(),
    made_by_name: z.string().nullable(),
    made_at: z.date(),
    expires_at: z.date(),
    revoked_at: z.date().nullable(),
    opened_count: z.number(),
    last_opened_at: z.date().nullable(),
    is_open: z.boolean(),
  })
  .transform((row) => ({
    id: row.id,
    kind: row.kind,
    personId: row.person_id,
    closingId: row.closing_id ?? undefined,
    madeByName: row.made_by_name ?? undefined,
    madeAt: row.made_at.toISOString(),
    expiresAt: row.expires_at.toISOString(),
    revokedAt: row.revoked_at?.toISOString(),
    openedCount: row.opened_count,
    lastOpenedAt: row.last_opened_at?.toISOString(),
    /** Neither revoked nor expired. */
    isOpen: row.is_open,
  }));
export type ShareLink = z.output<typeof linkRow>;

const select = `select l.id, l.kind, l.person_id, l.closing_id, c.display_name as made_by_name, l.made_at, l.expires_at, l.revoked_at,
  l.opened_count, l.last_opened_at, (l.revoked_at is null and l.expires_at > now()) as is_open
  from share_link l left join coach c on c.id = l.made_by`;

/** The link under a token's hash; undefined when there is none, it was revoked, or it has expired. */
export const findOpenLink = (database: Database, tokenHash: Buffer) =>
  findRow(database, linkRow, `${select} where l.token_hash = $1 and l.revoked_at is null and l.expires_at > now()`, [
    tokenHash,
  ]);

export const listLinksOfClosing = (database: Database, closingId: string) =>
  listRows(database, linkRow, `${select} where l.closing_id = $1 order by l.made_at desc, l.id`, [closingId]);

/** The links to somebody's own page. */
export const listStudentLinks = (database: Database, personId: string) =>
  listRows(database, linkRow, `${select} where l.kind = 'student' and l.person_id = $1 order by l.made_at desc, l.id`, [
    personId,
  ]);

export const findLink = (database: Database, id: string) =>
  findRow(database, linkRow, `${select} where l.id = $1`, [id]);

export interface NewLink {
  readonly id: string;
  readonly kind: 'review' | 'student';
  readonly personId: string;
  readonly closingId?: string;
  readonly tokenHash: Buffer;
  readonly days: number;
}

export const insertLink = (database: Database, link: NewLink, madeBy: string) =>
  runStatement(
    database,
    `insert into share_link (id, kind, person_id, closing_id, token_hash, made_by, expires_at)
     values ($1, $2, $3, $4, $5, $6, now() + $7 * interval '1 day') on conflict (id) do nothing`,
    [link.id, link.kind, link.personId, link.closingId ?? null, link.tokenHash, madeBy, link.days],
  );

export const revokeLink = (database: Database, id: string) =>
  runStatement(database, 'update share_link set revoked_at = now() where id = $1 and revoked_at is null', [id]);

/** Closes every way to footage with somebody, and to their own page. Tells how many. */
export const revokeLinksTo = (database: Database, personId: string) =>
  runStatement(
    database,
    `update share_link l set revoked_at = now() where l.revoked_at is null and (l.person_id = $1
       or l.closing_id in (select c.id from closing c join round_athlete a on a.round_id = c.round_id where a.person_id = $1)
       or l.closing_id in (select s.closing_id from signed_review s join review_clip k on k.review_id = s.id
         join clip_round cr on cr.clip_id = k.clip_id join round_athlete a on a.round_id = cr.round_id where a.person_id = $1))`,
    [personId],
  );

/** Somebody looks at it. */
export const noteOpened = (database: Database, id: string) =>
  runStatement(
    database,
    'update share_link set opened_count = opened_count + 1, last_opened_at = now() where id = $1',
    [id],
  );

/** The closings of somebody that are shared: those with a link that nobody revoked. */
export async function listSharedClosings(database: Database, personId: string): Promise<string[]> {
  const rows = await listRows(
    database,
    z.object({ closing_id: z.string() }),
    `select distinct closing_id from share_link where person_id = $1 and kind = 'review' and revoked_at is null`,
    [personId],
  );
  return rows.map((row) => row.closing_id);
}

/** Whether anybody has an open way to a closing: then a new version of it is prepared for them. */
export async function isShared(database: Database, closingId: string): Promise<boolean> {
  const row = await findRow(
    database,
    z.object({ shared: z.boolean() }),
    'select exists (select 1 from share_link where closing_id = $1 and revoked_at is null) as shared',
    [closingId],
  );
  return row?.shared ?? false;
}
