import { z } from 'zod';
import type { Database } from '../client';
import { findRow, listRows, runStatement } from '../rows';

const footageRow = z
  .object({
    id: z.string(),
    original_name: z.string(),
    storage_name: z.string(),
    byte_length: z.number(),
    sha256: z.instanceof(Buffer),
    duration_seconds: z.number(),
    frame_rate_numerator: z.number(),
    frame_rate_denominator: z.number(),
    width: z.number(),
    height: z.number(),
    container: z.string(),
    video_codec: z.string(),
    audio_codec: z.string().nullable(),
    uploaded_at: z.date(),
  })
  .transform((row) => ({
    id: row.id,
    originalName: row.original_name,
    storageName: row.storage_name,
    byteLength: row.byte_length,
    sha256: row.sha256.toString('hex'),
    durationSeconds: row.duration_seconds,
    frameRate: { numerator: row.frame_rate_numerator, denominator: row.frame_rate_denominator },
    width: row.width,
    height: row.height,
    container: row.container,
    videoCodec: row.video_codec,
    audioCodec: row.audio_codec ?? undefined,
    uploadedAt: row.uploaded_at.toISOString(),
  }));
export type Footage = z.output<typeof footageRow>;

const columns =
  'id, original_name, storage_name, byte_length, sha256, duration_seconds, frame_rate_numerator, frame_rate_denominator, width, height, container, video_codec, audio_codec, uploaded_at';

export const listFootage = (database: Database, most = 200) =>
  listRows(database, footageRow, `select ${columns} from footage order by uploaded_at desc, id limit $1`, [most]);

export const findFootage = (database: Database, id: string) =>
  findRow(database, footageRow, `select ${columns} from footage where id = $1`, [id]);

export const findFootageByDigest = (database: Database, sha256: string) =>
  findRow(database, footageRow, `select ${columns} from footage where sha256 = $1`, [Buffer.from(sha256, 'hex')]);

/** Stores a file's record; 0 rows when the same bytes are already there. */
export const insertFootage = (
  database: Database,
  footage: Omit<Footage, 'uploadedAt'>,
  uploadedBy: string | undefined,
) =>
  runStatement(
    database,
    `insert into footage (id, original_name, storage_name, byte_length, sha256, duration_seconds, frame_rate_numerator,
       frame_rate_denominator, width, height, container, video_codec, audio_codec, uploaded_by)
     values ($1, $2, $3, $4, $5, $6, $7, $8, $9, $10, $11, $12, $13, $14) on conflict (sha256) do nothing`,
    [
      footage.id,
      footage.originalName,
      footage.storageName,
      footage.byteLength,
      Buffer.from(footage.sha256, 'hex'),
      footage.durationSeconds,
      footage.frameRate.numerator,
      footage.frameRate.denominator,
      footage.width,
      footage.height,
      footage.container,
      footage.videoCodec,
      footage.audioCodec ?? null,
      uploadedBy ?? null,
    ],
  );

/** Forgets a file that no round uses; 0 rows when one does. */
export const deleteUnusedFootage = (database: Database, id: string) =>
  runStatement(
    database,
    'delete from footage where id = $1 and not exists (select 1 from round where footage_id = $1)',
    [id],
  );
