import { createHash, randomBytes, randomInt, randomUUID } from 'node:crypto';
import { existsSync, mkdirSync, mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { setTimeout as pause } from 'node:timers/promises';
import type pg from 'pg';
import { faultCluster, killCluster, startCluster, stopCluster } from '../../bin/cluster';
import { insertCoach } from '../../src/data/accounts/coaches';
import { insertSession } from '../../src/data/accounts/sessions';
import { pool } from '../../src/data/client';
import { insertPerson } from '../../src/data/people/people';
import { insertAthlete, insertRound } from '../../src/data/rounds/rounds';
import { ffmpeg } from '../support/films';
import { openServer, type TestServer } from '../support/server';
import { type Asked, askAlong, clearBackups, countBrokenBackups, countUnended, setTheScene } from './askAlong';

/*
 * The application while everything under it is killed at random moments: the web server, the worker, the database. Pages go on sending as ours do; in the
 * end every mark that was acknowledged is there once, every film that was sent or laid into the inbox is on the shelf once, looked through, every plan, rendered
 * film and package that was asked for is there, and every backup that says it is whole reads back whole.
 */

export interface FaultCounts {
  readonly kills: Readonly<Record<'server' | 'worker' | 'database', number>>;
  readonly acknowledged: number;
  readonly films: number;
  /** Plans, rendered films and packages that were asked for. */
  readonly asked: number;
  /** Backups that read back whole. */
  readonly backups: number;
  readonly lost: number;
  readonly doubled: number;
  readonly stuck: number;
}

interface Scene {
  readonly server: TestServer;
  readonly cookie: string;
  readonly roundId: string;
  readonly films: readonly { readonly file: string; readonly sha256: string }[];
}

const MARKS_AT_ONCE = 5;
const PIECE_BYTES = 96 * 1024;
/** What is still under way when the last kill is over gets this long. @source the issue's own measure: a killed worker's work is taken up within a minute */
const SETTLE_MS = 120_000;

async function seed(
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
async function markAlong(
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
async function upload({ server, cookie }: Scene, file: string): Promise<void> {
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

async function killAlong(
  { server }: Scene,
  kills: number,
  counts: Record<'server' | 'worker' | 'database', number>,
  say: (text: string) => void,
): Promise<void> {
  const victims = ['server', 'worker', 'database'] as const;
  for (let done = 0; done < kills; done += 1) {
    const victim = victims[done % 3] ?? 'server';
    await pause(randomInt(200, 1600));
    counts[victim] += 1;
    if (victim === 'server') {
      await server.kill('SIGKILL');
      await server.start();
    } else if (victim === 'worker') {
      await server.killWorker('SIGKILL');
      server.startWorker();
    } else {
      killCluster(faultCluster.name);
      await pause(randomInt(0, 800));
      await startCluster(faultCluster);
    }
    if ((done + 1) % 20 === 0) say(`${done + 1} kills …`);
  }
}

/** Tiny films, each other bytes: what is made of them takes a second. */
function makeFilms(folder: string, count: number): Scene['films'] {
  return Array.from({ length: count }, (_, index) => {
    const file = path.join(folder, `mat-1 2026-11-20 18-${String(10 + (index % 50))}-0${Math.floor(index / 50)}.mp4`);
    const picture = `testsrc2=size=320x180:rate=30:duration=${2 + (index % 3)},hue=h=${index * 7}`;
    ffmpeg('-f', 'lavfi', '-i', picture, '-c:v', 'libx264', '-pix_fmt', 'yuv420p', '-b:v', '900k', '-g', '300', file);
    return { file, sha256: createHash('sha256').update(readFileSync(file)).digest('hex') };
  });
}

async function countMarks(
  pool: pg.Pool,
  acknowledged: ReadonlySet<string>,
): Promise<{ lost: number; doubled: number }> {
  const { rows } = await pool.query<{ id: string; versions: string }>(
    'select m.id, count(h.version) as versions from mark m left join mark_history h on h.mark_id = m.id group by m.id',
  );
  const versions = new Map(rows.map((row) => [row.id, Number(row.versions)]));
  const lost = [...acknowledged].filter((id) => !versions.has(id)).length;
  return { lost, doubled: [...versions.values()].filter((count) => count !== 1).length };
}

async function countFilms({ server, films }: Scene): Promise<{ lost: number; doubled: number; stuck: number }> {
  const { rows } = await server.pool.query<{
    sha256: Buffer;
    storage_name: string;
    look: string | null;
    waits: string | null;
  }>(
    `select f.sha256, f.storage_name, l.state as look, p.state as waits from footage f
       left join footage_work l on l.footage_id = f.id and l.kind = 'look'
       left join footage_work p on p.footage_id = f.id and p.kind = 'proxy'`,
  );
  let [lost, doubled] = [0, 0];
  for (const { sha256 } of films) {
    const kept = rows.filter((row) => row.sha256.toString('hex') === sha256);
    const stored = kept.map((row) => path.join(server.folder, 'footage', row.storage_name));
    const whole = stored.filter(
      (file) => existsSync(file) && createHash('sha256').update(readFileSync(file)).digest('hex') === sha256,
    );
    if (whole.length === 0) lost += 1;
    if (kept.length > 1) doubled += 1;
  }
  const undone = rows.filter((row) => row.look !== 'done' || (row.waits !== null && row.waits !== 'done')).length;
  const { rows: open } = await server.pool.query("select 1 from arrival where state <> 'taken'");
  return { lost, doubled, stuck: undone + open.length };
}

/** What stands in the way, for whoever has to find out why. */
async function describeTrouble({ pool, folder }: TestServer): Promise<string> {
  const list = async (text: string) => JSON.stringify((await pool.query(text)).rows);
  return [
    await list(
      "select id, source, state, progress, problem, taken_by, byte_length, changed_at from arrival where state <> 'taken'",
    ),
    await list('select class_id, version, state, problem from class_plan order by version desc limit 3'),
    await list("select id, state, problem from clip where state <> 'ready'"),
    await list("select id, state, problem from export_run where state <> 'ready'"),
    await list('select name, problem, started_at, ended_at from backup_try order by started_at desc limit 5'),
    await list("select kind, state, attempts, problem, taken_by, changed_at from footage_work where state <> 'done'"),
    await list('select number, seen_at, now() from worker'),
    await list('select task_identifier, key, attempts, last_error, locked_by, run_at from graphile_worker.jobs'),
    readFileSync(path.join(folder, 'test.log'), 'utf8').slice(-6000),
  ].join('\n');
}

/** Kills so many times while marks are made and films come in, then counts what became of them. */
export async function runFaults(kills: number, say: (text: string) => void): Promise<FaultCounts> {
  const scratch = mkdtempSync(path.join(tmpdir(), 'owl-faults-'));
  const server = await openServer('faults', false, { options: faultCluster });
  try {
    const films = makeFilms(scratch, Math.min(60, 4 + Math.ceil(kills / 3)));
    const { coachId, people, ...who } = await seed(server.pool);
    const scene: Scene = { server, films, ...who };
    process.env.OWL_DATABASE_URL = server.databaseUrl;
    const scenery = await setTheScene(server, coachId, who.roundId, people);
    const asked: Asked = { plans: new Set(), clips: new Set(), packages: new Set() };
    server.startWorker();
    const acknowledged = new Set<string>();
    const killed = { server: 0, worker: 0, database: 0 };
    let over = false;
    const marking = markAlong(scene, () => over, acknowledged);
    const sent = films.filter((_, index) => index % 2 === 0);
    const laid = films.filter((_, index) => index % 2 === 1);
    const sending = (async () => {
      for (const { file } of sent) await upload(scene, file);
    })();
    const laying = (async () => {
      const inbox = path.join(server.folder, 'inbox');
      mkdirSync(inbox, { recursive: true });
      for (const { file } of laid) {
        writeFileSync(path.join(inbox, path.basename(file)), readFileSync(file));
        await pause(randomInt(300, 2500));
      }
    })();
    const asking = askAlong(scenery, () => over, asked);
    await killAlong(scene, kills, killed, say);
    over = true;
    await Promise.all([marking, sending, laying, asking]);
    const deadline = Date.now() + SETTLE_MS;
    const look = async () => ({
      ...(await countFilms(scene)),
      unended: await countUnended(asked, scenery.classId),
    });
    let found = await look();
    while (Date.now() < deadline && found.lost + found.stuck + found.unended > 0) {
      await pause(500);
      found = await look();
    }
    const backups = await countBrokenBackups(server, SETTLE_MS);
    if (found.lost + found.stuck + found.unended + backups.broken > 0) say(await describeTrouble(server));
    const marks = await countMarks(server.pool, acknowledged);
    return {
      kills: killed,
      acknowledged: acknowledged.size,
      films: films.length,
      asked: asked.plans.size + asked.clips.size + asked.packages.size,
      backups: backups.whole,
      lost: marks.lost + found.lost + backups.broken,
      doubled: marks.doubled + found.doubled,
      stuck: found.stuck + found.unended,
    };
  } finally {
    await server.close();
    await pool().end();
    clearBackups(server);
    await stopCluster(faultCluster.name);
    rmSync(scratch, { recursive: true, force: true });
  }
}

export const countsWords = ({
  kills,
  acknowledged,
  films,
  asked,
  backups,
  lost,
  doubled,
  stuck,
}: FaultCounts): string =>
  `${kills.server + kills.worker + kills.database} kills (server ${kills.server}, worker ${kills.worker}, database ${kills.database}); ${acknowledged} marks acknowledged, ${films} films, ${asked} plans, rendered films and packages, ${backups} whole backups: lost ${lost}, doubled ${doubled}, stuck ${stuck}`;
