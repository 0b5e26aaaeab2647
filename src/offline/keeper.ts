/**
 * The keeper: a service worker over the pages of rounds. It asks the server first, and answers from what it kept only when the server is
 * away; but what never changes, scripts and footage, it answers itself. It keeps nothing on its own: a page asks for it.
 */

import { awayPage, awayPolicy } from './awayPage';
import {
  assetsNamed,
  isAsset,
  isAway,
  isFootageFile,
  isKeptPage,
  type KeepPage,
  MOST_FOOTAGE,
  MOST_FOOTAGE_BYTES,
  MOST_PAGES,
  namesTooMany,
  partOf,
  type Told,
} from './keeperRules';
import { assetCache, footageCache, pageCache } from './keptNames';
import { keptSign } from './openedFromKept';

/** The little of a service worker's surroundings that is used here; the page's own types know nothing of them. */
interface LastingEvent extends Event {
  waitUntil(work: Promise<unknown>): void;
}
interface AskedEvent extends LastingEvent {
  readonly request: Request;
  respondWith(answer: Promise<Response>): void;
}
interface ToldEvent extends LastingEvent {
  readonly data: unknown;
}
interface Surroundings {
  skipWaiting(): Promise<void>;
  readonly clients: { claim(): Promise<void> };
  readonly location: Location;
  addEventListener(kind: 'install' | 'activate', listener: (event: LastingEvent) => void): void;
  addEventListener(kind: 'fetch', listener: (event: AskedEvent) => void): void;
  addEventListener(kind: 'message', listener: (event: ToldEvent) => void): void;
}
const here = globalThis as unknown as Surroundings;

here.addEventListener('install', (event) => event.waitUntil(here.skipWaiting()));
here.addEventListener('activate', (event) => event.waitUntil(here.clients.claim()));

here.addEventListener('message', (event) => {
  const told = event.data as Told;
  if (told.kind === 'forget-all') event.waitUntil(forgetAll());
  if (told.kind === 'keep-page' && isKeptPage(told.path)) event.waitUntil(keepPage(told).catch(() => undefined));
  if (told.kind === 'keep-footage') event.waitUntil(keepFootage(told.address).catch(() => undefined));
});

/** Grows whenever all is forgotten: what was begun before must not come in after. */
let forgotten = 0;

async function forgetAll(): Promise<void> {
  forgotten += 1;
  await Promise.all([pageCache, footageCache].map((name) => caches.delete(name)));
}

/** Puts something by unless all has been forgotten since it was begun. */
async function putBy(name: string, address: string, answer: Response, begunAt: number): Promise<boolean> {
  if (begunAt !== forgotten) return false;
  const cache = await caches.open(name);
  // Put anew, so that the entries stand in the order in which they were opened last.
  await cache.delete(address);
  await cache.put(address, answer);
  if (begunAt === forgotten) return true;
  await cache.delete(address);
  return false;
}

here.addEventListener('fetch', (event) => {
  const { request } = event;
  const address = new URL(request.url);
  if (request.method !== 'GET' || address.origin !== here.location.origin) return;
  if (request.mode === 'navigate') event.respondWith(openPage(request, address.pathname));
  else if (isAsset(address.pathname)) event.respondWith(openAsset(request));
  else if (isFootageFile(address.pathname)) event.respondWith(openFootage(request, address));
});

async function openPage(request: Request, path: string): Promise<Response> {
  const answer = await fetch(request).catch(() => undefined);
  if (answer && !isAway(answer.status)) return answer;
  const pages = await caches.open(pageCache);
  return (await pages.match(path)) ?? sayAway(pages);
}

async function sayAway(pages: Cache): Promise<Response> {
  const kept: { path: string; title: string }[] = [];
  for (const { url } of await pages.keys()) {
    const title = (await pages.match(url))?.headers.get('x-kept-title');
    if (title) kept.push({ path: new URL(url).pathname, title: decodeURIComponent(title) });
  }
  return new Response(awayPage(kept.reverse()), {
    status: 503,
    headers: {
      'content-type': 'text/html; charset=utf-8',
      'content-security-policy': awayPolicy,
    },
  });
}

async function openAsset(request: Request): Promise<Response> {
  return (await (await caches.open(assetCache)).match(request)) ?? fetch(request);
}

/**
 * A file that is kept is answered from here also while the server is there: its bytes never change, and what the browser has put by of it on its own may
 * be a part only, which begins well and breaks off.
 */
async function openFootage(request: Request, { pathname, search }: URL): Promise<Response> {
  const whole = await (await caches.open(footageCache)).match(pathname + search);
  if (!whole) return fetch(request);
  const file = await whole.blob();
  const { status, bytes, headers } = partOf(file.size, request.headers.get('range'));
  const all = new Headers(whole.headers);
  for (const [name, value] of Object.entries(headers)) all.set(name, value);
  return new Response(file.slice(bytes.first, bytes.last + 1), { status, headers: all });
}

async function keepPage({ path, title, assets }: KeepPage): Promise<void> {
  const begunAt = forgotten;
  const answer = await fetch(path, { credentials: 'same-origin', redirect: 'manual' });
  if (answer.status !== 200) return;
  const html = await answer.text();
  const needed = [...new Set([...assetsNamed(html), ...assets.filter(isAsset)])];
  const headers = new Headers(answer.headers);
  headers.set('x-kept-title', encodeURIComponent(title));
  headers.set('x-kept-assets', needed.join(' '));
  headers.set('server-timing', keptSign);
  if (!(await putBy(pageCache, path, new Response(html, { headers }), begunAt))) return;
  const pages = await caches.open(pageCache);
  const addresses = (await pages.keys()).map((kept) => kept.url);
  for (const old of namesTooMany(addresses, MOST_PAGES)) await pages.delete(old);
  await keepAssets(pages, needed);
}

async function keepAssets(pages: Cache, needed: readonly string[]): Promise<void> {
  const cache = await caches.open(assetCache);
  const all = new Set(needed);
  for (const { url } of await pages.keys())
    for (const name of (await pages.match(url))?.headers.get('x-kept-assets')?.split(' ') ?? []) all.add(name);
  for (const kept of await cache.keys()) if (!all.has(new URL(kept.url).pathname)) await cache.delete(kept);
  for (const name of needed) if (!(await cache.match(name))) await cache.add(name).catch(() => undefined);
}

async function keepFootage(address: string): Promise<void> {
  const { pathname } = new URL(address, here.location.origin);
  if (!isFootageFile(pathname)) return;
  const begunAt = forgotten;
  if (await (await caches.open(footageCache)).match(address)) return;
  // One byte, since its range tells the size of the whole; an answer to HEAD may leave the length out.
  const probe = await fetch(address, { headers: { range: 'bytes=0-0' } });
  const bytes = Number(probe.headers.get('content-range')?.split('/')[1]);
  const { quota = 0, usage = 0 } = await navigator.storage.estimate();
  if (!(bytes > 0) || bytes > Math.min(MOST_FOOTAGE_BYTES, (quota - usage) / 2)) return;
  const whole = await fetch(address, { priority: 'low' });
  if (whole.status !== 200) return;
  if (!(await putBy(footageCache, address, whole, begunAt))) return;
  const cache = await caches.open(footageCache);
  const kept = (await cache.keys()).map((one) => one.url);
  for (const old of namesTooMany(kept, MOST_FOOTAGE)) await cache.delete(old);
}
