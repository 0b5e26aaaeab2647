import { createHash } from 'node:crypto';
import { FileStore } from '@tus/file-store';
import { ERRORS, Server } from '@tus/server';
import { inTransaction, pool } from '@/data/client';
import {
  type Arrival,
  deleteArrival,
  findArrival,
  findUnfinishedUpload,
  insertArrival,
  lockAdmission,
  noteArrivalPiece,
  withdrawUpload,
} from '@/data/footage/arrivals';
import { findFootage, findFootageBySample } from '@/data/footage/footage';
import { isOutage } from '@/data/outage';
import { handOn } from '../jobs/sweep';
import { mostUploadBytes } from '../kernel/environment';
import { filmSize } from '../store/films';
import { syncFile } from './durable';
import { safeFileName } from './fileNames';
import { findRoomProblem, hasRoomForPiece } from './room';
import { arrivingFolder, arrivingPath, removeArriving, sizeOf } from './storage';

/** Pieces with a checksum are held in memory until it is known to be right. */
const MOST_CHECKED_BYTES = 16 * 1024 * 1024;
/** The largest piece of a file in one request. @source own decision: seconds of a slow line, and little enough that the free room is looked at often */
export const MOST_PIECE_BYTES = 64 * 1024 * 1024;
export const UPLOAD_PATH = '/api/arrivals';

const refusal = (status: number, code: string, details: object = {}) => ({
  status_code: status,
  body: JSON.stringify({ code, ...details }),
});

const isDigest = (text: string | null | undefined): text is string => /^[0-9a-f]{64}$/.test(text ?? '');
const isId = (text: string | null | undefined): text is string =>
  /^[0-9a-f]{8}-[0-9a-f]{4}-4[0-9a-f]{3}-[89ab][0-9a-f]{3}-[0-9a-f]{12}$/.test(text ?? '');

const holder = globalThis as typeof globalThis & { owlUploads?: Server };

/** The one server of resumable uploads in this process (protocol tus 1.0.0). */
function uploads(): Server {
  holder.owlUploads ??= new Server({
    path: UPLOAD_PATH,
    relativeLocation: true,
    maxSize: mostUploadBytes(),
    datastore: new FileStore({ directory: arrivingFolder() }),
    namingFunction: (_request, metadata) => {
      if (!isId(metadata?.id)) throw refusal(400, 'no-id');
      return metadata.id;
    },
    onUploadCreate: async (request, upload) => {
      await admit(upload.id, upload.size ?? 0, upload.metadata ?? {}, request.headers.get('x-owl-coach') ?? '');
      return { metadata: upload.metadata };
    },
    onUploadFinish: async (_request, upload) => {
      await syncFile(arrivingPath(upload.id));
      if (!(await handOn(upload.id))) throw refusal(410, 'withdrawn');
      return {};
    },
    // Whatever went wrong inside is told by a code alone: paths and words of the database are nobody's business.
    onResponseError: (_request, error) => {
      if ('status_code' in error && error.body.startsWith('{')) return error;
      if ('status_code' in error && error.status_code < 500)
        // Sizes beyond the limit are refused by the package itself.
        return error.status_code === 413
          ? refusal(413, 'too-large', { mostBytes: mostUploadBytes() })
          : refusal(error.status_code, 'not-understood');
      if ((error as NodeJS.ErrnoException).code === 'ENOSPC') return refusal(507, 'disk-full');
      return refusal(503, isOutage(error) ? 'database-away' : 'interrupted');
    },
  });
  return holder.owlUploads;
}

/** Lets a new upload in under its id, or throws why not. An id that was ever used is no new upload's: nothing that is here may be written over. */
async function admit(
  id: string,
  bytes: number,
  metadata: Record<string, string | null>,
  coachId: string,
): Promise<void> {
  if (bytes === 0) throw refusal(422, 'empty');
  const { sample } = metadata;
  const recorded = isDigest(sample) ? await findFootageBySample(pool(), sample) : undefined;
  // A record whose file is not here, as a package leaves it, wants the film.
  const known = recorded && (await filmSize(recorded.storageName)) !== undefined ? recorded : undefined;
  if (known) throw refusal(409, 'here-already', { footageId: known.id, name: known.originalName });
  const started = isDigest(sample) ? await findUnfinishedUpload(pool(), sample, coachId) : undefined;
  if (started) await goOnWith(started);
  const arrival = await findArrival(pool(), id);
  if (arrival) {
    if (arrival.coachId !== coachId || arrival.source !== 'upload' || arrival.state !== 'arriving')
      throw refusal(409, 'id-taken');
    await goOnWith(arrival);
  }
  if ((await findFootage(pool(), id)) || (await sizeOf(arrivingPath(id))) !== undefined) throw refusal(409, 'id-taken');
  await inTransaction(pool(), async (client) => {
    await lockAdmission(client);
    const { code, ...details } = (await findRoomProblem(bytes, id)) ?? {};
    if (code) throw refusal(507, code, details);
    const inserted = await insertArrival(client, {
      id,
      source: 'upload',
      originalName: safeFileName(metadata.filename ?? ''),
      byteLength: bytes,
      sampleDigest: isDigest(sample) ? sample : undefined,
      recordedAt: readMoment(metadata.changedAt),
      coachId,
      state: 'arriving',
    });
    if (inserted === 0) throw refusal(409, 'id-taken');
  });
}

/**
 * Points the page to the upload that is begun already. One that nothing can be added to is forgotten, so that it can begin anew instead of asking for
 * ever: its file is gone, or the server was killed after making the file and before writing the protocol's record beside it.
 */
async function goOnWith(started: Arrival): Promise<void> {
  if (await canGoOn(started.id)) throw refusal(409, 'begun-already', { arrivalId: started.id });
  await deleteArrival(pool(), started.id);
  await removeArriving(started.id);
}

const canGoOn = (id: string): Promise<boolean> =>
  uploads()
    .datastore.getUpload(id)
    .then(
      () => true,
      (error: unknown) => {
        if (error === ERRORS.FILE_NOT_FOUND || error === ERRORS.FILE_NO_LONGER_EXISTS) return false;
        throw error;
      },
    );

function readMoment(text: string | null | undefined): string | undefined {
  const date = new Date(text ?? '');
  const year = date.getUTCFullYear();
  return text && Number.isFinite(date.getTime()) && year > 2000 && year < 2200 ? date.toISOString() : undefined;
}

/** Answers one request of the upload protocol. The coach is known; the address's last part is the arrival's id, and only of an own upload under way. */
export async function receiveUpload(request: Request, coachId: string): Promise<Response> {
  const { pathname } = new URL(request.url);
  const headers = new Headers(request.headers);
  headers.set('x-owl-coach', coachId);
  let body: ReadableStream<Uint8Array> | Uint8Array<ArrayBuffer> | null = request.body;
  if (request.method === 'POST') {
    if (pathname !== UPLOAD_PATH) return answer(404, 'no-such-upload');
  } else if (request.method !== 'OPTIONS') {
    const id = pathname.startsWith(`${UPLOAD_PATH}/`) ? pathname.slice(UPLOAD_PATH.length + 1) : '';
    const arrival = isId(id) ? await findArrival(pool(), id) : undefined;
    if (arrival?.source !== 'upload' || arrival.coachId !== coachId) return answer(404, 'no-such-upload');
    if (arrival.state !== 'arriving') return answerFinished(request.method, arrival);
    if (request.method === 'DELETE') return withdraw(request, arrival, coachId, headers);
    if (request.method === 'PATCH') {
      const piece = await readPiece(request);
      if (piece instanceof Response) return piece;
      body = piece;
      await noteArrivalPiece(pool(), arrival.id);
    }
  }
  return passOn(request, headers, body);
}

function passOn(request: Request, headers: Headers, body: RequestInit['body']): Promise<Response> {
  const init: RequestInit & { duplex: 'half' } = {
    method: request.method,
    headers,
    body,
    duplex: 'half',
    signal: request.signal,
  };
  return uploads().handleWeb(new Request(request.url, init));
}

/** All of it is here: a page that lost the last answer hears so, and nothing can be added or taken away. */
function answerFinished(method: string, { byteLength, state }: Arrival): Response {
  if (method !== 'HEAD' || state === 'refused') return answer(409, 'finished-already');
  const headers = { 'upload-offset': String(byteLength), 'upload-length': String(byteLength), ...protocol };
  return new Response(null, { status: 200, headers });
}

/** Gives an unfinished upload up. One whose last byte has just come is finished instead: it is a whole film. */
async function withdraw(request: Request, arrival: Arrival, coachId: string, headers: Headers): Promise<Response> {
  if ((await sizeOf(arrivingPath(arrival.id))) === arrival.byteLength) {
    await handOn(arrival.id);
    return answer(409, 'finished-already');
  }
  if ((await withdrawUpload(pool(), arrival.id, coachId)) === 0) return answer(409, 'finished-already');
  return passOn(request, headers, null);
}

const protocol = { 'tus-resumable': '1.0.0', 'cache-control': 'no-store' } as const;
const answer = (status: number, code: string): Response => Response.json({ code }, { status, headers: protocol });

/** The body of a piece that may be written: of a length that is said, small enough, with room for it, and whole where it names its checksum. */
async function readPiece(request: Request): Promise<Request['body'] | Uint8Array<ArrayBuffer> | Response> {
  const declared = Number(request.headers.get('content-length') ?? Number.NaN);
  if (!Number.isInteger(declared)) return answer(411, 'no-length');
  if (declared > MOST_PIECE_BYTES) return answer(413, 'piece-too-large');
  if (!(await hasRoomForPiece(declared))) return answer(507, 'disk-full');
  const checksum = request.headers.get('upload-checksum');
  return checksum ? readChecked(request, checksum, declared) : request.body;
}

/**
 * The piece of a request whose bytes have the checksum that it names, or a refusal: nothing of a damaged piece is kept.
 * @source tus resumable upload protocol 1.0.0, extension "Checksum" (460 Checksum Mismatch)
 */
async function readChecked(
  request: Request,
  header: string,
  declared: number,
): Promise<Uint8Array<ArrayBuffer> | Response> {
  const [algorithm = '', expected = ''] = header.split(' ');
  if (algorithm !== 'sha256' && algorithm !== 'sha1') return answer(400, 'unknown-checksum');
  if (declared > MOST_CHECKED_BYTES) return answer(413, 'piece-too-large');
  const pieces: Uint8Array[] = [];
  let bytes = 0;
  for await (const piece of (request.body ?? []) as unknown as AsyncIterable<Uint8Array>) {
    bytes += piece.byteLength;
    if (bytes > MOST_CHECKED_BYTES) return answer(413, 'piece-too-large');
    pieces.push(piece);
  }
  const whole = new Uint8Array(Buffer.concat(pieces));
  if (createHash(algorithm).update(whole).digest('base64') !== expected) return answer(460, 'checksum-mismatch');
  return whole;
}
