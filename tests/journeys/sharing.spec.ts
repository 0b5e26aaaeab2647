import { readFileSync } from 'node:fs';
import path from 'node:path';
import { AxeBuilder } from '@axe-core/playwright';
import { devices, expect, type Page, test } from '@playwright/test';
import { demoId } from '../../demo/academy/marksOfRound';
import { call, openReview, signIn, watchConsole } from '../support/pages';
import { openServer, type TestServer } from '../support/server';

let server: TestServer;
const roundId = demoId('round', 'ana-marek');
test.beforeAll(async () => {
  server = await openServer('sharing', true);
  server.startWorker();
});
test.afterAll(() => server.close());
// Films are rendered in the middle of it, beside the browser that waits for them.

/** Nothing that keeps somebody out who does not see, hear or point. @source WCAG 2.2 A and AA, as axe checks them */
async function expectAccessible(page: Page): Promise<void> {
  const { violations } = await new AxeBuilder({ page })
    // What the library of controls reads out lies here for a moment.
    .exclude('[data-live-announcer]')
    .analyze();
  expect(
    violations.map(({ id, nodes }) => `${id}: ${nodes.map((node) => node.html.slice(0, 300)).join(', ')}`),
  ).toEqual([]);
}

test('a signed review reaches its student’s phone, is watched and answered there, and the answer settles the mark', async ({
  page,
  browser,
}) => {
  const complaints = watchConsole(page);
  await signIn(page, server.url);
  await openReview(page, `${server.url}/rounds/${roundId}`);
  await call(page, 'at 2:05 ana triangle or armbar unsure');
  await page.keyboard.press('Shift+Enter');
  await page.waitForURL('**/closing');
  const question = page.getByLabel('Question 1');
  await expect(question).toHaveValue('What did you want at 2:05?');
  await expect(page.getByText('To choose from: triangle · armbar')).toBeVisible();
  await page.getByLabel('What was good').fill('You kept Marek moving for a whole minute.');
  // Two clips are enough here: what was good, and one point.
  for (let left = 2; left > 0; left -= 1) await page.getByRole('button', { name: 'Leave it out' }).nth(1).click();
  await page.getByLabel('Instead do').first().fill('Elbow to the hip at once.');
  await page.getByRole('button', { name: 'Sign the review' }).click();
  await page.getByRole('button', { name: 'Sign it' }).click();
  await expect(page.getByText(/Signed by Ludo Reyhart/)).toBeVisible();
  await page.getByRole('button', { name: 'Make a link' }).click();
  const link = await page.getByLabel('The link', { exact: true }).inputValue();
  expect(link).toMatch(/\/s\/[\w-]{43}$/);
  await expect(page.getByAltText('The link, for a phone’s camera')).toBeVisible();
  await expect(page.getByText('not opened yet')).toBeVisible();
  await expectAccessible(page);

  // A program that only fetches the link counts as nobody.
  expect((await fetch(link)).headers.get('referrer-policy')).toBe('no-referrer');

  const phone = await browser.newContext({ ...devices['Pixel 7'] });
  const student = await phone.newPage();
  const told = watchConsole(student);
  await student.goto(link);
  await expect(student.getByRole('heading', { name: /^Ana, your round of / })).toBeVisible();
  await expect(student.getByText('You kept your partner moving for a whole minute.')).toBeVisible();
  await expect(student.getByText('Elbow to the hip at once.')).toBeVisible();
  const films = student.locator('video');
  await expect(films).toHaveCount(2);
  await expectAccessible(student);
  await films.nth(1).scrollIntoViewIfNeeded();
  const seconds = await films.nth(1).evaluate(async (film: HTMLVideoElement) => {
    film.muted = true;
    await film.play();
    await new Promise((resolve) => film.addEventListener('timeupdate', resolve, { once: true }));
    return film.duration;
  });
  expect(seconds).toBeGreaterThan(5);
  await expect.poll(() => films.nth(1).evaluate((film: HTMLVideoElement) => film.currentTime)).toBeGreaterThan(0.5);
  expect(await films.nth(1).evaluate((film: HTMLVideoElement) => film.textTracks[0]?.cues?.length)).toBeGreaterThan(0);
  await student.getByText('armbar', { exact: true }).tap();
  await student.getByLabel('Or in your words').fill('But I saw the triangle too late.');
  await student.getByRole('button', { name: 'Send the answer' }).tap();
  await expect(student.getByRole('button', { name: 'Sent. Thank you.' })).toBeVisible();
  await student.getByText('Done', { exact: true }).first().tap();
  await expect(student.getByRole('button', { name: 'Your coach sees it' }).first()).toBeVisible();
  await student.reload();
  await expect(student.getByRole('checkbox', { name: 'Done' }).first()).toBeChecked();

  await page.reload();
  await expect(page.getByText(/opened (once|\d times), last/)).toBeVisible();
  await page.getByRole('link', { name: '2 answers' }).click();
  await page.waitForURL('**/answers');
  const answers = page.getByRole('list', { name: 'Answers' }).getByRole('listitem');
  await expect(answers).toHaveCount(2);
  await expectAccessible(page);
  await expect(answers.first()).toContainText('armbar, “But I saw the triangle too late.”');
  await expect(answers.first()).toContainText('becomes: armbar');
  await answers.first().getByRole('button', { name: 'Take it: so it was' }).click();
  await expect(answers).toHaveCount(1);
  await answers.first().getByRole('button', { name: 'Read' }).click();
  await expect(page.getByRole('heading', { name: 'Nothing waits' })).toBeVisible();
  const { rows } = await server.query(
    "select content from mark where round_id = $1 and content ->> 'note' like 'Ana: armbar%' and content ->> 'unsure' is null and deleted_at is null",
    [roundId],
  );
  expect(rows.map((row) => row.content.techniqueId)).toEqual(['armbar']);
  // The figures follow: an attempt that was asked about counts now.
  await expect
    .poll(
      async () =>
        (
          await server.query(
            "select count(*)::int as waiting from graphile_worker.jobs where task_identifier = 'figure-round'",
          )
        ).rows[0].waiting,
    )
    .toBe(0);
  await page.goto(`${server.url}/students/${demoId('person', 'ana')}`);
  await expect(page.getByText('“But I saw the triangle too late.”')).toBeVisible();
  await expect(page.getByText('they say: done').first()).toBeVisible();
  expect(complaints).toEqual([]);
  expect(told).toEqual([]);
  await phone.close();
});

test('a link opens nothing but its review: no page, no file, no range of the footage; consent withdrawn ends a film in the middle', async ({
  page,
  browser,
}) => {
  await signIn(page, server.url);
  await page.goto(`${server.url}/rounds/${roundId}/closing?for=a`);
  await page.getByRole('button', { name: 'Make another link' }).click();
  const link = await page.getByLabel('The link', { exact: true }).inputValue();
  const token = link.split('/s/')[1]!;
  const stranger = await browser.newContext();
  const student = await stranger.newPage();
  await student.goto(link);
  const film = student.locator('video').first();
  await expect(film).toBeVisible();
  const source = new URL((await film.getAttribute('src'))!, server.url).href;
  const range = async (address: string, bytes: string) =>
    (await student.request.fetch(address, { headers: { range: bytes }, maxRedirects: 0 })).status();
  expect(await range(source, 'bytes=0-99')).toBe(206);
  // With the link's cookies, headers and all: every other file and page stays closed.
  const footageId = demoId('footage', 'ana-marek');
  for (const bytes of ['bytes=0-99', 'bytes=5000-', 'bytes=-100'])
    for (const address of [
      `/api/footage/${footageId}/file`,
      `/api/footage/${footageId}/file?as=looking`,
      `/api/footage/${footageId}/filmstrip`,
      `/api/footage/${footageId}/poster`,
      source.replace(server.url, '').replace('/api/shared/', '/api/clips/').replace(`${token}/`, ''),
      `/api/clips/${source.split('/').at(-2)}/film`,
    ])
      expect([401, 404], address).toContain(await range(server.url + address, bytes));
  for (const address of [
    source.replace(/\/[0-9a-f-]{36}\/film$/, `/${footageId}/film`),
    source.replace(token, token.slice(0, -1).concat(token.endsWith('A') ? 'E' : 'A')),
    source.replace('/film', '/original'),
    source.replace('/film', '/..%2f..%2ffilm'),
  ])
    expect(await range(address, 'bytes=0-'), address).toBe(404);
  for (const address of [
    '/footage',
    '/students',
    `/students/${demoId('person', 'ana')}`,
    `/rounds/${roundId}`,
    '/answers',
    '/settings',
  ])
    expect((await student.request.get(server.url + address, { maxRedirects: 0 })).status(), address).toBe(307);
  await student.goto(`${link}/${demoId('round', 'ana-marek')}`);
  await expect(student.getByRole('heading', { name: 'This link is closed' })).toBeVisible();

  // The partner withdraws while the film plays.
  await page.goto(`${server.url}/students/${demoId('person', 'marek')}`);
  await page.getByRole('button', { name: 'Record a consent' }).click();
  await page.getByRole('dialog').getByLabel('Who agreed').fill('Marek Osei');
  await page.getByRole('button', { name: 'Record it' }).click();
  const consents = page.getByRole('list', { name: 'Consents' });
  await expect(consents.getByRole('listitem')).toHaveCount(2);
  await expectAccessible(page);
  await student.goto(link);
  expect(await range(source, 'bytes=0-99')).toBe(206);
  await consents
    .getByRole('listitem')
    .filter({ hasText: 'being shown' })
    .getByRole('button', { name: 'Withdraw' })
    .click();
  await page.getByRole('button', { name: 'Withdraw it' }).click();
  await expect(page.getByText('Marek Osei withdrew their consent')).toBeVisible();
  expect(await range(source, 'bytes=100-199')).toBe(404);
  await student.reload();
  await expect(student.getByRole('heading', { name: 'This link is closed' })).toBeVisible();
  await page.goto(`${server.url}/rounds/${roundId}/closing?for=a`);
  await expect(page.getByText(/Marek Osei withdrew their consent/)).toBeVisible();
  await expect(page.getByRole('button', { name: /Make a/ })).toHaveCount(0);
  await page.goto(`${server.url}/footage`);
  await expect(
    page.getByRole('link', { name: /not to be shown: Marek Osei withdrew their consent/ }).first(),
  ).toBeVisible();
  // What the server wrote down tells nobody the way.
  expect(readFileSync(path.join(server.folder, 'test.log'), 'utf8')).not.toContain(token);
  const { rows } = await server.query(
    "select table_name from information_schema.tables where table_schema in ('public', 'graphile_worker')",
  );
  for (const { table_name: name } of rows) {
    const found = await server
      .query(`select count(*)::int as count from public.${name} t where t::text like $1`, [`%${token}%`])
      .catch(() => undefined);
    expect(found?.rows[0]?.count ?? 0, name).toBe(0);
  }
  await stranger.close();
});
