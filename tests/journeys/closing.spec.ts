import { expect, test } from '@playwright/test';
import { demoId } from '../../demo/academy/marksOfRound';
import { openReview, signIn, watchConsole } from '../support/pages';
import { openServer, type TestServer } from '../support/server';

let server: TestServer;
const roundId = demoId('round', 'ana-marek');
test.beforeAll(async () => {
  server = await openServer('closing', true);
});
test.afterAll(() => server.close());

test('a review is drafted from the marks, edited, signed, opened again and printed', async ({ page, browser }) => {
  const complaints = watchConsole(page);
  await signIn(page, server.url);
  await openReview(page, `${server.url}/rounds/${roundId}`);
  await page.keyboard.press('Shift+Enter');
  await page.waitForURL('**/closing');
  await expect(page.getByRole('heading', { name: 'For Ana Velden' })).toBeVisible();
  await expect(page.getByLabel('What was good')).not.toHaveValue('');
  const points = page.locator('fieldset');
  await expect(points).toHaveCount(3);
  const first = await points.nth(0).locator('legend').textContent();
  await points
    .nth(1)
    .getByRole('button', { name: /earlier/ })
    .click();
  await expect(points.nth(1).locator('legend')).toContainText(first!.replace(/^1\. /, ''));
  await points.nth(2).getByRole('button', { name: 'Leave it out' }).click();
  await expect(points).toHaveCount(2);
  await points.nth(0).getByLabel('The cue').fill('Elbow to the hip, then look for the knee.');
  await points.nth(0).getByLabel('Checked on').fill('2026-02-30');
  await page.getByRole('button', { name: 'Ask something' }).click();
  await page
    .getByLabel(/^Question \d/)
    .last()
    .fill('Were you tired in the last minute?');
  // Evidence opens its second of footage.
  const evidence = await points.nth(0).getByRole('link').first().getAttribute('href');
  expect(evidence).toMatch(/\?at=[\d.]+&mark=/);
  // A closed page loses nothing.
  await page.reload();
  await expect(points.nth(0).getByLabel('The cue')).toHaveValue('Elbow to the hip, then look for the knee.');
  const sign = async () => {
    await page.getByRole('button', { name: 'Sign the review' }).click();
    await page.getByRole('button', { name: 'Sign it' }).click();
  };
  await sign();
  await expect(page.getByRole('alert').filter({ hasText: 'a day that exists' })).toBeVisible();
  await points.nth(0).getByLabel('Checked on').fill('2027-01-15');

  // Another coach had opened the same draft.
  const elsewhere = await browser.newContext();
  const other = await elsewhere.newPage();
  await signIn(other, server.url, 'felix');
  await other.goto(`${server.url}/rounds/${roundId}/closing`);
  await expect(other.getByRole('button', { name: 'Sign the review' })).toBeVisible();

  await sign();
  await expect(page.getByText(/Signed by Ludo Reyhart, .*, version 1/)).toBeVisible();
  await expect(page.getByText('Were you tired in the last minute?')).toBeVisible();
  await expect(page.getByText('checked on Fri 15 Jan 2027')).toBeVisible();

  await other.getByLabel('In your own words').fill('mine');
  await other.getByRole('button', { name: 'Sign the review' }).click();
  await other.getByRole('button', { name: 'Sign it' }).click();
  await expect(
    other.getByRole('alert').filter({ hasText: 'Another coach signed this review meanwhile' }),
  ).toBeVisible();
  await expect(other.getByLabel('In your own words')).toHaveValue('mine');
  await elsewhere.close();

  await page.getByRole('button', { name: 'Open it again' }).click();
  await page.getByLabel('In your own words').fill('Good week.');
  await sign();
  await expect(page.getByText(/Signed by .*version 2$/)).toBeVisible();
  await page.getByRole('button', { name: 'version 1' }).click();
  await expect(page.getByText('An earlier version; version 2 holds.')).toBeVisible();
  await expect(page.getByText('Good week.')).toHaveCount(0);
  await page.emulateMedia({ media: 'print' });
  const pdf = await page.pdf({ format: 'A4' });
  const pages = pdf.toString('latin1').match(/\/Type\s*\/Page[^s]/g)?.length ?? 0;
  expect(pages).toBeGreaterThan(0);
  expect(pages).toBeLessThanOrEqual(2);
  expect(complaints).toEqual([]);
});
