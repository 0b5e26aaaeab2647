import { type FileHandle, open } from 'node:fs/promises';
import { Readable } from 'node:stream';
import { type ByteRange, parseRange } from '@/core/footage/byteRange';
import { log } from '../../log/log';
import { refuse } from '../kernel/sameOrigin';
import { filmSize, readElsewhere } from '../store/films';
import { storedPath, storedSize } from './storage';

const CHUNK_BYTES = 512 * 1024;

const mediaTypes: Readonly<Record<string, string>> = {
  mp4: 'video/mp4',
  m4v: 'video/mp4',
  mov: 'video/mp4',
  webm: 'video/webm',
  mkv: 'video/webm',
  jpg: 'image/jpeg',
};

/** A stored file, wherever it lies, whole or in the range asked for, with validators (RFC 9110); `digest` changes whenever its bytes do. */
export async function serveStored(storageName: string, digest: string, request: Request): Promise<Response> {
  const here = await storedSize(storageName);
  const size = here ?? (await filmSize(storageName));
  if (size === undefined) return refuse(410, 'file-missing');
  const etag = `"${digest.slice(0, 48)}"`;
  const headers = new Headers({
    'accept-ranges': 'bytes',
    etag,
    // Kept by the browser, and asked about each time: after signing out nobody reads it any more.
    'cache-control': 'private, no-cache',
    'content-type': mediaTypes[storageName.split('.').pop() ?? ''] ?? 'application/octet-stream',
    'content-security-policy': "default-src 'none'; sandbox",
    'x-content-type-options': 'nosniff',
  });
  const hasRange = request.headers.has('range');
  if (!hasRange && request.headers.get('if-none-match') === etag) return new Response(null, { status: 304, headers });
  const ifRange = request.headers.get('if-range');
  const range = ifRange && ifRange !== etag ? 'whole' : parseRange(request.headers.get('range'), size);
  if (range === 'unsatisfiable') {
    headers.set('content-range', `bytes */${size}`);
    return new Response(null, { status: 416, headers });
  }
  const bytes = range === 'whole' ? { first: 0, last: size - 1 } : range;
  if (range !== 'whole') headers.set('content-range', `bytes ${bytes.first}-${bytes.last}/${size}`);
  headers.set('content-length', String(bytes.last - bytes.first + 1));
  const status = range === 'whole' ? 200 : 206;
  if (request.method === 'HEAD' || size === 0) return new Response(null, { status, headers });
  if (here === undefined) {
    const away = await readElsewhere(storageName, bytes, request.signal).catch((error: unknown) => {
      log.warn({ err: error, film: storageName }, 'the store elsewhere does not answer');
      return undefined;
    });
    return away
      ? new Response(Readable.toWeb(away) as ReadableStream<Uint8Array>, { status, headers })
      : refuse(503, 'store-away');
  }
  const file = storedPath(storageName);
  // The web server sends the file itself where it can: half as fast again as through the framework (bench/ranges).
  const handOver = process.env.OWL_HAND_OVER_HEADER;
  if (!handOver) return new Response(streamFile(file, bytes), { status, headers });
  headers.set(handOver, `${bytes.first}-${bytes.last} ${encodeURIComponent(file)}`);
  return new Response(null, { status, headers });
}

/** Reads as the client takes; closes the file when it is done or the client leaves, also while opening. */
function streamFile(file: string, { first, last }: ByteRange): ReadableStream<Uint8Array> {
  let handle: FileHandle | undefined;
  let cancelled = false;
  let position = first;
  return new ReadableStream<Uint8Array>(
    {
      async pull(controller) {
        handle ??= await open(/*turbopackIgnore: true*/ file, 'r');
        if (cancelled) return void (await handle.close());
        const buffer = Buffer.allocUnsafe(Math.min(CHUNK_BYTES, last - position + 1));
        const { bytesRead } = await handle.read(buffer, 0, buffer.length, position);
        position += bytesRead;
        if (bytesRead > 0 && !cancelled) controller.enqueue(buffer.subarray(0, bytesRead));
        if (bytesRead === 0 || position > last) {
          await handle.close();
          if (!cancelled) controller.close();
        }
      },
      async cancel() {
        cancelled = true;
        await handle?.close().catch(() => undefined);
      },
    },
    { highWaterMark: 0 },
  );
}
