import { createReadStream, readFileSync, statSync, writeFileSync } from 'node:fs';
import { createServer } from 'node:http';
import path from 'node:path';
import { makeFilm, type TestServer } from '../tests/support/server';
import { type BenchLine, median } from './line';
import { cookieOf, shelved, upload } from './upload';

const RANGE_BYTES = 8 * 1024 * 1024;
const PORT = 4397;

/** The plainest server of one file with ranges: what a static web server does, no more. */
function servePlainly(file: string) {
  const size = statSync(file).size;
  const server = createServer((request, response) => {
    const [, first, last] = /bytes=(\d+)-(\d+)/.exec(request.headers.range ?? '') ?? ['', '0', String(size - 1)];
    response.writeHead(206, {
      'content-type': 'video/mp4',
      'content-range': `bytes ${first}-${last}/${size}`,
      'content-length': Number(last) - Number(first) + 1,
    });
    createReadStream(file, { start: Number(first), end: Number(last) }).pipe(response);
  });
  return new Promise<() => void>((resolve) => server.listen(PORT, '127.0.0.1', () => resolve(() => server.close())));
}

async function readRanges(url: string, size: number, headers: Record<string, string>): Promise<number> {
  const began = performance.now();
  let bytes = 0;
  for (let first = 0; first + RANGE_BYTES <= size; first += RANGE_BYTES) {
    const answer = await fetch(url, { headers: { ...headers, range: `bytes=${first}-${first + RANGE_BYTES - 1}` } });
    bytes += (await answer.arrayBuffer()).byteLength;
  }
  return bytes / 1024 ** 2 / ((performance.now() - began) / 1000);
}

/** The same ranges of the same bytes, from our route behind the sign-in and from a plain server, in turns. */
export async function measureRanges(server: TestServer, scratch: string): Promise<BenchLine[]> {
  const film = makeFilm(path.join(scratch, 'film.mp4'), 20);
  const padded = path.join(scratch, 'padded.mp4');
  const head = readFileSync(film);
  // A free box after the film makes the file large and leaves it a valid MP4.
  const free = Buffer.alloc(48 * 1024 * 1024, 1);
  free.writeUInt32BE(free.length, 0);
  free.write('free', 4, 'latin1');
  writeFileSync(padded, Buffer.concat([head, free]));
  const size = statSync(padded).size;
  const cookie = await cookieOf(server);
  server.startWorker();
  const id = await shelved(server, await upload(server, cookie, padded, 'padded.mp4'));
  // What else is made of the file must not compete with the measuring.
  await server.killWorker('SIGTERM');
  const close = await servePlainly(padded);
  const ours: number[] = [];
  const plain: number[] = [];
  for (let turn = 0; turn < 31; turn += 1) {
    ours.push(await readRanges(`${server.url}/api/footage/${id}/file`, size, { cookie }));
    plain.push(await readRanges(`http://127.0.0.1:${PORT}/`, size, {}));
  }
  close();
  // Pair by pair: what else the machine does changes from turn to turn.
  const ratio = median(ours.map((rate, turn) => rate / (plain[turn] ?? Number.NaN)));
  return [
    {
      what: `ranges of 8 MB of a ${Math.round(size / 1024 ** 2)} MB file, against a plain static server`,
      measured: `${median(ours).toFixed(0)} MB/s against ${median(plain).toFixed(0)} MB/s: ${ratio.toFixed(2)} ×`,
      goal: '0.9 ×',
    },
  ];
}
