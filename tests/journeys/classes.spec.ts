import { expect, test } from '@playwright/test';
import { demoId } from '../../demo/academy/marksOfRound';
import { signIn, watchConsole } from '../support/pages';
import { openServer, type TestServer } from '../support/server';

let server: TestServer;
test.beforeAll(async () => {
  server = await openServer('classes', true, { withTerm: true });
  server.startWorker();
});
test.afterAll(() => server?.close());

const evening = demoId('class', 'evening');

test('a theme is dragged to another day, a next best is taken and taken back, and a block of one’s own is put in', async ({
  page,
}) => {
  const complaints = watchConsole(page);
  await signIn(page, server.url);
  await page.goto(`${server.url}/classes`);
  await page.getByRole('button', { name: 'Plan the coming weeks together' }).click();
  await expect(page.getByText(/of anything possible|Proved best/)).toBeVisible();
  await expect(page.getByRole('heading', { name: 'What each gets' })).toBeVisible();
  await expect(page.getByText(/more than each class for itself/)).toBeVisible();
  // Both weeks in sight: a drag cannot scroll.
  await page.setViewportSize({ width: 1280, height: 1600 });
  const from = page.getByRole('article', { name: 'Evening class' }).locator('.theme');
  const onto = page.getByRole('article', { name: 'Wednesday evening' }).first();
  const theme = await from.innerText();
  await from.dragTo(onto);
  await expect(onto).toContainText('set by you');
  await expect(onto.locator('.theme')).toHaveText(theme);
  await expect(page.getByRole('article', { name: 'Evening class' }).locator('.theme')).not.toHaveText(theme);

  await page.goto(`${server.url}/classes/${evening}`);
  await expect(page.getByText(/Version 2/)).toBeVisible();
  const blocks = page.getByRole('list', { name: 'Blocks of the plan' });
  const lesson = await blocks.getByRole('heading').first().innerText();
  const instead = blocks.locator('.swap').first();
  const next = (await instead.innerText()).split(',')[0] ?? '';
  await instead.click();
  const box = page.getByRole('combobox', { name: 'A block of your own' });
  await box.click();
  await box.pressSequentially('double leg');
  await page.getByRole('option', { name: 'double leg', exact: true }).click();
  await page.getByRole('button', { name: 'Put it in' }).click();
  await expect(page.getByRole('button', { name: /Take double leg out/i })).toBeVisible();
  await page.getByRole('button', { name: 'Generate again' }).click();
  await expect(page.getByText(/Version 3/)).toBeVisible();
  await expect(page.getByText('proved the best choice')).toBeVisible();
  await expect(page.getByText('Pia rests (injured)').first()).toBeVisible();
  await expect(blocks.getByRole('heading', { name: next })).toBeVisible();
  await expect(blocks.getByRole('link', { name: 'double leg' })).toBeVisible();
  await page.getByRole('button', { name: 'Take version 2 again' }).click();
  await expect(page.getByText(/Version 4/)).toBeVisible();
  await expect(blocks.getByRole('heading').first()).toHaveText(lesson);
  // Moved and lengthened in place: what follows is there at once, and kept as a version of its own.
  const headings = blocks.getByRole('heading', { level: 3 });
  const order = await headings.allInnerTexts();
  await page.getByRole('button', { name: `One minute less of ${order[0]}` }).click();
  if (order.length > 1) {
    await headings.nth(1).dragTo(headings.nth(0));
    await expect(headings.first()).toHaveText(order[1] ?? '');
  }
  await page.getByRole('button', { name: 'Keep it so' }).click();
  await expect(page.getByText(/Version 5/)).toBeVisible();
  await expect(page.getByText('arranged by hand')).toBeVisible();
  await expect(headings.first()).toHaveText(order[1] ?? order[0] ?? '');
  await blocks
    .getByRole('link', { name: /^Show the class/ })
    .first()
    .click();
  await expect(page.getByRole('list', { name: 'Moments' })).toBeVisible();
  await page.goBack();
  await page.getByRole('link', { name: 'The sheet' }).click();
  await expect(page.getByText('Your academy’s rules and the event’s rules come first')).toBeVisible();
  const pdf = (await page.pdf({ preferCSSPageSize: true })).toString('latin1');
  expect(pdf.match(/\/Type\s*\/Page\b/g)).toHaveLength(1);
  expect(complaints).toEqual([]);
});

test('a class is held every week but on days without classes', async ({ page }) => {
  await signIn(page, server.url);
  await page.goto(`${server.url}/classes/${evening}`);
  await page.getByRole('button', { name: 'Every week' }).click();
  await page.getByRole('button', { name: 'Repeat it' }).click();
  await expect(page.getByRole('status').filter({ hasText: 'classes are set up' })).toBeVisible();
  await page.goto(`${server.url}/classes`);
  await expect(page.getByRole('article', { name: 'Evening class' })).toHaveCount(9);
  await page.getByRole('button', { name: 'Copy weeks' }).click();
  await page.getByLabel('No classes on').fill('24 Dec 2026');
  await page.getByLabel('Why').fill('Holidays');
  await page.getByRole('button', { name: 'Keep this day free' }).click();
  await expect(page.getByRole('button', { name: /Classes again on/ })).toBeVisible();
});

test('a class is run by two devices, also while one is without a connection', async ({ page, browser }) => {
  await signIn(page, server.url);
  await page.goto(`${server.url}/classes/${evening}`);
  await page.getByRole('link', { name: 'On the mat' }).click();
  await page.setViewportSize({ width: 390, height: 844 });
  const left = page.getByRole('timer', { name: 'Time left' });
  await expect(left).toHaveText('8:00');
  await page.getByRole('button', { name: 'Start' }).click();
  await expect(left).not.toHaveText('8:00');

  const other = await (await browser.newContext({ viewport: { width: 1024, height: 768 } })).newPage();
  await signIn(other, server.url);
  await other.goto(page.url());
  await expect(other.getByRole('button', { name: 'Pause' })).toBeVisible();
  await page.getByRole('button', { name: 'Next' }).click();
  await expect(page.getByRole('heading', { name: 'Show it' })).toBeVisible();
  await expect(other.getByRole('heading', { name: 'Show it' })).toBeVisible();

  // The connection of the phone goes: it goes on, and the other one hears of it when it is back.
  await page.context().setOffline(true);
  await page.getByRole('button', { name: 'Pause' }).click();
  await expect(page.getByText('No connection', { exact: false })).toBeVisible();
  await expect(other.getByRole('button', { name: 'Pause' })).toBeVisible();
  await page.context().setOffline(false);
  await expect(other.getByRole('button', { name: 'Go on' })).toBeVisible();
  await other.context().close();
});

test('a class is run on a phone with the clock running on, written down and logged; the drill’s page waits for footage', async ({
  page,
}) => {
  // It is the evening of the class.
  await server.query("update academy_class set starts_at = now() - interval '4 minutes' where id = $1", [evening]);
  await signIn(page, server.url);
  await page.setViewportSize({ width: 390, height: 844 });
  await page.goto(`${server.url}/classes/${evening}/mat`);
  await page.getByRole('button', { name: 'Go on' }).click();
  await expect(page.getByRole('button', { name: 'Pause' })).toBeVisible();
  // Devices trust the server's clock, not their own: time goes on there, as if Start had been pressed so much earlier.
  const goOn = (minutes: number) =>
    expect(async () => {
      const { rowCount } = await server.query(
        `update class_clock set clock = jsonb_set(clock, '{beganAt}', to_jsonb((clock ->> 'beganAt')::float8 - $2 * 60000.0)), version = version + 1
         where class_id = $1 and clock ->> 'pausedAt' is null`,
        [evening, minutes],
      );
      expect(rowCount).toBe(1);
    }).toPass();
  await goOn(80);
  await page.getByRole('button', { name: 'Write down what was done' }).click();
  await page.getByRole('button', { name: 'Write it down' }).click();
  await page.waitForURL(`**/classes/${evening}`);
  const drilled = page.getByRole('list', { name: 'What was drilled' });
  await expect(drilled.getByRole('checkbox', { checked: true }).first()).toBeVisible();
  await page.getByRole('button', { name: /who were expected came/ }).click();
  await page.getByRole('button', { name: 'Ana Velden struggled' }).click();
  await page.getByRole('radio', { name: 'time ran out' }).click({ force: true });
  await page.getByRole('button', { name: 'Keep how it went' }).click();
  await expect(page.getByText('Kept.')).toBeVisible();
  await page.reload();
  const came = page.getByRole('list', { name: 'Who came' });
  await expect(came.getByRole('checkbox', { name: 'Ana Velden' })).toBeChecked();
  await expect(page.getByRole('button', { name: 'Ana Velden struggled' })).toHaveAttribute('aria-pressed', 'true');
  await expect(page.getByRole('radio', { name: 'time ran out' })).toBeChecked();

  // What became of it nobody knows yet: the newest of those who came have no round since.
  const { rows } = await server.query('select drill_id from class_drilled where class_id = $1 order by 1', [evening]);
  await page.setViewportSize({ width: 1280, height: 800 });
  await expect(async () => {
    await page.goto(`${server.url}/library/${rows[0].drill_id}`);
    await expect(page.getByRole('table', { name: 'Did it work' })).toContainText(/not yet|times as often/, {
      timeout: 2_000,
    });
  }).toPass();
});
