import { readFileSync } from 'node:fs';
import { expect, type Page, test } from '@playwright/test';
import { demoId } from '../../demo/academy/marksOfRound';
import { call, ledger, openReview, reviewIsReady, signIn } from '../support/pages';
import { openServer, type TestServer } from '../support/server';

let server: TestServer;
const roundId = demoId('round', 'open-mat-1');
const address = () => `${server.url}/rounds/${roundId}`;
test.beforeAll(async () => {
  server = await openServer('away', true);
});
test.afterAll(() => server.close());

const namesIn = (page: Page, cache: string) =>
  page.evaluate(
    async (name) => (await (await caches.open(name)).keys()).map((kept) => new URL(kept.url).pathname),
    cache,
  );

/** Waits until the page and its footage lie on this machine. */
async function isKept(page: Page): Promise<void> {
  await expect.poll(() => namesIn(page, 'owl-pages')).toContain(`/rounds/${roundId}`);
  await expect.poll(async () => (await namesIn(page, 'owl-footage')).length).toBe(1);
  await expect.poll(async () => (await namesIn(page, 'owl-assets')).length).toBeGreaterThan(10);
}

test('a review goes on without a server, also in a browser that is opened anew, and arrives once', async ({ page }) => {
  await signIn(page, server.url);
  await openReview(page, address());
  await isKept(page);
  await call(page, 'at 0:10 yara single leg');
  await call(page, 'at 0:20 yara half guard');
  await expect(page.getByText('All kept')).toBeVisible();
  await server.kill('SIGKILL');
  await call(page, 'at 0:30 nadia flat in half guard');
  await expect(page.getByText('1 change waits on this machine')).toBeVisible();
  await expect(page.getByRole('alert', { name: 'What waits' })).toContainText('The server is away since');

  // The page is closed and opened anew: what was kept by the server and what waits are both there.
  const context = page.context();
  await page.close();
  const again = await context.newPage();
  await openReview(again, address());
  await expect(ledger(again)).toHaveCount(3);
  await call(again, 'at 0:40 yara mount');
  await again.keyboard.press('z');
  await expect(ledger(again)).toHaveCount(3);
  await call(again, 'at 0:41 yara mount');
  await expect(again.getByText(/^\d changes wait on this machine$/)).toBeVisible();
  // The footage plays from the copy on this machine, from anywhere.
  const video = again.locator('video');
  await again.keyboard.press('Escape');
  await expect.poll(() => video.evaluate((element: HTMLVideoElement) => element.readyState)).toBeGreaterThanOrEqual(2);
  await expect.poll(() => video.evaluate((element: HTMLVideoElement) => element.currentTime)).toBeGreaterThan(0);

  // Other pages say that the server is away, and offer the round.
  const other = await context.newPage();
  await other.goto(`${server.url}/rounds/${demoId('round', 'ana-marek')}`);
  await expect(other.getByRole('heading', { name: 'The server is away' })).toBeVisible();
  await other.getByRole('link', { name: /Nadia and Yara|Yara and Nadia/ }).click();
  await reviewIsReady(other);
  await expect(ledger(other)).toHaveCount(4);
  await other.close();

  await server.start();
  await expect(again.getByText('All kept')).toBeVisible();
  const { rows } = await server.query(
    'select kind, count(*)::int as marks from mark where round_id = $1 and deleted_at is null group by kind order by kind',
    [roundId],
  );
  expect(rows).toEqual([
    { kind: 'attempt', marks: 1 },
    { kind: 'error', marks: 1 },
    { kind: 'position', marks: 2 },
  ]);
});

test('a page that was kept takes in what others marked since, and nothing is left to read after signing out', async ({
  page,
}) => {
  await signIn(page, server.url);
  await openReview(page, address());
  const before = await ledger(page).count();
  await isKept(page);
  await server.kill('SIGKILL');
  await page.reload();
  await reviewIsReady(page);
  await expect(ledger(page)).toHaveCount(before);
  await server.query(
    `with one as (select *, gen_random_uuid() as other_id from mark where round_id = $1 and deleted_at is null limit 1)
     insert into mark (id, round_id, kind, at_seconds, content, change_id)
     select other_id, round_id, kind, at_seconds, jsonb_set(content, '{id}', to_jsonb(other_id)), gen_random_uuid() from one`,
    [roundId],
  );
  await server.start();
  await expect(ledger(page)).toHaveCount(before + 1);

  await page.goto(`${server.url}/footage`);
  await page.getByRole('button', { name: 'Sign out' }).click();
  await page.waitForURL('**/sign-in');
  await expect.poll(() => namesIn(page, 'owl-pages')).toEqual([]);
  await expect.poll(() => namesIn(page, 'owl-footage')).toEqual([]);
  await server.kill('SIGKILL');
  await page.goto(address()).catch(() => undefined);
  await expect(page.getByText('No round was opened on this machine lately.')).toBeVisible();
  await server.start();
});

test('with the database away pages say so in our own words, kept rounds open, and all of it comes back', async ({
  page,
}) => {
  await signIn(page, server.url);
  await openReview(page, address());
  await isKept(page);
  const before = await ledger(page).count();
  await server.takeDatabaseAway();
  await call(page, 'at 0:50 nadia closed guard');
  await expect(page.getByText('1 change waits on this machine')).toBeVisible();
  // What the server knew of its database a moment ago counts for a moment.
  await expect.poll(async () => (await page.request.get(`${server.url}/sign-in`)).status()).toBe(503);
  await page.reload();
  await reviewIsReady(page);
  await expect(ledger(page)).toHaveCount(before + 1);
  const other = await page.context().newPage();
  for (const place of ['/footage', '/settings', '/sign-in', '/search?q=ana']) {
    const answer = await other.goto(server.url + place);
    expect(answer?.status(), place).toBe(503);
    await expect(other.getByRole('heading', { name: 'The database is away' })).toBeVisible();
  }
  await server.bringDatabaseBack();
  // It looks again by itself.
  await expect(other.getByRole('heading', { name: 'Search' })).toBeVisible();
  await other.close();
  await expect(page.getByText('All kept')).toBeVisible();
});

test('a browser that keeps nothing says so at once, and what waits can be taken along', async ({ page }) => {
  await page.addInitScript(() => {
    IDBFactory.prototype.open = () => {
      throw new DOMException('The user denied storage.', 'SecurityError');
    };
  });
  await signIn(page, server.url);
  await openReview(page, address());
  const waits = page.getByRole('alert', { name: 'What waits' });
  await expect(waits).toContainText('This browser keeps nothing for this page');
  await call(page, 'at 0:55 yara mount');
  await expect(page.getByText('All kept')).toBeVisible();
  await server.kill('SIGKILL');
  await call(page, 'at 0:56 nadia half guard');
  await expect(page.getByText('1 change waits in this page only')).toBeVisible();
  await expect(waits).toContainText('is lost when the page is closed');
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    waits.getByRole('button', { name: 'Download what waits' }).click(),
  ]);
  const kept = JSON.parse(readFileSync(await download.path(), 'utf8')) as {
    changes: { mark: { positionId: string } }[];
  };
  expect(kept.changes.map((one) => one.mark.positionId)).toEqual(['half-guard']);
  await server.start();
  await expect(page.getByText('All kept')).toBeVisible();
});

test('what one coach left waiting is not sent as another’s', async ({ page }) => {
  await signIn(page, server.url, 'felix');
  await openReview(page, address());
  await page.route('**/marks', (route) => (route.request().method() === 'POST' ? route.abort() : route.continue()));
  await call(page, 'at 1:10 yara knee on belly');
  await expect(page.getByText('1 change waits on this machine')).toBeVisible();
  await page.unrouteAll();
  await page.goto(`${server.url}/footage`, { waitUntil: 'commit' });
  await page.getByRole('button', { name: 'Sign out' }).click();
  await page.waitForURL('**/sign-in');
  await signIn(page, server.url, 'ludo');
  await openReview(page, address());
  await expect(page.getByRole('alert', { name: 'What waits' })).toContainText('1 change of another coach waits');
  const made = () =>
    server.query(
      "select c.sign_in_name from mark m join coach c on c.id = m.changed_by where m.content ->> 'positionId' = 'knee-on-belly' and m.round_id = $1",
      [roundId],
    );
  expect((await made()).rows).toEqual([]);
  await page.goto(`${server.url}/footage`);
  await page.getByRole('button', { name: 'Sign out' }).click();
  await page.waitForURL('**/sign-in');
  await signIn(page, server.url, 'felix');
  await openReview(page, address());
  await expect.poll(async () => (await made()).rows).toEqual([{ sign_in_name: 'felix' }]);
});
