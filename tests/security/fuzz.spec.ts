import { randomUUID } from 'node:crypto';
import { readdirSync, readFileSync } from 'node:fs';
import path from 'node:path';
import { expect, test } from '@playwright/test';
import fc from 'fast-check';
import { demoId } from '../../demo/academy/marksOfRound';
import { hostileTexts, hostileValue, spoiled } from '../support/hostile';
import { signIn } from '../support/pages';
import { openServer, type TestServer } from '../support/server';

const REQUESTS = 10_000;
const AT_ONCE = 6;

let server: TestServer;
test.beforeAll(async () => {
  server = await openServer('fuzz', true);
});
test.afterAll(() => server.close());

const project = path.resolve(import.meta.dirname, '../..');
const roundId = demoId('round', 'ana-marek');
const realIds = [
  roundId,
  demoId('footage', 'ana-marek'),
  demoId('person', 'ana'),
  demoId('class', 'evening'),
  'half-guard',
];

/** Addresses of all routes, with holes where their parameters stand: a new route is tried by itself. */
const routes = readdirSync(path.join(project, 'src/app'), { recursive: true, encoding: 'utf8' })
  .filter((file) => /(^|\/)(page|route)\.tsx?$/.test(file))
  .map((file) =>
    path
      .dirname(file)
      .split('/')
      .filter((part) => part !== '.' && !/^\(.*\)$/.test(part)),
  );

/** The names under which the built pages call the server's actions. */
function actionIds(): string[] {
  const chunks = path.join(project, '.next/static');
  const found = readdirSync(chunks, { recursive: true, encoding: 'utf8' })
    .filter((name) => name.endsWith('.js'))
    .flatMap((name) =>
      [...readFileSync(path.join(chunks, name), 'utf8').matchAll(/"([0-9a-f]{42})"/g)].map((match) => match[1] ?? ''),
    );
  return [...new Set(found)];
}

interface Shot {
  readonly method: string;
  readonly address: string;
  readonly headers: Record<string, string>;
  readonly body?: string;
}

const encoded = (text: string) => encodeURIComponent(text.replace(/\p{Surrogate}/gu, '\ufffd')).slice(0, 2000);
const parameter = fc.oneof(
  { weight: 3, arbitrary: fc.constantFrom(...realIds, randomUUID()) },
  { weight: 2, arbitrary: fc.constantFrom(...hostileTexts).map((text) => encoded(text) || 'x') },
  { weight: 1, arbitrary: fc.constantFrom('%00', '%ff', '..%2f..', '%', 'a%0d%0ab', '~', "'") },
);
const query = fc.oneof(
  fc.constant(''),
  fc
    .tuple(fc.constantFrom('q', 'at', 'as', 'for', 'mark', 'second', 'footage', 'question', 'a', 'b'), parameter)
    .map(([name, value]) => `?${name}=${value}`),
);
const address = fc
  .constantFrom(...routes)
  .chain((parts) =>
    fc
      .tuple(fc.tuple(...parts.map((part) => (part.startsWith('[') ? parameter : fc.constant(part)))), query)
      .map(([filled, more]) => `/${filled.join('/')}${more}`),
  );
const header = fc.constantFrom<Record<string, string>>(
  {},
  { origin: 'null' },
  { origin: 'nonsense' },
  { origin: 'http://[::1' },
  { origin: 'javascript:alert(1)' },
  { range: 'bytes=9999999999999-' },
  { range: 'bytes=5-1,,-' },
  { 'if-range': '"x"', range: 'bytes=0-0' },
  { 'tus-resumable': '1.0.0', 'upload-length': '10', 'upload-metadata': 'filename dGVzdA==' },
  { 'tus-resumable': '1.0.0', 'upload-length': '-5' },
  { 'tus-resumable': '1.0.0', 'upload-length': '1e99', 'upload-metadata': 'id x,,,' },
  { 'tus-resumable': '9.9.9' },
  { 'tus-resumable': '1.0.0', 'upload-offset': 'NaN', 'content-type': 'application/offset+octet-stream' },
  { 'x-forwarded-for': 'made up', 'x-forwarded-host': '"><script>' },
  { 'content-type': 'multipart/form-data; boundary=x' },
  { rsc: '1' },
  { 'next-router-state-tree': '%5B%22%22%5D', rsc: '1' },
);
const change = {
  changeId: randomUUID(),
  mark: {
    kind: 'position',
    id: randomUUID(),
    atSeconds: 5,
    positionId: 'mount',
    holder: 'a',
    note: 'x',
    drawing: [{ kind: 'label', at: [0.5, 0.5], text: 'y' }],
  },
  removed: false,
};
const hostile = hostileValue(realIds);
const text = (value: unknown): string => {
  try {
    return JSON.stringify(value, (_name, inner) => (typeof inner === 'bigint' ? String(inner) : inner)) ?? 'undefined';
  } catch {
    return '{';
  }
};
const body = fc.oneof(
  { weight: 3, arbitrary: spoiled({ changes: [change, { ...change, changeId: randomUUID() }] }, hostile).map(text) },
  { weight: 2, arbitrary: hostile.map(text) },
  {
    weight: 1,
    arbitrary: fc.constantFrom('', '{', '[[[[', 'x'.repeat(300_000), '\u0000', '{"changes":[{"changeId":"'),
  },
);
const anyRequest: fc.Arbitrary<Shot> = fc
  .tuple(
    fc.constantFrom('GET', 'GET', 'HEAD', 'POST', 'POST', 'PATCH', 'DELETE', 'PUT', 'OPTIONS'),
    address,
    header,
    body,
  )
  // A line that stays open is tried elsewhere.
  .filter(([, to]) => !/\/live(\?|$)/.test(to))
  .map(([method, to, headers, content]) => ({
    method,
    address: to,
    headers: {
      ...(['POST', 'PATCH', 'PUT'].includes(method) ? { 'content-type': 'application/json' } : {}),
      ...headers,
    },
    body: ['POST', 'PATCH', 'PUT', 'DELETE'].includes(method) ? content : undefined,
  }));
const marksRequest: fc.Arbitrary<Shot> = body.map((content) => ({
  method: 'POST',
  address: `/api/rounds/${roundId}/marks`,
  headers: { 'content-type': 'application/json' },
  body: content,
}));
const actionRequest = (ids: readonly string[]): fc.Arbitrary<Shot> =>
  fc
    .tuple(
      fc.constantFrom(...ids),
      fc.array(hostile, { maxLength: 5 }).map(text),
      fc.constantFrom('/footage', '/settings', '/classes'),
    )
    .map(([id, args, to]) => ({
      method: 'POST',
      address: to,
      headers: { 'next-action': id, 'content-type': 'text/plain;charset=UTF-8', accept: 'text/x-component' },
      body: args,
    }));

test('arguments of an action that point to nowhere are refused, and texts with a “$” are texts', async ({ page }) => {
  await signIn(page, server.url);
  const cookie = (await page.context().cookies()).map((one) => `${one.name}=${one.value}`).join('; ');
  const [id = ''] = actionIds();
  const statusOf = async (args: unknown) =>
    (
      await fetch(`${server.url}/settings`, {
        method: 'POST',
        redirect: 'manual',
        headers: { cookie, 'next-action': id, 'content-type': 'text/plain;charset=UTF-8', accept: 'text/x-component' },
        body: JSON.stringify(args),
      })
    ).status;
  for (const text of ['$9g', '$1', '$@1', '$K3', '$Q1', '$h2', '$', '$F', '$9g:a:b'])
    expect(await statusOf([0, { deep: [text] }]), text).toBe(400);
  for (const text of ['$$9g', '$undefined', '$D2026-11-24T00:00:00.000Z', '9$', ''])
    expect(await statusOf([text]), text).toBeLessThan(500);
});

/** What a process has in memory. */
const megabytesOf = (pid: number): number =>
  Number(/VmRSS:\s+(\d+)/.exec(readFileSync(`/proc/${pid}/status`, 'utf8'))?.[1] ?? 0) / 1024;

test('ten thousand hostile requests of a signed-in coach get an answer, and none of them an error of the server', async ({
  page,
}) => {
  test.setTimeout(20 * 60_000);
  await signIn(page, server.url);
  const cookie = (await page.context().cookies()).map((one) => `${one.name}=${one.value}`).join('; ');
  const ids = actionIds();
  expect(ids.length).toBeGreaterThan(20);
  // Signing out is no hostile request: it would end all the others.
  const signInAgain = () => server.query('update sign_in_session set revoked_at = null where revoked_at is not null');
  const shots = fc.sample(
    fc.oneof(
      { weight: 5, arbitrary: anyRequest },
      { weight: 2, arbitrary: marksRequest },
      { weight: 3, arbitrary: actionRequest(ids) },
    ),
    REQUESTS,
  );
  const statuses = new Map<number, number>();
  const errors: string[] = [];
  const fire = async (shot: Shot) => {
    const answer = await fetch(server.url + shot.address, {
      ...shot,
      redirect: 'manual',
      headers: { cookie, ...shot.headers },
    }).catch((error: Error) => error);
    if (answer instanceof Error) {
      errors.push(
        `no answer: ${shot.method} ${shot.address} ${answer.message} ${text(shot.headers)} ${shot.body?.slice(0, 200)}`,
      );
      return;
    }
    const words = await answer.text();
    statuses.set(answer.status, (statuses.get(answer.status) ?? 0) + 1);
    if (answer.status >= 500)
      errors.push(
        `${answer.status}: ${shot.method} ${shot.address} ${text(shot.headers)} ${shot.body?.slice(0, 300)} => ${words.slice(0, 200)}`,
      );
    if (
      answer.status === 401 ||
      answer.headers.get('set-cookie') ||
      answer.headers.get('location')?.includes('sign-in')
    )
      await signInAgain();
    if (!shot.address.startsWith('/api/')) return;
    // A name of a concept that is not known comes back as data; whatever was not sent would be our own.
    const sent = shot.address + (shot.body ?? '');
    const inside = words.match(/<!doctype|<script|node_modules|select .*? from|at \/|ENOENT/gi) ?? [];
    if (inside.some((one) => !sent.includes(one)))
      errors.push(`tells of the inside: ${shot.method} ${shot.address} => ${words.slice(0, 200)}`);
    // Only what a route answers can show anything; the framework's own redirects and refusals of an address are empty or plain.
    const isPlain = words === '' || !answer.headers.get('content-type')?.includes('html');
    if (!isPlain && !answer.headers.get('content-security-policy')?.includes("default-src 'none'"))
      errors.push(`no policy: ${answer.status} ${shot.method} ${shot.address} => ${words.slice(0, 80)}`);
  };
  let next = 0;
  let half = 0;
  await Promise.all(
    Array.from({ length: AT_ONCE }, async () => {
      for (let shot = shots[next++]; shot; shot = shots[next++]) {
        await fire(shot);
        if (next >= REQUESTS / 2) half ||= megabytesOf(server.pid());
      }
    }),
  );
  const whole = megabytesOf(server.pid());
  console.log(
    `fuzz: ${[...statuses]
      .sort(([one], [other]) => one - other)
      .map(([status, count]) => `${status} × ${count}`)
      .join(', ')}; memory after half of them ${half.toFixed(0)} MB, after all ${whole.toFixed(0)} MB`,
  );
  // What is kept of each would show: five thousand more of them would each have to leave less than 40 kB.
  expect(whole).toBeLessThan(half + 200);
  expect(errors.slice(0, 12)).toEqual([]);
  // The academy is as whole as before.
  await signInAgain();
  await page.goto(`${server.url}/students`);
  await expect(page.getByText('Ana Velden')).toBeVisible();
});
