import { z } from 'zod';
import type { Database } from '../client';
import { findRow, listRows, runStatement } from '../rows';
import { isAlive } from './queue';

export const arrivalStates = ['arriving', 'waiting', 'checking', 'taken', 'refused'] as const;
export type ArrivalState = (typeof arrivalStates)[number];
const problemShape = z.looseObject({ code: z.string() });

const arrivalRow = z
  .object({
    id: z.string(),
    source: z.enum(['upload', 'camera']),
    original_name: z.string(),
    byte_length: z.number(),
    sample_digest: z.instanceof(Buffer).nullable(),
    state: z.enum(arrivalStates),
    progress: z.number(),
    problem: problemShape.nullable(),
    footage_id: z.string().nullable(),
    already: z.boolean(),
    recorded_at: z.date().nullable(),
    coach_id: z.string().nullable(),
    created_at: z.date(),
  })
  .transform((row) => ({
    id: row.id,
    source: row.source,
    originalName: row.original_name,
    byteLength: row.byte_length,
    sampleDigest: row.sample_digest?.toString('hex'),
    state: row.state,
    progress: row.progress,
    problem: row.problem ?? undefined,
    footageId: row.footage_id ?? undefined,
    already: row.already,
    recordedAt: row.recorded_at?.toISOString(),
    coachId: row.coach_id ?? undefined,
    createdAt: row.created_at.toISOString(),
  }));
export type Arrival = z.output<typeof arrivalRow>;

const columns =
  'id, source, original_name, byte_length, sample_digest, state, progress, problem, footage_id, already, recorded_at, coach_id, created_at';

export const findArrival = (database: Database, id: string) =>
  findRow(database, arrivalRow, `select ${columns} from arrival where id = $1`, [id]);

/** A coach's own upload that was begun and not finished, of a file with these ends and this length. */
export const findUnfinishedUpload = (database: Database, sampleDigest: string, coachId: string) =>
  findRow(
    database,
    arrivalRow,
    `select ${columns} from arrival where sample_digest = $1 and coach_id = $2 and source = 'upload' and state = 'arriving' order by created_at desc, id limit 1`,
    [Buffer.from(sampleDigest, 'hex'), coachId],
  );

/** Every upload that is not finished, oldest first. */
export const listUnfinishedUploads = (database: Database) =>
  listRows(
    database,
    arrivalRow,
    `select ${columns} from arrival where source = 'upload' and state = 'arriving' order by created_at, id`,
  );

/** Lets uploads in one after the other until the transaction ends: room that two saw at once would be given twice. */
export const lockAdmission = (client: Database) => runStatement(client, 'select pg_advisory_xact_lock(712003)');

/** Notes that a piece has come: an upload that nothing came of for long is given up. */
export const noteArrivalPiece = (database: Database, id: string) =>
  runStatement(database, "update arrival set changed_at = now() where id = $1 and state = 'arriving'", [id]);

/** Withdraws an upload as long as it is not finished; 0 rows when it is, or is no upload of this coach. */
export const withdrawUpload = (database: Database, id: string, coachId: string) =>
  runStatement(
    database,
    "delete from arrival where id = $1 and coach_id = $2 and source = 'upload' and state = 'arriving'",
    [id, coachId],
  );

/** Refuses the uploads that nothing came of for so many days; returns them. */
export const expireUploads = (database: Database, days: number) =>
  listRows(
    database,
    arrivalRow,
    `update arrival set state = 'refused', problem = '{"code": "expired"}', changed_at = now()
     where source = 'upload' and state = 'arriving' and changed_at < now() - $1 * interval '1 day' returning ${columns}`,
    [days],
  );

/** What is not yet on the shelf, and what came or was refused in the last day; newest first. */
export const listRecentArrivals = (database: Database) =>
  listRows(
    database,
    arrivalRow,
    `select ${columns} from arrival
     where state in ('arriving', 'waiting', 'checking') or changed_at > now() - interval '1 day'
     order by created_at desc, id`,
  );

export const insertArrival = (
  database: Database,
  arrival: Pick<
    Arrival,
    'id' | 'source' | 'originalName' | 'byteLength' | 'sampleDigest' | 'recordedAt' | 'coachId' | 'state'
  >,
  takenBy?: number,
) =>
  runStatement(
    database,
    `insert into arrival (id, source, original_name, byte_length, sample_digest, recorded_at, coach_id, state, taken_by)
     values ($1, $2, $3, $4, $5, $6, $7, $8, $9) on conflict (id) do nothing`,
    [
      arrival.id,
      arrival.source,
      arrival.originalName,
      arrival.byteLength,
      arrival.sampleDigest ? Buffer.from(arrival.sampleDigest, 'hex') : null,
      arrival.recordedAt ?? null,
      arrival.coachId ?? null,
      arrival.state,
      takenBy ?? null,
    ],
  );

/** All of it is here: it waits to be looked at. 0 rows when it was withdrawn, or was complete before. */
export const completeArrival = (database: Database, id: string) =>
  runStatement(
    database,
    "update arrival set state = 'waiting', progress = 0, changed_at = now() where id = $1 and state = 'arriving'",
    [id],
  );

/** Begins to look at one; 0 rows when it was withdrawn or somebody else is at it. */
export const beginArrival = (database: Database, id: string, takenBy: number) =>
  runStatement(
    database,
    "update arrival set state = 'checking', progress = 0, taken_by = $2, changed_at = now() where id = $1 and state = 'waiting'",
    [id, takenBy],
  );

export const noteArrivalProgress = (database: Database, id: string, progress: number) =>
  runStatement(database, "update arrival set progress = $2, changed_at = now() where id = $1 and state = 'checking'", [
    id,
    Math.min(1, Math.max(0, progress)),
  ]);

/** Ids of those of these arrivals whose file is no longer needed where it arrived: on the shelf, or refused more than a day ago while the coach has it still. */
export async function listDoneAmong(database: Database, ids: readonly string[]): Promise<string[]> {
  const rows = await listRows(
    database,
    z.object({ id: z.string() }),
    `select id from arrival where id = any($1::uuid[])
       and (state = 'taken' or (state = 'refused' and source = 'upload' and changed_at < now() - interval '1 day'))`,
    [ids],
  );
  return rows.map((row) => row.id);
}

/** Arrivals whose process died while it looked at them, or that have waited for long: returns them, all waiting. */
export const reviveArrivals = (database: Database) =>
  listRows(
    database,
    arrivalRow,
    `update arrival set state = 'waiting', progress = 0, taken_by = null, changed_at = now()
     where (state = 'waiting' and changed_at < now() - interval '1 minute')
        or (state = 'checking' and not ${isAlive('arrival.taken_by')})
     returning ${columns}`,
  );

/** Camera files that were claimed and not yet moved when a process died. */
export const listClaimedArrivals = (database: Database) =>
  listRows(
    database,
    arrivalRow,
    `select ${columns} from arrival where source = 'camera' and state = 'arriving' and not ${isAlive('arrival.taken_by')}
     order by created_at, id`,
  );

/** Back on the list of what waits to be looked at, by the process that was at it. */
export const returnArrival = (database: Database, id: string) =>
  runStatement(
    database,
    "update arrival set state = 'waiting', progress = 0, taken_by = null, changed_at = now() where id = $1 and state = 'checking'",
    [id],
  );

/** Back on the list, after trouble that has nothing to do with the file. */
export const retryArrival = (database: Database, id: string) =>
  runStatement(
    database,
    "update arrival set state = 'waiting', progress = 0, problem = null, changed_at = now() where id = $1 and state = 'refused'",
    [id],
  );

export const refuseArrival = (database: Database, id: string, problem: { readonly code: string }) =>
  runStatement(database, "update arrival set state = 'refused', problem = $2, changed_at = now() where id = $1", [
    id,
    JSON.stringify(problem),
  ]);

export const takeArrival = (database: Database, id: string, footageId: string, already: boolean) =>
  runStatement(
    database,
    "update arrival set state = 'taken', progress = 1, problem = null, footage_id = $2, already = $3, changed_at = now() where id = $1",
    [id, footageId, already],
  );

export const deleteArrival = (database: Database, id: string) =>
  runStatement(database, 'delete from arrival where id = $1', [id]);
