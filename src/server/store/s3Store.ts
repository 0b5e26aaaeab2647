import { createReadStream, createWriteStream } from 'node:fs';
import { mkdir, open, readFile, rm, stat, writeFile } from 'node:fs/promises';
import path from 'node:path';
import type { Readable } from 'node:stream';
import { pipeline } from 'node:stream/promises';
import {
  CompleteMultipartUploadCommand,
  CreateMultipartUploadCommand,
  DeleteObjectCommand,
  GetObjectCommand,
  HeadObjectCommand,
  PutObjectCommand,
  S3Client,
  UploadPartCommand,
} from '@aws-sdk/client-s3';
import { z } from 'zod';
import { arrivingFolder } from '../footage/storage';
import type { StoreSettings } from './storeSettings';

/** Parts of a large file; the protocol wants at least 5 MiB and at most 10,000 of them. @source Amazon S3 user guide, multipart upload limits (from memory) */
const PART_BYTES = 16 * 1024 * 1024;

/** Films in an S3-compatible store: each under its file's name. */
export interface FilmStore {
  /** Puts a file; one that was broken off goes on with the part after the last that arrived. */
  readonly put: (name: string, file: string, signal: AbortSignal) => Promise<void>;
  /** Writes it to `file`, which is there whole or not at all. */
  readonly get: (name: string, file: string, signal: AbortSignal) => Promise<void>;
  /** Some of its bytes, both ends included. */
  readonly range: (name: string, first: number, last: number, signal: AbortSignal) => Promise<Readable>;
  /** Undefined where it is not there. */
  readonly sizeOf: (name: string) => Promise<number | undefined>;
  readonly remove: (name: string) => Promise<void>;
}

/** How far an upload got, kept on the disk, so that another process goes on with it. */
const progressShape = z.object({
  uploadId: z.string(),
  byteLength: z.number(),
  mtimeMs: z.number(),
  parts: z.array(z.object({ number: z.number(), etag: z.string() })),
});
type Progress = z.output<typeof progressShape>;
const progressFile = (file: string): string => path.join(arrivingFolder(), `elsewhere-${path.basename(file)}.json`);

export function openS3Store({ endpoint, bucket, region, key, secret, prefix }: StoreSettings): FilmStore {
  const client = new S3Client({
    ...{ endpoint, region, forcePathStyle: true, credentials: { accessKeyId: key, secretAccessKey: secret } },
    // Stores of other makers know no other checksums; each film is compared by its length, and by its digest where it comes home.
    requestChecksumCalculation: 'WHEN_REQUIRED',
    responseChecksumValidation: 'WHEN_REQUIRED',
  });
  const at = (name: string) => ({ Bucket: bucket, Key: `${prefix}${name}` });
  const sizeOf = async (name: string): Promise<number | undefined> => {
    try {
      return (await client.send(new HeadObjectCommand(at(name)))).ContentLength;
    } catch (error) {
      if (isMissing(error)) return undefined;
      throw error;
    }
  };
  const body = async (name: string, range: string | undefined, abortSignal: AbortSignal): Promise<Readable> => {
    const answer = await client.send(new GetObjectCommand({ ...at(name), Range: range }), { abortSignal });
    if (!answer.Body) throw new Error(`the store has nothing of ${name}`);
    return answer.Body as Readable;
  };
  return {
    sizeOf,
    range: (name, first, last, signal) => body(name, `bytes=${first}-${last}`, signal),
    remove: async (name) => void (await client.send(new DeleteObjectCommand(at(name)))),
    get: async (name, file, signal) => {
      await pipeline(await body(name, undefined, signal), createWriteStream(file, { flush: true }), { signal });
    },
    put: async (name, file, signal) => {
      const { size, mtimeMs } = await stat(/*turbopackIgnore: true*/ file);
      if (size <= PART_BYTES) {
        const whole = new PutObjectCommand({ ...at(name), Body: createReadStream(file), ContentLength: size });
        await client.send(whole, { abortSignal: signal });
        return;
      }
      const progress = await goOn({ byteLength: size, mtimeMs }, file, async () => {
        const begun = await client.send(new CreateMultipartUploadCommand(at(name)), { abortSignal: signal });
        return begun.UploadId ?? '';
      });
      try {
        await putParts(client, at(name), file, progress, signal);
      } catch (error) {
        // The store forgot what was begun: it begins anew with the next try.
        if ((error as Error).name === 'NoSuchUpload') await rm(progressFile(file), { force: true });
        throw error;
      }
      await rm(progressFile(file), { force: true });
    },
  };
}

const isMissing = (error: unknown): boolean => {
  const { name, $metadata } = error as { name?: string; $metadata?: { httpStatusCode?: number } };
  return name === 'NotFound' || name === 'NoSuchKey' || $metadata?.httpStatusCode === 404;
};

/** The upload that was begun of this very file, else a new one. */
async function goOn(
  facts: Pick<Progress, 'byteLength' | 'mtimeMs'>,
  file: string,
  begin: () => Promise<string>,
): Promise<Progress> {
  const text = await readFile(/*turbopackIgnore: true*/ progressFile(file), 'utf8').catch(() => '{}');
  const known = progressShape.safeParse(JSON.parse(text)).data;
  if (known && known.byteLength === facts.byteLength && known.mtimeMs === facts.mtimeMs) return known;
  return { ...facts, uploadId: await begin(), parts: [] };
}

async function putParts(
  client: S3Client,
  place: { readonly Bucket: string; readonly Key: string },
  file: string,
  progress: Progress,
  signal: AbortSignal,
): Promise<void> {
  const { uploadId: UploadId, byteLength } = progress;
  const parts = [...progress.parts];
  await mkdir(/*turbopackIgnore: true*/ arrivingFolder(), { recursive: true });
  const handle = await open(/*turbopackIgnore: true*/ file, 'r');
  try {
    for (let number = parts.length + 1; (number - 1) * PART_BYTES < byteLength; number += 1) {
      const first = (number - 1) * PART_BYTES;
      const bytes = Buffer.alloc(Math.min(PART_BYTES, byteLength - first));
      await handle.read(bytes, 0, bytes.length, first);
      const part = new UploadPartCommand({ ...place, UploadId, PartNumber: number, Body: bytes });
      const { ETag } = await client.send(part, { abortSignal: signal });
      parts.push({ number, etag: ETag ?? '' });
      await writeFile(/*turbopackIgnore: true*/ progressFile(file), JSON.stringify({ ...progress, parts }));
    }
  } finally {
    await handle.close();
  }
  const MultipartUpload = { Parts: parts.map((one) => ({ PartNumber: one.number, ETag: one.etag })) };
  const whole = new CompleteMultipartUploadCommand({ ...place, UploadId, MultipartUpload });
  await client.send(whole, { abortSignal: signal });
}
