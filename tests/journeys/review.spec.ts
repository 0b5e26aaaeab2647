import { expect, test } from '@playwright/test';
import { demoId } from '../../demo/academy/marksOfRound';
import { call, ledger, openReview, signIn, watchConsole } from '../support/pages';
import { openServer, type TestServer } from '../support/server';

let server: TestServer;
test.beforeAll(async () => {
  server = await openServer('review', true);
});
test.afterAll(() => server.close());

const anaMarek = demoId('round', 'ana-marek');
const markCount = async (roundKey: string) => {
  const { rows } = await server.query(
    'select count(*)::int as count from mark where round_id = $1 and deleted_at is null',
    [demoId('round', roundKey)],
  );
  return rows[0].count as number;
};

test('footage plays, steps by single pictures and goes from mark to mark', async ({ page }) => {
  const complaints = watchConsole(page);
  await signIn(page, server.url);
  await openReview(page, `${server.url}/rounds/${anaMarek}`);
  const video = page.locator('video');
  const time = () => video.evaluate((one: HTMLVideoElement) => one.currentTime);
  await expect.poll(time).toBeGreaterThan(2.9);
  await page.keyboard.press('Space');
  await expect.poll(time, { timeout: 10_000 }).toBeGreaterThan(4);
  await page.keyboard.press('Space');
  const pictureNumber = async () => Number((await page.getByText(/^picture \d+$/).textContent())?.split(' ')[1]);
  await page.keyboard.press('ArrowRight');
  const first = await pictureNumber();
  for (let step = 0; step < 5; step += 1) await page.keyboard.press('ArrowRight');
  await expect.poll(pictureNumber).toBe(first + 5);
  expect(await time()).toBeCloseTo((first + 5.5) / 25, 3);
  for (let step = 0; step < 5; step += 1) await page.keyboard.press('ArrowLeft');
  await expect.poll(pictureNumber).toBe(first);
  await page.keyboard.press('ArrowDown');
  await expect(page.locator('[aria-selected="true"]')).toContainText('collar grip');
  expect(await time()).toBeCloseTo(10, 1);
  await page.keyboard.press('ArrowDown');
  await page.keyboard.press('ArrowUp');
  await expect(page.locator('[aria-selected="true"]')).toContainText('collar grip');
  await page.keyboard.press('o');
  await expect(page.getByRole('button', { name: /Loop/ })).toHaveAttribute('data-on', 'true');
  await page.keyboard.press('+');
  await expect(page.getByText('1.5×')).toBeVisible();
  await page.keyboard.press('?');
  await expect(page.getByRole('dialog')).toContainText('the error: punished, partly, not, spared');
  await page.keyboard.press('Escape');
  await expect(page.getByRole('dialog')).toHaveCount(0);
  expect(complaints).toEqual([]);
});

test('marks are made, rewritten, deleted, linked, undone and redone by keyboard', async ({ page }) => {
  await signIn(page, server.url);
  await openReview(page, `${server.url}/rounds/${demoId('round', 'mia-jon')}`);
  await expect(ledger(page)).toHaveCount(18);
  const chosen = page.locator('[aria-selected="true"]');
  await call(page, 'at 0:05 mia arms or legs away from body');
  await expect(chosen).toContainText('Arms or legs away from body');
  await page.keyboard.press('p');
  await expect(chosen).toContainText('punished');
  await page.keyboard.press('e');
  await expect(page.getByRole('textbox', { name: 'Call' })).toHaveValue(/mia Arms or legs away from body punished/);
  await page.keyboard.press('Control+a');
  await page.keyboard.type('jon armbar control');
  await page.keyboard.press('Enter');
  await expect(chosen).toContainText('Jon armbar · control');
  await page.keyboard.press('s');
  await expect(chosen).toContainText('locked');
  await page.keyboard.press('Delete');
  await expect(ledger(page)).toHaveCount(18);
  await page.keyboard.press('z');
  await expect(ledger(page)).toHaveCount(19);
  for (let press = 0; press < 4; press += 1) await page.keyboard.press('z');
  await expect(ledger(page)).toHaveCount(18);
  for (let press = 0; press < 5; press += 1) await page.keyboard.press('Shift+Z');
  await expect(ledger(page)).toHaveCount(18);
  await page.keyboard.press('z');
  await expect(ledger(page)).toHaveCount(19);
  await expect(page.getByText('All kept')).toBeVisible();
  expect(await markCount('mia-jon')).toBe(19);

  // An error is linked to a later mark, and the ledger shows it indented below; a link back in time is refused.
  await call(page, 'at 0:41 jon posts both hands');
  await page.keyboard.press('l');
  await expect(page.getByText('What did it lead to?')).toBeVisible();
  await page.keyboard.press('ArrowUp');
  await page.keyboard.press('l');
  await expect(page.getByText('A cause cannot lie after its consequence')).toBeVisible();
  await page.keyboard.press('ArrowDown');
  await page.keyboard.press('l');
  await page.keyboard.press('ArrowDown');
  await page.keyboard.press('l');
  await expect(page.getByText('A cause cannot lie')).toHaveCount(0);
  await expect(page.getByText('All kept')).toBeVisible();
  const { rows } = await server.query(
    "select content from mark where content->>'errorId' = 'err-posts-both-hands' and jsonb_array_length(content->'ledTo') > 0",
  );
  expect(rows).toHaveLength(1);
});

test('every likely call that a digit begins can be read, long ones too', async ({ page }) => {
  await signIn(page, server.url);
  await openReview(page, `${server.url}/rounds/${demoId('round', 'ana-marek')}?at=58`);
  const likely = page.locator('[data-next-call]');
  await expect(likely).toHaveCount(5);
  for (const one of await likely.all()) await expect(one).toBeInViewport({ ratio: 0.95 });
});

test('the call line shows how it understands, offers others, and keeps what it cannot read', async ({ page }) => {
  await signIn(page, server.url);
  await openReview(page, `${server.url}/rounds/${demoId('round', 'teo-bruno')}`);
  await page.keyboard.press('Enter');
  await page.keyboard.type('teo knee sl');
  await expect(page.getByRole('status').filter({ hasText: 'attempt' })).toContainText('Teo · knee slice');
  await page.keyboard.press('Tab');
  await expect(page.getByRole('textbox', { name: 'Call' })).toHaveValue('teo knee slice ');
  await page.keyboard.press('Escape');
  await page.keyboard.press('1');
  await expect(page.getByRole('textbox', { name: 'Call' })).not.toHaveValue('');
  await page.keyboard.press('Control+a');
  await page.keyboard.type(`<img src=x onerror="document.title='hacked'">`);
  await expect(page.getByText('keeps it as a note')).toBeVisible();
  await page.keyboard.press('Enter');
  await expect(ledger(page).filter({ hasText: '<img src=x' })).toHaveCount(1);
  expect(await page.title()).not.toContain('hacked');
  await page.keyboard.press('Enter');
  await page.getByRole('textbox', { name: 'Call' }).fill(`note ${'x'.repeat(10_000)}`);
  await page.keyboard.press('Enter');
  await expect(page.getByText('A note holds 4,000 characters; this one has 10,000')).toBeVisible();
  await expect(page.getByRole('textbox', { name: 'Call' })).toHaveValue(/x{10000}/);
  await page.getByRole('textbox', { name: 'Call' }).fill('at 9:59 teo mount');
  await page.keyboard.press('Enter');
  await expect(page.getByText('lies outside the round')).toBeVisible();
});

test('no acknowledged mark is lost when the server is killed, and waiting ones are sent when it is back', async ({
  page,
}) => {
  await signIn(page, server.url);
  const key = 'nadia-yara';
  await openReview(page, `${server.url}/rounds/${demoId('round', key)}`);
  const before = await markCount(key);
  await call(page, 'at 0:05 nadia good economy');
  await expect(page.getByText('All kept')).toBeVisible();
  expect(await markCount(key)).toBe(before + 1);
  await server.kill('SIGKILL');
  await call(page, 'at 0:06 yara hands hover');
  await call(page, 'at 0:07 yara arm drag tried');
  await expect(page.getByText('2 changes wait on this machine')).toBeVisible();
  await expect(ledger(page)).toHaveCount(before + 3);
  await server.start();
  await expect(page.getByText('All kept')).toBeVisible();
  expect(await markCount(key)).toBe(before + 3);
  // Waiting marks survive the page as well.
  await server.kill('SIGKILL');
  await call(page, 'at 0:08 nadia collar drag tried');
  await expect(page.getByText('1 change wait')).toBeVisible();
  await server.start();
  await page.close();
  const again = await page.context().newPage();
  await openReview(again, `${server.url}/rounds/${demoId('round', key)}`);
  await expect(ledger(again)).toHaveCount(before + 4);
  await expect(again.getByText('All kept')).toBeVisible();
  await expect.poll(() => markCount(key)).toBe(before + 4);
  const { rows } = await server.query(
    'select count(*)::int as count from mark_history h join mark m on m.id = h.mark_id where m.round_id = $1',
    [demoId('round', key)],
  );
  expect(rows[0].count).toBe(before + 4);
});

test('two coaches who change the same mark are told, and nothing of either is lost', async ({ page, browser }) => {
  await signIn(page, server.url);
  const context = await browser.newContext();
  const other = await context.newPage();
  await signIn(other, server.url, 'iris');
  const address = `${server.url}/rounds/${demoId('round', 'marek-samir')}?mark=${demoId('marek-samir', '8')}`;
  for (const one of [page, other]) {
    await openReview(one, address);
    await expect(one.locator('[aria-selected="true"]')).toContainText('Triangle on, nothing happens');
  }
  await page.context().setOffline(true);
  await other.keyboard.press('p');
  await expect(other.getByText('All kept')).toBeVisible();
  await expect
    .poll(
      async () =>
        (await server.query('select version from mark where id = $1', [demoId('marek-samir', '8')])).rows[0].version,
    )
    .toBe(2);
  // Without a network the two do not hear of each other in time.
  await page.keyboard.press('p');
  await page.keyboard.press('p');
  await page.context().setOffline(false);
  const alert = page.getByRole('alert').filter({ hasText: 'changed this mark meanwhile' });
  await expect(alert).toContainText('Iris Kovar');
  await alert.getByRole('button', { name: 'Use mine' }).click();
  await expect(alert).toHaveCount(0);
  await expect
    .poll(
      async () =>
        (
          await server.query("select content->>'punished' as punished from mark where id = $1", [
            demoId('marek-samir', '8'),
          ])
        ).rows[0].punished,
    )
    .toBe('no');
  await context.close();
});
