import { z } from 'zod';
import { MOST_FREEZES, MOST_PIECES } from '@/core/clip';
import { drawingSchema, momentSchema, storableText } from '@/core/marks';
import { MOST_AROUND_SECONDS, MOST_CAPTION, type SavedReel } from '@/core/reel';
import type { Database } from '../client';
import { findRow, readPiece, runStatement } from '../rows';

const piece = z.object({
  id: z.uuid(),
  roundId: z.uuid(),
  markId: z.uuid().optional(),
  atSeconds: momentSchema,
  beforeSeconds: z.number().min(0).max(MOST_AROUND_SECONDS),
  afterSeconds: z.number().min(0).max(MOST_AROUND_SECONDS),
  speed: z.number().min(0.1).max(2),
  freezes: z
    .array(
      z.object({
        fromMoment: z.number().min(-600).max(600),
        forSeconds: z.number().min(0).max(20),
        drawing: drawingSchema.readonly().optional(),
      }),
    )
    .max(MOST_FREEZES)
    .readonly(),
  caption: storableText().max(MOST_CAPTION, `Use at most ${MOST_CAPTION} characters below a moment.`),
  sound: z.boolean(),
  reading: z.boolean(),
});

export const piecesShape = z.array(piece).max(MOST_PIECES, `A reel has at most ${MOST_PIECES} moments.`);

/** A reel as it is sent and stored. */
export const reelShape: z.ZodType<SavedReel> = z.object({
  pieces: piecesShape.readonly(),
  isRanked: z.boolean(),
});

const reelRow = z
  .object({
    id: z.string(),
    name: z.string(),
    content: reelShape,
    version: z.number(),
    changed_at: z.date(),
    changed_by_name: z.string().nullable(),
  })
  .transform((row) => ({
    id: row.id,
    name: row.name,
    content: row.content,
    version: row.version,
    changedAt: row.changed_at.toISOString(),
    changedByName: row.changed_by_name ?? undefined,
  }));
export type Reel = z.output<typeof reelRow>;

const select = `select r.id, r.name, r.content, r.version, r.changed_at, c.display_name as changed_by_name
  from reel r left join coach c on c.id = r.changed_by`;

export const findReel = (database: Database, id: string) =>
  findRow(database, reelRow, `${select} where r.id = $1`, [id]);

/** The same, and nobody else changes it until the transaction ends. */
export const holdReel = (database: Database, id: string) =>
  findRow(database, reelRow, `${select} where r.id = $1 for update of r`, [id]);

/** A piece of all reels, the one that was changed last first, from behind `after` on. */
export const listReels = (database: Database, most: number, after?: string) =>
  readPiece(
    database,
    reelRow,
    `${select} where $1::uuid is null or (r.changed_at, r.id) < (select changed_at, id from reel where id = $1)
     order by r.changed_at desc, r.id desc limit $2`,
    [after ?? null, most + 1],
    most,
    (reel) => reel.id,
  );

export interface ReelDraft {
  readonly id: string;
  readonly name: string;
  readonly content: SavedReel;
}

export const insertReel = (database: Database, reel: ReelDraft, coachId: string) =>
  runStatement(
    database,
    'insert into reel (id, name, content, made_by, changed_by) values ($1, $2, $3, $4, $4) on conflict (id) do nothing',
    [reel.id, reel.name, JSON.stringify(reel.content), coachId],
  );

/** Changes a reel if nobody else did since `version`; 0 rows when somebody did. */
export const updateReel = (database: Database, reel: ReelDraft, version: number, coachId: string) =>
  runStatement(
    database,
    `update reel set name = $2, content = $3, changed_by = $4, changed_at = now(), version = version + 1 where id = $1 and version = $5`,
    [reel.id, reel.name, JSON.stringify(reel.content), coachId, version],
  );

export const deleteReel = (database: Database, id: string) =>
  runStatement(database, 'delete from reel where id = $1', [id]);

/** Tells whoever shows a reel what was pressed for it. */
export const tellReel = (database: Database, id: string, said: string) =>
  runStatement(database, "select pg_notify('reel_told', $1 || ' ' || $2)", [id, said]);
