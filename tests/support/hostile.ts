import { randomUUID } from 'node:crypto';
import fc from 'fast-check';

/** Texts that have broken programs: NUL, halves of surrogate pairs, markup, paths, statements, directions, very long ones. */
export const hostileTexts: readonly string[] = [
  '',
  ' ',
  '\0',
  'a\0b',
  '\ud800',
  'half \udfff',
  '"><script>alert(1)</script>',
  '../../etc/passwd',
  "'; drop table mark; --",
  '\u202Egnp.exe',
  '\r\nset-cookie: a=b',
  '\u2028\u2029',
  '%00%0a',
  '{{7*7}}',
  'NaN',
  '2026-02-30',
  '0000-01-01',
  '99999-12-31',
  '1e309',
  '🥋'.repeat(300),
  'x'.repeat(70_000),
];

export const hostileNumbers: readonly number[] = [
  Number.NaN,
  Number.POSITIVE_INFINITY,
  -1,
  -0,
  0.1,
  2_147_483_646,
  2_147_483_647,
  2 ** 53,
  1e308,
];

/** Anything that a client may send: hostile texts and numbers, nothing, nested things, real and made-up ids. */
export const hostileValue = (realIds: readonly string[]) =>
  fc.oneof(
    { weight: 4, arbitrary: fc.constantFrom(...hostileTexts) },
    { weight: 2, arbitrary: fc.constantFrom(...hostileNumbers) },
    { weight: 3, arbitrary: fc.constantFrom(...realIds, randomUUID(), randomUUID().toUpperCase()) },
    { weight: 2, arbitrary: fc.constantFrom(undefined, null, true, false, [], {}) },
    { weight: 1, arbitrary: fc.anything({ maxDepth: 3, withNullPrototype: false }) },
  );

/** A value of the right shape with one thing in it replaced by something hostile. */
export const spoiled = (value: object, hostile: fc.Arbitrary<unknown>): fc.Arbitrary<unknown> =>
  fc.tuple(fc.constantFrom(...pathsOf(value)), hostile).map(([path, thing]) => withAt(value, path, thing));

function pathsOf(value: unknown, at: readonly string[] = []): (readonly string[])[] {
  if (typeof value !== 'object' || value === null) return [at];
  return [
    ...(at.length > 0 ? [at] : []),
    ...Object.entries(value).flatMap(([name, inner]) => pathsOf(inner, [...at, name])),
  ];
}

function withAt(value: unknown, [name, ...rest]: readonly string[], thing: unknown): unknown {
  if (name === undefined) return thing;
  const copy: unknown = Array.isArray(value) ? [...value] : { ...(value as object) };
  (copy as Record<string, unknown>)[name] = withAt((copy as Record<string, unknown>)[name], rest, thing);
  return copy;
}
