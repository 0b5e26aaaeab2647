import { readFileSync } from 'node:fs';
import path from 'node:path';
import { expect, type Page, test } from '@playwright/test';
import { demoId } from '../../demo/academy/marksOfRound';
import { ledger, openReview, signIn, watchConsole } from '../support/pages';
import { openServer, type TestServer } from '../support/server';

let server: TestServer;
test.beforeAll(async () => {
  server = await openServer('speech', true);
  server.startWorker();
});
test.afterAll(() => server.close());

const roundId = demoId('round', 'term-ana-marek');

/** A talk by others, told of Ana and Marek, eight minutes long and in captions that show the line before once more. */
function rollingTalk(): string {
  const told = readFileSync(path.resolve('tests/language/talks/t01.txt'), 'utf8')
    .replace(/\b(?:emeka|a mecca|mecca)\b/g, 'ana')
    .replace(/\b(?:florian|florin)\b/g, 'marek')
    .replace(/\bwhite gi\b/g, 'blue gi');
  const blocks = [...told.matchAll(/\[(\d+):(\d+)\]\s+([^[]+)/g)].map((match) => ({
    seconds: Number(match[1]) * 60 + Number(match[2]),
    words: (match[3] ?? '').trim().split(/\s+/),
  }));
  const stretch = 480 / 393;
  const lines = blocks.flatMap(({ seconds, words }, at) => {
    const until = blocks[at + 1]?.seconds ?? 393;
    const pieces = Array.from({ length: Math.ceil(words.length / 8) }, (_, n) =>
      words.slice(8 * n, 8 * n + 8).join(' '),
    );
    return pieces.map((text, n) => ({ text, at: (seconds + ((until - seconds) * n) / pieces.length) * stretch }));
  });
  const clock = (seconds: number) => new Date(seconds * 1000).toISOString().slice(11, 23);
  return `WEBVTT\n\n${lines
    .map((line, at) => {
      const end = lines[at + 1]?.at ?? line.at + 3;
      return `${clock(line.at)} --> ${clock(end)}\n${[lines[at - 1]?.text, line.text].filter(Boolean).join('\n')}\n`;
    })
    .join('\n')}`;
}

/** How long hands need: a key, and a look at each card before it. @source keystroke-level model of Card, Moran and Newell (1980): 0.28 s a key, 1.35 s to prepare */
const KEY_SECONDS = 0.28;
const LOOK_SECONDS = 1.35;

const toDecide = async (page: Page): Promise<number> =>
  Number(/^(\d+) to decide/.exec((await page.getByText(/\d+ to decide of/).textContent()) ?? '')?.[1]);

test('an eight-minute talk in rolling captions is gone through by keyboard in less than three minutes; marks and figures follow', async ({
  page,
}) => {
  const complaints = watchConsole(page);
  await server.query('delete from mark where round_id = $1', [roundId]);
  await server.query('update round set end_seconds = start_seconds + 500, planned_seconds = 500 where id = $1', [
    roundId,
  ]);
  await signIn(page, server.url);
  await openReview(page, `${server.url}/rounds/${roundId}`);
  await page.keyboard.press('c');
  await page
    .locator('input[type=file]')
    .setInputFiles({ name: 'evening.vtt', mimeType: 'text/vtt', buffer: Buffer.from(rollingTalk()) });
  const panel = page.getByRole('region', { name: 'Spoken commentary' });
  await panel.getByRole('button', { name: 'Ana' }).last().click();
  const cards = page.getByRole('listbox', { name: 'Proposed marks' }).getByRole('option');
  await expect(cards.first()).toBeVisible();
  await panel.focus();
  const shown = await toDecide(page);
  expect(shown).toBeGreaterThan(20);
  let seconds = 0;
  const press = async (key: string, looked: number) => {
    seconds += KEY_SECONDS + looked * LOOK_SECONDS;
    await page.keyboard.press(key);
  };
  // The sure ones at once, after a look at each; then card by card, one in four dropped.
  await press('s', 8);
  for (let at = 0; (await toDecide(page)) > 0; at += 1) {
    const left = await toDecide(page);
    await press(at % 4 === 3 ? 'x' : 'Enter', 1);
    await expect.poll(() => toDecide(page)).toBeLessThan(left);
  }
  expect(seconds).toBeLessThan(180);
  await page.keyboard.press('Escape');
  const made = await ledger(page).count();
  expect(made).toBeGreaterThan(15);
  const figured = async () =>
    (
      await server.query(
        `select f.mark_count, (select count(*)::int from mark where round_id = $1 and deleted_at is null) as marks from round_figured f where round_id = $1`,
        [roundId],
      )
    ).rows[0] as { mark_count: number; marks: number } | undefined;
  await expect.poll(figured).toEqual({ mark_count: made, marks: made });
  // What was decided taught how certain the next cards are.
  await page.goto(`${server.url}/library`);
  await expect
    .poll(async () => (await server.query('select decided from speech_weights')).rows[0]?.decided ?? 0)
    .toBeGreaterThan(10);
  expect(complaints).toEqual([]);
});

test('a name is given once in the Library and forty marks take it, and give it back in one step', async ({ page }) => {
  const complaints = watchConsole(page);
  await server.query("delete from mark where concept_id like '%unnamed%'");
  await server.query(
    `insert into mark (id, round_id, kind, at_seconds, content, change_id)
     select id, $1, 'error', 20 + n, jsonb_build_object('id', id, 'kind', 'error', 'atSeconds', 20 + n, 'errorId', 'err-unnamed-hips', 'athlete', 'a', 'ledTo', '[]'::jsonb,
       'note', 'elbow drifts off the ribs again', 'shape', 1), gen_random_uuid()
     from (select gen_random_uuid() as id, n from generate_series(1, 40) n) made`,
    [roundId],
  );
  const named = async () =>
    (
      await server.query(
        "select concept_id, count(*)::int as count from mark where round_id = $1 and content ->> 'note' like 'elbow drifts%' group by 1",
        [roundId],
      )
    ).rows as { concept_id: string; count: number }[];
  await signIn(page, server.url);
  await page.goto(`${server.url}/library/unnamed`);
  await page
    .getByRole('button', { name: /\(all 40\)/ })
    .first()
    .click();
  await expect(page.getByText('Named.')).toBeVisible();
  const [taken] = await named();
  expect(taken).toMatchObject({ count: 40 });
  expect(taken?.concept_id).not.toContain('unnamed');
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect.poll(named).toEqual([{ concept_id: 'err-unnamed-hips', count: 40 }]);
  expect(complaints).toEqual([]);
});

test('what is corrected twice is read so from then on; a word that is missing is made without leaving the round', async ({
  page,
}) => {
  await server.query('delete from mark where round_id = $1', [roundId]);
  await signIn(page, server.url);
  await openReview(page, `${server.url}/rounds/${roundId}`);
  const line = page.getByRole('textbox', { name: 'Call' });
  const meant = page.getByRole('status').getByRole('button');
  for (const time of [1, 2]) {
    await page.keyboard.press('Enter');
    await line.fill('ana heel thing');
    await expect(meant.nth(1)).toBeVisible();
    await page.keyboard.press('ArrowDown');
    await page.keyboard.press('Enter');
    await expect(line).toBeHidden();
    await expect(ledger(page)).toHaveCount(time);
  }
  const second = (await ledger(page).last().textContent()) ?? '';
  await expect
    .poll(
      async () => (await server.query('select count(*)::int as count from house_alias where learned')).rows[0].count,
    )
    .toBe(1);
  await page.keyboard.press('Enter');
  await line.fill('ana heel thing');
  await page.keyboard.press('Enter');
  await expect(line).toBeHidden();
  await expect(ledger(page)).toHaveCount(3);
  expect(second).not.toBe('');
  const { rows } = await server.query('select count(distinct concept_id)::int as count from mark where round_id = $1', [
    roundId,
  ]);
  expect(rows[0].count).toBe(1);

  await page.keyboard.press('Enter');
  await line.fill('ana turtle lantern roll');
  await page.keyboard.press('Shift+Enter');
  const dialog = page.getByRole('dialog', { name: 'A word of ours' });
  await expect(dialog.getByRole('textbox', { name: 'Our name' })).not.toHaveValue('');
  await dialog.getByRole('textbox', { name: 'Our name' }).fill('lantern roll');
  const kind = dialog.getByRole('combobox', { name: 'A kind of' });
  const offer = page.getByRole('option', { name: /rolling back take/ }).first();
  await expect(async () => {
    await kind.fill('');
    await kind.fill('rolling back take');
    await offer.click({ timeout: 1500 });
  }).toPass();
  await dialog.getByRole('button', { name: 'Add the word' }).click();
  await expect(dialog).toBeHidden();
  await expect(ledger(page).filter({ hasText: 'lantern roll' })).toHaveCount(1);

  await page.goto(`${server.url}/library/learned`);
  await expect(page.getByRole('row', { name: /heel thing/ })).toContainText('twice');
  await page.getByRole('button', { name: 'Forget heel thing' }).click();
  await expect(page.getByRole('heading', { name: 'Nothing was corrected yet' })).toBeVisible();
});

test('a talk is recorded over the footage, played with it, and its text laid where the footage was', async ({
  page,
}) => {
  const complaints = watchConsole(page);
  await server.query('delete from mark where round_id = $1', [roundId]);
  await signIn(page, server.url);
  await openReview(page, `${server.url}/rounds/${roundId}`);
  const clock = page.locator('[data-clock]');
  await page.keyboard.press('c');
  const rows = page.getByRole('group', { name: 'Talks over the footage' });
  await rows.getByRole('button', { name: 'Record a talk' }).click();
  await expect(rows.getByRole('status')).toContainText('●');
  // The footage runs while the coach talks, then stands still.
  await page.keyboard.press('Escape');
  await page.keyboard.press('Space');
  await expect(clock).not.toHaveText(/^0:00/);
  await expect.poll(async () => Number((await clock.textContent())?.split(':')[1])).toBeGreaterThan(3);
  await page.keyboard.press('Space');
  await page.keyboard.press('c');
  await rows.getByRole('button', { name: 'Stop recording' }).click();
  await expect(rows.getByRole('listitem')).toHaveCount(1);
  await page.reload();
  await openReview(page, `${server.url}/rounds/${roundId}`);
  await page.keyboard.press('c');
  await expect(rows.getByRole('listitem')).toContainText('by Ludo');
  const play = rows.getByRole('button', { name: 'Play with the footage' });
  const stop = rows.getByRole('button', { name: 'Stop', exact: true });
  await play.click();
  await expect.poll(async () => Number((await clock.textContent())?.split(':')[1])).toBeGreaterThan(1);
  // It is short: where the machine is slow it has come to its end by itself.
  await expect(async () => {
    if (await stop.isVisible()) await stop.click({ timeout: 1000 });
    await expect(play).toBeVisible({ timeout: 1000 });
  }).toPass();
  // Its text has the talk's own times.
  await rows
    .getByLabel('Text of the talk')
    .setInputFiles({ name: 'talk.txt', mimeType: 'text/plain', buffer: Buffer.from('[0:01] ana closed guard') });
  const cards = page.getByRole('listbox', { name: 'Proposed marks' }).getByRole('option');
  await expect(cards).toHaveCount(1);
  await rows.getByRole('button', { name: 'Remove' }).click();
  await page.getByRole('button', { name: 'Remove the talk' }).click();
  await expect(rows.getByRole('listitem')).toHaveCount(0);
  expect(complaints).toEqual([]);
});
