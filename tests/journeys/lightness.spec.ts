import { gzipSync } from 'node:zlib';
import { type APIRequestContext, expect, type Page, test } from '@playwright/test';
import { demoId } from '../../demo/academy/marksOfRound';
import { openReview, signIn } from '../support/pages';
import { openServer, type TestServer } from '../support/server';

let server: TestServer;
test.beforeAll(async () => {
  server = await openServer('lightness', true);
  await server.query("update footage_work set state = 'cancelled'");
});
test.afterAll(() => server.close());

/**
 * Listens to React's commits as its developer tools do, and counts the components of each that were drawn anew: those whose fiber did work. It goes only
 * into what changed.
 */
const countRenders = (page: Page) =>
  page.addInitScript(`{
    const FUNCTION_LIKE = new Set([0, 1, 11, 14, 15]);
    const DID_WORK = 1;
    window.commits = [];
    const walk = (next, before) => {
      let count = FUNCTION_LIKE.has(next.tag) && (!before || (next.flags & DID_WORK) !== 0) ? 1 : 0;
      if (before && next.child === before.child) return count;
      for (let child = next.child; child; child = child.sibling) {
        if (before && child.alternate === null) { count += walk(child, null); continue; }
        count += before && child === child.alternate ? 0 : walk(child, before ? child.alternate : null);
      }
      return count;
    };
    window.__REACT_DEVTOOLS_GLOBAL_HOOK__ = {
      supportsFiber: true,
      renderers: new Map(),
      inject: () => 1,
      onCommitFiberUnmount() {},
      onPostCommitFiberRoot() {},
      onCommitFiberRoot(_id, root) {
        const next = root.current;
        window.commits.push({ at: performance.now(), components: walk(next, next.alternate) });
      },
    };
  }`);

interface Commit {
  readonly at: number;
  readonly components: number;
}

test('playing draws no more than ten components a picture anew, and never the page', async ({ page }) => {
  await countRenders(page);
  await signIn(page, server.url);
  await openReview(page, `${server.url}/rounds/${demoId('round', 'ana-marek')}`);
  const marks = page.getByRole('listbox', { name: 'Marks of the round' }).getByRole('option');
  await expect(marks.first()).toBeVisible();
  // The whole page has many more than ten: what counts is that little of it is drawn anew.
  const first = await page.evaluate<Commit[]>('window.commits');
  expect(Math.max(...first.map((one) => one.components))).toBeGreaterThan(200);
  // What is fetched once the page is up is drawn once, too: it must have come before anything is counted.
  const quiet = () => page.evaluate<number>('performance.now() - window.commits.at(-1).at');
  await expect.poll(quiet).toBeGreaterThan(2000);

  await page.keyboard.press('Space');
  const clock = page.locator('[data-clock]');
  const shown = await clock.textContent();
  await expect(clock).not.toHaveText(shown ?? '');
  await page.evaluate('window.commits = []');
  // Several seconds of play, however quickly the machine draws.
  const played = () =>
    page.evaluate<number>('window.commits.length < 60 ? 0 : window.commits.at(-1).at - window.commits[0].at');
  await expect.poll(played).toBeGreaterThan(4000);
  const playing = await page.evaluate<Commit[]>('window.commits');
  const most = Math.max(...playing.map((one) => one.components));
  const mean = playing.reduce((sum, one) => sum + one.components, 0) / playing.length;
  console.log(`components drawn anew while playing: at most ${most} a picture, ${mean.toFixed(1)} on the mean`);
  expect(most).toBeLessThanOrEqual(10);
});

/** Every script that the document of a page asks for, in kB after gzip; not the one for browsers without modules, nor what is fetched later, for other pages or on a press. */
async function weighScripts(request: APIRequestContext, address: string): Promise<number> {
  const whole = await (await request.get(`${server.url}${address}`)).text();
  const html = whole.replaceAll(/<script[^>]*nomodule[^>]*>/gi, '');
  const names = new Set([...html.matchAll(/\/_next\/static\/[\w./~-]+\.js/g)].map(([name]) => name));
  expect(names.size).toBeGreaterThan(5);
  let bytes = 0;
  for (const name of names) {
    const script = await request.get(`${server.url}${name}`);
    expect(script.status()).toBe(200);
    bytes += gzipSync(await script.body()).length;
  }
  return bytes / 1024;
}

test('signing in carries less than 150 kB of scripts, Review less than 400', async ({ page }) => {
  const signingIn = await weighScripts(page.request, '/sign-in');
  await signIn(page, server.url);
  const reviewing = await weighScripts(page.request, `/rounds/${demoId('round', 'ana-marek')}`);
  console.log(`scripts after gzip: signing in ${signingIn.toFixed(0)} kB, Review ${reviewing.toFixed(0)} kB`);
  for (const address of ['/footage', '/review', '/students', '/library', '/classes', '/settings', '/search'])
    console.log(`scripts after gzip: ${address} ${(await weighScripts(page.request, address)).toFixed(0)} kB`);
  expect(signingIn).toBeLessThan(150);
  expect(reviewing).toBeLessThan(400);
});
