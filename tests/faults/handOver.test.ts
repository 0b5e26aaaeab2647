import { mkdtempSync, rmSync, truncateSync, writeFileSync } from 'node:fs';
import { createServer, type Server, type ServerResponse } from 'node:http';
import type { AddressInfo } from 'node:net';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';

const { takeHandOvers } = (await import('../../bin/handOver.mjs' as string)) as {
  readonly takeHandOvers: (response: ServerResponse) => void;
};
const HEADER = process.env.OWL_HAND_OVER_HEADER ?? '';

let folder: string;
let server: Server;
let answer: (response: ServerResponse) => void;
beforeEach(async () => {
  folder = mkdtempSync(path.join(tmpdir(), 'owl hand ö-'));
  server = createServer((_, response) => {
    takeHandOvers(response);
    answer(response);
  });
  await new Promise<void>((resolve) => server.listen(0, '127.0.0.1', resolve));
});
afterEach(() => {
  server.closeAllConnections();
  server.close();
  rmSync(folder, { recursive: true });
});
const ask = () => fetch(`http://127.0.0.1:${(server.address() as AddressInfo).port}/`);
const fileOf = (text: string): string => {
  const file = path.join(folder, 'film 1.mp4');
  writeFileSync(file, text);
  return file;
};

describe('a body that is handed over', () => {
  it.each([
    ['by headers set one by one', false],
    ['by headers written at once', true],
  ])('is the bytes that were named, %s, and its place is told nobody', async (_, atOnce) => {
    const file = fileOf('0123456789');
    answer = (response) => {
      response.setHeader(HEADER, `2-5 ${encodeURIComponent(file)}`);
      response.setHeader('content-length', 4);
      if (atOnce) response.writeHead(206);
      else response.statusCode = 206;
      response.end();
    };
    const got = await ask();
    expect(got.status).toBe(206);
    expect(got.headers.get(HEADER)).toBeNull();
    expect(await got.text()).toBe('2345');
  });

  it('leaves any other answer alone', async () => {
    answer = (response) => {
      response.write('as it ');
      response.end('is');
    };
    expect(await (await ask()).text()).toBe('as it is');
  });

  it('that ends early breaks the answer off instead of ending it, so that nobody takes half for the whole', async () => {
    const file = fileOf('0123456789');
    answer = (response) => {
      response.setHeader(HEADER, `0-9 ${encodeURIComponent(file)}`);
      response.setHeader('content-length', 10);
      truncateSync(file, 4);
      response.end();
    };
    await expect(ask().then((got) => got.text())).rejects.toThrow();
  });

  it('of a file that is gone ends the answer, and the server goes on', async () => {
    answer = (response) => {
      response.setHeader(HEADER, `0-9 ${encodeURIComponent(path.join(folder, 'gone'))}`);
      response.end();
    };
    await expect(ask().then((got) => got.text())).rejects.toThrow();
    answer = (response) => void response.end('here');
    expect(await (await ask()).text()).toBe('here');
  });
});
