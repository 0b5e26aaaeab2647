import { z } from 'zod';
import type { Database } from '../client';
import { listRows, runStatement } from '../rows';

export const clipPlaces = ['good', '0', '1', '2'] as const;
/** Which part of a review a clip belongs to: what was good, or a point by its place. */
export type ClipPlace = (typeof clipPlaces)[number];

export const saveReviewClip = (database: Database, reviewId: string, place: ClipPlace, clipId: string) =>
  runStatement(
    database,
    `insert into review_clip (review_id, place, clip_id) values ($1, $2, $3)
     on conflict (review_id, place) do update set clip_id = excluded.clip_id`,
    [reviewId, place, clipId],
  );

/** The clips of a signed version, by their places. */
export async function listReviewClips(database: Database, reviewId: string): Promise<ReadonlyMap<ClipPlace, string>> {
  const rows = await listRows(
    database,
    z.object({ place: z.enum(clipPlaces), clip_id: z.string() }),
    'select place, clip_id from review_clip where review_id = $1',
    [reviewId],
  );
  return new Map(rows.map((row) => [row.place, row.clip_id]));
}
