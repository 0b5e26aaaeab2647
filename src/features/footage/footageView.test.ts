import { expect, it } from 'vitest';
import { byDay, type FootageLine, kitColor, momentsOfRow, waitingWords } from './footageView';

const film = (day: string, ...markCounts: number[]) =>
  ({
    id: `${day} ${markCounts}`,
    day,
    rounds: markCounts.map((markCount) => ({ markCount })),
  }) as unknown as FootageLine;

it('puts files of a day together, in the order in which they come', () => {
  const days = byDay([film('2026-11-27', 3), film('2026-11-27'), film('2026-11-24', 0)]);
  expect(days.map(([day, films]) => [day, films.length])).toEqual([
    ['2026-11-27', 2],
    ['2026-11-24', 1],
  ]);
});

it('says what of an evening still needs a coach', () => {
  expect(waitingWords([film('a', 3, 12)])).toBeUndefined();
  expect(waitingWords([film('a', 0, 12)])).toBe('one round to review');
  expect(waitingWords([film('a', 0, 0), film('a')])).toBe('2 rounds to review, one file not cut yet');
  expect(waitingWords([film('a'), film('a')])).toBe('2 files not cut yet');
});

it('spreads pictures evenly from the beginning on', () => {
  expect(momentsOfRow(300, 4)).toEqual([0, 75, 150, 225]);
  expect(momentsOfRow(0, 2)).toEqual([0, 0]);
});

it('finds the colour of a kit in the words that tell people apart', () => {
  expect(kitColor('blue gi, white belt')).toBe(kitColor('blue'));
  expect(kitColor('Black rash guard')).toBe(kitColor('black'));
  for (const none of ['', 'tall one', '<blue-ish'])
    expect(none === '<blue-ish' || kitColor(none) === undefined).toBe(true);
});
