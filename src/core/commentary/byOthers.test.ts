import { expect, it } from 'vitest';
import { callsByMakers, scoreCalls, sharesOf } from '../../../tests/language/calls/scoreCalls';
import { listTalks, scoreTalks, talksApart } from '../../../tests/language/talks/scoreTalks';

// What others wrote and said, with what a person would mark (tests/language/README.md). The bounds are what was reached, a little below: they only rise.
const shareIn = (line: string, what: string): number => Number(new RegExp(`${what} ([\\d.]+) %`).exec(line)?.[1]);

it('calls by other hands are read as meant, or asked about', () => {
  const all = scoreCalls();
  const looked = sharesOf(all.filter(({ apart }) => !apart));
  const apart = sharesOf(all.filter((one) => one.apart));
  expect(looked.right + looked.kept).toBeGreaterThanOrEqual(82);
  expect(apart.right + apart.kept).toBeGreaterThanOrEqual(66);
  expect(looked.wrongWithoutDoubt).toBeLessThanOrEqual(2.2);
  expect(apart.wrongWithoutDoubt).toBeLessThanOrEqual(3.4);
});

it('calls that were written before anybody saw their reading are mostly read as meant, seldom wrong without a doubt', () => {
  const shares = sharesOf(scoreCalls(callsByMakers()));
  expect(shares.right + shares.kept).toBeGreaterThanOrEqual(66);
  expect(shares.wrongWithoutDoubt).toBeLessThanOrEqual(4);
});

it('talks by other hands are heard, those too that nobody looked at', () => {
  const looked = scoreTalks(listTalks().filter((talk) => !talksApart.includes(talk))).at(-1) ?? '';
  expect(shareIn(looked, 'found')).toBeGreaterThanOrEqual(68);
  expect(shareIn(looked, 'in cards')).toBeGreaterThanOrEqual(74);
  expect(shareIn(looked, 'errors and chances')).toBeGreaterThanOrEqual(70);
  expect(shareIn(looked, 'right')).toBeGreaterThanOrEqual(55);
  expect(shareIn(looked, 'athlete')).toBeGreaterThanOrEqual(80);
  const apart = scoreTalks(talksApart).at(-1) ?? '';
  expect(shareIn(apart, 'found')).toBeGreaterThanOrEqual(42);
  expect(shareIn(apart, 'in cards')).toBeGreaterThanOrEqual(55);
});
