import { expect, type Page, test } from '@playwright/test';
import { demoId } from '../../demo/academy/marksOfRound';
import { call, ledger, openReview, signIn, watchConsole } from '../support/pages';
import { openServer, type TestServer } from '../support/server';

let server: TestServer;
const roundId = demoId('round', 'open-mat-1');
test.beforeAll(async () => {
  server = await openServer('match', true);
  await server.query("update round set rule_set = 'points-gi', planned_seconds = 180 where id = $1", [roundId]);
});
test.afterAll(() => server.close());

/** Goes on with Tab until the button has the focus, as somebody without a pointer does. */
async function tabTo(page: Page, name: RegExp): Promise<void> {
  for (let step = 0; step < 80; step += 1) {
    await page.keyboard.press('Tab');
    const words = await page.evaluate(() => document.activeElement?.textContent ?? '');
    if (name.test(words)) return;
  }
  throw new Error(`no button ${name} can be reached with Tab`);
}

test('a match is reviewed by keyboard from the first mark to the signed review, while the server dies twice', async ({
  page,
}) => {
  const complaints = watchConsole(page);
  await signIn(page, server.url);
  await openReview(page, `${server.url}/rounds/${roundId}`);
  await expect(ledger(page)).toHaveCount(0);
  await call(page, 'at 0:00 standing neutral');
  await call(page, 'at 0:20 yara single leg finished');
  await call(page, 'at 0:21 yara top half guard');
  await call(page, 'at 0:29 nadia flat in half guard');
  await expect(page.getByText('All kept')).toBeVisible();
  await server.kill('SIGKILL');
  await call(page, 'at 0:38 yara quarter guard to mount finished');
  await call(page, 'at 0:39 yara mount');
  await call(page, 'at 0:46 nadia elbows flared');
  await call(page, 'at 0:52 yara americana locked');
  await expect(page.getByText(/^\d+ changes wait on this machine$/)).toBeVisible();
  await server.start();
  await expect(page.getByText('All kept')).toBeVisible();
  // The board forgot the takedown, and later gave Nadia a sweep that never was.
  await call(page, 'at 0:30 board 0 0');
  await call(page, 'at 2:20 board 2 9');
  await call(page, 'at 2:30 nadia good two hands against one arm');
  await server.kill('SIGKILL');

  // What led to what is asked and answered with one key each.
  await page.keyboard.press('Escape');
  for (let at = 0; at < 12; at += 1) await page.keyboard.press('Shift+ArrowLeft');
  for (let at = 0; at < 30; at += 1) await page.keyboard.press('Shift+ArrowLeft');
  await page.keyboard.press('r');
  await expect(page.getByRole('group', { name: 'What it led to' })).toContainText('at 0:38');
  await page.keyboard.press('y');
  await page.keyboard.press('r');
  await expect(page.getByRole('group', { name: 'What it led to' })).toBeVisible();
  await page.keyboard.press('n');

  // A second pass gives the judgements: digits only.
  await page.keyboard.press('Shift+p');
  const pass = page.getByRole('group', { name: 'Second pass' });
  await expect(pass).toContainText('Second pass, 3 to judge. Was it punished?');
  await page.keyboard.press('1');
  await expect(pass).toContainText('Second pass, 2 to judge. Was it punished?');
  await page.keyboard.press('3');
  await expect(pass).toContainText('1 to judge. How did it end?');
  await page.keyboard.press('2');
  await expect(page.getByText('Every error and every attempt is judged.')).toBeVisible();
  await expect(ledger(page).filter({ hasText: 'Flat in half guard' })).toContainText('punished');
  await server.start();
  await expect(page.getByText('All kept')).toBeVisible();

  await page.keyboard.press('b');
  const differences = page.getByRole('list', { name: 'Differences' }).getByRole('listitem');
  await expect(differences).toContainText([
    /By 0:30 the board gave Yara 0 points, the marks give 2: takedown at 0:2\d \(\+2\)\./,
    /By 2:20 the board gave Nadia 2 points, the marks give 0\. Nothing is marked that explains it\./,
  ]);
  await page.keyboard.press('Shift+c');
  const causes = page.getByRole('list', { name: 'First causes' });
  await expect(causes).toContainText('Flat in half guard');
  await expect(causes).toContainText('points given away');
  await expect(page.getByRole('list', { name: 'Not punished' })).toContainText('Elbows wide');

  await page.keyboard.press('Shift+Enter');
  await page.waitForURL('**/closing');
  await expect(page.getByRole('heading', { name: 'For Nadia Brandt' })).toBeVisible();
  await tabTo(page, /^Sign the review$/);
  await page.keyboard.press('Enter');
  await tabTo(page, /^Sign it$/);
  await page.keyboard.press('Enter');
  await expect(page.getByText(/Signed by Ludo Reyhart, .*version 1/)).toBeVisible();

  // Everything arrived exactly once.
  const { rows } = await server.query(
    'select count(*)::int as marks from mark where round_id = $1 and deleted_at is null',
    [roundId],
  );
  expect(rows[0].marks).toBe(11);
  expect(complaints).toEqual([]);
});

test('a clock five minutes off changes nothing, and a page without a server takes a whole review', async ({ page }) => {
  await page.clock.install({ time: Date.now() - 5 * 60_000 });
  await signIn(page, server.url);
  const id = demoId('round', 'open-mat-2');
  await openReview(page, `${server.url}/rounds/${id}`);
  await page.clock.resume();
  await server.kill('SIGKILL');
  for (let second = 10; second < 34; second += 2) await call(page, `at 0:${second} samir half guard`);
  await call(page, 'at 0:40 marek flat in half guard');
  for (let press = 0; press < 3; press += 1) await page.keyboard.press('p');
  await page.keyboard.press('z');
  await expect(ledger(page)).toHaveCount(13);
  await server.start();
  await expect(page.getByText('All kept')).toBeVisible();
  const { rows } = await server.query(
    "select count(*)::int as marks, max(content->>'punished') as punished from mark where round_id = $1 and deleted_at is null",
    [id],
  );
  expect(rows[0]).toEqual({ marks: 13, punished: 'partly' });
});
