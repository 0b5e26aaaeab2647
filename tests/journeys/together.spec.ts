import { expect, test } from '@playwright/test';
import { demoId } from '../../demo/academy/marksOfRound';
import { call, ledger, openReview, signIn, watchConsole } from '../support/pages';
import { openServer, type TestServer } from '../support/server';

let server: TestServer;
const roundId = demoId('round', 'open-mat-2');
test.beforeAll(async () => {
  server = await openServer('together', true);
});
test.afterAll(() => server.close());

test('two coaches mark the same round together and see each other’s marks come, change and go', async ({
  page,
  browser,
}) => {
  const complaints = watchConsole(page);
  await signIn(page, server.url);
  const context = await browser.newContext();
  const other = await context.newPage();
  await signIn(other, server.url, 'felix');
  for (const one of [page, other]) await openReview(one, `${server.url}/rounds/${roundId}`);
  await call(other, 'at 0:20 samir half guard');
  await expect(ledger(page)).toHaveCount(1);
  await call(page, 'at 0:30 marek flat in half guard');
  await expect(ledger(other)).toHaveCount(2);
  // Both at the same time, many at once.
  await Promise.all([
    (async () => {
      for (let second = 40; second < 48; second += 1) await call(page, `at 0:${second} samir hands hover`);
    })(),
    (async () => {
      for (let second = 40; second < 48; second += 1) await call(other, `at 1:${second} marek hands hover`);
    })(),
  ]);
  await expect(ledger(page)).toHaveCount(18);
  await expect(ledger(other)).toHaveCount(18);
  await page.keyboard.press('Delete');
  await expect(ledger(other)).toHaveCount(17);
  await page.keyboard.press('z');
  await expect(ledger(other)).toHaveCount(18);
  expect(complaints).toEqual([]);
  await context.close();
});

test('a second coach reviews blind, and the agreement and the differences are told when they are done', async ({
  page,
  browser,
}) => {
  const id = demoId('round', 'open-mat-1');
  await signIn(page, server.url);
  await openReview(page, `${server.url}/rounds/${id}`);
  // One minute of mount, then guard: the first review.
  await call(page, 'at 0:00 nadia mount');
  await call(page, 'at 1:15 nadia closed guard');
  await call(page, 'at 2:30 nadia flat in half guard punished');
  await call(page, 'at 2:40 nadia armbar tried');
  await expect(page.getByText('All kept')).toBeVisible();

  const context = await browser.newContext();
  const other = await context.newPage();
  await signIn(other, server.url, 'felix');
  await other.goto(`${server.url}/rounds/${id}/card`);
  await other.getByRole('link', { name: 'A second pair of eyes' }).click();
  await expect(other.getByText('without seeing the 4 marks')).toBeVisible();
  await other.getByRole('button', { name: 'Begin a blind second review' }).click();
  await other.waitForURL('**/second');
  await expect(other.locator('[data-light="loft"][aria-busy="false"]')).toBeVisible();
  await expect(other.getByText('Blind second review')).toBeVisible();
  await expect(ledger(other)).toHaveCount(0);
  await call(other, 'at 0:00 nadia mount');
  await call(other, 'at 1:00 nadia closed guard');
  await call(other, 'at 1:15 nadia mount');
  await call(other, 'at 1:45 nadia closed guard');
  await call(other, 'at 2:31 nadia flat in half guard not punished');
  await expect(other.getByText('All kept')).toBeVisible();
  // Nobody sees anything of the other's before that; and the round has its own four marks still.
  await page.reload();
  await expect(ledger(page)).toHaveCount(4);
  await page.goto(`${server.url}/rounds/${id}/agreement`);
  await expect(page.getByText('At it: Felix Aduro.')).toBeVisible();
  await other.getByRole('button', { name: 'Done, compare' }).click();
  await other.waitForURL('**/agreement');

  // 180 s: both mount 60, only the first 15, only the second 30, both guard 75. Kappa of that table: (0.75 − 0.5) / 0.5.
  await expect(other.getByText(/0\.50: moderate\. The same position in 75 % of 180 seconds/)).toBeVisible();
  await expect(other.getByRole('row', { name: /Errors/ })).toContainText('1');
  const differences = other.getByRole('list', { name: 'Differences with Felix Aduro' }).getByRole('listitem');
  await expect(differences.filter({ hasText: 'judged otherwise whether it was punished' })).toHaveCount(1);
  const armbar = differences.filter({ hasText: 'armbar' });
  await expect(armbar).toContainText('Felix Aduro: not marked');
  const open = await differences.count();
  await armbar.getByRole('button', { name: 'Leave it' }).click();
  await expect(differences).toHaveCount(open - 1);
  await differences.filter({ hasText: 'punished' }).getByRole('button', { name: 'As they saw it' }).click();
  await expect(differences).toHaveCount(open - 2);
  await page.goto(`${server.url}/rounds/${id}`);
  await expect(ledger(page).filter({ hasText: 'Flat in half guard' })).toContainText('not punished');
  // What is done stays as it was compared.
  const late = await other.request.get(`${server.url}/rounds/${id}/second`);
  expect(late.url()).toContain('/agreement');
  await context.close();
});
