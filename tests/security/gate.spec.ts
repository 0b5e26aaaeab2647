import { readdirSync } from 'node:fs';
import path from 'node:path';
import { expect, test } from '@playwright/test';
import { demoId } from '../../demo/academy/marksOfRound';
import { signIn } from '../support/pages';
import { openServer, type TestServer } from '../support/server';

let server: TestServer;
test.beforeAll(async () => {
  server = await openServer('gate', true);
});
test.afterAll(() => server.close());

const samples: Readonly<Record<string, string>> = {
  '[roundId]': demoId('round', 'ana-marek'),
  '[footageId]': demoId('footage', 'ana-marek'),
  '[personId]': demoId('person', 'ana'),
  '[classId]': demoId('class', 'evening'),
  '[conceptId]': 'half-guard',
  '[markId]': demoId('ana-marek', '8'),
};

/** Every address that the application answers, read from its folder of routes: a new one is tested by itself. */
function listAddresses(): { address: string; api: boolean }[] {
  const root = path.resolve(import.meta.dirname, '../../src/app');
  return readdirSync(root, { recursive: true, encoding: 'utf8' })
    .filter((file) => /(^|\/)(page|route)\.tsx?$/.test(file))
    .map((file) => {
      const parts = path
        .dirname(file)
        .split('/')
        .filter((part) => part !== '.' && !/^\(.*\)$/.test(part));
      return { address: `/${parts.map((part) => samples[part] ?? part).join('/')}`, api: parts[0] === 'api' };
    });
}

test('nothing but the sign-in page answers without a session, footage included', async ({ request }) => {
  const addresses = listAddresses();
  expect(addresses.length).toBeGreaterThan(12);
  for (const { address, api } of addresses) {
    if (address === '/sign-in') continue;
    const methods = api ? (['GET', 'PUT', 'POST', 'HEAD'] as const) : (['GET'] as const);
    for (const method of methods) {
      const answer = await request.fetch(server.url + address, { method, maxRedirects: 0 });
      const text = await answer.text();
      if (api) expect([401, 405], `${method} ${address}`).toContain(answer.status());
      else if (answer.status() === 200) {
        // A page that began to stream before it knew: it may hold nothing but the way to the sign-in page.
        expect(text, address).toContain('/sign-in');
        expect(text, address).not.toContain('Ana Velden');
      } else expect([307, 303], `${method} ${address}`).toContain(answer.status());
      expect(text).not.toContain('Ana Velden');
    }
  }
  const forged = await request.get(`${server.url}/footage`, {
    headers: { cookie: 'owl_session=made-up' },
    maxRedirects: 0,
  });
  expect(await forged.text()).not.toContain('ana-marek');
});

test('pages carry a strict policy, and the session cookie is out of reach of scripts', async ({ page, context }) => {
  const answer = await page.goto(`${server.url}/sign-in`);
  const policy = answer!.headers()['content-security-policy']!;
  expect(policy).toContain("default-src 'self'");
  expect(policy).toMatch(/script-src 'self' 'nonce-[^']+' 'strict-dynamic'/);
  expect(policy.match(/script-src[^;]*/)![0]).not.toContain('unsafe');
  expect(policy).toContain("frame-ancestors 'none'");
  expect(answer!.headers()['x-content-type-options']).toBe('nosniff');
  await signIn(page, server.url);
  const cookie = (await context.cookies()).find((one) => one.name === 'owl_session')!;
  expect(cookie).toMatchObject({ httpOnly: true, sameSite: 'Lax' });
  const { rows } = await server.query('select token_hash from sign_in_session');
  expect(rows.some((row) => row.token_hash.toString('base64url') === cookie.value)).toBe(false);
});

test('signing out everywhere ends every session', async ({ page, browser }) => {
  const elsewhere = await browser.newContext();
  const other = await elsewhere.newPage();
  await signIn(other, server.url, 'felix');
  await signIn(page, server.url, 'felix');
  await page.goto(`${server.url}/settings`);
  await page.getByRole('button', { name: 'Sign me out on every device' }).click();
  await expect(page).toHaveURL(/sign-in/);
  await other.goto(`${server.url}/students`);
  await expect(other).toHaveURL(/sign-in/);
  await elsewhere.close();
});

test('other sites can change nothing', async ({ page }) => {
  await signIn(page, server.url);
  const cookies = (await page.context().cookies()).map((one) => `${one.name}=${one.value}`).join('; ');
  const headers = { cookie: cookies, origin: 'http://elsewhere.example', 'sec-fetch-site': 'cross-site' };
  const marks = await page.request.post(`${server.url}/api/rounds/${samples['[roundId]']}/marks`, {
    headers,
    data: { changes: [] },
  });
  expect(marks.status()).toBe(403);
  const upload = await page.request.post(`${server.url}/api/arrivals`, {
    headers: { ...headers, 'tus-resumable': '1.0.0', 'upload-length': '1' },
  });
  expect(upload.status()).toBe(403);
  const time = await page.request.post(`${server.url}/api/rounds/${samples['[roundId]']}/time`, {
    headers,
    data: { seconds: 30 },
  });
  expect(time.status()).toBe(403);
});

test('guessing passwords is slowed down', async ({ page }) => {
  await page.goto(`${server.url}/sign-in`);
  const failures = async () =>
    (await server.query("select count(*)::int as count from sign_in_attempt where sign_in_name = 'iris'")).rows[0]
      .count;
  for (let attempt = 0; attempt < 8; attempt += 1) {
    await page.getByLabel('Sign-in name').fill('iris');
    await page.getByLabel('Password').fill(`guess number ${attempt}`);
    await page.getByRole('button', { name: 'Sign in' }).click();
    await expect.poll(failures).toBe(attempt + 1);
    await expect(page.getByRole('alert').filter({ hasText: 'do not belong together' })).toBeVisible();
  }
  await page.getByLabel('Sign-in name').fill('iris');
  await page.getByLabel('Password').fill('slow owl on a beam');
  await page.getByRole('button', { name: 'Sign in' }).click();
  await expect(page.getByText('Too many tries')).toBeVisible();
  expect(await failures()).toBe(8);
});
