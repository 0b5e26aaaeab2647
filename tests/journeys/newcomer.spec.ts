import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { expect, test } from '@playwright/test';
import { call, ledger, reviewIsReady, watchConsole } from '../support/pages';
import { makeFilm, openServer, type TestServer } from '../support/server';

let server: TestServer;
const scratch = mkdtempSync(path.join(tmpdir(), 'owl-newcomer-'));
test.beforeAll(async () => {
  server = await openServer('newcomer', false);
  server.startWorker();
  makeFilm(path.join(scratch, 'Tuesday round.mp4'), 60);
});
test.afterAll(async () => {
  await server.close();
  rmSync(scratch, { recursive: true });
});

// Seconds to jump forward before each call, and the call: 60 seconds of film.
const calls: readonly (readonly [jump: number, text: string])[] = [
  [0, 'standing'],
  [1, 'rosa grips lapel grip high right'],
  [1, 'rosa seated guard pull finished'],
  [0, 'rosa open guard'],
  [1, 'good keeps the passer moving'],
  [1, 'otto knee slice control'],
  [0, 'rosa half guard'],
  [1, 'rosa flat in half guard punished'],
  [0, 'otto underhook left'],
  [1, 'otto half guard pass with crossface finished'],
  [0, 'otto side control'],
  [1, 'rosa flat under side control not punished'],
  [1, 'rosa elbow escape finished'],
  [0, 'rosa half guard'],
  [1, 'rosa flat in half guard not punished'],
  [1, 'otto knee slice tried escaped'],
  [0, 'good frame inside'],
  [0, 'stop 3'],
  [1, 'standing clinch'],
  [0, 'note talk about the first grip'],
];

test('from nothing to a printed class sheet in one evening', async ({ page }) => {
  const complaints = watchConsole(page);

  await test.step('the first visit asks for the head coach’s account', async () => {
    await page.goto(server.url);
    await expect(page).toHaveURL(/first-account/);
    await page.getByLabel('Your name').fill('Head Coach');
    await page.getByLabel('Sign-in name').fill('coach');
    await page.getByLabel('Password').fill('short');
    await page.getByRole('button', { name: 'Create the account' }).click();
    await expect(page.getByText('Use at least 10 characters')).toBeVisible();
    await page.getByLabel('Your name').fill('Head Coach');
    await page.getByLabel('Sign-in name').fill('coach');
    await page.getByLabel('Password').fill('a calm evening on the mat');
    await page.getByRole('button', { name: 'Create the account' }).click();
    await expect(page.getByText('From here to tomorrow’s class in one evening')).toBeVisible();
  });

  await test.step('empty places lead on', async () => {
    for (const [place, words] of [
      ['Review', 'No round yet'],
      ['Students', 'Nobody yet'],
      ['Classes', 'No class ahead'],
    ] as const) {
      await page.getByRole('link', { name: place, exact: true }).click();
      await expect(page.getByRole('heading', { name: words })).toBeVisible();
    }
  });

  await test.step('an ordinary film is brought in', async () => {
    await page.goto(`${server.url}/footage`);
    await page.locator('input[type="file"]').setInputFiles(path.join(scratch, 'Tuesday round.mp4'));
    await page.getByRole('link', { name: 'It is one round' }).click();
    await expect(page.getByRole('heading', { name: 'A new round' })).toBeVisible();
  });

  await test.step('the card says who, with bad entries refused first', async () => {
    const focus = page.getByRole('group', { name: 'Athlete in focus' });
    const partner = page.getByRole('group', { name: 'Partner' });
    await focus.getByLabel('Name').fill('Rosa Lind');
    await partner.getByLabel('Name').fill('Otto Grau');
    await focus.getByLabel('Weight that day').fill('900');
    await partner.getByLabel('Weight that day').fill('84');
    await page.getByRole('button', { name: 'Save and review' }).click();
    await expect(page.getByText('900 kg is not a weight').first()).toBeVisible();
    await focus.getByLabel('Weight that day').fill('60');
    await expect(page.getByText('Otto Grau is heavier by 24 kg, 40 % of the lighter.')).toBeVisible();
    await expect(page.getByText('the heavier does not fall')).toBeVisible();
    await page.getByRole('button', { name: 'Save and review' }).click();
    await expect(page.getByText('The ledger is empty.')).toBeVisible();
  });

  await test.step('twenty marks by keyboard', async () => {
    await page
      .locator('video')
      .evaluate(
        (video: HTMLVideoElement) =>
          new Promise<void>((resolve) =>
            video.readyState >= 2 ? resolve() : video.addEventListener('loadeddata', () => resolve()),
          ),
      );
    await reviewIsReady(page);
    for (const [jump, text] of calls) {
      for (let press = 0; press < jump; press += 1) await page.keyboard.press('Shift+ArrowRight');
      await call(page, text);
    }
    await expect(ledger(page)).toHaveCount(20);
    await expect(page.getByText('All kept')).toBeVisible();
    const { rows } = await server.query(
      "select count(*)::int as count, count(*) filter (where kind = 'note')::int as notes from mark",
    );
    expect(rows[0]).toEqual({ count: 20, notes: 1 });
  });

  await test.step('the student page shows rates that a calculator confirms', async () => {
    const { rows } = await server.query('select content from mark order by at_seconds');
    const marks = rows.map((row) => row.content);
    // Half guard below: from each half guard mark to the next position, pass or escape.
    const halves = marks.filter((mark) => mark.positionId === 'half-guard');
    const ends = [
      marks.find((mark) => mark.techniqueId === 'crossface-half-pass').atSeconds,
      marks.find((mark) => mark.kind === 'stoppage').atSeconds,
    ];
    const minutes = halves.reduce((sum, half, index) => sum + (ends[index] - half.atSeconds) / 60, 0);
    await page.goto(`${server.url}/students`);
    await page.getByRole('link', { name: 'Rosa Lind' }).click();
    const row = page.getByRole('article', { name: 'Flat in half guard' });
    await expect(row).toContainText(`2 in ${minutes.toFixed(2)} minutes of half guard below`);
    const rate = 2 / minutes;
    await expect(row).toContainText(`: ${rate >= 10 ? rate.toFixed(0) : rate.toFixed(1)} per minute`);
    // Garwood 1936, 2 events: 0.2422 to 7.2247.
    const low = 0.2422 / minutes;
    await expect(row).toContainText(`between ${low >= 1 ? low.toFixed(1) : low.toFixed(2)}`);
    await expect(row).toContainText('punished 50 %');
    await row
      .getByRole('link', { name: / with / })
      .first()
      .click();
    await expect(page).toHaveURL(/rounds\/.*at=.*mark=/);
    await expect(page.locator('[aria-selected="true"]')).toContainText('Flat in half guard');
  });

  await test.step('a class is planned from them', async () => {
    await page.goto(`${server.url}/classes`);
    await page.getByRole('button', { name: 'Set up a class' }).click();
    await page.getByRole('dialog').getByLabel('Name').fill('Tomorrow evening');
    await page.getByRole('button', { name: 'Save' }).click();
    await expect(page.getByRole('heading', { name: 'Tomorrow evening' })).toBeVisible();
    await page.getByRole('button', { name: 'Generate' }).click();
    // Each plan is worked out in the background: as long as it takes.
    await expect(page.getByText('Nobody is expected yet')).toBeVisible();
    await page.getByText('Rosa Lind', { exact: true }).click();
    await page.getByRole('button', { name: 'Generate' }).click();
    await expect(page.getByText('Only one person is expected')).toBeVisible();
    await page.getByText('Otto Grau', { exact: true }).click();
    await page.getByRole('button', { name: 'Generate' }).click();
    await expect(page.getByRole('list', { name: 'Blocks of the plan' })).toContainText(
      'Flat in half guard: Rosa 2 times',
    );
    // 40 % apart: nobody within the limit for live work, and the plan says so.
    await expect(page.getByText('nobody within the weight limit is left').first()).toBeVisible();
    await page.getByRole('button', { name: 'Leave out' }).first().click();
    await page.getByRole('button', { name: 'Generate again' }).click();
    await expect(page.getByText('Version 2')).toBeVisible();
  });

  await test.step('the sheet prints to one page', async () => {
    await page.getByRole('link', { name: 'The sheet' }).click();
    await expect(page.getByRole('button', { name: 'Print' })).toBeVisible();
    await expect(page.getByRole('heading', { name: 'Tomorrow evening' })).toBeVisible();
    expect(await countPdfPages(await page.pdf({ preferCSSPageSize: true }))).toBe(1);
  });

  expect(complaints).toEqual([]);
});

async function countPdfPages(pdf: Buffer): Promise<number> {
  return pdf.toString('latin1').match(/\/Type\s*\/Page\b/g)?.length ?? 0;
}
