import { randomUUID } from 'node:crypto';
import { readdirSync } from 'node:fs';
import path from 'node:path';
import { expect, type Page, test } from '@playwright/test';
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
  '[part]': 'film',
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
    // The first shows nothing, the second proves which server it is to whoever started it.
    if (address === '/sign-in' || address === '/api/alive') continue;
    // A calendar program cannot sign in, nor can a student: only an address that was made for them opens anything.
    const isByToken = address.includes('[token]');
    const refusals = isByToken ? [404, 405] : [401, 405];
    const methods = api ? (['GET', 'PUT', 'POST', 'HEAD'] as const) : (['GET'] as const);
    for (const method of methods) {
      const answer = await request.fetch(server.url + address, { method, maxRedirects: 0 });
      const text = await answer.text();
      if (api) expect(refusals, `${method} ${address}`).toContain(answer.status());
      else if (isByToken) expect(text, address).toContain('This link is closed');
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

test('a helper at the mat reaches the classes’ clock and log, and nothing else', async ({ page }) => {
  const seen = { personId: samples['[personId]'], count: 3, lastSeenOn: '2026-11-20' };
  const reasons = [{ errorId: 'err-half-flat', people: [seen] }];
  const blocks = [{ kind: 'warm-up', startMinute: 0, minutes: 8, excludedIds: [], reasons }];
  const figures = { benefit: 1, modelBenefit: 1, frequencyBenefit: 1, gap: 0, optimal: true };
  await server.query(
    "insert into class_plan (class_id, version, locks, state, content) values ($1, 99, '[]', 'ready', $2)",
    [samples['[classId]'], JSON.stringify({ blocks, drills: [], pairings: [], ...figures })],
  );
  await signIn(page, server.url, 'tova');
  const cookie = (await page.context().cookies()).map((one) => `${one.name}=${one.value}`).join('; ');
  const open = new Set<string>();
  for (const { address, api } of listAddresses()) {
    if (['/sign-in', '/api/alive'].includes(address) || address.includes('[token]')) continue;
    const methods = api ? (['GET', 'PUT', 'POST', 'HEAD'] as const) : (['GET'] as const);
    for (const method of methods) {
      const answer = await fetch(server.url + address, { method, headers: { cookie }, redirect: 'manual' });
      const text = await answer.text();
      const isAway = text.includes('/mat;') || text.includes('NEXT_REDIRECT');
      if (answer.status === 200 && !isAway) open.add(address);
      else if (api) expect([401, 403, 405], `${method} ${address}`).toContain(answer.status);
      else expect([200, 303, 307], `${method} ${address}`).toContain(answer.status);
      if (!open.has(address)) expect(text, address).not.toContain('Ana Velden');
    }
  }
  expect([...open].sort()).toEqual(
    [
      `/api/classes/${samples['[classId]']}/clock`,
      '/account',
      `/classes/${samples['[classId]']}/mat`,
      '/mat',
      `/mat/${samples['[classId]']}`,
    ].sort(),
  );
  // What keeps happening to whom is not in what they are sent.
  for (const at of [`/classes/${samples['[classId]']}/mat`, `/mat/${samples['[classId]']}`]) {
    const sent = await (await fetch(server.url + at, { headers: { cookie } })).text();
    expect(sent).toContain('warm-up');
    expect(sent).not.toContain('lastSeenOn');
  }
});

test('a session that has run out or was revoked opens no more than none', async ({ page }) => {
  const ends = ["expires_at = now() - interval '1 minute'", 'revoked_at = now()'];
  for (const [at, end] of ends.entries()) {
    await signIn(page, server.url, 'iris');
    const cookie = (await page.context().cookies()).map((one) => `${one.name}=${one.value}`).join('; ');
    await server.query(
      `update sign_in_session set ${end} where coach_id = (select id from coach where sign_in_name = 'iris')`,
    );
    for (const { address, api } of listAddresses()) {
      // The first leads on, and what it leads to is asked as well.
      if (['/', '/sign-in', '/first-account', '/api/alive'].includes(address) || address.includes('[token]')) continue;
      const answer = await fetch(server.url + address, { headers: { cookie }, redirect: 'manual' });
      const text = await answer.text();
      expect(text, `${at} ${address}`).not.toContain('Ana Velden');
      if (api) expect([401, 405], `${at} ${address}`).toContain(answer.status);
      else expect(answer.status === 200 ? text : answer.headers.get('location'), address).toContain('/sign-in');
    }
    await page.context().clearCookies();
  }
});

test('an assistant is shown nothing that is the head coach’s', async ({ page }) => {
  await signIn(page, server.url, 'felix');
  const cookie = (await page.context().cookies()).map((one) => `${one.name}=${one.value}`).join('; ');
  const id = randomUUID();
  for (const address of [`/api/exports/${id}`, `/api/packages/${id}`]) {
    const answer = await fetch(server.url + address, { headers: { cookie } });
    expect([403, 405], address).toContain(answer.status);
  }
  const put = await fetch(`${server.url}/api/packages/${id}`, {
    method: 'PUT',
    headers: { cookie, origin: server.url },
    body: 'x',
  });
  expect([403, 405]).toContain(put.status);
  for (const address of [
    ...['/settings/exchange', '/settings/record', '/settings/record/looked'],
    `/students/${samples['[personId]']}/erase`,
  ]) {
    await page.goto(server.url + address);
    await expect(page.getByRole('heading', { name: 'Nothing here' }), address).toBeVisible();
  }
  await page.goto(`${server.url}/settings`);
  await expect(page.getByRole('button', { name: 'Add the account' })).toHaveCount(0);
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

test('guessing passwords is slowed down, and keeps nobody out who has been here before', async ({ page, browser }) => {
  await signIn(page, server.url, 'felix');
  await page.goto(`${server.url}/footage`);
  const stranger = await browser.newContext();
  const guess = await stranger.newPage();
  await guess.goto(`${server.url}/sign-in`);
  const failures = async () =>
    (
      await server.query(
        "select count(*)::int as count from sign_in_attempt where sign_in_name = 'felix' and not succeeded",
      )
    ).rows[0].count;
  const before = await failures();
  const attempt = async (on: Page, password: string) => {
    await on.getByLabel('Sign-in name').fill('felix');
    await on.getByLabel('Password').fill(password);
    await on.getByRole('button', { name: 'Sign in' }).click();
  };
  for (let count = 0; count < 5; count += 1) {
    await attempt(guess, `guess number ${count}`);
    await expect.poll(failures).toBe(before + count + 1);
    await expect(guess.getByRole('alert').filter({ hasText: 'do not belong together' })).toBeVisible();
    // The answer empties the form: what is typed before it would be lost.
    await expect(guess.getByLabel('Password')).toHaveValue('');
  }
  // Many more, so that the next has to wait for long.
  await server.query(
    "insert into sign_in_attempt (sign_in_name, address, succeeded) select 'felix', 'direct', false from generate_series(1, 10)",
  );
  await attempt(guess, 'slow owl on a beam');
  await expect(guess.getByText(/Too many tries. Wait about \d+ minutes/)).toBeVisible();
  // The coach's own browser is not slowed down by that, whatever address it says it comes from.
  await page.getByRole('button', { name: 'Sign out' }).click();
  await page.waitForURL('**/sign-in');
  await signIn(page, server.url, 'felix');
  const evading = await page.request.post(`${server.url}/sign-in`, { headers: { 'x-forwarded-for': '203.0.113.7' } });
  expect(evading.status()).toBeLessThan(500);
  await stranger.close();
});

test('nothing under /api is a page, and nothing that was sent comes back', async ({ page }) => {
  await signIn(page, server.url);
  const meta = (entries: Record<string, string>) =>
    Object.entries(entries)
      .map(([key, value]) => `${key} ${Buffer.from(value).toString('base64')}`)
      .join(',');
  const id = randomUUID();
  const evil = '<script>alert(1)</script>.html\r\nx-evil: 1';
  const created = await page.request.post(`${server.url}/api/arrivals`, {
    headers: {
      'tus-resumable': '1.0.0',
      'upload-length': '20',
      'upload-metadata': meta({ id, filename: evil, filetype: 'text/html' }),
    },
  });
  expect(created.status()).toBe(201);
  const got = await page.request.get(`${server.url}/api/arrivals/${id}`);
  expect(got.status()).toBe(405);
  expect(await got.text()).not.toContain('script');
  const head = await page.request.head(`${server.url}/api/arrivals/${id}`, { headers: { 'tus-resumable': '1.0.0' } });
  for (const value of Object.values(head.headers())) expect(value).not.toContain('<script');
  for (const address of [
    '/api/shelf',
    `/api/arrivals/${randomUUID()}`,
    '/api/rounds/x/marks',
    `/api/footage/${samples['[footageId]']}/file`,
  ])
    expect((await page.request.get(server.url + address)).headers()['content-security-policy'], address).toContain(
      "default-src 'none'",
    );
});

test('an origin that is null or no address is another site’s, and bodies are not read beyond their limit', async ({
  page,
}) => {
  await signIn(page, server.url);
  const cookie = (await page.context().cookies()).map((one) => `${one.name}=${one.value}`).join('; ');
  const marks = `${server.url}/api/rounds/${samples['[roundId]']}/marks`;
  for (const origin of ['null', 'nonsense', 'http://[::1', 'javascript:alert(1)'])
    expect((await fetch(marks, { method: 'POST', headers: { cookie, origin }, body: '{}' })).status, origin).toBe(403);
  const large = await fetch(marks, { method: 'POST', headers: { cookie }, body: 'x'.repeat(6 * 1024 * 1024) }).catch(
    () => undefined,
  );
  // It may hang up before all of it was sent.
  if (large) expect(large.status).toBe(413);
});

test('whoever was signed out hears nothing more on an open line', async ({ page }) => {
  await signIn(page, server.url, 'iris');
  const cookie = (await page.context().cookies()).map((one) => `${one.name}=${one.value}`).join('; ');
  const round = samples['[roundId]'] ?? '';
  const line = await fetch(`${server.url}/api/rounds/${round}/live`, { headers: { cookie } });
  const reader = line.body!.pipeThrough(new TextDecoderStream()).getReader();
  expect((await reader.read()).value).toContain('retry');
  await server.query("select pg_notify('marks_changed', $1)", [round]);
  expect((await reader.read()).value).toContain('changed');
  await server.query(
    "update sign_in_session set revoked_at = now() where coach_id = (select id from coach where sign_in_name = 'iris')",
  );
  await server.query("select pg_notify('marks_changed', $1)", [round]);
  expect((await reader.read()).done).toBe(true);
});

test('after signing out the browser’s own cache gives no film, and no commentary stays', async ({ page }) => {
  await signIn(page, server.url);
  await page.goto(`${server.url}/rounds/${samples['[roundId]']}`);
  const film = `/api/footage/${samples['[footageId]']}/file`;
  const status = () =>
    page.evaluate(async (address) => (await fetch(address, { headers: { range: 'bytes=0-99' } })).status, film);
  expect([await status(), await status()]).toEqual([206, 206]);
  await page.evaluate(
    () =>
      new Promise<void>((resolve, reject) => {
        const request = indexedDB.open('unhurried-owl-commentary', 1);
        request.onupgradeneeded = () => request.result.createObjectStore('works', { keyPath: 'roundId' });
        request.onerror = () => reject(request.error);
        request.onsuccess = () => {
          const put = request.result
            .transaction('works', 'readwrite')
            .objectStore('works')
            .put({ roundId: 'r', cues: ['said of somebody'] });
          put.onsuccess = () => {
            request.result.close();
            resolve();
          };
        };
      }),
  );
  await page.goto(`${server.url}/footage`);
  await page.getByRole('button', { name: 'Sign out' }).click();
  await page.waitForURL('**/sign-in');
  expect(await status()).toBe(401);
  await expect
    .poll(() => page.evaluate(async () => (await indexedDB.databases()).map((one) => one.name)))
    .not.toContain('unhurried-owl-commentary');
});
