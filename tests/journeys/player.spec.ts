import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { expect, type Page, test } from '@playwright/test';
import { demoId } from '../../demo/academy/marksOfRound';
import { ffmpeg } from '../support/films';
import { call, ledger, openReview, reviewIsReady, signIn, watchConsole } from '../support/pages';
import { openServer, type TestServer } from '../support/server';

let server: TestServer;
const scratch = mkdtempSync(path.join(tmpdir(), 'owl-player-'));
const anaMarek = demoId('round', 'ana-marek');
test.beforeAll(async () => {
  server = await openServer('player', true);
  // The demo's own files need no work here.
  await server.query("update footage_work set state = 'cancelled'");
});
test.afterAll(async () => {
  await server.close();
  rmSync(scratch, { recursive: true });
});
test.beforeEach(({ page }) => signIn(page, server.url));

/** The number that a picture carries in sixteen bars, black or white, from the lowest bit on. */
const pictureNumber = (page: Page): Promise<number> =>
  page.evaluate<number>(`(async () => {
    const video = document.querySelector('video');
    while (video.seeking) await new Promise((resolve) => setTimeout(resolve, 5));
    await new Promise((resolve) => requestAnimationFrame(() => requestAnimationFrame(resolve)));
    const canvas = document.createElement('canvas');
    canvas.width = 16; canvas.height = 1;
    const context = canvas.getContext('2d');
    context.drawImage(video, 0, 0, 16, 1);
    const { data } = context.getImageData(0, 0, 16, 1);
    let number = 0;
    for (let bit = 0; bit < 16; bit += 1) if (data[bit * 4] > 128) number += 2 ** bit;
    return number;
  })()`);

/** A film of ten seconds whose pictures carry their number; a key picture only at its start. */
function numberedFilm(file: string, rate: string): void {
  const bars = "geq=lum='if(gt(mod(floor(N/pow(2,floor(X/40))),2),0),235,16)':cb=128:cr=128";
  ffmpeg(
    ...['-f', 'lavfi', '-i', `color=c=black:s=640x160:r=${rate}:d=10`, '-vf', `${bars},format=yuv420p`],
    ...['-c:v', 'libx264', '-g', '600', '-sc_threshold', '0', '-bf', '2', file],
  );
}

for (const [name, rate, per] of [
  ['29.97', '30000/1001', 30_000 / 1001],
  ['59.94', '60000/1001', 60_000 / 1001],
] as const)
  test(`a step is exactly one picture, both ways, at ${name} pictures a second`, async ({ page }) => {
    const file = path.join(scratch, `numbered ${name}.mp4`);
    numberedFilm(file, rate);
    server.startWorker();
    await page.locator('input[type="file"]').setInputFiles(file);
    const name_ = `numbered ${name}.mp4`;
    await expect(
      page.getByRole('list', { name: 'On the way' }).getByRole('listitem').filter({ hasText: name_ }),
    ).toContainText('On the shelf');
    await server.killWorker('SIGTERM');
    const roundId = demoId('round', `numbered-${name}`);
    await server.query(
      `insert into round (id, footage_id, held_on, uniform, rule_set, planned_seconds, occasion, start_seconds, end_seconds)
       select $1, f.id, '2026-11-20', 'gi', 'no-score', 30, 'sparring', 0, 10 from footage f where f.original_name = $2`,
      [roundId, name_],
    );
    for (const [slot, key] of [
      ['a', 'ana'],
      ['b', 'marek'],
    ])
      await server.query(
        "insert into round_athlete (round_id, slot, person_id, belt, stripes) values ($1, $2, $3, 'blue', 0)",
        [roundId, slot, demoId('person', key!)],
      );
    await openReview(page, `${server.url}/rounds/${roundId}?at=5`);
    const shown = async () =>
      Number(/picture (\d+)/.exec((await page.getByText(/picture \d+/).textContent()) ?? '')?.[1]);
    const first = Math.round(5 * per);
    await page.keyboard.press('ArrowRight');
    // A busy machine shows the picture a moment after the step.
    await expect.poll(async () => (await pictureNumber(page)) === (await shown())).toBe(true);
    const start = await pictureNumber(page);
    expect(Math.abs(start - first)).toBeLessThanOrEqual(1);
    expect(await shown()).toBe(start);
    for (let step = 1; step <= 12; step += 1) {
      await page.keyboard.press('ArrowRight');
      await expect.poll(() => pictureNumber(page)).toBe(start + step);
    }
    for (let step = 11; step >= -6; step -= 1) {
      await page.keyboard.press('ArrowLeft');
      await expect.poll(() => pictureNumber(page)).toBe(start + step);
      expect(await shown()).toBe(start + step);
    }
  });

test('the copy takes the original’s place without losing the moment', async ({ page }) => {
  // A key picture only at its start: it can be shown at once, and steps smoothly when its copy is made.
  const roundId = demoId('round', 'numbered-59.94');
  // As if a process had died while it made the copy: the next one makes it anew.
  const file = "(select id from footage where original_name = 'numbered 59.94.mp4')";
  await server.query(`update footage set proxy = null where id = ${file}`);
  await server.query(
    `update footage_work set state = 'running', attempts = 1, taken_by = 4711 where kind = 'proxy' and footage_id = ${file}`,
  );
  await openReview(page, `${server.url}/rounds/${roundId}?at=6`);
  await expect(page.locator('[data-shows="original"] video')).toBeVisible();
  await page.keyboard.press('ArrowRight');
  await expect.poll(async () => Math.abs((await pictureNumber(page)) - (6 * 60_000) / 1001)).toBeLessThanOrEqual(2);
  const before = await pictureNumber(page);
  server.startWorker();
  await expect(page.locator('[data-shows="copy"] video')).toBeVisible();
  await expect.poll(() => pictureNumber(page)).toBe(before);
  await page.keyboard.press('ArrowLeft');
  await expect.poll(() => pictureNumber(page)).toBe(before - 1);
  await server.killWorker('SIGTERM');
});

test('who is who is shown by small pictures, and exchanged in one action with undo', async ({ page }) => {
  const complaints = watchConsole(page);
  await openReview(page, `${server.url}/rounds/${anaMarek}?at=20`);
  await expect.poll(() => page.locator('video').evaluate((one: HTMLVideoElement) => one.readyState)).toBeGreaterThan(1);
  await page.keyboard.press('w');
  const panel = page.getByRole('region', { name: 'Who is who' });
  await panel.getByRole('button', { name: 'Take a picture' }).first().click();
  const pane = page.locator('[data-box-drawer]');
  const draw = async (from: number, to: number) => {
    const box = (await pane.boundingBox())!;
    await page.mouse.move(box.x + box.width * from, box.y + box.height * 0.25);
    await page.mouse.down();
    await page.mouse.move(box.x + box.width * to, box.y + box.height * 0.85, { steps: 4 });
    await page.mouse.up();
  };
  await expect(pane).toContainText('Ana');
  await draw(0.25, 0.48);
  // The other one is asked for next.
  await expect(pane).toContainText('Marek');
  await draw(0.52, 0.75);
  await expect(panel.getByRole('img')).toHaveCount(2);
  await expect(page.getByText('All kept')).toBeVisible();
  await page.reload();
  await reviewIsReady(page);
  await expect(page.locator('header').getByTitle('Who is who (W)')).toHaveCount(2);

  // Without a pointer: one is forgotten, taken back with Z, and taken anew with the arrows.
  await page.keyboard.press('w');
  await panel.getByRole('button', { name: 'Forget it' }).last().press('Enter');
  await expect(panel.getByRole('img')).toHaveCount(1);
  await page.keyboard.press('z');
  await expect(panel.getByRole('img')).toHaveCount(2);
  const picture = await panel.getByRole('img').last().getAttribute('src');
  await panel.getByRole('button', { name: 'Take another picture' }).last().press('Enter');
  await expect(pane).toBeFocused();
  for (const key of ['ArrowRight', 'ArrowRight', 'ArrowUp', 'Shift+ArrowDown', 'Enter']) await page.keyboard.press(key);
  await expect.poll(() => panel.getByRole('img').last().getAttribute('src')).not.toBe(picture);
  await expect(pane).toHaveCount(0);
  await page.keyboard.press('z');
  await expect.poll(() => panel.getByRole('img').last().getAttribute('src')).toBe(picture);
  await page.keyboard.press('w');

  const before = await ledger(page).allTextContents();
  await page.keyboard.press('w');
  await page.getByRole('button', { name: 'Exchange them in the whole round' }).click();
  await page.getByRole('button', { name: 'To the ledger' }).click();
  const after = await ledger(page).allTextContents();
  expect(after).not.toEqual(before);
  const exchanged = (text: string) => text.replace(/Ana|Marek/g, (name) => (name === 'Ana' ? 'Marek' : 'Ana'));
  // Costs follow the athlete; names and sides are what is compared.
  const plain = (text: string) => text.replace(/ · cost [\d.]+/, '').replace(/⚠.*$/, '');
  expect(after.map(plain)).toEqual(before.map(plain).map(exchanged));
  await page.keyboard.press('z');
  expect(await ledger(page).allTextContents()).toEqual(before);
  await expect(page.getByText('All kept')).toBeVisible();
  expect(complaints).toEqual([]);
});

test('marks that contradict the position warn that the two were taken for each other, and are exchanged from there', async ({
  page,
}) => {
  const roundId = demoId('round', 'open-mat-2');
  await openReview(page, `${server.url}/rounds/${roundId}`);
  await call(page, 'at 0:20 marek mount');
  await call(page, 'at 0:40 marek knee slice');
  await call(page, 'at 0:50 marek scissor sweep');
  await expect(page.getByText('Were the two taken for each other from 0:40 on?')).toBeVisible();
  await page.keyboard.press('w');
  await page.getByRole('button', { name: 'Exchange them from 0:40 on' }).click();
  await page.getByRole('button', { name: 'To the ledger' }).click();
  await expect(ledger(page)).toHaveText([/Marek.*mount/, /Samir.*knee slice/, /Samir.*scissor sweep/]);
  await expect(page.getByText('Were the two taken for each other')).toHaveCount(0);
  await page.keyboard.press('z');
  await expect(ledger(page)).toHaveText([/Marek.*mount/, /Marek.*knee slice/, /Marek.*scissor sweep/]);
  await expect(page.getByText('All kept')).toBeVisible();
  await server.query('delete from mark where round_id = $1', [roundId]);
});

test('a clock in the footage is tied twice, and marks are read in its time', async ({ page }) => {
  await openReview(page, `${server.url}/rounds/${anaMarek}?at=13`);
  await page.keyboard.press('k');
  const panel = page.getByRole('region', { name: 'Clocks in the footage' });
  await panel.getByLabel('Another clock').fill('wall');
  await panel.getByRole('button', { name: 'Add' }).click();
  const tie = async (seconds: number, reading: string) => {
    await page.evaluate(`document.activeElement.blur()`);
    await page.goto(`${server.url}/rounds/${anaMarek}?at=${seconds}`);
    await reviewIsReady(page);
    await page.keyboard.press('k');
    await panel.getByLabel('It shows now').fill(reading);
    await panel.getByRole('button', { name: 'Tie it here' }).click();
  };
  await expect(panel.getByText('needs two ties')).toBeVisible();
  // The demo's wall counts down from 5:00 at the bell, three seconds into the file.
  await tie(13, 'ten to five');
  await expect(panel.getByText('Write what the clock shows')).toBeVisible();
  await tie(13, '4:50');
  await expect(panel.getByText('needs one more tie')).toBeVisible();
  await tie(203, '4:55');
  await expect(panel.getByText('the readings do not go that way')).toBeVisible();
  await tie(203, '1:40');
  await expect(panel.getByText('keeps time with the footage')).toBeVisible();
  await panel.getByRole('button', { name: 'To the ledger' }).click();
  await expect(page.getByText(/wall 1:40\.0/)).toBeVisible();
  const times = async () => (await ledger(page).allTextContents()).map((text) => /^(\d+:\d\d)/.exec(text)?.[1]);
  const round = await times();
  await page.keyboard.press('m');
  await page.keyboard.press('m');
  await expect(page.getByText('The ledger shows the clock “wall”.')).toBeVisible();
  const seconds = (clock: string | undefined) => Number(clock?.split(':')[0]) * 60 + Number(clock?.split(':')[1]);
  for (const [index, wall] of (await times()).entries())
    expect(Math.abs(seconds(wall) + seconds(round[index]) - 300)).toBeLessThanOrEqual(1);

  // A clock that was removed by mistake comes back with its ties.
  await page.keyboard.press('k');
  await panel.getByRole('button', { name: 'Remove' }).click();
  await expect(panel.getByText('keeps time with the footage')).toHaveCount(0);
  await page.keyboard.press('z');
  await expect(panel.getByText('keeps time with the footage')).toBeVisible();
});

test('a lull is asked about, skipped, and becomes a stoppage with one key', async ({ page }) => {
  const roundId = demoId('round', 'open-mat-1');
  // Movement of the whole film but for twelve seconds.
  await server.query(
    `insert into footage_signal (footage_id, loudness_per_second, loudness, motion_per_second, motion, bursts)
     select footage_id, 10, '', 4, (select string_agg(set_byte('\\x00', 0, case when n between 240 and 287 then 2 else 30 + n % 5 end), '' order by n) from generate_series(0, 2351) n), '[]'
     from round where id = $1`,
    [roundId],
  );
  await openReview(page, `${server.url}/rounds/${roundId}`);
  const question = page.getByRole('group', { name: 'A lull' });
  await expect(question).toContainText('From 0:57 to 1:09 hardly anything moves.');
  await page.keyboard.press('g');
  await expect(page.locator('[data-clock]')).toHaveText(/0:5[56]\.\d/);
  await page.keyboard.press('j');
  await page.keyboard.press('+');
  await page.keyboard.press('+');
  await page.keyboard.press(' ');
  await expect(page.locator('[data-clock]')).toHaveText(/1:(09|1\d)\.\d/, { timeout: 6000 });
  await page.keyboard.press(' ');
  await page.keyboard.press('n');
  await expect(question).toHaveCount(0);
  await page.evaluate('localStorage.clear()');
  await page.reload();
  await reviewIsReady(page);
  await page.keyboard.press('y');
  await expect(ledger(page)).toHaveText([/0:57.*Play stopped · 0:12/]);
  await page.keyboard.press('z');
  await expect(question).toBeVisible();
  await page.keyboard.press('u');
  await expect(ledger(page)).toHaveText([/Off camera · 0:12/]);
  await page.keyboard.press('z');
  await expect(page.getByText('All kept')).toBeVisible();
  await expect(ledger(page)).toHaveCount(0);
});

test('two clips stand side by side, tied at a moment, each at its own speed', async ({ page }) => {
  const complaints = watchConsole(page);
  await openReview(page, `${server.url}/rounds/${anaMarek}?at=40`);
  await page.keyboard.press('v');
  await page.waitForURL('**/compare**');
  await expect(page.locator('[data-light="loft"][aria-busy="false"]')).toBeVisible();
  const clock = (side: 'Left' | 'Right') => page.locator(`[aria-label="${side} clip"] [data-clock]`);
  await expect(page.locator('video')).toHaveCount(2);
  await expect(clock('Left')).toHaveText('0:37.0');
  await page.getByRole('button', { name: 'Right clip (2)' }).click();
  await page
    .getByRole('option', { name: /Teo Lindqvist and Bruno Tallis/ })
    .first()
    .click();
  await page.keyboard.press('2');
  await page.keyboard.press('Shift+ArrowRight');
  await page.keyboard.press('Shift+ArrowRight');
  await expect(clock('Right')).toHaveText('0:10.0');
  await page.keyboard.press('t');
  await page.keyboard.press('-');
  await page.keyboard.press('-');
  await page.keyboard.press('1');
  await page.keyboard.press('Shift+ArrowRight');
  await expect(clock('Left')).toHaveText('0:42.0');
  // Half the speed: half the way.
  await expect(clock('Right')).toHaveText('0:12.5');
  await page.keyboard.press(' ');
  await page.waitForTimeout(1200);
  await page.keyboard.press(' ');
  const rates = await page
    .locator('video')
    .evaluateAll((all) => all.map((one) => (one as HTMLVideoElement).playbackRate));
  expect(rates).toEqual([1, 0.5]);
  await page.keyboard.press('Enter');
  await expect(clock('Left')).toHaveText('0:37.0');
  await expect(clock('Right')).toHaveText('0:10.0');
  await page.keyboard.press('Shift+t');
  await page.keyboard.press('Shift+ArrowRight');
  await expect(clock('Right')).toHaveText('0:10.0');
  await page.keyboard.press('Escape');
  await page.waitForURL(`**/rounds/${anaMarek}**`);
  await expect(page.locator('[data-clock]')).toHaveText(/0:42\.0/);
  expect(complaints).toEqual([]);
});

test('the minutes there are decide what to review next, with reasons', async ({ page }) => {
  // The films of ten seconds above would be squeezed in as well.
  await server.query('delete from round where end_seconds = 10');
  await page.goto(`${server.url}/review`);
  const section = page.locator('section').filter({ has: page.getByRole('heading', { name: 'What to review next' }) });
  await expect(section.getByRole('status')).toContainText('about');
  await expect(section.getByRole('link', { name: 'Nadia Brandt and Yara Moss' })).toBeVisible();
  await expect(section).toContainText(/Nadia: last reviewed \d+ days ago, in class on .*, competes on/);
  await section.getByLabel('I have').fill('5');
  // Which one it is hangs on the pace that was learned on the way here.
  await expect(section.getByRole('status')).toHaveText(/^One round, about [45] minutes$/);
  await section.getByLabel('I have').fill('0');
  await expect(section.getByRole('status')).toHaveText('No waiting round fits into that.');
  await section.getByLabel('I have').fill('soon');
  await expect(section.getByText('Write minutes, from 0 to 1440.')).toBeVisible();
});

test('the card keeps what the round was like', async ({ page }) => {
  const address = `${server.url}/rounds/${demoId('round', 'open-mat-1')}/card`;
  await page.goto(address);
  const choose = (group: string, name: string) =>
    page.getByRole('radiogroup', { name: group }).first().getByText(name, { exact: true }).click();
  await choose('How hard', 'Flow');
  await choose('Who watched', 'Played for the camera');
  await page.getByText('Nadia works from below').click();
  await page.getByText('The mat is crowded').click();
  await choose('Body', 'Tired');
  await page.getByLabel('Hurt or spared').first().fill('right wrist taped');
  await page.getByLabel('Height').first().fill('999');
  await page.getByRole('button', { name: 'Save the card' }).click();
  await expect(page.getByRole('alert').first()).toContainText('Not saved yet');
  await page.getByLabel('Height').first().fill('168');
  await page.getByRole('button', { name: 'Save the card' }).click();
  await page.waitForURL(/rounds\/[0-9a-f-]+$/);
  await page.goto(address);
  await expect(page.getByRole('radio', { name: 'Flow' })).toBeChecked();
  await expect(page.getByRole('radio', { name: 'Played for the camera' })).toBeChecked();
  await expect(page.getByRole('checkbox', { name: 'Nadia works from below' })).toBeChecked();
  await expect(page.getByRole('radio', { name: 'Tired' }).first()).toBeChecked();
  await expect(page.getByLabel('Hurt or spared').first()).toHaveValue('right wrist taped');
  await expect(page.getByLabel('Height').first()).toHaveValue('168');
  await expect(page.getByText(/Age class that day: (adult|master)/).first()).toBeVisible();
});
