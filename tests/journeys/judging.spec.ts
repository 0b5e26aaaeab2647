import { randomUUID } from 'node:crypto';
import { expect, test } from '@playwright/test';
import { demoId } from '../../demo/academy/marksOfRound';
import { call, ledger, openReview, signIn, watchConsole } from '../support/pages';
import { openServer, type TestServer } from '../support/server';

let server: TestServer;
const round = (key: string) => demoId('round', key);
test.beforeAll(async () => {
  server = await openServer('judging', true);
});
test.afterAll(() => server.close());
test.beforeEach(({ page }) => signIn(page, server.url));

test('an overtime with a wrong official sum is proved wrong on the evidence sheet', async ({ page }) => {
  const complaints = watchConsole(page);
  await openReview(page, `${server.url}/rounds/${round('ana-iris')}?at=13`);
  // Two presses make a turn; the other athlete's comes next by itself.
  await page.keyboard.press('h');
  await expect(page.getByRole('timer')).toContainText('Ana escapes from back');
  for (let at = 0; at < 4; at += 1) await page.keyboard.press('Shift+ArrowRight');
  await page.keyboard.press('h');
  await page.keyboard.press('Shift+ArrowRight');
  await page.keyboard.press('h');
  for (let at = 0; at < 6; at += 1) await page.keyboard.press('Shift+ArrowRight');
  await page.keyboard.press('h');
  const panel = page.getByRole('region', { name: 'Overtime by escape time' });
  await expect(panel.getByRole('list', { name: 'Turns' }).getByRole('listitem')).toContainText([
    /1\. Ana escaped after 0:20\.0/,
    /2\. Iris escaped after 0:30\.0/,
  ]);
  await expect(panel).toContainText('Ana leads by 10.0 s. Ana escapes next: any escape time can still win.');
  const turns = panel.getByRole('list', { name: 'Turns' }).getByRole('listitem');
  await turns.nth(0).getByLabel('Clock showed').fill('1:40');
  await turns.nth(0).getByLabel('Officials gave').fill('0:20');
  await turns.nth(1).getByLabel('Officials gave').fill('nonsense');
  await turns.nth(1).getByLabel('Officials gave').press('Enter');
  await expect(turns.nth(1)).toContainText('As m:ss.');
  await turns.nth(1).getByLabel('Officials gave').fill('0:30');
  await turns.nth(1).getByLabel('Officials gave').press('Enter');
  await expect(turns.nth(0)).toContainText('The clock gives 0:20.0, as the presses do.');
  await panel.getByLabel('Officials’ sum, Ana').fill('0:31');
  await panel.getByLabel('Officials’ sum, Iris').fill('0:30');
  await panel.getByLabel('Officials’ sum, Iris').press('Enter');
  const proof =
    'After turn 2 the officials’ sum for Ana was 0:31.0, measured 0:20.0 (11.0 s too long). Their own figures add up to 0:20.0: the sum itself is wrong.';
  await expect(panel.getByRole('list', { name: 'Differences from the officials' })).toContainText(proof);
  await expect(page.getByText('All kept')).toBeVisible();
  await panel.getByRole('link', { name: 'The evidence sheet, to print' }).click();
  await page.waitForURL('**/overtime');
  await expect(page.getByRole('list', { name: 'Differences from the officials' })).toContainText(proof);
  await expect(page.getByRole('cell', { name: 'escaped after 0:20.0' })).toBeVisible();
  const still = page.getByRole('img', { name: 'Turn 1, begins' });
  await expect.poll(() => still.evaluate((image) => (image as HTMLImageElement).naturalWidth)).toBeGreaterThan(300);
  const pages = (await page.pdf({ format: 'A4' })).toString('latin1').match(/\/Type\s*\/Page[^s]/g)?.length;
  expect(pages).toBe(1);
  expect(complaints).toEqual([]);
});

test('turns that cannot be are told, and what is missing of a picture is refused', async ({ page }) => {
  await openReview(page, `${server.url}/rounds/${round('ana-iris')}?at=120`);
  await call(page, 'turn iris back');
  await page.keyboard.press('Shift+h');
  await page.keyboard.press('h');
  const alert = page.getByRole('alert').filter({ hasText: 'Turn' });
  await page.getByRole('list', { name: 'Turns' }).getByRole('button', { name: 'Other athlete' }).first().click();
  await expect(alert).toContainText('Turn 2 is the same athlete’s again');
  await page.keyboard.press('z');
  await expect(alert).toHaveCount(0);
  const footage = (await server.query('select footage_id from round where id = $1', [round('ana-iris')])).rows[0];
  const get = (query: string, id: string = footage.footage_id) =>
    page.request.get(`${server.url}/api/footage/${id}/picture${query}`).then((answer) => answer.status());
  expect(await get('?at=abc')).toBe(400);
  expect(await get('')).toBe(400);
  expect(await get('?at=99999')).toBe(400);
  expect(await get('?at=80000')).toBe(404);
  expect(await get('?at=5', randomUUID())).toBe(404);
  expect(await get('?at=5')).toBe(200);
});

test('many marks are chosen and changed at once, repeated, copied, filtered, and looked up in their history', async ({
  page,
}) => {
  await openReview(page, `${server.url}/rounds/${round('teo-bruno')}?at=3`);
  const all = await ledger(page).count();
  await call(page, 'at 0:05 teo hands hover');
  await page.keyboard.press(',');
  await expect(ledger(page).filter({ hasText: 'Hands hover' })).toHaveCount(2);
  await expect(ledger(page).filter({ hasText: 'Bruno Hands hover' })).toHaveCount(1);
  const chosen = page.locator('[role="option"][aria-selected="true"]');
  await page.keyboard.press('Shift+ArrowDown');
  await page.keyboard.press('Shift+ArrowDown');
  await expect(chosen).toHaveCount(3);
  // Going back lets go again.
  await page.keyboard.press('Shift+ArrowUp');
  await expect(chosen).toHaveCount(2);
  await ledger(page).filter({ hasText: 'Teo Hands hover' }).click();
  await ledger(page)
    .filter({ hasText: 'Bruno Hands hover' })
    .click({ modifiers: ['Shift'] });
  await expect(chosen).toHaveCount(2);
  await page.keyboard.press('p');
  await expect(page.getByText('2 marks changed. Z takes it back.')).toBeVisible();
  await page.keyboard.press('z');
  await page.keyboard.press('Escape');

  await page.keyboard.press('Shift+f');
  const strip = page.getByRole('search', { name: 'What the ledger shows' });
  await strip.getByRole('button', { name: 'errors' }).click();
  await strip.getByLabel('Words in the mark').fill('hover');
  const hovering = await ledger(page).count();
  expect(hovering).toBeGreaterThanOrEqual(2);
  await expect(strip.getByRole('status')).toHaveText(`${hovering} of ${all + 2}`);
  await strip.getByLabel('Words in the mark').fill('nothing like it');
  await expect(page.getByText('No mark fits.')).toBeVisible();
  await strip.getByRole('button', { name: 'Show all' }).click();
  await expect(ledger(page)).toHaveCount(all + 2);

  await call(page, 'at 0:06 teo same-side collar grip high left');
  await page.keyboard.press('/');
  await expect(
    ledger(page)
      .filter({ hasText: /lapel|collar/ })
      .filter({ hasText: 'right' })
      .first(),
  ).toBeVisible();
  await page.keyboard.press('Shift+ArrowRight');
  const before = await ledger(page).count();
  await page.keyboard.press('.');
  await expect(ledger(page)).toHaveCount(before + 1);

  // Verdicts, tap causes and the belt from which it would be punished go with single keys.
  await call(page, 'at 0:08 teo armbar finished');
  await page.keyboard.press('Shift+s');
  await expect(page.locator('[aria-selected="true"]')).toContainText('tap by injury');
  await call(page, 'at 0:09 bruno elbows wide');
  await page.keyboard.press('i');
  await expect(page.locator('[aria-selected="true"]')).toContainText('as bait');
  await page.keyboard.press('a');
  await expect(page.locator('[aria-selected="true"]')).toContainText('to be asked');
  await expect(page.getByText('All kept')).toBeVisible();
  await page.keyboard.press('Shift+e');
  const history = page.getByRole('list', { name: 'Forms of the mark' }).getByRole('listitem');
  await expect(history).toHaveCount(3);
  await expect(history.first()).toContainText('Ludo Reyhart');
  await history.nth(2).getByRole('button', { name: 'Put back' }).click();
  await expect(history).toHaveCount(4);
  await expect(history.first()).not.toContainText('as bait');
});

test('what was agreed before the round is offered, a doubt is mended with one key, and a stopwatch keeps its time', async ({
  page,
}) => {
  const id = round('open-mat-2');
  await server.query(`update round set theme = 'let him work' where id = $1`, [id]);
  await openReview(page, `${server.url}/rounds/${id}`);
  await call(page, 'at 0:10 samir hands hover');
  const agreed = page.getByRole('group', { name: 'Agreed before' });
  await expect(agreed).toContainText('Samir was to let Marek work. Was it inside that?');
  await page.keyboard.press('y');
  await expect(page.locator('[aria-selected="true"]')).toContainText('as agreed');
  await call(page, 'at 0:20 marek mount');
  await call(page, 'at 0:24 marek knee slice tried');
  const doubt = page.getByRole('group', { name: 'A doubt' });
  await expect(doubt).toContainText('Was it Samir’s?');
  await page.keyboard.press('y');
  await expect(page.locator('[aria-selected="true"]')).toContainText('Samir knee slice');
  await page.keyboard.press('q');
  await expect(page.getByText('The stopwatch runs from here.')).toBeVisible();
  await page.keyboard.press('Shift+ArrowRight');
  await page.keyboard.press('q');
  await page.keyboard.press('Shift+q');
  await expect(page.locator('[aria-selected="true"]')).toContainText('Marek answered · 5.00 s');
  await page.keyboard.press('Shift+v');
  await expect(page.getByRole('region', { name: 'Figures of Marek' })).toContainText('1 answer: too few for figures');
});

test('a tap ends the submission that was on, and is no second one', async ({ page }) => {
  await openReview(page, `${server.url}/rounds/${round('open-mat-2')}`);
  const before = await ledger(page).count();
  await call(page, 'at 1:40 samir armbar locked');
  await call(page, 'at 1:46 marek taps');
  await expect(ledger(page)).toHaveCount(before + 1);
  await expect(ledger(page).filter({ hasText: 'armbar' })).toContainText('finished');
  await page.keyboard.press('z');
  await expect(ledger(page).filter({ hasText: 'armbar' })).toContainText('locked');
  await page.keyboard.press('z');
  await expect(ledger(page)).toHaveCount(before);
});

test('what is drawn on the picture of a mark is kept as vectors, shown there, and taken away again', async ({
  page,
}) => {
  await openReview(page, `${server.url}/rounds/${round('marek-samir')}?mark=${demoId('marek-samir', '8')}`);
  await page.keyboard.press('d');
  const tools = page.getByRole('toolbar', { name: 'Drawing on this picture' });
  await expect(tools).toBeVisible();
  const canvas = page.locator('[data-drawing] canvas');
  const box = (await canvas.boundingBox())!;
  const at = (x: number, y: number) => [box.x + box.width * x, box.y + box.height * y] as const;
  await page.mouse.move(...at(0.3, 0.5));
  await page.mouse.down();
  await page.mouse.move(...at(0.4, 0.6));
  await page.mouse.move(...at(0.5, 0.7));
  await page.mouse.up();
  await expect(page.locator('[data-drawing="1"]')).toBeVisible();
  await page.keyboard.press('5');
  for (const point of [at(0.3, 0.8), at(0.3, 0.6), at(0.5, 0.6)]) await page.mouse.click(...point);
  await expect(page.locator('[data-drawing="2"]')).toBeVisible();
  await page.keyboard.press('6');
  await page.mouse.click(...at(0.6, 0.6));
  await page.getByLabel('Words of the label').fill('<b>elbow in</b>');
  await page.keyboard.press('Enter');
  await expect(page.locator('[data-drawing="3"]')).toBeVisible();
  // With no tool in hand a stroke can be moved.
  await tools.getByRole('button', { name: /Label/ }).click();
  await page.mouse.move(...at(0.45, 0.65));
  await page.mouse.down();
  await page.mouse.move(...at(0.45, 0.6));
  await page.mouse.move(...at(0.45, 0.55));
  await page.mouse.up();
  await tools.getByRole('button', { name: 'Done (D)' }).click();
  await expect(tools).toHaveCount(0);
  await expect(page.getByText('All kept')).toBeVisible();
  const stored = await server.query("select content->'drawing' as drawing from mark where id = $1", [
    demoId('marek-samir', '8'),
  ]);
  const [arrow, angle, label] = stored.rows[0].drawing;
  expect(arrow).toMatchObject({ kind: 'arrow' });
  // Drawn from the left to the right downwards, then moved up by a tenth of the frame.
  expect(arrow.to[1] - arrow.from[1]).toBeGreaterThan(0.1);
  expect(arrow.from[1]).toBeLessThan(0.48);
  expect(angle).toMatchObject({ kind: 'angle' });
  expect(angle.degrees).toBeGreaterThan(85);
  expect(angle.degrees).toBeLessThan(95);
  expect(label).toMatchObject({ kind: 'label', text: '<b>elbow in</b>' });
  await page.keyboard.press('Shift+ArrowLeft');
  await expect(page.locator('[data-drawing]')).toHaveCount(0);
  await page.keyboard.press('ArrowDown');
  await expect(page.locator('[data-drawing="3"]')).toBeVisible();
  await page.keyboard.press('d');
  await page.keyboard.press('Delete');
  await expect(page.locator('[data-drawing="2"]')).toBeVisible();
  await page.keyboard.press('z');
  await expect(page.locator('[data-drawing="3"]')).toBeVisible();
});

test('homework of an earlier round is looked for in a later one', async ({ page }) => {
  const content = {
    good: { text: 'Kept going.', markIds: [] },
    points: [
      {
        ...{ errorId: 'err-half-flat', title: 'Flat in half guard', text: 'Twice.', cue: 'On your side.', branch: '' },
        ...{ homework: 'On your side first.', homeworkDue: '2030-01-01', markIds: [randomUUID(), randomUUID()] },
      },
    ],
    questions: [],
    remark: '',
  };
  await server.query(
    `with closed as (insert into closing (kind, round_id, slot) values ('round', $2, 'a') returning id)
     insert into signed_review (id, closing_id, version, content, signed_at) select $1, id, 1, $3, (select held_on + interval '20 hours' from round where id = $2) from closed`,
    [randomUUID(), round('nadia-yara'), JSON.stringify(content)],
  );
  await openReview(page, `${server.url}/rounds/${round('open-mat-1')}`);
  await page.keyboard.press('Shift+v');
  const homework = page.getByRole('region', { name: 'Homework' });
  await expect(homework).toContainText('Nadia: On your side first.');
  await expect(homework).toContainText('This round did not put it to the test.');
  await call(page, 'at 0:21 yara top half guard');
  await expect(homework).toContainText('It shows: not once in');
  await call(page, 'at 0:29 nadia flat in half guard');
  await expect(homework).toContainText('Again: once in');
  await expect(homework).toContainText('twice then');
});

test('a rule set is copied and changed, judges a round, and cannot be taken away under it', async ({ page }) => {
  await page.goto(`${server.url}/settings/rules`);
  await page
    .getByRole('row', { name: /Points, main gi federation pass/ })
    .getByRole('button')
    .click();
  const dialog = page.getByRole('dialog');
  await dialog.getByLabel('Name').fill('In-house league');
  await dialog.getByLabel('Guard pass').fill('');
  await dialog.getByRole('button', { name: 'Keep these rules' }).click();
  await expect(dialog).toContainText('Write a number.');
  await dialog.getByLabel('Guard pass').fill('1');
  await dialog.getByRole('button', { name: 'Keep these rules' }).click();
  await expect(dialog).toHaveCount(0);
  await expect(page.getByRole('row', { name: /In-house league pass 1/ })).toBeVisible();
  await page.goto(`${server.url}/rounds/${round('ana-marek')}/card`);
  await page.getByRole('button', { name: /Rules/ }).click();
  await page.getByRole('option', { name: 'In-house league' }).click();
  await page.getByRole('button', { name: /Save/ }).click();
  await page.waitForURL(`**/rounds/${round('ana-marek')}`);
  await openReview(page, `${server.url}/rounds/${round('ana-marek')}`);
  await page.keyboard.press('b');
  const scored = page.getByRole('list', { name: 'What scored' }).getByRole('listitem');
  await expect(scored.filter({ hasText: 'guard pass' }).first()).toContainText('+1');
  await page.goto(`${server.url}/settings/rules`);
  await page
    .getByRole('row', { name: /In-house league/ })
    .getByRole('button', { name: 'Change' })
    .click();
  await expect(dialog.getByRole('button', { name: 'Take them away' })).toBeDisabled();
});
