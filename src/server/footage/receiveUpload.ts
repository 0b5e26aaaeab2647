import { createHash } from 'node:crypto';
import { FileStore } from '@tus/file-store';
import { Server } from '@tus/server';
import { pool } from '@/data/client';
import {
  completeArrival,
  deleteArrival,
  findArrival,
  findUnfinishedUpload,
  insertArrival,
  sumOfArrivingBytes,
} from '@/data/footage/arrivals';
import { findFootageBySample, sumOfFootageBytes } from '@/data/footage/footage';
import { queueArrival } from '../jobs/queueWork';
import { mostShelfBytes, mostUploadBytes } from '../kernel/environment';
import { safeFileName } from './fileNames';
import { arrivingFolder, freeBytes } from './storage';

/** Room that an upload must leave on the disk. */
const SPARE_BYTES = 256 * 1024 * 1024;
/** Pieces with a checksum are held in memory until it is known to be right; larger ones are refused. */
const MOST_CHECKED_BYTES = 16 * 1024 * 1024;
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
      const bytes = upload.size ?? 0;
      if (bytes === 0) throw refusal(422, 'empty');
      const sample = upload.metadata?.sample;
      const known = isDigest(sample) ? await findFootageBySample(pool(), sample) : undefined;
      if (known) throw refusal(409, 'here-already', { footageId: known.id, name: known.originalName });
      const started = isDigest(sample) ? await findUnfinishedUpload(pool(), sample) : undefined;
      if (started && started.id !== upload.id) throw refusal(409, 'begun-already', { arrivalId: started.id });
      const arriving = await sumOfArrivingBytes(pool(), upload.id);
      if ((await sumOfFootageBytes(pool())) + arriving + bytes > mostShelfBytes())
        throw refusal(507, 'shelf-full', { mostBytes: mostShelfBytes() });
      if ((await freeBytes(arrivingFolder())) < bytes + SPARE_BYTES) throw refusal(507, 'disk-full');
      await insertArrival(pool(), {
        id: upload.id,
        source: 'upload',
        originalName: safeFileName(upload.metadata?.filename ?? ''),
        byteLength: bytes,
        sampleDigest: isDigest(sample) ? sample : undefined,
        recordedAt: readRecordedAt(upload.metadata?.recordedAt),
        coachId: request.headers.get('x-owl-coach') ?? undefined,
        state: 'arriving',
      });
      return { metadata: upload.metadata };
    },
    onUploadFinish: async (_request, upload) => {
      await completeArrival(pool(), upload.id);
      await queueArrival(upload.id);
      return {};
    },
    onResponseError: (_request, error) => {
      if ('status_code' in error && error.body.startsWith('{')) return error;
      // Sizes beyond the limit are refused by the package itself.
      if ('status_code' in error && error.status_code === 413)
        return refusal(413, 'too-large', { mostBytes: mostUploadBytes() });
      return undefined;
    },
  });
  return holder.owlUploads;
}

function readRecordedAt(text: string | null | undefined): string | undefined {
  const date = new Date(text ?? '');
  return text && Number.isFinite(date.getTime()) ? date.toISOString() : undefined;
}

/** Answers one request of the upload protocol. The coach is known; the address's last part is the arrival's id. */
export async function receiveUpload(request: Request, coachId: string): Promise<Response> {
  const headers = new Headers(request.headers);
  headers.set('x-owl-coach', coachId);
  const id = new URL(request.url).pathname.split('/').pop();
  if (request.method === 'PATCH' && (await freeBytes(arrivingFolder())) < SPARE_BYTES / 4)
    return answer(507, 'disk-full');
  let body: ReadableStream<Uint8Array> | Uint8Array<ArrayBuffer> | null = request.body;
  const checksum = request.headers.get('upload-checksum');
  if (request.method === 'PATCH' && checksum) {
    const checked = await readChecked(request, checksum);
    if (checked instanceof Response) return checked;
    body = checked;
  }
  const init: RequestInit & { duplex: 'half' } = {
    method: request.method,
    headers,
    body,
    duplex: 'half',
    signal: request.signal,
  };
  const response = await uploads().handleWeb(new Request(request.url, init));
  if (request.method === 'DELETE' && response.ok && isId(id)) await forget(id);
  return response;
}

const forget = async (id: string): Promise<void> => {
  if ((await findArrival(pool(), id))?.state === 'arriving') await deleteArrival(pool(), id);
};

const answer = (status: number, code: string): Response =>
  Response.json({ code }, { status, headers: { 'tus-resumable': '1.0.0', 'cache-control': 'no-store' } });

/**
 * The piece of a request whose bytes have the checksum that it names, or a refusal: nothing of a damaged piece is kept.
 * @source tus resumable upload protocol 1.0.0, extension "Checksum" (460 Checksum Mismatch)
 */
async function readChecked(request: Request, header: string): Promise<Uint8Array<ArrayBuffer> | Response> {
  const [algorithm = '', expected = ''] = header.split(' ');
  if (algorithm !== 'sha256' && algorithm !== 'sha1') return answer(400, 'unknown-checksum');
  const declared = Number(request.headers.get('content-length') ?? 0);
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
