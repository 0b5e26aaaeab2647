import { describe, expect, it } from 'vitest';
import type { RecurringError } from '@/core/patterns';
import { errors, findError } from '@/core/vocabulary';
import { exactWords, exposureWords, frequencySentence, tideFigure, trendWords } from './studentView';

const half = findError('err-half-flat')!;
const found = (patch: Partial<RecurringError>): RecurringError => ({
  errorId: half.id,
  count: 5,
  exposure: 20,
  unit: 'minutes',
  rate: 0.25,
  interval: { low: 0.081, high: 0.583 },
  punishedShare: 0.8,
  status: 'recurring',
  symptom: false,
  occurrences: [],
  byDay: [],
  priority: 1,
  factors: {} as RecurringError['factors'],
  ...patch,
});

describe('the almanac’s sentences', () => {
  it('say how often in words a coach would use', () => {
    expect(frequencySentence(half, found({}))).toBe('about once every 4 minutes of half guard below, mostly punished');
    expect(frequencySentence(half, found({ exposure: 2.5, rate: 2, punishedShare: 0 }))).toBe(
      'about 2.0 times a minute of half guard below, not punished so far',
    );
    expect(frequencySentence(half, found({ exposure: 0, rate: undefined, interval: undefined }))).toContain(
      'once its positions are marked',
    );
    const pass = findError('err-chest-before-hips')!;
    expect(
      frequencySentence(pass, found({ unit: 'times', count: 3, exposure: 10, rate: 0.3, punishedShare: undefined })),
    ).toBe('in about 3 of 10 own passes');
  });

  it('give the exact figures one step deeper', () => {
    expect(exactWords(half, found({}))).toContain(
      '5 in 20.00 minutes of half guard below: 0.25 per minute of half guard below, between 0.08 and 0.58',
    );
  });

  it('name what each error of the catalogue is counted against', () => {
    for (const error of errors)
      for (const plural of [true, false]) expect(exposureWords(error, plural)).toMatch(/^[a-zA-Z0-9 ’',.-]+$/);
    expect(exposureWords(findError('err-retention-given-up')!, false)).toBe('pass faced');
  });

  it('claim a trend only when it is sure', () => {
    expect(trendWords(found({ trend: { ratio: 0.4, interval: { low: 0.1, high: 1.4 }, p: 0.2 } }))).toBe(
      'no clear change',
    );
    expect(trendWords(found({ trend: { ratio: 0.2, interval: { low: 0.05, high: 0.7 }, p: 0.01 } }))).toBe(
      'less often than before',
    );
    expect(trendWords(found({ trend: undefined }))).toContain('not sure yet');
    expect(tideFigure(-0.42)).toBe('−0.4');
  });
});
