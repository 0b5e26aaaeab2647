import { expect, test } from '@playwright/test';
import { demoId } from '../../demo/academy/marksOfRound';
import { reviewIsReady, signIn, watchConsole } from '../support/pages';
import { openServer, type TestServer } from '../support/server';

let server: TestServer;
test.beforeAll(async () => {
  server = await openServer('term', true, { withTerm: true });
});
test.afterAll(() => server?.close());

test('from the list of students to the second behind a figure in three strokes', async ({ page }) => {
  const complaints = watchConsole(page);
  await signIn(page, server.url);
  await page.goto(`${server.url}/students`);
  await page.getByRole('link', { name: 'Ana Velden' }).click();
  const worst = page.getByRole('article', { name: 'Flat in half guard' }).first();
  await expect(worst).toContainText('no change that could be told');
  // With whom the newest ones were depends on the day of the week.
  await worst
    .getByRole('link', { name: /\d:\d\d with / })
    .first()
    .click();
  await page.waitForURL(/\/rounds\/.*mark=/);
  await reviewIsReady(page);
  expect(complaints).toEqual([]);
});

test('what a class changed is said with its day; a stream of the river and a line of all errors open their moments', async ({
  page,
}) => {
  await signIn(page, server.url);
  await page.goto(`${server.url}/students/${demoId('person', 'nadia')}`);
  const gone = page.getByRole('article', { name: 'Late to block the passing side' });
  await expect(gone).toContainText(/gone since about/);
  await expect(gone).toContainText('not once in');
  await expect(gone.getByRole('img', { name: /^Seen by month/ })).toBeVisible();

  const river = page.getByRole('group', { name: 'How the rounds flow' });
  await river.getByRole('button').first().focus();
  await page.keyboard.press('Enter');
  await expect(page.getByText(/ times, \d+ % of what followed/)).toBeVisible();

  await page.getByRole('button', { name: /Where$/ }).click();
  await page.getByRole('option', { name: 'mount' }).click();
  const rows = page.getByRole('table').filter({ hasText: 'How it stands' }).getByRole('row');
  await expect(rows.nth(1)).toContainText(/mount|minutes|of/);
  await rows.nth(1).getByRole('button').click();
  await expect(page.getByText('How teachable at this belt').first()).toBeVisible();
  const periods = page.getByRole('table', { name: 'Two periods side by side' });
  await expect(periods).toContainText('since');
  await page.getByRole('button', { name: /Side by side$/ }).click();
  await page.getByRole('option', { name: 'gi and no-gi' }).click();
  await expect(periods.getByRole('columnheader', { name: 'no-gi' })).toBeVisible();
  await page.getByRole('button', { name: /Side by side$/ }).click();
  await page.getByRole('option', { name: 'before and since a belt' }).click();
  await expect(page.getByRole('button', { name: /The belt$/ })).toContainText('white belt, 1 stripe');
  await expect(periods.getByRole('columnheader', { name: 'since' })).toBeVisible();
  // Attempts at all techniques of a family are one line, whose parts add up.
  const own = page.getByRole('table', { name: 'Own attempts' });
  await page.getByRole('radio', { name: 'families of techniques' }).click({ force: true });
  await expect(own.getByRole('button', { name: 'Escapes' })).toBeVisible();
  await expect(own).toContainText(/held after \d+\ss/);
  await own.getByRole('button', { name: 'Escapes' }).click();
  await expect(own.getByRole('link', { name: /with / }).first()).toBeVisible();
  // For a talk with the student: the two sides of one sheet, without the frame.
  await page.emulateMedia({ media: 'print' });
  await expect(page.getByRole('navigation')).toBeHidden();
  const pdf = (await page.pdf({ format: 'A4' })).toString('latin1');
  expect(pdf.match(/\/Type\s*\/Page[^s]/g)?.length).toBeLessThanOrEqual(2);
});

test('moments play in a row, each seen coming; keys go from one to the next and into Review', async ({ page }) => {
  const complaints = watchConsole(page);
  await signIn(page, server.url);
  await page.goto(`${server.url}/students/${demoId('person', 'ana')}`);
  await page
    .getByRole('link', { name: /^play \d+ in a row$/ })
    .first()
    .click();
  await page.waitForURL(/\/reel\?/);
  await page.locator('[aria-busy="false"]').first().waitFor();
  await expect(page.getByRole('heading', { name: 'Flat in half guard' })).toBeVisible();
  const moments = page.getByRole('list', { name: 'Moments' });
  const current = moments.locator('[aria-current]');
  const film = page.locator('video');
  await expect(current).not.toContainText('not filmed');
  const first = await current.innerText();
  const seconds = () => film.evaluate((one: HTMLVideoElement) => one.currentTime);
  const at = /, (\d+):(\d\d),/.exec(first) ?? [];
  // Three seconds before, and never from the beginning of the film.
  await expect.poll(seconds).toBeGreaterThan(Number(at[1]) * 60 + Number(at[2]) - 4);
  // By itself it goes on to the next that was filmed.
  await expect(current).not.toHaveText(first);
  await page.keyboard.press('Home');
  await expect(current).toContainText(first.split('\n')[1] ?? '');
  await page.keyboard.press('Space');
  await expect(page.getByRole('button', { name: 'Play in a row (Space)' })).toBeVisible();
  const paused = await seconds();
  await page.keyboard.press('ArrowRight');
  await expect.poll(seconds).toBeGreaterThan(paused);
  await page.keyboard.press('ArrowDown');
  await page.keyboard.press('Enter');
  await page.waitForURL(/\/rounds\/.*mark=/);
  await reviewIsReady(page);
  // An address that names nothing, and one that would lead away.
  await page.goto(`${server.url}/reel?moments=${'m0~'.repeat(200)}&back=//elsewhere`);
  await expect(page.getByRole('link', { name: 'Back' })).toHaveAttribute('href', '/students');
  expect(complaints).toEqual([]);
});

test('a question in own words is understood in parts, answered with its count, kept, and stands on the student’s page', async ({
  page,
}) => {
  await signIn(page, server.url);
  const box = page.getByRole('searchbox', { name: 'Search everything' });
  await box.fill('ana passed from half guard by heavier partners since june');
  await box.press('Enter');
  await page.waitForURL('**/search?q=*');
  await expect(page.getByRole('button', { name: /Done by/ })).toContainText('Ana’s partners');
  const counted = page.getByRole('status').filter({ hasText: 'reviewed' });
  await expect(counted).toContainText(/times in \d+ rounds of \d+ reviewed, \d+ live minutes/);
  const all = await counted.innerText();
  await expect(page.getByRole('list', { name: 'Marks' }).locator('img').first()).toBeVisible();
  await page.getByRole('link', { name: /^Leave out: Against whom/ }).click();
  await expect(counted).not.toHaveText(all);
  // What was said of who did it stays.
  await expect(page.getByRole('button', { name: /Done by/ })).toContainText('Ana’s partners');
  await page.getByRole('button', { name: 'Keep this question' }).click();
  await page.getByRole('link', { name: 'your questions' }).click();
  const kept = page.getByRole('article', { name: 'ana passed from half guard since june' });
  await expect(kept).toContainText('live minutes');
  // How long somebody was somewhere, played where it began; and a count parted by partner.
  await box.fill('ana share of time on top');
  await box.press('Enter');
  await expect(page.getByText(/^On top: [\d.]+ of [\d.]+ live minutes, \d+ %/)).toBeVisible();
  await expect(page.getByRole('link', { name: /^play .* in a row$/ })).toBeVisible();
  await box.fill('ana flat in half guard');
  await box.press('Enter');
  await expect(page.getByRole('region', { name: 'By partner' }).getByRole('listitem').first()).toBeVisible();
  await page.goto(`${server.url}/students/${demoId('person', 'ana')}`);
  await expect(page.getByRole('link', { name: 'ana passed from half guard since june' })).toBeVisible();
  // Only errors that cost something.
  const allErrors = await page
    .getByText(/^\d+ of \d+$/)
    .first()
    .innerText();
  await page.getByRole('button', { name: /Whether it cost$/ }).click();
  await page.getByRole('option', { name: 'punished', exact: true }).click();
  await expect(page.getByText(/^\d+ of \d+$/).first()).not.toHaveText(allErrors);
  // Only some rounds: the whole page is about them.
  await page.getByRole('button', { name: 'Only some rounds' }).click();
  await page
    .getByRole('button', { name: /^In/ })
    .or(page.getByRole('button', { name: /In$/ }))
    .first()
    .click();
  await page.getByRole('option', { name: 'no-gi', exact: true }).click();
  await page.waitForURL(/uniform=no-gi/);
  await expect(page.getByRole('button', { name: 'Not only in no-gi' })).toBeVisible();
  await page.getByRole('button', { name: 'Not only in no-gi' }).click();
  await expect(page.getByText('All rounds count.')).toBeVisible();
});

test('the academy’s table opens who and what, down to a student', async ({ page }) => {
  await signIn(page, server.url);
  await page.goto(`${server.url}/academy`);
  const wall = page.getByRole('table', { name: /Errors in ten live minutes/ });
  await wall
    .getByRole('row', { name: /^half guard/ })
    .getByRole('link')
    .nth(1)
    .click();
  await expect(page.getByRole('heading', { name: 'half guard, blue belt' })).toBeVisible();
  const cell = page.locator('#cell');
  await expect(cell).toContainText('Flat in half guard');
  await cell.getByRole('link', { name: 'Ana Velden' }).first().click();
  await expect(page.getByRole('heading', { name: 'Ana Velden' })).toBeVisible();
  await page.goto(`${server.url}/academy?family=${encodeURIComponent('<script>')}&belt=plaid`);
  await expect(page.getByRole('heading', { name: 'Worth a class' })).toBeVisible();
  await expect(page.locator('#cell')).toHaveCount(0);
  await expect(page.getByRole('table', { name: 'Worth a class' })).toContainText('ago');
  await expect(page.getByText(/: late to let go/).first()).toBeVisible();
});

test('after a class its coach ticks who came and what was drilled; students’ pages and the Academy know it', async ({
  page,
}) => {
  await signIn(page, server.url);
  await page.goto(`${server.url}/classes/${demoId('class', 'class-24-1')}`);
  await expect(page.getByRole('heading', { name: 'What became of it' })).toBeVisible();
  const came = page.getByRole('list', { name: 'Who came' });
  const before = await came.getByRole('checkbox', { checked: true }).count();
  const somebody = page.getByRole('combobox', { name: 'Somebody else came' });
  await somebody.click();
  await somebody.pressSequentially('ludo');
  await page.getByRole('option', { name: 'Ludo Reyhart' }).click();
  await expect(came.getByRole('checkbox', { checked: true })).toHaveCount(before + 1);
  const something = page.getByRole('combobox', { name: 'Something else was drilled' });
  await something.click();
  await something.pressSequentially('hide the heel');
  await page.getByRole('option', { name: 'Hide the heel' }).click();
  const drilled = page.getByRole('list', { name: 'What was drilled' });
  await drilled.getByRole('button', { name: 'Hide the heel: five minutes more' }).click();
  await expect(drilled).toContainText('15 minutes');
  await page.reload();
  await expect(drilled.getByRole('checkbox', { name: 'Hide the heel' })).toBeChecked();
  await expect(came.getByRole('checkbox', { name: 'Ludo Reyhart' })).toBeChecked();
});
