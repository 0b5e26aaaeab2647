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

/** Whether an answer says that the server cannot answer now: its own word (503), or that of something before it (502, 504). Then what is kept here opens instead. */
export const isAway = (status: number): boolean => status === 502 || status === 503 || status === 504;
