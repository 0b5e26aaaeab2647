import { chromium } from '@playwright/test';
import { signIn } from '../tests/support/pages';
import { openServer } from '../tests/support/server';
import { launchOptions } from './browser';
import { type BenchLine, median } from './line';

const PLACES = ['/students', '/classes', '/review', '/footage', '/academy', '/library'];
const WARM_TURNS = 10;
const LEAST_ANSWERS = 60;

/** How long pages of the academy with half a year of footage take while a run of its coming weeks is planned, against when nothing is. */
export async function measureWhilePlanning(): Promise<BenchLine> {
  const server = await openServer('planning', true, { withTerm: true, standBack: '10' });
  const browser = await chromium.launch(launchOptions);
  try {
    const page = await browser.newPage();
    await signIn(page, server.url);
    const cookie = (await page.context().cookies()).map((one) => `${one.name}=${one.value}`).join('; ');
    const answer = async (turn: number) => {
      const began = performance.now();
      const response = await fetch(server.url + (PLACES[turn % PLACES.length] ?? ''), { headers: { cookie } });
      await response.text();
      if (!response.ok) throw new Error(`measureWhilePlanning: ${response.status}`);
      return performance.now() - began;
    };
    for (let turn = 0; turn < WARM_TURNS * PLACES.length; turn += 1) await answer(turn);
    const quiet: number[] = [];
    for (let turn = 0; turn < LEAST_ANSWERS; turn += 1) quiet.push(await answer(turn));
    server.startWorker();
    const planned: number[] = [];
    let runs = 0;
    while (planned.length < LEAST_ANSWERS) {
      await page.goto(`${server.url}/classes`);
      await page.getByRole('button', { name: 'Plan the coming weeks together' }).click();
      await untilTrue(async () => (await stateOf(server)) === 'working');
      // The coach's own device is another one: drawing the page must not take this one's processors.
      await page.goto('about:blank');
      runs += 1;
      // One page at a time, as a coach reads them; a run that is ready ends its share.
      while ((await stateOf(server)) === 'working') planned.push(await answer(planned.length));
    }
    const slowest = [...planned].sort((one, other) => one - other)[Math.floor(planned.length * 0.95)] ?? Number.NaN;
    return {
      what: `pages while the coming weeks are planned beside them (${planned.length} answers over ${runs} runs), 95th percentile`,
      measured: `${slowest.toFixed(0)} ms, slowest ${Math.max(...planned).toFixed(0)} ms (median ${median(planned).toFixed(0)}; ${median(quiet).toFixed(0)} when nothing is planned)`,
      goal: '200 ms',
    };
  } finally {
    await browser.close();
    await server.close();
  }
}

const stateOf = async (server: { query: (text: string) => Promise<{ rows: { state: string }[] }> }) =>
  (await server.query('select state from class_run order by asked_at desc limit 1')).rows[0]?.state;

async function untilTrue(isTrue: () => Promise<boolean>): Promise<void> {
  for (let wait = 0; wait < 600; wait += 1) {
    if (await isTrue()) return;
    await new Promise((resolve) => setTimeout(resolve, 50));
  }
  throw new Error('measureWhilePlanning: planning does not begin');
}
