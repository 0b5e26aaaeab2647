import { AxeBuilder } from '@axe-core/playwright';
import { expect, test } from '@playwright/test';
import { parseText } from 'media-captions';
import { demoId } from '../../demo/academy/marksOfRound';
import { reviewIsReady, signIn, watchConsole } from '../support/pages';
import { openServer, type TestServer } from '../support/server';

let server: TestServer;
test.beforeAll(async () => {
  server = await openServer('exchange', true);
  server.startWorker();
});
test.afterAll(() => server?.close());

const roundId = demoId('round', 'ana-marek');

test('a round leaves in open formats from its card, and not while somebody in it is not to be shown', async ({
  page,
}) => {
  const complaints = watchConsole(page);
  await signIn(page, server.url);
  await page.goto(`${server.url}/rounds/${roundId}/card`);
  const taken = async (name: string) => {
    const link = page.getByRole('link', { name });
    const answer = await page.request.get(new URL((await link.getAttribute('href'))!, server.url).href);
    expect(answer.status(), name).toBe(200);
    return answer;
  };
  const csv = await (await taken('Marks as a table (CSV)')).text();
  expect(csv.split('\r\n').length).toBeGreaterThan(50);
  expect((await (await taken('the same for Excel')).body()).subarray(0, 3)).toEqual(Buffer.from([0xef, 0xbb, 0xbf]));
  const captions = await parseText(await (await taken('Marks as captions (WebVTT)')).text(), { type: 'vtt' });
  expect(captions.cues.length).toBe(51);
  expect((await (await taken('Marks as Web Annotations')).json()).items).toHaveLength(51);
  expect((await (await taken('The whole round as a package (ZIP of JSON)')).body()).subarray(0, 2).toString()).toBe(
    'PK',
  );
  await server.query(
    `insert into consent (id, person_id, purpose, given_by, by_guardian, given_on, withdrawn_on, note)
     values (gen_random_uuid(), $1, 'show', 'Marek', false, '2026-01-01', '2026-02-01', '')`,
    [demoId('person', 'marek')],
  );
  expect((await page.request.get(`${server.url}/api/rounds/${roundId}/files/marks.csv`)).status()).toBe(403);
  await page.reload();
  await expect(page.getByText(/Marek Osei withdrew their consent/)).toBeVisible();
  await expect(page.getByRole('link', { name: 'Marks as a table (CSV)' })).toBeHidden();
  await server.query('delete from consent where person_id = $1', [demoId('person', 'marek')]);
  expect(complaints.filter((one) => !one.includes('403'))).toEqual([]);
});

test('everything becomes one package; what was deleted since is brought in again, and taken back', async ({ page }) => {
  await signIn(page, server.url);
  await page.goto(`${server.url}/settings`);
  await page.getByRole('link', { name: 'Make a package, or bring one in' }).click();
  await page.getByRole('button', { name: 'Make a package of everything' }).click();
  const link = page.getByRole('link', { name: /^The package of / });
  await expect(link).toBeVisible();
  const answer = await page.request.get(new URL((await link.getAttribute('href'))!, server.url).href);
  const buffer = await answer.body();
  const drop = () =>
    page.locator('input[type=file]').setInputFiles({ name: 'academy.zip', mimeType: 'application/zip', buffer });
  await drop();
  const card = page.getByRole('article').first();
  await expect(card.getByRole('button', { name: 'There is nothing to bring in' })).toBeDisabled();
  expect((await new AxeBuilder({ page }).exclude('[data-live-announcer]').analyze()).violations).toEqual([]);
  await card.getByRole('button', { name: 'Leave it' }).click();
  await expect(page.getByText(/left, or taken back/)).toBeVisible();

  await page.goto(`${server.url}/rounds/${roundId}/card`);
  await page.getByRole('button', { name: 'Delete this round' }).click();
  await page.getByRole('button', { name: 'Delete the round' }).click();
  await page.waitForURL((url) => !url.pathname.includes(roundId));
  await page.goto(`${server.url}/settings/exchange`);
  await drop();
  const row = (what: string) => card.getByRole('row', { name: new RegExp(`^${what}`) });
  await expect(row('marks').getByRole('cell').nth(1)).toHaveText('51');
  await card.getByRole('button', { name: 'Bring it in' }).click();
  await expect(card.getByRole('button', { name: 'Take it back' })).toBeVisible();
  expect((await page.request.get(`${server.url}/rounds/${roundId}/card`)).status()).toBe(200);
  await expect
    .poll(
      async () =>
        (await server.query('select count(*) from round_figure where round_id = $1', [roundId])).rows[0].count,
    )
    .toBe(2);
  await card.getByRole('button', { name: 'Take it back' }).click();
  await page.getByRole('dialog').getByRole('button', { name: 'Take it back' }).click();
  await expect(page.getByText(/left, or taken back/)).toHaveCount(2);
  expect((await server.query('select 1 from round where id = $1', [roundId])).rowCount).toBe(0);

  await page
    .locator('input[type=file]')
    .setInputFiles({ name: 'a.zip', mimeType: 'application/zip', buffer: Buffer.from('no') });
  await expect(page.getByText('This is no ZIP file, or its end is missing.')).toBeVisible();
});

test('a list of students is read, shown and written down; a round that was deleted is brought back; somebody is erased', async ({
  page,
}) => {
  const complaints = watchConsole(page);
  await signIn(page, server.url);
  await page.goto(`${server.url}/students`);
  await page.getByRole('link', { name: 'A whole list' }).click();
  const csv = 'Member,Birthday,Rank\r\n"Lindqvist, Pia",3/5/2001,white 3\r\nAna Velden,,\r\n';
  await page
    .locator('input[type=file]')
    .setInputFiles({ name: 'list.csv', mimeType: 'text/csv', buffer: Buffer.from(csv) });
  await expect(page.getByText('2 rows: 1 new, 1 here already.')).toBeVisible();
  expect((await new AxeBuilder({ page }).exclude('[data-live-announcer]').analyze()).violations).toEqual([]);
  await page.getByRole('button', { name: 'Write one person down' }).click();
  await page.getByRole('link', { name: 'To Students' }).last().click();
  await expect(page.getByRole('link', { name: 'Pia Lindqvist' })).toBeVisible();

  const other = demoId('round', 'teo-bruno');
  await page.goto(`${server.url}/rounds/${other}/card`);
  await page.getByRole('button', { name: 'Delete this round' }).click();
  await page.getByRole('button', { name: 'Delete the round' }).click();
  await page.waitForURL((url) => !url.pathname.includes(other));
  await page.goto(`${server.url}/settings`);
  await page.getByRole('button', { name: /^Bring back Teo / }).click();
  await expect(page.getByRole('button', { name: /^Bring back Teo / })).toHaveCount(0);
  await page.goto(`${server.url}/rounds/${other}`);
  await reviewIsReady(page);

  await page.goto(`${server.url}/students/${demoId('person', 'bruno')}`);
  await page.getByRole('link', { name: /^Erase Bruno/ }).click();
  const name = (await page.getByRole('heading', { level: 1 }).textContent())!.replace('Erase ', '');
  expect((await new AxeBuilder({ page }).exclude('[data-live-announcer]').analyze()).violations).toEqual([]);
  await page.getByLabel('Type the whole name').fill('Bruno');
  await page.getByRole('button', { name: 'Erase for good' }).click();
  await expect(page.getByText(`Type the whole name: ${name}`)).toBeVisible();
  await page.getByLabel('Type the whole name').fill(name);
  await page.getByRole('button', { name: 'Erase for good' }).click();
  await page.waitForURL('**/students');
  await expect(page.getByRole('link', { name })).toHaveCount(0);
  await page.goto(`${server.url}/rounds/${other}`);
  await reviewIsReady(page);
  await expect(page.getByText(/Somebody, \w+ belt/).first()).toBeVisible();
  await page.goto(`${server.url}/settings`);
  await expect(page.getByText(/by Ludo Reyhart: somebody with/)).toBeVisible();
  expect(complaints).toEqual([]);
});

test('who did what stands on record, and tables leave a page as files', async ({ page }) => {
  await signIn(page, server.url);
  await page.goto(`${server.url}/settings/record`);
  const record = page.getByRole('table', { name: 'Who did what' });
  await expect(record).toContainText('erased somebody');
  await expect(record).toContainText('brought a package in');
  await expect(record.getByRole('row').nth(1)).toContainText('signed in');
  expect((await new AxeBuilder({ page }).exclude('[data-live-announcer]').analyze()).violations).toEqual([]);
  await page.getByText('Tables of this page as files').click();
  const download = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Who did what (CSV)' }).click();
  expect((await download).suggestedFilename()).toBe('Who-did-what.csv');
});
