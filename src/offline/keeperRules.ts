import { type ByteRange, parseRange } from '../core/footage/byteRange';

/** Rounds whose page stays at hand on this machine; the one opened longest ago makes room. */
export const MOST_PAGES = 12;
/** Files of footage that stay at hand. */
export const MOST_FOOTAGE = 3;
/** A file larger than this is not kept: a whole evening in one piece would push everything else out. */
export const MOST_FOOTAGE_BYTES = 400 * 1024 * 1024;

/** What a page tells its keeper. */
export interface KeepPage {
  readonly kind: 'keep-page';
  readonly path: string;
  /** How the round is named where it is offered again. */
  readonly title: string;
  /** Addresses of scripts, styles and fonts that the page has loaded. */
  readonly assets: readonly string[];
}
export interface KeepFootage {
  readonly kind: 'keep-footage';
  readonly address: string;
}

const roundPath = /^\/rounds\/[0-9a-f-]{36}(\/second)?$/;

/** Somebody has signed out: nothing that they could read may stay, nor come in afterwards. */
export interface ForgetAll {
  readonly kind: 'forget-all';
}
export type Told = KeepPage | KeepFootage | ForgetAll;

/** Pages that open without a server: a round in Review, also a second review. */
export const isKeptPage = (path: string): boolean => roundPath.test(path);

/** Scripts, styles and fonts: named by their content, so that a kept one is never out of date. */
export const isAsset = (path: string): boolean => path.startsWith('/_next/static/');

export const isFootageFile = (path: string): boolean => /^\/api\/footage\/[0-9a-f-]{36}\/file$/.test(path);

/** Addresses of assets named in the text of a page. */
export function assetsNamed(html: string): string[] {
  return [...new Set(html.match(/\/_next\/static\/[\w~./-]+\.(?:js|css|woff2)/g) ?? [])];
}

/** The names of the oldest entries beyond the number that may stay; `names` come oldest first. */
export const namesTooMany = (names: readonly string[], most: number): readonly string[] =>
  names.slice(0, Math.max(0, names.length - most));

/** The part of a kept file that a request asks for: its status, its headers, and which bytes. */
export function partOf(
  size: number,
  range: string | null,
): { readonly status: 200 | 206 | 416; readonly bytes: ByteRange; readonly headers: Readonly<Record<string, string>> } {
  const asked = parseRange(range, size);
  if (asked === 'unsatisfiable')
    return { status: 416, bytes: { first: 0, last: -1 }, headers: { 'content-range': `bytes */${size}` } };
  if (asked === 'whole')
    return { status: 200, bytes: { first: 0, last: size - 1 }, headers: { 'content-length': String(size) } };
  return {
    status: 206,
    bytes: asked,
    headers: {
      'content-range': `bytes ${asked.first}-${asked.last}/${size}`,
      'content-length': String(asked.last - asked.first + 1),
    },
  };
}

const escapeText = (text: string): string => text.replace(/[&<>"]/g, (sign) => `&#${sign.charCodeAt(0)};`);

/** What stands where a page cannot come up because the server is away: the rounds that can. */
export function awayPage(kept: readonly { readonly path: string; readonly title: string }[]): string {
  const rounds = kept
    .map(({ path, title }) => `<li><a href="${escapeText(path)}">${escapeText(title)}</a></li>`)
    .join('');
  const offer = rounds
    ? `<p>These rounds open all the same, and what you mark waits on this machine:</p><ul>${rounds}</ul>`
    : '<p>No round was opened on this machine lately.</p>';
  return `<!doctype html><html lang="en"><head><meta charset="utf-8"><title>The server is away</title><style>
body{margin:0;min-height:100vh;display:grid;place-items:center;background:#1b211d;color:#e9e4d6;font:17px/1.5 Georgia,serif}
main{max-width:34em;padding:2em}h1{font-weight:500;font-style:italic}a{color:#e3b862}li{margin:.4em 0}
</style></head><body><main><h1>The server is away</h1><p>Nothing is lost. Try again in a moment.</p>${offer}</main></body></html>`;
}
