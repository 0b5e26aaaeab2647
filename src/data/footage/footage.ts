import { z } from 'zod';
import type { Database } from '../client';
import { findRow, listRows, readPiece, runStatement } from '../rows';

/** What decides whether a browser can show and step a file. */
export const pictureShape = z.object({
  pixelFormat: z.string(),
  /** Longest run of pictures from one key frame to the next. */
  mostKeyDistance: z.number(),
  variableRate: z.boolean(),
  rotation: z.number(),
});
export type FootagePicture = z.output<typeof pictureShape>;

/** The copy for looking. */
export const proxyShape = z.object({
  storageName: z.string(),
  byteLength: z.number(),
  frameRate: z.object({ numerator: z.number(), denominator: z.number() }),
});
export type FootageProxy = z.output<typeof proxyShape>;

/** One image with small pictures in rows, `everySeconds` apart, the first in the middle of its stretch. */
export const filmstripShape = z.object({
  storageName: z.string(),
  /** One picture of the middle on its own, for lists: they must not fetch whole strips. */
  posterName: z.string().optional(),
  everySeconds: z.number(),
  count: z.number(),
  columns: z.number(),
  width: z.number(),
  height: z.number(),
});
export type Filmstrip = z.output<typeof filmstripShape>;

/** Where a film is damaged, in seconds from its start, about: its pictures freeze, jump or smear there. Empty for a film that was looked through and is whole. */
export const damageShape = z.object({ aboutSeconds: z.array(z.number()) });
export type FootageDamage = z.output<typeof damageShape>;

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
    recorded_at: z.date().nullable(),
    picture: pictureShape.nullable(),
    proxy: proxyShape.nullable(),
    filmstrip: filmstripShape.nullable(),
    damage: damageShape.nullable(),
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
    recordedAt: row.recorded_at?.toISOString(),
    picture: row.picture ?? undefined,
    proxy: row.proxy ?? undefined,
    filmstrip: row.filmstrip ?? undefined,
    damage: row.damage ?? undefined,
  }));
export type Footage = z.output<typeof footageRow>;

const columns =
  'id, original_name, storage_name, byte_length, sha256, duration_seconds, frame_rate_numerator, frame_rate_denominator, width, height, container, video_codec, audio_codec, uploaded_at, recorded_at, picture, proxy, filmstrip, damage';

const shelfRow = z
  .object({ day: z.string() })
  .and(footageRow)
  .transform(({ day, ...footage }) => ({ ...footage, day }));

export type ShelfFile = z.output<typeof shelfRow>;

/**
 * A piece of the shelf from behind the file with the id `after` on: the newest day first, within a day as it was filmed. The day of a file is that of its rounds, else
 * that on which it was filmed, else that on which it came, in the academy's zone.
 */
export const listFootagePiece = (database: Database, most: number, timeZone: string, after?: string) =>
  readPiece(
    database,
    shelfRow,
    `with shelf as (
       select f.*, coalesce(f.recorded_at, f.uploaded_at) as filmed_at,
         coalesce((select max(r.held_on) from round r where r.footage_id = f.id), (coalesce(f.recorded_at, f.uploaded_at) at time zone $3)::date) as day
       from footage f)
     select ${columns}, day::text as day from shelf
     where $1::uuid is null or exists (select 1 from shelf last where last.id = $1 and
       (shelf.day < last.day or shelf.day = last.day and (shelf.filmed_at, shelf.id) > (last.filmed_at, last.id)))
     order by day desc, filmed_at, id limit $2`,
    [after ?? null, most + 1, timeZone],
    most,
    (footage) => footage.id,
  );

export const listFootageByIds = (database: Database, ids: readonly string[]) =>
  listRows(database, footageRow, `select ${columns} from footage where id = any($1::uuid[])`, [ids]);

export const countFootage = async (database: Database): Promise<number> =>
  (await findRow(database, z.object({ count: z.number() }), 'select count(*)::int as count from footage'))?.count ?? 0;

export const findFootage = (database: Database, id: string) =>
  findRow(database, footageRow, `select ${columns} from footage where id = $1`, [id]);

export const findFootageByName = (database: Database, storageName: string) =>
  findRow(database, footageRow, `select ${columns} from footage where storage_name = $1`, [storageName]);

export const findFootageByDigest = (database: Database, sha256: string) =>
  findRow(database, footageRow, `select ${columns} from footage where sha256 = $1`, [Buffer.from(sha256, 'hex')]);

/** A file with these bytes at its ends and this length, as far as is known before all of it is here. */
export const findFootageBySample = (database: Database, sampleDigest: string) =>
  findRow(database, footageRow, `select ${columns} from footage where sample_digest = $1 limit 1`, [
    Buffer.from(sampleDigest, 'hex'),
  ]);

export type NewFootage = Omit<Footage, 'uploadedAt' | 'proxy' | 'filmstrip' | 'damage' | 'recordedAt' | 'picture'> &
  Partial<Pick<Footage, 'recordedAt' | 'picture'>> & { readonly sampleDigest?: string };

/** Stores a file's record; 0 rows when the same bytes are already there. */
export const insertFootage = (database: Database, footage: NewFootage, uploadedBy: string | undefined) =>
  runStatement(
    database,
    `insert into footage (id, original_name, storage_name, byte_length, sha256, duration_seconds, frame_rate_numerator,
       frame_rate_denominator, width, height, container, video_codec, audio_codec, uploaded_by, recorded_at, picture, sample_digest)
     values ($1, $2, $3, $4, $5, $6, $7, $8, $9, $10, $11, $12, $13, $14, $15, $16, $17) on conflict (sha256) do nothing`,
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
      footage.recordedAt ?? null,
      footage.picture ? JSON.stringify(footage.picture) : null,
      footage.sampleDigest ? Buffer.from(footage.sampleDigest, 'hex') : null,
    ],
  );

/** Forgets a file that no round uses; 0 rows when one does. */
export const deleteUnusedFootage = (database: Database, id: string) =>
  runStatement(
    database,
    'delete from footage where id = $1 and not exists (select 1 from round where footage_id = $1)',
    [id],
  );

export const setProxy = (database: Database, id: string, proxy: FootageProxy) =>
  runStatement(database, 'update footage set proxy = $2 where id = $1', [id, JSON.stringify(proxy)]);

export const setFilmstrip = (database: Database, id: string, filmstrip: Filmstrip) =>
  runStatement(database, 'update footage set filmstrip = $2 where id = $1', [id, JSON.stringify(filmstrip)]);

export const setDamage = (database: Database, id: string, damage: FootageDamage) =>
  runStatement(database, 'update footage set damage = $2 where id = $1', [id, JSON.stringify(damage)]);

/** Bytes of all originals on the shelf. */
export async function sumOfFootageBytes(database: Database): Promise<number> {
  const row = await findRow(
    database,
    z.object({ bytes: z.coerce.number() }),
    'select coalesce(sum(byte_length), 0) as bytes from footage',
  );
  return row?.bytes ?? 0;
}

/** Puts another file in the place of a film of the same length; what was made of the old one is made again. */
export const replaceFilm = (
  database: Database,
  id: string,
  film: Pick<Footage, 'storageName' | 'byteLength' | 'sha256'> & {
    readonly sampleDigest: string;
    readonly audioCodec: string | undefined;
  },
) =>
  runStatement(
    database,
    `update footage set storage_name = $2, byte_length = $3, sha256 = $4, sample_digest = $5, audio_codec = $6, container = 'mp4', video_codec = 'h264',
       picture = null, proxy = null, filmstrip = null, damage = null where id = $1`,
    [
      ...[
        id,
        film.storageName,
        film.byteLength,
        Buffer.from(film.sha256, 'hex'),
        Buffer.from(film.sampleDigest, 'hex'),
      ],
      film.audioCodec ?? null,
    ],
  );
