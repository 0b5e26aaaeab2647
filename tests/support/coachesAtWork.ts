import { createHash, randomBytes, randomUUID } from 'node:crypto';
import { readFileSync } from 'node:fs';
import path from 'node:path';
import { setTimeout as pause } from 'node:timers/promises';
import type pg from 'pg';
import { insertCoach } from '../../src/data/accounts/coaches';
import { insertSession } from '../../src/data/accounts/sessions';
import { insertPerson } from '../../src/data/people/people';
import { insertAthlete, insertRound } from '../../src/data/rounds/rounds';
import { ffmpeg } from './films';
import type { TestServer } from './server';

/* Coaches at work, as their pages are: marks are sent until they are acknowledged, films in pieces from where the server says that it is. */

export interface Scene {
  readonly server: TestServer;
  readonly cookie: string;
  readonly roundId: string;
  readonly films: readonly { readonly file: string; readonly sha256: string }[];
}

const MARKS_AT_ONCE = 5;
const PIECE_BYTES = 96 * 1024;
/** An academy with a coach who is signed in, two people and a round between them. */
export async function seedWork(
  pool: pg.Pool,
): Promise<{ cookie: string; roundId: string; coachId: string; people: readonly string[] }> {
  const [coachId, roundId, token] = [randomUUID(), randomUUID(), randomBytes(32).toString('base64url')];
  await insertCoach(pool, {
    id: coachId,
    signInName: 'ludo',
    displayName: 'Ludo',
    role: 'head',
    passwordHash: 'none',
  });
  await insertSession(pool, createHash('sha256').update(token).digest(), coachId, 1);
  const round = { heldOn: '2026-11-20', uniform: 'gi', ruleSet: 'no-score', plannedSeconds: 300 } as const;
  const more = { occasion: 'sparring', theme: '', numberInSession: 1, startSeconds: 0, endSeconds: 5000 } as const;
  await insertRound(pool, { id: roundId, footageId: undefined, ...round, ...more }, coachId);
  const people: string[] = [];
  for (const [slot, name] of [
    ['a', 'Ana'],
    ['b', 'Iris'],
  ] as const) {
    const id = randomUUID();
    const facts = { name, standing: 'student', belt: 'blue', stripes: 0 } as const;
    const unknown = { bornOn: undefined, weightKg: undefined, injuredUntil: undefined, injuryNote: undefined };
    await insertPerson(pool, { id, ...facts, ...unknown });
    const athlete = {
      belt: 'blue',
      stripes: 0,
      weightKg: undefined,
      weightSource: undefined,
      toldApartBy: '',
    } as const;
    people.push(id);
    await insertAthlete(pool, roundId, slot, { personId: id, ...athlete });
  }
  return { cookie: `owl_session=${token}`, roundId, coachId, people };
}

/** Sends and sends again until there is an answer, as a page does; the answer is undefined when `over` says that it is of no use any more. */
async function insist(
  ask: () => Promise<Response>,
  isAnswer: (status: number) => boolean,
  over: () => boolean,
): Promise<Response | undefined> {
  while (!over()) {
    const answer = await ask().catch(() => undefined);
    if (answer && isAnswer(answer.status)) return answer;
    await answer?.body?.cancel().catch(() => undefined);
    await pause(100);
  }
  return undefined;
}

/** Marks without end, a few at a time, each sent until it is acknowledged. */
export async function markAlong(
  { server, cookie, roundId }: Scene,
  over: () => boolean,
  acknowledged: Set<string>,
): Promise<void> {
  for (let at = 0; !over(); at += 1) {
    const changes = Array.from({ length: MARKS_AT_ONCE }, (_, index) => ({
      changeId: randomUUID(),
      mark: {
        kind: 'position',
        id: randomUUID(),
        atSeconds: (at * MARKS_AT_ONCE + index) / 50,
        positionId: 'mount',
        holder: 'a',
      },
      removed: false,
    }));
    const answer = await insist(
      () =>
        fetch(`${server.url}/api/rounds/${roundId}/marks`, {
          method: 'POST',
          headers: { cookie, 'content-type': 'application/json' },
          body: JSON.stringify({ changes }),
          signal: AbortSignal.timeout(5000),
        }),
      (status) => status === 200,
      over,
    );
    const body = (await answer?.json().catch(() => undefined)) as
      | { outcomes?: { changeId: string; status: string }[] }
      | undefined;
    for (const outcome of body?.outcomes ?? []) {
      const change = changes.find((one) => one.changeId === outcome.changeId);
      if (change && outcome.status === 'stored') acknowledged.add(change.mark.id);
    }
    await pause(15);
  }
}

/** Sends one film in pieces and goes on from where the server says that it is. */
export async function upload({ server, cookie }: Scene, file: string): Promise<void> {
  const bytes = readFileSync(file);
  const deadline = Date.now() + 10 * 60_000;
  const over = () => Date.now() > deadline;
  const id = randomUUID();
  const meta = `id ${Buffer.from(id).toString('base64')},filename ${Buffer.from(path.basename(file)).toString('base64')}`;
  const headers = { cookie, 'tus-resumable': '1.0.0' };
  const address = `${server.url}/api/arrivals/${id}`;
  const timeout = () => AbortSignal.timeout(8000);
  // 409: it was begun by a try whose answer was lost.
  const begin = () =>
    insist(
      () =>
        fetch(`${server.url}/api/arrivals`, {
          method: 'POST',
          headers: { ...headers, 'upload-length': String(bytes.length), 'upload-metadata': meta },
          signal: timeout(),
        }),
      (status) => status === 201 || status === 409,
      over,
    );
  await begin();
  for (;;) {
    const head = await insist(
      () => fetch(address, { method: 'HEAD', headers, signal: timeout() }),
      (status) => status === 200 || status === 404,
      over,
    );
    if (!head) throw new Error(`${path.basename(file)} could not be sent in ten minutes`);
    // Killed in the middle of beginning: it begins anew, as pages do.
    if (head.status === 404) {
      await begin();
      continue;
    }
    for (let offset = Number(head.headers.get('upload-offset')); ; ) {
      if (offset >= bytes.length) return;
      const piece = new Uint8Array(bytes.subarray(offset, offset + PIECE_BYTES));
      const digest = createHash('sha256').update(piece).digest('base64');
      const answer = await fetch(address, {
        method: 'PATCH',
        headers: {
          ...headers,
          'upload-offset': String(offset),
          'content-type': 'application/offset+octet-stream',
          'upload-checksum': `sha256 ${digest}`,
        },
        body: piece,
        signal: timeout(),
      }).catch(() => undefined);
      if (answer?.status !== 204) break;
      offset = Number(answer.headers.get('upload-offset'));
      await pause(60);
    }
    await pause(100);
  }
}

/** Tiny films, each other bytes: what is made of them takes a second. */
export function makeFilms(folder: string, count: number): Scene['films'] {
  return Array.from({ length: count }, (_, index) => {
    const file = path.join(folder, `mat-1 2026-11-20 18-${String(10 + (index % 50))}-0${Math.floor(index / 50)}.mp4`);
    const picture = `testsrc2=size=320x180:rate=30:duration=${2 + (index % 3)},hue=h=${index * 7}`;
    ffmpeg('-f', 'lavfi', '-i', picture, '-c:v', 'libx264', '-pix_fmt', 'yuv420p', '-b:v', '900k', '-g', '300', file);
    return { file, sha256: createHash('sha256').update(readFileSync(file)).digest('hex') };
  });
}
