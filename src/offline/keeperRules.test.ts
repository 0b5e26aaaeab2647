import { describe, expect, it } from 'vitest';
import { awayPage } from './awayPage';
import { assetsNamed, isAsset, isFootageFile, isKeptPage, namesTooMany, partOf } from './keeperRules';

const id = '57d99eeb-d096-4dc8-a2d7-80f078eb7bee';

describe('what is kept at hand', () => {
  it('is a round in Review, and a second review, and no other page', () => {
    expect(isKeptPage(`/rounds/${id}`)).toBe(true);
    expect(isKeptPage(`/rounds/${id}/second`)).toBe(true);
    for (const path of [`/rounds/${id}/closing`, `/rounds/${id}/`, '/rounds/new', '/students', `/x/rounds/${id}`, ''])
      expect(isKeptPage(path)).toBe(false);
  });
  it('is told apart by path: assets are named by their content, footage is a file', () => {
    expect(isAsset('/_next/static/chunks/a.js')).toBe(true);
    expect(isAsset('/_next/image')).toBe(false);
    expect(isFootageFile(`/api/footage/${id}/file`)).toBe(true);
    expect(isFootageFile(`/api/footage/${id}/filmstrip`)).toBe(false);
    expect(isFootageFile(`/api/footage/../file`)).toBe(false);
  });
  it('finds the assets that a page names, each once', () => {
    const html = `<script src="/_next/static/chunks/0~ab.js"></script><link href="/_next/static/css/x.css">
      <script>self.__next_f.push([1,"/_next/static/chunks/0~ab.js"])</script><img src="/icon.svg">`;
    expect(assetsNamed(html)).toEqual(['/_next/static/chunks/0~ab.js', '/_next/static/css/x.css']);
    expect(assetsNamed('')).toEqual([]);
  });
  it('makes room from the oldest end', () => {
    expect(namesTooMany(['a', 'b', 'c'], 2)).toEqual(['a']);
    expect(namesTooMany(['a', 'b'], 2)).toEqual([]);
    expect(namesTooMany([], 2)).toEqual([]);
  });
});

describe('a part of a kept file', () => {
  // The answers are those of RFC 9110, sections 14 and 15.5.17.
  it('is answered as the server would', () => {
    expect(partOf(100, 'bytes=0-')).toMatchObject({ status: 206, bytes: { first: 0, last: 99 } });
    expect(partOf(100, 'bytes=10-19').headers).toEqual({ 'content-range': 'bytes 10-19/100', 'content-length': '10' });
    expect(partOf(100, 'bytes=-5').bytes).toEqual({ first: 95, last: 99 });
    expect(partOf(100, null)).toEqual({
      status: 200,
      bytes: { first: 0, last: 99 },
      headers: { 'content-length': '100' },
    });
  });
  it('that begins past the end cannot be had, and is empty', () => {
    expect(partOf(100, 'bytes=100-')).toEqual({
      status: 416,
      bytes: { first: 0, last: -1 },
      headers: { 'content-range': 'bytes */100' },
    });
  });
});

describe('the page that says that the server is away', () => {
  it('offers the rounds that open all the same', () => {
    expect(awayPage([{ path: `/rounds/${id}`, title: 'Nadia and Yara' }])).toContain(
      `<a href="/rounds/${id}">Nadia and Yara</a>`,
    );
    expect(awayPage([])).toContain('No round was opened on this machine lately.');
  });
  it('never takes a name for markup', () => {
    const page = awayPage([{ path: '/rounds/"><script>', title: '<img src=x onerror=alert(1)> & "co"' }]);
    expect(page).not.toContain('<script>');
    expect(page).not.toContain('<img');
    expect(page).toContain('&#60;img src=x onerror=alert(1)&#62; &#38; &#34;co&#34;');
  });
});
