import { chromium } from '@playwright/test';
import { type PlannedRun, planRunApart } from '../src/server/classes/planApart';
import { signIn } from '../tests/support/pages';
import { openServer } from '../tests/support/server';
import { launchOptions } from './browser';
import { largeRun } from './largeRun';
import { type BenchLine, median } from './line';

const PLACES = ['/students', '/classes', '/review', '/footage', '/academy', '/library'];
const WARM_TURNS = 10;
const LEAST_ANSWERS = 60;
const LEAST_RUNS = 3;
const SEED = 77;

/** How long pages of the academy with half a year of footage take while a large run is planned, against when nothing is. */
export async function measureWhilePlanning(): Promise<BenchLine[]> {
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
    const planned: number[] = [];
    const runs: PlannedRun[] = [];
    const [firstAfter, tookAll]: [number[], number[]] = [[], []];
    while (planned.length < LEAST_ANSWERS || runs.length < LEAST_RUNS) {
      const began = performance.now();
      let isOver = false;
      let isFirst = true;
      const run = planLarge(SEED + runs.length, () => {
        if (isFirst) firstAfter.push(performance.now() - began);
        isFirst = false;
      }).finally(() => {
        isOver = true;
      });
      // One page at a time, as a coach reads them; a run that is ready ends its share.
      while (!isOver) planned.push(await answer(planned.length));
      runs.push(await run);
      tookAll.push(performance.now() - began);
    }
    const slowest = [...planned].sort((one, other) => one - other)[Math.floor(planned.length * 0.95)] ?? Number.NaN;
    const seconds = (times: readonly number[]) => `${(Math.max(...times) / 1000).toFixed(1)} s at most`;
    return [
      {
        what: `pages while 12 classes of 40 people are planned beside them (${planned.length} answers over ${runs.length} runs, seeds from ${SEED}), 95th percentile`,
        measured: `${slowest.toFixed(0)} ms, slowest ${Math.max(...planned).toFixed(0)} ms (median ${median(planned).toFixed(0)}; ${median(quiet).toFixed(0)} when nothing is planned)`,
        goal: '200 ms',
      },
      { what: 'until the first such run is shown, beside pages', measured: seconds(firstAfter), goal: '3 s' },
      { what: 'until such a run is ready with the plans of its classes, beside pages', measured: seconds(tookAll) },
    ];
  } finally {
    await browser.close();
    await server.close();
  }
}

/** Plans a large run as the product does: in a process of its own that stands back. */
function planLarge(seed: number, onBetter: () => void): Promise<PlannedRun> {
  const { run, classes } = largeRun(seed);
  return planRunApart(run, classes, new AbortController().signal, onBetter);
}
