import { execFileSync } from 'node:child_process';
import { writeFileSync } from 'node:fs';
import path from 'node:path';
import { devices, expect, test } from '@playwright/test';
import { demoId } from '../../demo/academy/marksOfRound';
import { reviewIsReady, signIn, watchConsole } from '../support/pages';
import { openServer, type TestServer } from '../support/server';

let server: TestServer;
test.beforeAll(async () => {
  server = await openServer('reels', true);
});
test.afterAll(() => server.close());
// Films are rendered in the middle of it, beside the browser that waits for them.

test('moments are kept as a reel, put together by keys, shown with a phone as remote, and made into a film', async ({
  page,
  browser,
}) => {
  const complaints = watchConsole(page);
  await signIn(page, server.url);
  await page.goto(`${server.url}/students/${demoId('person', 'ana')}`);
  await page
    .getByRole('link', { name: /^play \d+ in a row$/ })
    .first()
    .click();
  await page.waitForURL(/\/reel\?/);
  await page.locator('[aria-busy="false"]').first().waitFor();
  await page.getByRole('button', { name: 'Keep as a reel' }).click();
  await page.waitForURL(/\/reels\/[0-9a-f-]{36}$/);
  await page.locator('[aria-busy="false"]').first().waitFor();
  const reelId = page.url().split('/').at(-1)!;
  const moments = page.getByRole('list', { name: 'Moments' }).getByRole('listitem');
  const status = page.getByRole('status').first();
  const all = await moments.count();
  expect(all).toBeGreaterThan(1);
  // Only two are left, the first of them with its words, half as fast, and standing still.
  const filmed = moments.filter({ hasNotText: 'not filmed' });
  while ((await moments.filter({ hasText: 'not filmed' }).count()) > 0) {
    await moments.filter({ hasText: 'not filmed' }).first().getByRole('button').first().click();
    await page.keyboard.press('Delete');
  }
  await expect(filmed.first()).toBeVisible();
  while ((await moments.count()) > 2) {
    await moments.last().getByRole('button').first().click();
    const before = await moments.count();
    await page.keyboard.press('Delete');
    await expect(moments).toHaveCount(before - 1);
  }
  const left = await moments.count();
  await moments.first().getByRole('button').first().click();
  // It plays on by itself, and may have come to its end meanwhile.
  const paused = page.getByRole('button', { name: 'Play in a row (Space)' });
  await expect(async () => {
    if (!(await paused.isVisible())) await page.keyboard.press('Space');
    await expect(paused).toBeVisible({ timeout: 1000 });
  }).toPass();
  await page.keyboard.press('e');
  await expect(moments.first().getByText(/Stands still .* (before|after|moment)/)).toBeVisible();
  // What is drawn here belongs to the reel.
  await page.keyboard.press('d');
  await expect(page.getByRole('toolbar', { name: 'Drawing on this picture' })).toBeVisible();
  const picture = (await page.locator('[data-drawing]').boundingBox())!;
  await page.mouse.move(picture.x + picture.width / 2, picture.y + picture.height / 2);
  await page.mouse.down();
  await page.mouse.move(picture.x + picture.width / 2 + 90, picture.y + picture.height / 2 + 40, { steps: 4 });
  await page.mouse.up();
  await expect(page.locator('[data-drawing="1"]')).toBeVisible();
  await page.keyboard.press('d');
  await expect(page.getByRole('toolbar', { name: 'Drawing on this picture' })).toHaveCount(0);
  await expect(page.locator('[data-drawing="1"]')).toBeVisible();
  await page.keyboard.press('r');
  await page.keyboard.type('Look at the elbow');
  await page.keyboard.press('Escape');
  await page.keyboard.press('i');
  await expect(page.getByRole('checkbox', { name: 'Score and tide' })).toBeChecked();
  await page.keyboard.press('Delete');
  await expect(moments).toHaveCount(left - 1);
  await page.keyboard.press('z');
  await expect(moments).toHaveCount(left);
  await page.getByLabel('Name of the reel').fill('Elbows');
  await expect(status).toContainText('· kept');
  await page.reload();
  await page.locator('[aria-busy="false"]').first().waitFor();
  await expect(page.getByLabel('Name of the reel')).toHaveValue('Elbows');
  await expect(moments.first()).toContainText('Look at the elbow');
  await expect(page.getByText(/tide [+−]?\d/).first()).toBeVisible();

  // A phone on the same network.
  const phone = await browser.newContext({ ...devices['Pixel 7'] });
  const remote = await phone.newPage();
  await signIn(remote, server.url, 'felix');
  await remote.goto(`${server.url}/reels/${reelId}/remote`);
  const wasPaused = await paused.isVisible();
  await remote.getByRole('button', { name: 'Play or pause' }).tap();
  await expect(paused).toBeVisible({ visible: !wasPaused });
  await moments.first().getByRole('button').first().click();
  await remote.getByRole('button', { name: 'Next' }).tap();
  await expect(moments.nth(1).locator('[aria-current]')).toBeVisible();

  // Another coach has it open, and changes it: nobody's work is lost.
  await remote.setViewportSize({ width: 1280, height: 800 });
  await remote.goto(`${server.url}/reels/${reelId}`);
  await remote.locator('[aria-busy="false"]').first().waitFor();
  await remote.getByLabel('Name of the reel').fill('Elbows of Felix');
  await expect(remote.getByRole('status').first()).toContainText('· kept');
  await page.getByLabel('Name of the reel').fill('Elbows of Ludo');
  await expect(page.getByText('Another coach changed this reel meanwhile.')).toBeVisible();
  await page.getByRole('button', { name: 'Keep mine as another reel' }).click();
  await page.waitForURL((url) => !url.pathname.endsWith(reelId));
  await expect(page.getByLabel('Name of the reel')).toHaveValue('Elbows of Ludo, mine');
  await phone.close();

  await page.locator('[aria-busy="false"]').first().waitFor();
  await page.getByRole('button', { name: 'Make a film' }).click();
  await page.getByRole('button', { name: 'Make the film' }).click();
  await expect(page.getByText('waits its turn')).toBeVisible();
  server.startWorker();
  const film = page.getByRole('link', { name: /^The film, / });
  await expect(film).toBeVisible();
  const answer = await page.request.get(new URL((await film.getAttribute('href'))!, server.url).href);
  expect(answer.status()).toBe(200);
  const file = path.join(server.folder, 'reel.mp4');
  writeFileSync(file, await answer.body());
  const probed = JSON.parse(
    execFileSync('ffprobe', ['-v', 'error', '-show_streams', '-show_format', '-of', 'json', file]).toString(),
  );
  expect(probed.streams.map((one: { codec_name: string }) => one.codec_name)).toEqual(['h264', 'aac']);
  const told = /film, (\d+):(\d\d)/.exec((await film.textContent())!)!;
  expect(Math.abs(Number(probed.format.duration) - Number(told[1]) * 60 - Number(told[2]))).toBeLessThan(1.1);
  await page.getByRole('button', { name: 'Close' }).click();
  await page.keyboard.press('Escape');
  await page.waitForURL('**/reels');
  await expect(page.getByRole('link', { name: 'Elbows of Felix' })).toBeVisible();
  await expect(page.getByRole('link', { name: 'Elbows of Ludo, mine' })).toBeVisible();
  expect(complaints).toEqual([]);
});

test('chosen marks go from Review into a reel by one key, each once', async ({ page }) => {
  const complaints = watchConsole(page);
  await signIn(page, server.url);
  await page.goto(`${server.url}/rounds/${demoId('round', 'ana-marek')}`);
  await reviewIsReady(page);
  await page.keyboard.press('ArrowDown');
  await page.keyboard.press('Shift+ArrowDown');
  await page.keyboard.press('Shift+K');
  const dialog = page.getByRole('dialog', { name: '2 moments into a reel' });
  await dialog.getByRole('button', { name: /Reel$/ }).click();
  await page.getByRole('option', { name: 'a new one' }).click();
  await dialog.getByLabel('Name of the reel').fill('For Tuesday');
  await page.keyboard.press('Enter');
  await expect(dialog.getByText('2 moments stand at the end of For Tuesday')).toBeVisible();
  await page.keyboard.press('Enter');
  // The same again: it is known that they are there.
  await page.keyboard.press('Shift+K');
  await expect(dialog.getByRole('button', { name: /Reel$/ })).toContainText('For Tuesday (2)');
  await dialog.getByRole('button', { name: 'Put at its end' }).click();
  await expect(dialog.getByText('It is there already: For Tuesday')).toBeVisible();
  await dialog.getByRole('link', { name: 'For Tuesday' }).click();
  await page.waitForURL(/\/reels\//);
  await expect(page.getByRole('list', { name: 'Moments' }).getByRole('listitem')).toHaveCount(2);
  expect(complaints).toEqual([]);
});
