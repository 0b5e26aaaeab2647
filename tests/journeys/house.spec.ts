import AxeBuilder from '@axe-core/playwright';
import { expect, test } from '@playwright/test';
import { Secret, TOTP } from 'otpauth';
import { demoId } from '../../demo/academy/marksOfRound';
import { DEMO_PASSWORD } from '../../demo/academy/people';
import { signIn, watchConsole } from '../support/pages';
import { openServer, type TestServer } from '../support/server';

/* The house round the work: who is let in and as what, and classes that come from elsewhere. */
let server: TestServer;
test.beforeAll(async () => {
  server = await openServer('house', true);
});
test.afterAll(() => server?.close());

const evening = demoId('class', 'evening');

test('a helper is made, logs a class on a phone, and is shown nothing else', async ({ page, browser }) => {
  const complaints = watchConsole(page);
  await signIn(page, server.url);
  await page.goto(`${server.url}/settings`);
  await page.locator('input[name=displayName]').fill('Rosa Lind');
  await page.getByLabel('Signs in as').fill('rosa');
  await page.getByLabel('First password').fill('mats before breakfast');
  await page.getByRole('button', { name: /For$/ }).click();
  await page.getByRole('option', { name: /a helper/ }).click();
  await page.getByRole('button', { name: 'Add the account' }).click();
  await expect(page.getByText('Rosa Lind can sign in now.')).toBeVisible();
  await expect(page.getByRole('row', { name: /Rosa Lind/ })).toContainText('helper at the mat');

  await server.query("update academy_class set starts_at = now() - interval '70 minutes' where id = $1", [evening]);
  const phone = await (await browser.newContext({ viewport: { width: 390, height: 844 } })).newPage();
  const ofPhone = watchConsole(phone);
  await signIn(phone, server.url, 'rosa', 'mats before breakfast');
  await expect(phone).toHaveURL(/\/mat$/);
  await phone.getByRole('link', { name: 'Evening class' }).click();
  await phone.getByRole('button', { name: /who were expected came/ }).click();
  await expect(phone.getByRole('checkbox', { name: 'Ana Velden' })).toBeChecked();
  await phone.getByRole('textbox', { name: 'What was dangerous' }).fill('A loose mat by the door');
  await phone.getByRole('button', { name: 'Keep how it went' }).click();
  await expect(phone.getByText('Kept.')).toBeVisible();
  expect((await new AxeBuilder({ page: phone }).exclude('[data-live-announcer]').analyze()).violations).toEqual([]);
  for (const closed of [
    '/students',
    `/students/${demoId('person', 'ana')}`,
    '/settings',
    `/classes/${evening}`,
    '/search?q=ana',
  ]) {
    await phone.goto(server.url + closed);
    await expect(phone).toHaveURL(/\/mat$/);
  }
  await phone.goto(`${server.url}/account`);
  await expect(phone.getByRole('heading', { name: 'Your password' })).toBeVisible();
  await page.goto(`${server.url}/classes/${evening}`);
  await expect(page.getByRole('textbox', { name: 'What was dangerous' })).toHaveValue('A loose mat by the door');
  await phone.context().close();
  expect([...complaints, ...ofPhone]).toEqual([]);
});

test('one-time codes are set up, asked for at the door, and switched off', async ({ page, browser }) => {
  await signIn(page, server.url, 'felix');
  await page.goto(`${server.url}/settings`);
  await page.getByRole('button', { name: 'Set codes up' }).click();
  const typed = (await page.getByText(/^Without a camera/).innerText()).replace(/^.*type: /, '').replaceAll(' ', '');
  const shown = (steps = 0) =>
    new TOTP({ secret: Secret.fromBase32(typed) }).generate({ timestamp: Date.now() + steps * 30_000 });
  await page.getByLabel('Code', { exact: true }).fill('000000');
  await page.getByRole('button', { name: 'Switch codes on' }).click();
  await expect(page.getByText(/This code is not right/)).toBeVisible();
  await page.getByLabel('Code', { exact: true }).fill(shown(-1));
  await page.getByRole('button', { name: 'Switch codes on' }).click();
  await expect(page.getByRole('list', { name: 'Recovery codes' }).getByRole('listitem')).toHaveCount(10);
  const recovery = await page.getByRole('list', { name: 'Recovery codes' }).getByRole('listitem').first().innerText();
  await page.getByRole('button', { name: 'I have written them down' }).click();
  await expect(page.getByText(/10 recovery codes are left/)).toBeVisible();

  const door = await (await browser.newContext()).newPage();
  const enter = async (code: string) => {
    await door.goto(`${server.url}/sign-in`);
    await door.getByLabel('Sign-in name').fill('felix');
    await door.getByLabel('Password').fill(DEMO_PASSWORD);
    await door.getByRole('button', { name: 'Sign in' }).click();
    await door.getByLabel('Code').fill(code);
    await door.getByRole('button', { name: 'Go in' }).click();
  };
  await enter('000000');
  await expect(door.getByText(/This code is not right/)).toBeVisible();
  // Half in is not in.
  await door.goto(`${server.url}/students`);
  await expect(door).toHaveURL(/sign-in/);
  await door.getByRole('button', { name: 'Back to name and password' }).click();
  await expect(door.getByLabel('Sign-in name')).toBeVisible();
  await enter(shown(1));
  await door.waitForURL('**/footage');
  await door.context().clearCookies();
  await enter(recovery);
  await door.waitForURL('**/footage');
  await door.context().close();

  await page.reload();
  await expect(page.getByText(/9 recovery codes are left/)).toBeVisible();
  await page.getByLabel('Your password').fill(DEMO_PASSWORD);
  await page.getByRole('button', { name: 'Switch codes off' }).click();
  await expect(page.getByRole('button', { name: 'Set codes up' })).toBeVisible();
});

test('classes come from a calendar, who was there from a list, and both are taken back', async ({ page }) => {
  const complaints = watchConsole(page);
  await signIn(page, server.url);
  await page.goto(`${server.url}/classes`);
  await page.getByRole('link', { name: 'From elsewhere' }).click();
  const file = page.locator('input[type=file]');
  const soon = new Date(Date.now() + 3 * 86_400_000).toISOString().slice(0, 10).replaceAll('-', '');
  const calendar = [
    ...['BEGIN:VCALENDAR', 'VERSION:2.0', 'BEGIN:VEVENT', 'UID:noon', `DTSTART:${soon}T120000`, 'DURATION:PT1H'],
    ...['RRULE:FREQ=WEEKLY;COUNT=4', 'SUMMARY:No-gi at noon', 'END:VEVENT', 'END:VCALENDAR'],
  ].join('\r\n');
  await file.setInputFiles({ name: 'term.ics', mimeType: 'text/calendar', buffer: Buffer.from(calendar) });
  await expect(page.getByText('4 classes: 4 new.')).toBeVisible();
  await page.getByRole('button', { name: 'Write it down' }).click();
  await expect(page.getByText('4 classes are set up.')).toBeVisible();
  await page.goto(`${server.url}/classes`);
  await expect(page.getByRole('article', { name: 'No-gi at noon' }).first()).toBeVisible();

  await page.goto(`${server.url}/classes/bring-in`);
  const list =
    'Date;Class;Member;Status\n3.11.2026;Fundamentals;Ana Velden;present\n3.11.2026;Fundamentals;Marek Osei;absent\n3.11.2026;Fundamentals;Nobody Here;present\n';
  await file.setInputFiles({ name: 'visits.csv', mimeType: 'text/csv', buffer: Buffer.from(list) });
  await expect(page.getByText(/1 new; 2 visits of 2 people; one visit of somebody who is not known\./)).toBeVisible();
  await expect(page.getByText(/Nobody Here \(one visit\)/)).toBeVisible();
  expect((await new AxeBuilder({ page }).exclude('[data-live-announcer]').analyze()).violations).toEqual([]);
  await page.getByRole('button', { name: 'Write it down' }).click();
  await expect(page.getByText('One class is set up; 2 visits are noted.')).toBeVisible();
  await page.getByRole('button', { name: 'Take all of it back out' }).click();
  await expect(page.getByText('All of it is out again.')).toBeVisible();
  const { rows } = await server.query("select 1 from academy_class where title = 'Fundamentals'");
  expect(rows).toEqual([]);
  for (const [name, text, words] of [
    ['empty.ics', '', 'This file is empty.'],
    ['broken.ics', 'BEGIN:VCALENDAR\r\nnonsense', /no calendar that can be read/],
    ['list.csv', 'Name;Belt\nAna;blue', /Nobody’s visit can be read/],
    ['film.csv', 'a\0b', /This is no text/],
  ] as const) {
    await page.goto(`${server.url}/classes/bring-in`);
    await file.setInputFiles({ name, mimeType: 'text/plain', buffer: Buffer.from(text) });
    await expect(page.getByText(words)).toBeVisible();
  }
  expect(complaints).toEqual([]);
});
