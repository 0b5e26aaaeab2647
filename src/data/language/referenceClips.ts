import { z } from 'zod';
import type { Stroke } from '@/core/drawing';
import type { Database } from '../client';
import { listRows, runStatement } from '../rows';

const clipRow = z
  .object({
    id: z.string(),
    concept_id: z.string(),
    footage_id: z.string(),
    start_seconds: z.number(),
    end_seconds: z.number(),
    speed: z.number(),
    caption: z.string(),
    // Checked at the door (clipInput); here it only comes back.
    drawing: z.array(z.custom<Stroke>()),
  })
  .transform((row) => ({
    id: row.id,
    conceptId: row.concept_id,
    footageId: row.footage_id,
    startSeconds: row.start_seconds,
    endSeconds: row.end_seconds,
    speed: Math.round(row.speed * 100) / 100,
    caption: row.caption,
    drawing: row.drawing,
  }));
export type ReferenceClip = z.output<typeof clipRow>;

export const listClips = (database: Database, conceptId: string) =>
  listRows(
    database,
    clipRow,
    `select id, concept_id, footage_id, start_seconds, end_seconds, speed, caption, drawing
     from reference_clip where concept_id = $1 order by created_at, id`,
    [conceptId],
  );

export const saveClip = (database: Database, clip: ReferenceClip, coachId: string | undefined) =>
  runStatement(
    database,
    `insert into reference_clip (id, concept_id, footage_id, start_seconds, end_seconds, speed, caption, drawing, created_by)
     values ($1, $2, $3, $4, $5, $6, $7, $8, $9)
     on conflict (id) do update set start_seconds = $4, end_seconds = $5, speed = $6, caption = $7, drawing = $8`,
    [
      clip.id,
      clip.conceptId,
      clip.footageId,
      clip.startSeconds,
      clip.endSeconds,
      clip.speed,
      clip.caption,
      JSON.stringify(clip.drawing),
      coachId ?? null,
    ],
  );

export const deleteClip = (database: Database, id: string) =>
  runStatement(database, 'delete from reference_clip where id = $1', [id]);

/** Every reference clip of the academy, newest first. */
export const listAllClips = (database: Database) =>
  listRows(
    database,
    clipRow,
    `select id, concept_id, footage_id, start_seconds, end_seconds, speed, caption, drawing
     from reference_clip order by created_at desc, id`,
  );
