import { z } from 'zod';
import type { Database } from '../client';
import { findRow, listRows, runStatement } from '../rows';

export const trackShape = z
  .array(
    z.object({
      talkSeconds: z.number().min(0).max(86_400),
      mediaSeconds: z.number().min(0).max(86_400),
      rate: z.number().min(0).max(4),
    }),
  )
  .min(1)
  .max(5000);

const row = z
  .object({
    id: z.string(),
    round_id: z.string(),
    storage_name: z.string(),
    byte_length: z.coerce.number(),
    seconds: z.number(),
    track: trackShape,
    by_name: z.string().nullable(),
    created_at: z.coerce.date(),
  })
  .transform((one) => ({
    id: one.id,
    roundId: one.round_id,
    storageName: one.storage_name,
    byteLength: one.byte_length,
    seconds: one.seconds,
    track: one.track,
    byName: one.by_name ?? undefined,
    createdAt: one.created_at.toISOString(),
  }));
/** What was said over the footage of a round. */
export type Talk = z.output<typeof row>;

const SELECT = `select t.id, t.round_id, t.storage_name, t.byte_length, t.seconds, t.track, c.display_name as by_name, t.created_at
  from talk t left join coach c on c.id = t.created_by`;

export const listTalks = (database: Database, roundId: string) =>
  listRows(database, row, `${SELECT} where t.round_id = $1 order by t.created_at, t.id`, [roundId]);

export const findTalk = (database: Database, id: string) => findRow(database, row, `${SELECT} where t.id = $1`, [id]);

/** Keeps a talk; 0 rows when its id is taken. */
export const insertTalk = (
  database: Database,
  talk: Pick<Talk, 'id' | 'roundId' | 'storageName' | 'byteLength' | 'seconds' | 'track'>,
  coachId: string,
) =>
  runStatement(
    database,
    `insert into talk (id, round_id, storage_name, byte_length, seconds, track, created_by) values ($1, $2, $3, $4, $5, $6, $7)
     on conflict (id) do nothing`,
    [talk.id, talk.roundId, talk.storageName, talk.byteLength, talk.seconds, JSON.stringify(talk.track), coachId],
  );

export const setTrack = (database: Database, id: string, track: Talk['track']) =>
  runStatement(database, 'update talk set track = $2 where id = $1', [id, JSON.stringify(track)]);

export const deleteTalk = (database: Database, id: string) =>
  runStatement(database, 'delete from talk where id = $1', [id]);
