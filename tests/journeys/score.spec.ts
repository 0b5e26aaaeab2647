import { expect, test } from '@playwright/test';
import { demoId } from '../../demo/academy/marksOfRound';
import { call, ledger, openReview, signIn, watchConsole } from '../support/pages';
import { openServer, type TestServer } from '../support/server';

let server: TestServer;
const roundId = demoId('round', 'teo-bruno');
test.beforeAll(async () => {
  server = await openServer('score', true);
  await server.query("update round set rule_set = 'points-gi' where id = $1", [roundId]);
});
test.afterAll(() => server.close());
test.beforeEach(({ page }) => signIn(page, server.url));

test('the score comes from the marks, and an official board that is wrong at two places is told so', async ({
  page,
}) => {
  const complaints = watchConsole(page);
  await openReview(page, `${server.url}/rounds/${roundId}?at=3`);
  // A right reading, then one that forgot the knee on belly, then one that gave Teo a pass that never was.
  await call(page, 'at 2:10 board 0 3');
  await call(page, 'at 2:30 board 0 3');
  await call(page, 'at 3:35 board 5 5');
  await call(page, 'at 3:50 bruno advantage');
  await page.keyboard.press('b');
  const panel = page.getByRole('region', { name: 'Score' });
  await expect(panel.getByRole('list', { name: 'What scored' }).getByRole('listitem')).toHaveText([
    /2:01Bruno guard pass held 2:01\.0 to 2:04\.0\+3/,
    /2:18Bruno knee on belly held 2:18\.0 to 2:21\.0\+2/,
    /3:25Teo sweep held 3:25\.0 to 3:28\.0\+2/,
    /3:50Bruno advantage\s*advantage/,
  ]);
  await expect(panel).toContainText('Bruno 5 (1 adv)');
  await expect(panel).toContainText('Bruno ahead');
  const differences = panel.getByRole('list', { name: 'Differences' }).getByRole('listitem');
  await expect(differences.first()).toContainText(
    'By 2:30 the board gave Bruno 0 points, the marks give 2: knee on belly at 2:21 (+2).',
  );
  await expect(differences.filter({ hasText: 'Teo' })).toContainText(
    'By 3:35 the board gave Teo 5 points, the marks give 2: sweep at 3:28 (+2).',
  );
  // Each figure opens its second of footage.
  await panel.getByRole('list', { name: 'What scored' }).getByRole('button').nth(1).click();
  await expect(page.locator('[data-clock]')).toHaveText('2:17.0');
  await expect(page.getByTitle('The score, opened (B)')).toContainText('Bruno');
  await expect(page.getByTitle('The score, opened (B)')).toContainText('3 Bruno');
  await page.keyboard.press('b');
  await expect(ledger(page).filter({ hasText: 'the official score' })).toHaveCount(3);
  await expect(page.getByText('All kept')).toBeVisible();
  await page.reload();
  await expect(ledger(page).filter({ hasText: 'Board 5 : 5' })).toHaveCount(1);
  expect(complaints).toEqual([]);
});

test('a round without score stays free of it', async ({ page }) => {
  await openReview(page, `${server.url}/rounds/${demoId('round', 'mia-jon')}`);
  await expect(page.getByTitle('The score, opened (B)')).toHaveCount(0);
  await page.keyboard.press('b');
  await expect(page.getByText('This round is sparring without score.')).toBeVisible();
});

test('what an error led to is asked, and linked or waved away with one key', async ({ page }) => {
  await openReview(page, `${server.url}/rounds/${demoId('round', 'open-mat-2')}`);
  await call(page, 'at 0:20 samir half guard');
  await call(page, 'at 0:30 marek flat in half guard');
  await call(page, 'at 0:36 samir crossface half pass finished');
  await call(page, 'at 0:50 samir side control');
  await page.keyboard.press('Home');
  await page.keyboard.press('r');
  const question = page.getByRole('group', { name: 'What it led to' });
  await expect(question).toContainText(/Did it lead to Samir: .*half.* pass.* at 0:36\?/);
  await page.keyboard.press('n');
  await expect(question).toHaveCount(0);
  // What was waved away can be asked again.
  await page.keyboard.press('Shift+n');
  await expect(page.getByText('One question is asked again.')).toBeVisible();
  await page.keyboard.press('Home');
  await page.keyboard.press('r');
  await page.keyboard.press('y');
  await expect(question).toHaveCount(0);
  await expect(page.getByText('All kept')).toBeVisible();
  const { rows } = await server.query(
    "select content->'ledTo' as led from mark where round_id = $1 and kind = 'error' and at_seconds < 225 and deleted_at is null",
    [demoId('round', 'open-mat-2')],
  );
  expect(rows.map((row) => row.led.length)).toContain(1);
  // Undone and redone like everything else.
  await page.keyboard.press('z');
  await page.keyboard.press('r');
  await expect(question).toBeVisible();
});
