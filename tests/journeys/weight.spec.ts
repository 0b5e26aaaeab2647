import { gzipSync } from 'node:zlib';
import { type APIRequestContext, expect, test } from '@playwright/test';
import { demoId } from '../../demo/academy/marksOfRound';
import { signIn } from '../support/pages';
import { openServer, type TestServer } from '../support/server';

let server: TestServer;
test.beforeAll(async () => {
  server = await openServer('weight', true);
  await server.query("update footage_work set state = 'cancelled'");
});
test.afterAll(() => server.close());

/** Every script that the document of a page asks for, in kB after gzip; not the one for browsers without modules, nor what is fetched later, for other pages or on a press. */
async function weighScripts(request: APIRequestContext, address: string): Promise<number> {
  const whole = await (await request.get(`${server.url}${address}`)).text();
  const html = whole.replaceAll(/<script[^>]*nomodule[^>]*>/gi, '');
  const names = new Set([...html.matchAll(/\/_next\/static\/[\w./~-]+\.js/g)].map(([name]) => name));
  expect(names.size).toBeGreaterThan(5);
  let bytes = 0;
  for (const name of names) {
    const script = await request.get(`${server.url}${name}`);
    expect(script.status()).toBe(200);
    bytes += gzipSync(await script.body()).length;
  }
  return bytes / 1024;
}

test('signing in carries less than 150 kB of scripts, Review less than 400', async ({ page }) => {
  const signingIn = await weighScripts(page.request, '/sign-in');
  await signIn(page, server.url);
  const reviewing = await weighScripts(page.request, `/rounds/${demoId('round', 'ana-marek')}`);
  console.log(`scripts after gzip: signing in ${signingIn.toFixed(0)} kB, Review ${reviewing.toFixed(0)} kB`);
  for (const address of ['/footage', '/review', '/students', '/library', '/classes', '/settings', '/search'])
    console.log(`scripts after gzip: ${address} ${(await weighScripts(page.request, address)).toFixed(0)} kB`);
  expect(signingIn).toBeLessThan(150);
  expect(reviewing).toBeLessThan(400);
});
