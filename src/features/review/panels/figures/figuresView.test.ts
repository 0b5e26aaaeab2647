import { describe, expect, it } from 'vitest';
import { chanceFigures } from '@/core/attempts';
import type { Mark } from '@/core/round';
import { homeworkWords } from '@/terms/homeworkWords';
import { chanceWords, conversionWords, nextMarkWords, reactionWords, thirdWords } from './figuresView';

const names = { a: 'Ana', b: 'Marek' };

describe('figures in words', () => {
  it('give openings, stages, and a share with its interval', () => {
    const armbar: Mark = {
      ...{ kind: 'attempt', id: 't', atSeconds: 20, techniqueId: 'armbar', athlete: 'a' },
      ...{ stage: 'locked', end: 'escaped' },
    } as Mark;
    const [figures] = chanceFigures([armbar], 'a');
    expect(chanceWords(figures!)).toBe('1 opening, 1 tried, 1 locked, 0 finished');
    expect(conversionWords(figures!)).toBe('0 % (0–79 %)');
    const [missed] = chanceFigures(
      [{ kind: 'chance', id: 'c', atSeconds: 1, techniqueId: 'armbar', athlete: 'a' }],
      'a',
    );
    expect(conversionWords(missed!)).toBeUndefined();
  });
  it('say when there is too little', () => {
    expect(reactionWords(undefined, 0)).toBe('none taken: the stopwatch takes one');
    expect(reactionWords(undefined, 3)).toBe('3 answers: too few for figures, four are needed');
    const figures = {
      ...{ count: 4, unanswered: 0, medianIsOver: false },
      medianSeconds: 1.75,
      quartiles: [1.4, 2.3] as const,
      slowRatio: 0.5,
      passiveRatio: 0.25,
    };
    expect(nextMarkWords(figures)).toBe(
      'Their next mark after what the other began: 1.8 s in the middle of 4, as dense as the marks are.',
    );
    expect(reactionWords(figures, 4)).toBe('4, half within 1.8 s (middle half 1.4–2.3 s); slow 50 %, waited 25 %');
    expect(reactionWords({ ...figures, count: 10, unanswered: 6, medianIsOver: true }, 10)).toBe(
      '10, 6 never answered; slow 50 %, waited 25 %',
    );
  });
  it('tell a third of a round, and homework', () => {
    const third = {
      startSeconds: 0,
      endSeconds: 60,
      liveSeconds: 60,
      errors: { a: 3, b: 1 },
      attempts: { a: 0, b: 2 },
    };
    expect(thirdWords({ ...third, meanTide: -2 }, names)).toBe(
      'Marek clearly better placed; errors 3 : 1, attempts 0 : 2',
    );
    expect(thirdWords(third, names)).toContain('nothing live');
    const check = { count: 0, exposure: 1.5, unit: 'minutes' as const };
    expect(homeworkWords({ ...check, shows: 'kept' }, 2)).toBe(
      'It shows: not once in 1:30 in the position; twice then.',
    );
    expect(homeworkWords({ ...check, count: 1, shows: 'again' }, 0)).toBe('Again: once in 1:30 in the position.');
    expect(homeworkWords({ ...check, shows: 'not-tested' }, 1)).toContain('did not put it to the test');
  });
});
