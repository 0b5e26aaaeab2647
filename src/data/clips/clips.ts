import { z } from 'zod';
import type { ClipRecipe } from '@/core/clip';
import type { Database } from '../client';
import { findRow, listRows, runStatement } from '../rows';
import { recipeShape } from './recipeShape';

export const clipStates = ['waiting', 'working', 'ready', 'failed', 'cancelled'] as const;
export type ClipState = (typeof clipStates)[number];

const clipRow = z
  .object({
    id: z.string(),
    state: z.enum(clipStates),
    progress: z.number(),
    problem: z.looseObject({ code: z.string() }).nullable(),
    storage_name: z.string().nullable(),
    cover_name: z.string().nullable(),
    byte_length: z.number().nullable(),
    seconds: z.number().nullable(),
    width: z.number().nullable(),
    height: z.number().nullable(),
    captions: z.string(),
  })
  .transform((row) => ({
    id: row.id,
    state: row.state,
    progress: row.progress,
    problem: row.problem ?? undefined,
    storageName: row.storage_name ?? undefined,
    coverName: row.cover_name ?? undefined,
    byteLength: row.byte_length ?? undefined,
    seconds: row.seconds ?? undefined,
    width: row.width ?? undefined,
    height: row.height ?? undefined,
    captions: row.captions,
  }));
export type Clip = z.output<typeof clipRow>;

const columns = 'id, state, progress, problem, storage_name, cover_name, byte_length, seconds, width, height, captions';

export const findClip = (database: Database, id: string) =>
  findRow(database, clipRow, `select ${columns} from clip where id = $1`, [id]);

export const listClips = (database: Database, ids: readonly string[]) =>
  listRows(database, clipRow, `select ${columns} from clip where id = any($1::uuid[])`, [ids]);

/** What a clip is to show; undefined when it is gone. */
export async function findRecipe(database: Database, id: string): Promise<ClipRecipe | undefined> {
  const row = await findRow(database, z.object({ recipe: recipeShape }), 'select recipe from clip where id = $1', [id]);
  return row?.recipe;
}

/** Puts a clip on the list under its digest, and gives the one that is there: a new one, or that of an equal recipe. */
export async function putClip(
  database: Database,
  clip: { readonly id: string; readonly digest: Buffer; readonly recipe: ClipRecipe },
  coachId: string | undefined,
): Promise<Clip | undefined> {
  return findRow(
    database,
    clipRow,
    `insert into clip (id, recipe_digest, recipe, asked_by) values ($1, $2, $3, $4)
     on conflict (recipe_digest) do update set used_at = now() returning ${columns}`,
    [clip.id, clip.digest, JSON.stringify(clip.recipe), coachId ?? null],
  );
}

export const saveClipRound = (database: Database, clipId: string, roundId: string) =>
  runStatement(
    database,
    'insert into clip_round (clip_id, round_id) values ($1, $2) on conflict (clip_id, round_id) do nothing',
    [clipId, roundId],
  );

export async function listRoundsOfClips(
  database: Database,
  clipIds: readonly string[],
): Promise<readonly { readonly clipId: string; readonly roundId: string }[]> {
  const row = z.object({ clip_id: z.string(), round_id: z.string() });
  const rows = await listRows(
    database,
    row,
    'select clip_id, round_id from clip_round where clip_id = any($1::uuid[])',
    [clipIds],
  );
  return rows.map((one) => ({ clipId: one.clip_id, roundId: one.round_id }));
}

/** Puts a clip that failed, was cancelled or swept away on the list again; 0 rows when it waits, is made or is there. */
export const askClipAgain = (database: Database, id: string) =>
  runStatement(
    database,
    `update clip set state = 'waiting', progress = 0, problem = null, changed_at = now(), used_at = now()
     where id = $1 and state in ('failed', 'cancelled')`,
    [id],
  );

/** Begins a clip; 0 rows when it was cancelled meanwhile. One that a dead process had begun is begun anew. */
export const beginClip = (database: Database, id: string) =>
  runStatement(
    database,
    `update clip set state = 'working', progress = 0, problem = null, changed_at = now() where id = $1 and state in ('waiting', 'working')`,
    [id],
  );

/** Notes how far it is; 0 rows when it was cancelled. */
export const noteClipProgress = (database: Database, id: string, progress: number) =>
  runStatement(database, `update clip set progress = $2, changed_at = now() where id = $1 and state = 'working'`, [
    id,
    Math.min(1, Math.max(0, progress)),
  ]);

export interface RenderedClip {
  readonly storageName: string;
  readonly coverName: string;
  readonly byteLength: number;
  readonly seconds: number;
  readonly width: number;
  readonly height: number;
  readonly captions: string;
}

/** The clip is there; 0 rows when it was cancelled in its last moment. */
export const endClip = (database: Database, id: string, clip: RenderedClip) =>
  runStatement(
    database,
    `update clip set state = 'ready', progress = 1, problem = null, storage_name = $2, cover_name = $3, byte_length = $4, seconds = $5,
       width = $6, height = $7, captions = $8, changed_at = now(), used_at = now()
     where id = $1 and state = 'working'`,
    [id, clip.storageName, clip.coverName, clip.byteLength, clip.seconds, clip.width, clip.height, clip.captions],
  );

/** It waits again, or cannot be made; what was cancelled stays so. */
export const stopClip = (
  database: Database,
  id: string,
  state: 'waiting' | 'failed',
  problem?: { readonly code: string },
) =>
  runStatement(
    database,
    `update clip set state = $2, progress = 0, problem = $3, changed_at = now() where id = $1 and state = 'working'`,
    [id, state, problem ? JSON.stringify(problem) : null],
  );

export const cancelClip = (database: Database, id: string) =>
  runStatement(
    database,
    `update clip set state = 'cancelled', progress = 0, changed_at = now() where id = $1 and state in ('waiting', 'working')`,
    [id],
  );

export const noteClipUse = (database: Database, id: string) =>
  runStatement(database, `update clip set used_at = now() where id = $1 and used_at < now() - interval '1 hour'`, [id]);

/** Clips that nobody asked for or looked at for so many days, to which no open link leads, and that are no evidence. */
export const listUnusedClips = (database: Database, days: number) =>
  listRows(
    database,
    clipRow,
    `select ${columns} from clip where used_at < now() - $1 * interval '1 day' and state not in ('waiting', 'working')
       and not exists (select 1 from review_clip k join signed_review s on s.id = k.review_id join share_link l on l.closing_id = s.closing_id
         where k.clip_id = clip.id and l.revoked_at is null and l.expires_at > now())
       and not exists (select 1 from packet e where e.content -> 'clipIds' ? clip.id::text)`,
    [days],
  );

export const deleteClip = (database: Database, id: string) =>
  runStatement(database, 'delete from clip where id = $1', [id]);
