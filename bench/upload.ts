import { randomUUID } from 'node:crypto';
import { createReadStream, statSync } from 'node:fs';
import { request } from 'node:http';
import { chromium } from '@playwright/test';
import { signIn } from '../tests/support/pages';
import type { TestServer } from '../tests/support/server';
import { launchOptions } from './browser';

/** The cookie of a signed-in coach. */
export async function cookieOf(server: TestServer): Promise<string> {
  const browser = await chromium.launch(launchOptions);
  const page = await browser.newPage();
  await signIn(page, server.url);
  const cookie = (await page.context().cookies()).map((one) => `${one.name}=${one.value}`).join('; ');
  await browser.close();
  return cookie;
}

/** The largest piece that is taken. */
const PIECE_BYTES = 64 * 1024 * 1024;

/** Sends a file by the resumable protocol, in the largest pieces that there may be; returns the arrival's id. */
export async function upload(server: TestServer, cookie: string, file: string, name: string): Promise<string> {
  const id = randomUUID();
  const bytes = statSync(file).size;
  const meta = `id ${Buffer.from(id).toString('base64')},filename ${Buffer.from(name).toString('base64')}`;
  const headers = { cookie, 'tus-resumable': '1.0.0' };
  const made = await fetch(`${server.url}/api/arrivals`, {
    method: 'POST',
    headers: { ...headers, 'upload-length': String(bytes), 'upload-metadata': meta },
  });
  if (made.status !== 201) throw new Error(`upload: ${made.status} ${await made.text()}`);
  for (let offset = 0; offset < bytes; offset += PIECE_BYTES)
    await sendPiece(`${server.url}/api/arrivals/${id}`, headers, file, offset, Math.min(PIECE_BYTES, bytes - offset));
  return id;
}

function sendPiece(
  address: string,
  headers: Readonly<Record<string, string>>,
  file: string,
  offset: number,
  length: number,
): Promise<void> {
  return new Promise((resolve, reject) => {
    const patch = request(
      address,
      {
        method: 'PATCH',
        headers: {
          ...headers,
          'upload-offset': String(offset),
          'content-type': 'application/offset+octet-stream',
          'content-length': length,
        },
      },
      (response) => {
        response.resume();
        response.on('end', () =>
          response.statusCode === 204 ? resolve() : reject(new Error(`upload: ${response.statusCode}`)),
        );
      },
    );
    patch.on('error', reject);
    createReadStream(file, { start: offset, end: offset + length - 1, highWaterMark: 1024 * 1024 }).pipe(patch);
  });
}

/** Waits until an arrival is on the shelf and returns its footage's id; the server's worker must run. */
export async function shelved(server: TestServer, arrivalId: string): Promise<string> {
  for (let wait = 0; wait < 1200; wait += 1) {
    const { rows } = await server.query('select state, footage_id from arrival where id = $1', [arrivalId]);
    if (rows[0]?.footage_id) return rows[0].footage_id as string;
    if (rows[0]?.state === 'refused') throw new Error('shelved: the file was refused');
    await new Promise((resolve) => setTimeout(resolve, 250));
  }
  throw new Error('shelved: not within five minutes');
}

/** Waits until all work on a file is done; returns the seconds from the first start to the last change of each kind. */
export async function worked(server: TestServer, footageId: string): Promise<Record<string, number>> {
  for (let wait = 0; wait < 2400; wait += 1) {
    const { rows } = await server.query(
      'select kind, state, extract(epoch from changed_at - started_at)::float as seconds from footage_work where footage_id = $1',
      [footageId],
    );
    if (rows.length > 0 && rows.every((row) => row.state === 'done'))
      return Object.fromEntries(rows.map((row) => [row.kind, row.seconds]));
    if (rows.some((row) => row.state === 'failed')) throw new Error('worked: failed');
    await new Promise((resolve) => setTimeout(resolve, 250));
  }
  throw new Error('worked: not within ten minutes');
}
