import { randomUUID } from 'node:crypto';
import { mkdtempSync, readdirSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { setTimeout as pause } from 'node:timers/promises';
import { startCluster, testCluster } from '../bin/cluster';
import { say } from '../bin/steps';
import { pool } from '../src/data/client';
import { findClosingId } from '../src/data/reviews/closings';
import { insertSignedReview } from '../src/data/reviews/signedReviews';
import { insertLink, revokeLink } from '../src/data/sharing/links';
import { hashToken, newToken } from '../src/server/accounts/tokens';
import {
  type Asked,
  askAlong,
  clearBackups,
  countBrokenBackups,
  countUnended,
  setTheScene,
} from '../tests/support/askAlong';
import { makeFilms, markAlong, type Scene, seedWork, upload } from '../tests/support/coachesAtWork';
import { openServer, type TestServer } from '../tests/support/server';
import { type BenchLine, median } from './line';

const MINUTES = Number(process.env.OWL_SOAK_MINUTES ?? 30);
const LOOK_MS = 10_000;
const FILMS = 40;
/** Something is asked for about so often: far more than an academy does, and no more than one worker gets done. */
const ASK_MS = [6000, 10_000] as const;
/** Pages that are opened in turn, as coaches do beside all else. */
const PLACES = ['/students', '/classes', '/review', '/footage', '/academy', '/library', '/settings', '/search?q=ana'];

/** What a process and the database hold at a moment. */
interface Held {
  readonly serverMb: number;
  readonly workerMb: number;
  readonly files: number;
  readonly connections: number;
  readonly leftovers: number;
}

const memoryOf = (pid: number): number => {
  const status = readFileSync(`/proc/${pid}/status`, 'utf8');
  return Number(/VmRSS:\s+(\d+)/.exec(status)?.[1] ?? 0) / 1024;
};
const filesOf = (pid: number): number => readdirSync(`/proc/${pid}/fd`).length;

async function holdsNow(server: TestServer): Promise<Held> {
  const [serverPid, workerPid] = [server.pid(), server.workerPid()];
  const { rows } = await server.pool.query<{ count: number }>(
    'select count(*)::int as count from pg_stat_activity where datname = current_database()',
  );
  const leftovers = readdirSync(server.folder, { recursive: true, encoding: 'utf8' }).filter((one) =>
    one.endsWith('.part'),
  );
  return {
    serverMb: memoryOf(serverPid),
    workerMb: memoryOf(workerPid),
    files: filesOf(serverPid) + filesOf(workerPid),
    connections: rows[0]?.count ?? 0,
    leftovers: leftovers.length,
  };
}

/** A signed review that is shared again and again: each link opens it, and nothing once it is closed. */
async function shareAlong(
  { server, roundId }: Scene,
  coachId: string,
  personId: string,
  over: () => boolean,
  counts: { opened: number; wrong: number },
): Promise<void> {
  const about = { kind: 'round' as const, roundId, slot: 'a' as const };
  const content = { good: { text: 'Elbows in.', markIds: [] }, points: [], questions: [], remark: '' };
  await insertSignedReview(server.pool, { id: randomUUID(), about, version: 1, content }, coachId);
  const closingId = await findClosingId(server.pool, about);
  const open = async (token: string) => (await fetch(`${server.url}/s/${token}`)).text();
  for (; !over(); await pause(3000)) {
    const [id, token] = [randomUUID(), newToken()];
    const link = { id, kind: 'review' as const, personId, closingId, tokenHash: hashToken(token), days: 1 };
    await insertLink(server.pool, link, coachId);
    const isOpen = (await open(token)).includes('Elbows in.');
    await revokeLink(server.pool, id);
    const isClosed = (await open(token)).includes('This link is closed');
    counts.opened += 1;
    if (!isOpen || !isClosed) counts.wrong += 1;
  }
}

/** Half an hour of marking, uploading, planning, rendering, packing, backing up and looking at pages: what is held in its last third against its second. */
export async function measureSoak(): Promise<BenchLine[]> {
  await startCluster(testCluster);
  const scratch = mkdtempSync(path.join(tmpdir(), 'owl-soak-'));
  const server = await openServer('soak', false, { standBack: '10' });
  try {
    const films = makeFilms(scratch, FILMS);
    const { coachId, people, ...who } = await seedWork(server.pool);
    const scene: Scene = { server, films, ...who };
    process.env.OWL_DATABASE_URL = server.databaseUrl;
    const scenery = await setTheScene(server, coachId, who.roundId, people);
    const asked: Asked = { plans: new Set(), clips: new Set(), packages: new Set() };
    server.startWorker();
    const endsAt = Date.now() + MINUTES * 60_000;
    const over = () => Date.now() > endsAt;
    const acknowledged = new Set<string>();
    let [pages, failed] = [0, 0];
    const looking = (async () => {
      for (; !over(); pages += 1) {
        const answer = await fetch(server.url + (PLACES[pages % PLACES.length] ?? ''), {
          headers: { cookie: who.cookie },
        });
        await answer.text();
        if (answer.status !== 200) failed += 1;
        await pause(250);
      }
    })();
    const sending = (async () => {
      for (const { file } of films) {
        if (over()) return;
        await upload(scene, file);
        await pause((MINUTES * 60_000) / FILMS / 2);
      }
    })();
    const shared = { opened: 0, wrong: 0 };
    const sharing = shareAlong(scene, coachId, people[0] ?? '', over, shared);
    const held: Held[] = [];
    const watching = (async () => {
      for (; !over(); await pause(LOOK_MS)) {
        held.push(await holdsNow(server));
        if (held.length % 18 === 0) say(`${Math.round((endsAt - Date.now()) / 60_000)} minutes left …`);
      }
    })();
    await Promise.all([
      markAlong(scene, over, acknowledged),
      askAlong(scenery, over, asked, ASK_MS),
      looking,
      sending,
      sharing,
      watching,
    ]);
    const unended = async () => countUnended(asked, scenery.classId);
    for (let wait = 0; wait < 240 && (await unended()) > 0; wait += 1) await pause(500);
    const backups = await countBrokenBackups(server, 120_000);
    const third = (of: keyof Held, which: number) => {
      const size = Math.floor(held.length / 3);
      return median(held.slice(which * size, (which + 1) * size).map((one) => one[of]));
    };
    const flat = (of: keyof Held, unit: string) =>
      `${third(of, 1).toFixed(0)}${unit}, then ${third(of, 2).toFixed(0)}${unit}; at most ${Math.max(...held.map((one) => one[of])).toFixed(0)}${unit}`;
    const what = (text: string) => `${MINUTES} minutes of work: ${text}, middle of the second third, then of the last`;
    return [
      {
        what: `${MINUTES} minutes of marking, uploading, planning, rendering, packing, backing up, sharing and looking`,
        measured: `${acknowledged.size} marks, ${asked.plans.size} plans, ${asked.clips.size} rendered films, ${asked.packages.size} packages, ${backups.whole} whole backups, ${shared.opened} links, ${pages} pages (${failed + shared.wrong} failed)`,
        goal: '0 failed',
      },
      { what: what('memory of the web server'), measured: flat('serverMb', ' MB'), goal: 'flat' },
      { what: what('memory of the worker'), measured: flat('workerMb', ' MB'), goal: 'flat' },
      { what: what('open files of both'), measured: flat('files', ''), goal: 'flat' },
      { what: what('connections to the database'), measured: flat('connections', ''), goal: 'flat' },
      { what: what('half-made files'), measured: flat('leftovers', ''), goal: 'flat' },
      {
        what: 'of all that was asked for, never done or broken',
        measured: String((await unended()) + backups.broken),
        goal: '0',
      },
    ];
  } finally {
    await server.close();
    await pool().end();
    clearBackups(server);
    rmSync(scratch, { recursive: true, force: true });
  }
}
