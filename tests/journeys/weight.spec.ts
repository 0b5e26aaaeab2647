import { gzipSync } from 'node:zlib';
import { expect, type Page, test } from '@playwright/test';
import { demoId } from '../../demo/academy/marksOfRound';
import { openReview, signIn } from '../support/pages';
import { openServer, type TestServer } from '../support/server';

let server: TestServer;
test.beforeAll(async () => {
  server = await openServer('weight', true);
  await server.query("update footage_work set state = 'cancelled'");
});
test.afterAll(() => server.close());

/** Every script that a page asks for until it works, in kB after gzip. */
async function weighScripts(page: Page, open: () => Promise<void>): Promise<number> {
  const scripts = new Map<string, Promise<number>>();
  page.on('response', (response) => {
    if (response.request().resourceType() !== 'script' || scripts.has(response.url())) return;
    scripts.set(
      response.url(),
      response.body().then(
        (body) => gzipSync(body).length,
        () => 0,
      ),
    );
  });
  await open();
  // Scripts ask for scripts: it is over when no more have come for a while.
  let known = -1;
  await expect
    .poll(
      () => {
        const isOver = scripts.size === known;
        known = scripts.size;
        return isOver;
      },
      { intervals: [1500], timeout: 60_000 },
    )
    .toBe(true);
  const sizes = await Promise.all(scripts.values());
  if (process.env.OWL_SHOW_SCRIPTS)
    for (const [at, url] of [...scripts.keys()].entries()) console.log(`${sizes[at]} ${url}`);
  return sizes.reduce((sum, one) => sum + one, 0) / 1024;
}

test('signing in carries less than 150 kB of scripts, Review less than 400', async ({ browser }) => {
  const first = await browser.newPage();
  const signingIn = await weighScripts(first, async () => {
    await first.goto(`${server.url}/sign-in`);
    await expect(first.getByRole('button', { name: 'Sign in' })).toBeVisible();
  });
  console.log(`scripts of the sign-in page: ${signingIn.toFixed(0)} kB after gzip`);
  await first.close();

  // Another visit with an empty cache that is signed in already.
  const context = await browser.newContext({ viewport: { width: 1280, height: 800 } });
  const signed = await context.newPage();
  await signIn(signed, server.url);
  const state = await context.storageState();
  await context.close();
  const fresh = await browser.newContext({ viewport: { width: 1280, height: 800 }, storageState: state });
  const page = await fresh.newPage();
  const reviewing = await weighScripts(page, () =>
    openReview(page, `${server.url}/rounds/${demoId('round', 'ana-marek')}`),
  );
  console.log(`scripts of Review: ${reviewing.toFixed(0)} kB after gzip`);
  await fresh.close();
  expect(signingIn).toBeLessThan(150);
  expect(reviewing).toBeLessThan(400);
});
