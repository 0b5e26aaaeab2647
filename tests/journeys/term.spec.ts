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
  await worst
    .getByRole('link', { name: /with Marek/ })
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
  // For a talk with the student: the two sides of one sheet, without the frame.
  await page.emulateMedia({ media: 'print' });
  await expect(page.getByRole('navigation')).toBeHidden();
  const pdf = (await page.pdf({ format: 'A4' })).toString('latin1');
  expect(pdf.match(/\/Type\s*\/Page[^s]/g)?.length).toBeLessThanOrEqual(2);
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
  await expect(page.getByText(/late to let go/).first()).toBeVisible();
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
