import { chromium } from '@playwright/test';
import pg from 'pg';
import { startCluster, stopCluster, testCluster } from '../../bin/cluster';
import { FIGURES_VERSION } from '../../src/core/figures';
import { drills } from '../../src/core/vocabulary';
import { keepAlive } from '../../src/data/client';
import { listStaleRounds } from '../../src/data/projections/roundFigures';
import { figurePerson } from '../../src/server/figures/figurePerson';
import { figureRound } from '../../src/server/figures/figureRound';
import { workOutEffects } from '../../src/server/figures/workOutEffects';
import { dayOfServer } from '../../src/server/kernel/environment';
import { signIn } from '../../tests/support/pages';
import { openServer } from '../../tests/support/server';
import { launchOptions } from '../browser';
import { type BenchLine, median } from '../line';
import { idOf, SIZE } from './generate';
import { BENCH_PASSWORD, keepAcademy } from './keepAcademy';

const TURNS = 40;
/** A server that has run for a while is meant, not one that has just been started. */
const WARM_TURNS = 25;
const AT_ONCE = 4;
const percentile = (values: readonly number[], share: number): number =>
  [...values].sort((one, other) => one - other)[Math.min(values.length - 1, Math.floor(values.length * share))] ??
  Number.NaN;

/** Works out what is not worked out, several rounds at once as several workers would; gives rounds a second. */
async function workOut(pool: pg.Pool): Promise<{ rounds: number; perSecond: number }> {
  const began = performance.now();
  let rounds = 0;
  for (let ids = await listStaleRounds(pool, 2000); ids.length > 0; ids = await listStaleRounds(pool, 2000)) {
    await Promise.all(
      Array.from({ length: AT_ONCE }, async () => {
        for (let id = ids.pop(); id; id = ids.pop()) {
          await figureRound(pool, id);
          rounds += 1;
        }
      }),
    );
  }
  return { rounds, perSecond: rounds / ((performance.now() - began) / 1000) };
}

/** How fast this machine is just now: the same work takes twice as long on another day of a shared one. */
function additions(): number {
  const times = Array.from({ length: 5 }, () => {
    const began = performance.now();
    let sum = 0;
    for (let at = 0; at < 1e8; at += 1) sum += at % 7;
    return sum > 0 ? performance.now() - began : 0;
  });
  return median(times);
}

/** Server times of pages and searches of the great academy beside the statements that they ran, and the way from a mark to its figure. */
export async function measureAcademy(): Promise<BenchLine[]> {
  // Started anew, with the count of statements loaded.
  await stopCluster(testCluster.name);
  const cluster = await startCluster(testCluster);
  const { address } = await keepAcademy(cluster);
  const pool = new pg.Pool({ connectionString: address, max: AT_ONCE + 1 });
  keepAlive(pool);
  const lines: BenchLine[] = [];
  const { rows: known } = await pool.query('select 1 from round_figured where figures_version = $1 limit 1', [
    FIGURES_VERSION,
  ]);
  if (known.length > 0)
    await pool.query(
      'update round_figured set figures_version = 0 where round_id in (select id from round order by held_on desc limit 2000)',
    );
  const worked = await workOut(pool);
  lines.push({
    what: `working out the figures of ${worked.rounds} rounds, ${AT_ONCE} at once in one process`,
    measured: `${worked.perSecond.toFixed(0)} rounds a second`,
  });
  const peopleBegan = performance.now();
  for (let number = 0; number < SIZE.people; number += 1)
    await figurePerson(pool, idOf('person', number), dayOfServer());
  lines.push({
    what: `adding up the ${SIZE.people} students`,
    measured: `${((performance.now() - peopleBegan) / SIZE.people).toFixed(0)} ms each`,
  });
  const effectsBegan = performance.now();
  await workOutEffects(pool, dayOfServer());
  lines.push({
    what: 'what happened to every error after every lesson of half a year',
    measured: `${((performance.now() - effectsBegan) / 1000).toFixed(1)} s`,
  });
  await pool.query(
    "delete from graphile_worker._private_jobs where task_id in (select id from graphile_worker._private_tasks where identifier like 'figure-%' or identifier = 'lesson-effects')",
  );
  await pool.query('analyze');
  await pool.query('create extension if not exists pg_stat_statements');
  const server = await openServer('academy', false, { databaseUrl: address });
  lines.push({
    what: 'a hundred million additions in one thread, to set times of other days against',
    measured: `${additions().toFixed(0)} ms`,
  });
  const browser = await chromium.launch(launchOptions);
  try {
    const page = await browser.newPage();
    await signIn(page, server.url, 'bench', BENCH_PASSWORD);
    const cookie = (await page.context().cookies()).map((one) => `${one.name}=${one.value}`).join('; ');
    const person = (turn: number) => idOf('person', (turn * 37) % SIZE.people);
    const round = (turn: number) => idOf('round', (turn * 211) % 2000);
    const places: readonly (readonly [string, (turn: number) => string])[] = [
      ['Students', () => '/students'],
      ['a student', (turn) => `/students/${person(turn)}`],
      ['the Academy', () => '/academy'],
      ['the Academy, a cell open', () => '/academy?family=half-guard&belt=white'],
      ['Review, the list', () => '/review'],
      ['a round in Review', (turn) => `/rounds/${round(turn)}`],
      ['closing a review', (turn) => `/rounds/${round(turn)}/closing`],
      ['Classes', () => '/classes'],
      ['a class', (turn) => `/classes/${idOf('class', turn)}`],
      ['a class that was', (turn) => `/classes/${idOf('class', 20 + turn)}`],
      ['the curriculum', () => '/classes/curriculum'],
      ['Library', () => '/library'],
      ['a drill', (turn) => `/library/${drills[turn % drills.length]?.id}`],
      ['an entry', (turn) => `/library/${['half-guard', 'mount', 'err-half-flat', 'armbar'][turn % 4]}`],
      [
        'searching a person and an error',
        (turn) => `/search?q=${['ana+elbows', 'ben+half+guard', 'cai+armbar'][turn % 3]}`,
      ],
      ['searching a remark', (turn) => `/search?q=${['far+elbow', 'patience', 'ask+knee'][turn % 3]}`],
      ['Footage', () => '/footage'],
    ];
    for (const [name, addressOf] of places) {
      for (let turn = 0; turn < WARM_TURNS; turn += 1)
        await fetch(server.url + addressOf(turn), { headers: { cookie } }).then((answer) => answer.text());
      await pool.query('select pg_stat_statements_reset()');
      const times: number[] = [];
      for (let turn = 0; turn < TURNS; turn += 1) {
        const began = performance.now();
        const answer = await fetch(server.url + addressOf(turn), { headers: { cookie } });
        await answer.text();
        if (answer.status !== 200) throw new Error(`measureAcademy: ${addressOf(turn)} answered ${answer.status}`);
        times.push(performance.now() - began);
      }
      const { rows } = await pool.query<{ ms: number }>(
        "select sum(total_exec_time) as ms from pg_stat_statements s join pg_database d on d.oid = s.dbid where d.datname = current_database() and query not like '%pg_stat_statements%'",
      );
      const sql = (rows[0]?.ms ?? 0) / TURNS;
      const p95 = percentile(times, 0.95);
      lines.push({
        what: `${name}: server time at the 95th percentile, a million marks`,
        measured: `${p95.toFixed(0)} ms (median ${median(times).toFixed(0)}), of it ${sql.toFixed(0)} ms of statements`,
        goal: '200 ms',
      });
    }
    server.startWorker();
    lines.push(await measureMarkToFigure(server.url, cookie, pool));
  } finally {
    await browser.close();
    await server.close();
    await pool.end();
  }
  return lines;
}

/** From a mark that is sent to its figure on the student's page. */
async function measureMarkToFigure(url: string, cookie: string, pool: pg.Pool): Promise<BenchLine> {
  const times: number[] = [];
  for (let turn = 0; turn < 12; turn += 1) {
    const roundId = idOf('round', turn);
    const { rows } = await pool.query<{ person_id: string }>(
      "select person_id from round_athlete where round_id = $1 and slot = 'a'",
      [roundId],
    );
    const figuredBefore = async () =>
      (
        await pool.query<{ at: Date }>('select figured_at as at from round_figured where round_id = $1', [roundId])
      ).rows[0]?.at.getTime() ?? 0;
    const before = await figuredBefore();
    const mark = {
      kind: 'error',
      id: crypto.randomUUID(),
      atSeconds: 40 + turn,
      errorId: 'err-half-flat',
      athlete: 'a',
      ledTo: [],
    };
    const began = performance.now();
    await fetch(`${url}/api/rounds/${roundId}/marks`, {
      method: 'POST',
      headers: { cookie, 'content-type': 'application/json', origin: url },
      body: JSON.stringify({ changes: [{ changeId: crypto.randomUUID(), mark, removed: false }] }),
    });
    while ((await figuredBefore()) === before) {
      if (performance.now() - began > 60_000) throw new Error('measureMarkToFigure: no figure after a minute');
      await new Promise((resolve) => setTimeout(resolve, 20));
    }
    const answer = await fetch(`${url}/students/${rows[0]?.person_id}`, { headers: { cookie } });
    await answer.text();
    // The first turn also waits for the worker to start.
    if (turn > 0) times.push(performance.now() - began);
  }
  return {
    what: 'from a mark to its figure on the student’s page, a million marks',
    measured: `${median(times).toFixed(0)} ms, slowest of ${times.length}: ${Math.max(...times).toFixed(0)} ms`,
    goal: '2000 ms',
  };
}
