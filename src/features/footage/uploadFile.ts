import { DetailedError, Upload } from 'tus-js-client';

const PIECE_BYTES = 4 * 1024 * 1024;
const SAMPLE_BYTES = 1024 * 1024;
/** Tries again after these pauses, then every half minute for as long as the page is open. */
const RETRY_MS = [0, 1000, 2000, 4000, 8000, 15_000, ...Array.from({ length: 240 }, () => 30_000)];

export type UploadEvent =
  | { readonly kind: 'begun'; readonly arrivalId: string }
  | { readonly kind: 'progress'; readonly sentBytes: number }
  | { readonly kind: 'waiting-for-connection' }
  | { readonly kind: 'sent' }
  | { readonly kind: 'here-already'; readonly footageId: string; readonly name: string }
  | { readonly kind: 'failed'; readonly code: string; readonly details: Readonly<Record<string, unknown>> };

export interface UploadHandle {
  readonly pause: () => void;
  readonly resume: () => void;
  /** Gives it up: what was sent is thrown away. */
  readonly cancel: () => void;
}

const hex = (bytes: ArrayBuffer): string =>
  [...new Uint8Array(bytes)].map((byte) => byte.toString(16).padStart(2, '0')).join('');
const base64 = (bytes: ArrayBuffer): string => btoa(String.fromCharCode(...new Uint8Array(bytes)));

/** The same as the server computes: first mebibyte, last mebibyte, length. Undefined where the browser has no digests (plain http). */
async function sampleDigest(file: File): Promise<string | undefined> {
  if (!globalThis.crypto?.subtle) return undefined;
  const size = Math.min(SAMPLE_BYTES, file.size);
  const length = new Uint8Array(8);
  new DataView(length.buffer).setBigUint64(0, BigInt(file.size));
  const sample = new Blob([file.slice(0, size), file.slice(file.size - size), length]);
  return hex(await crypto.subtle.digest('SHA-256', await sample.arrayBuffer()));
}

/** Sends one file in pieces, each with its checksum, and goes on from the byte where an earlier try ended, also one of another day. */
export function uploadFile(file: File, tell: (event: UploadEvent) => void): UploadHandle {
  if (file.size === 0) {
    tell({ kind: 'failed', code: 'empty', details: {} });
    return { pause: () => undefined, resume: () => undefined, cancel: () => undefined };
  }
  let upload: Upload | undefined;
  let ended = false;
  const begin = (sample: string | undefined, uploadUrl?: string) => {
    if (ended) return;
    const id = crypto.randomUUID();
    if (uploadUrl) tell({ kind: 'begun', arrivalId: uploadUrl.split('/').pop() ?? '' });
    upload = new Upload(file, {
      endpoint: '/api/arrivals',
      uploadUrl,
      chunkSize: PIECE_BYTES,
      retryDelays: RETRY_MS,
      storeFingerprintForResuming: false,
      metadata: {
        id,
        filename: file.name,
        ...(sample ? { sample } : {}),
        ...(file.lastModified ? { changedAt: new Date(file.lastModified).toISOString() } : {}),
      },
      onBeforeRequest: async (request) => {
        if (request.getMethod() !== 'PATCH' || !globalThis.crypto?.subtle) return;
        const from = Number(request.getHeader('Upload-Offset'));
        const piece = await file.slice(from, Math.min(file.size, from + PIECE_BYTES)).arrayBuffer();
        request.setHeader('Upload-Checksum', `sha256 ${base64(await crypto.subtle.digest('SHA-256', piece))}`);
      },
      onUploadUrlAvailable: () => tell({ kind: 'begun', arrivalId: upload?.url?.split('/').pop() ?? id }),
      onProgress: (sentBytes) => tell({ kind: 'progress', sentBytes }),
      onShouldRetry: (error) => {
        const status = error.originalResponse?.getStatus() ?? 0;
        // No answer, a server that is away, a piece damaged on the way: all of these pass.
        const passes = status === 0 || status === 460 || status === 423 || (status >= 500 && status !== 507);
        if (passes) tell({ kind: 'waiting-for-connection' });
        return passes;
      },
      onSuccess: () => tell({ kind: 'sent' }),
      onError: (error) => {
        const answer = error instanceof DetailedError ? readAnswer(error.originalResponse?.getBody()) : {};
        if (answer.code === 'begun-already') return begin(sample, `/api/arrivals/${String(answer.arrivalId)}`);
        if (answer.code === 'here-already')
          return tell({ kind: 'here-already', footageId: String(answer.footageId), name: String(answer.name) });
        const status = error instanceof DetailedError ? error.originalResponse?.getStatus() : 0;
        tell({
          kind: 'failed',
          code: answer.code ?? (status === 413 ? 'too-large' : 'interrupted'),
          details: answer,
        });
      },
    });
    upload.start();
  };
  void sampleDigest(file).then(
    (sample) => begin(sample),
    () => tell({ kind: 'failed', code: 'unreadable', details: {} }),
  );
  return {
    pause: () => void upload?.abort(),
    resume: () => upload?.start(),
    cancel: () => {
      ended = true;
      void upload?.abort(true).catch(() => undefined);
    },
  };
}

function readAnswer(text: string | undefined): { readonly code?: string } & Readonly<Record<string, unknown>> {
  try {
    const read: unknown = JSON.parse(text ?? '');
    return typeof read === 'object' && read !== null ? { ...read } : {};
  } catch {
    return {};
  }
}
