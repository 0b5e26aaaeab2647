import { writeFileSync } from 'node:fs';
import { expect, test } from '@playwright/test';
import { demoId } from '../../demo/academy/marksOfRound';
import { signIn, watchConsole } from '../support/pages';
import { makeFilm, openServer, type TestServer } from '../support/server';

let server: TestServer;
test.beforeAll(async () => {
  server = await openServer('daybook', true);
  await server.query("update footage_work set state = 'cancelled'");
  server.startWorker();
});
test.afterAll(() => server.close());

test('every place opens without a complaint of the browser', async ({ page }) => {
  const complaints = watchConsole(page);
  await signIn(page, server.url);
  for (const [place, words] of [
    ['Footage', 'On the shelf'],
    ['Review', 'Marked'],
    ['Students', 'On the mat'],
    ['Academy', 'Where it goes wrong'],
    ['Classes', 'The coming weeks'],
    ['Settings', 'Coaches'],
  ] as const) {
    await page.getByRole('link', { name: place, exact: true }).click();
    await expect(page.getByRole('heading', { name: words, exact: true })).toBeVisible();
  }
  await page.goto(`${server.url}/rounds/${demoId('round', 'gone')}`);
  await expect(page.getByRole('heading', { name: 'Nothing here' })).toBeVisible();
  expect(complaints).toEqual([]);
});

test('files that are no whole video are refused with what to do; a good one can be cancelled, and the same one is recognised', async ({
  page,
}, info) => {
  await signIn(page, server.url);
  const file = (name: string) => info.outputPath(name);
  const bad: [string, Buffer, string][] = [
    ['empty.mp4', Buffer.alloc(0), '0 bytes'],
    ['list.mp4', Buffer.from('eggs, milk\n'.repeat(500)), 'not a video that can be read'],
    ['<b>odd & name\u202e.mp4', Buffer.from('no'), 'not a video that can be read'],
  ];
  for (const [name, bytes, words] of bad) {
    await page.locator('input[type="file"]').setInputFiles({ name, mimeType: 'video/mp4', buffer: bytes });
    // The worker that looks at it may have other work in hand.
    await expect(page.getByRole('alert').filter({ hasText: words }).last()).toBeVisible();
  }
  // Dropped on the zone as a hand would, through the browser's own drag.
  writeFileSync(file('dropped.mp4'), 'not a film');
  const zone = (await page.getByText('Drop sparring footage here').boundingBox())!;
  const drag = await page.context().newCDPSession(page);
  for (const type of ['dragEnter', 'dragOver', 'drop'] as const) {
    const data = { items: [], files: [file('dropped.mp4')], dragOperationsMask: 1 };
    await drag.send('Input.dispatchDragEvent', { type, x: zone.x + 20, y: zone.y + 10, data });
  }
  await expect(page.getByRole('alert').filter({ hasText: 'dropped.mp4 was not taken' })).toBeVisible({
    timeout: 60_000,
  });
  writeFileSync(file('huge.mp4'), Buffer.alloc(61 * 1024 * 1024, 7));
  await page.locator('input[type="file"]').setInputFiles(file('huge.mp4'));
  await expect(page.getByRole('alert').filter({ hasText: 'larger than 60 MB' })).toBeVisible();
  const film = makeFilm(file('small.mp4'), 4);
  await page.locator('input[type="file"]').setInputFiles(film);
  const line = page.getByRole('list', { name: 'On the way' }).getByRole('listitem').filter({ hasText: 'small.mp4' });
  await expect(line).toContainText('On the shelf.');
  await page.locator('input[type="file"]').setInputFiles(film);
  await expect(page.getByText('is here already')).toBeVisible();
  await expect(page.getByRole('article', { name: /small\.mp4/ })).toHaveCount(1);
  // Cancel in the middle: a slow line holds the upload back.
  const client = await page.context().newCDPSession(page);
  await client.send('Network.emulateNetworkConditions', {
    offline: false,
    latency: 0,
    downloadThroughput: -1,
    uploadThroughput: 200_000,
  });
  await page
    .locator('input[type="file"]')
    .setInputFiles({ name: 'slow.mp4', mimeType: 'video/mp4', buffer: Buffer.alloc(8 * 1024 * 1024, 5) });
  await expect(page.getByRole('progressbar', { name: 'slow.mp4' })).toBeVisible();
  await page.getByRole('button', { name: 'Pause' }).click();
  await expect(page.getByText(/of 8\.0 MB, paused/)).toBeVisible();
  await page.getByRole('list', { name: 'On the way' }).getByRole('button', { name: 'Go on' }).click();
  await page.getByRole('button', { name: 'Give up' }).click();
  await expect(page.getByRole('progressbar', { name: 'slow.mp4' })).toHaveCount(0);
  await client.send('Network.emulateNetworkConditions', {
    offline: false,
    latency: 0,
    downloadThroughput: -1,
    uploadThroughput: -1,
  });
  await page
    .getByRole('article', { name: /small\.mp4/ })
    .getByRole('button', { name: 'Delete' })
    .click();
  await page.getByRole('button', { name: 'Delete the file' }).click();
  await expect(page.getByRole('article', { name: /small\.mp4/ })).toHaveCount(0);
});

test('a card keeps what was typed until it can be stored', async ({ page }) => {
  await signIn(page, server.url);
  await page.goto(`${server.url}/rounds/${demoId('round', 'ana-marek')}/card`);
  const focus = page.getByRole('group', { name: 'Athlete in focus' });
  await expect(
    page.getByText('Marek Osei is heavier by 10.4 kg, 17 % of the lighter. Ana Velden is 0.75 belt steps ahead.'),
  ).toBeVisible();
  await focus.getByLabel('Weight that day').fill('0');
  await page.getByLabel('Theme or intent').fill('bottom only');
  await page.getByRole('button', { name: 'Save the card' }).click();
  await expect(page.getByText('0 kg is not a weight').first()).toBeVisible();
  await expect(page.getByLabel('Theme or intent')).toHaveValue('bottom only');
  await focus.getByLabel('Weight that day').fill('62,5');
  // The footage shown at 0:00 as the end lies before the begin.
  await page.getByRole('button', { name: 'End here' }).click();
  await page.getByRole('button', { name: 'Save the card' }).click();
  await expect(page.getByText('lies before the in point').first()).toBeVisible();
  await page.getByRole('button', { name: 'end of file' }).click();
  await page.getByRole('button', { name: 'Save the card' }).click();
  await expect(page).toHaveURL(/rounds\/[0-9a-f-]+$/);
  const { rows } = await server.query("select weight_kg from round_athlete where round_id = $1 and slot = 'a'", [
    demoId('round', 'ana-marek'),
  ]);
  expect(rows[0].weight_kg).toBeCloseTo(62.5, 3);
});

test('weights can be read and written in pounds everywhere', async ({ page }) => {
  await signIn(page, server.url);
  await page.goto(`${server.url}/settings`);
  await page.getByText('Pounds', { exact: true }).click();
  await page.getByRole('button', { name: 'Save settings' }).click();
  await expect(page.getByText('Saved.')).toBeVisible();
  await page.goto(`${server.url}/students/${demoId('person', 'felix')}`);
  // At the head of the page, and in the weights over time.
  await expect(page.getByText(/brown belt, 2 stripes · 185\.2 lb/)).toBeVisible();
  await expect(page.getByRole('listitem').filter({ hasText: '185.2 lb' })).toBeVisible();
  await page.goto(`${server.url}/settings`);
  await page.getByText('Kilograms', { exact: true }).click();
  await page.getByRole('button', { name: 'Save settings' }).click();
  await expect(page.getByText('Saved.')).toBeVisible();
});

test('a student’s page adds up, and each mark opens its second of footage', async ({ page }) => {
  await signIn(page, server.url);
  await page.goto(`${server.url}/students/${demoId('person', 'ana')}`);
  const row = page.getByRole('article', { name: 'Flat in half guard' });
  const { rows } = await server.query(
    `select count(*)::int as count from mark m join round r on r.id = m.round_id
       join round_athlete ra on ra.round_id = m.round_id and ra.slot = m.content->>'athlete'
     where ra.person_id = $1 and m.content->>'errorId' = 'err-half-flat'`,
    [demoId('person', 'ana')],
  );
  await expect(row).toContainText(`${rows[0].count} in `);
  const more = row.getByRole('button', { name: /^\d+ more$/ });
  if (await more.isVisible()) await more.click();
  await expect(row.getByRole('link', { name: / with / })).toHaveCount(rows[0].count);
  await expect(row.getByRole('link', { name: 'Flat in half guard' })).toHaveAttribute('href', '/library/err-half-flat');
  await row.getByRole('button', { name: 'why it ranks here' }).click();
  await expect(row).toContainText('How teachable at this belt');
  const flow = page.getByRole('table', { name: 'How the rounds flow' });
  await expect(flow).toContainText('half guard below');
  await flow.getByRole('button').first().click();
  await expect(page.getByText(/ times, \d+ % of what followed/)).toBeVisible();
  await row.getByRole('link', { name: /0:55 with Marek/ }).click();
  await expect
    .poll(() => page.locator('video').evaluate((one: HTMLVideoElement) => one.currentTime))
    .toBeCloseTo(55, 0);
});
