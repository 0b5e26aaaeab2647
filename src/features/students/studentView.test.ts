import { describe, expect, it } from 'vitest';
import type { Change, RecurringError } from '@/core/patterns';
import { errors, findError } from '@/core/vocabulary';
import { exposureWords } from '@/terms/exposureWords';
import { beforeAndSince, changeWords, doneThen } from './changeView';
import { exactWords, frequencySentence, rateWords, tideFigure } from './studentView';

const half = findError('err-half-flat')!;
const noChange: Change = { kind: 'same', chances: { same: 1, less: 0, gone: 0, more: 0, back: 0 } };
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
  basis: 'own',
  change: noChange,
  lacking: 0,
  history: [],
  doses: [],
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
      '5 in 20 minutes of half guard below: 0.25 per minute of half guard below, between 0.08 and 0.58',
    );
  });

  it('name what each error of the catalogue is counted against', () => {
    for (const error of errors)
      for (const plural of [true, false]) expect(exposureWords(error, plural)).toMatch(/^[a-zA-Z0-9 ’',.-]+$/);
    expect(exposureWords(findError('err-retention-given-up')!, false)).toBe('pass faced');
  });

  it('never leave the interval: more than one an opportunity is said so', () => {
    const fall = findError('err-accepts-the-fall')!;
    expect(rateWords(fall, found({ unit: 'times', count: 3, exposure: 2, rate: 1.5 }))).toBe(
      'about 1.5 times a sweep faced',
    );
    expect(rateWords(half, found({ count: 0, rate: 0, exposure: 31 }))).toBe(
      'not once in 31 minutes of half guard below',
    );
    expect(exactWords(half, found({ count: 0, rate: 0, exposure: 30, interval: { low: 0, high: 0.1 } }))).toBe(
      '0 in 30 minutes of half guard below: at most 0.10 per minute of half guard below (95 %)',
    );
    expect(exactWords(half, found({ basis: 'live' }))).toContain('live minutes');
    expect(frequencySentence(half, found({ dispersion: 3 }))).toContain('in bad days');
  });

  const history = ['2026-08-05', '2026-08-12', '2026-09-09', '2026-09-12'].map((heldOn, at) => ({
    ...{ roundId: heldOn, heldOn, afterDose: false },
    ...{ count: at < 2 ? 3 : 0, exposure: at < 2 ? 5 : 20 },
  }));
  const gone = (chance: number): Change => ({
    ...noChange,
    kind: 'gone',
    chances: { ...noChange.chances, gone: chance },
    at: 2,
  });
  const lesson = { day: '2026-09-07', kind: 'class' as const, drillId: 'drill-half-guard-side', words: 'Monday class' };

  it('say what changed as surely as it is known, since when, and what was done then', () => {
    expect(changeWords(found({ change: gone(0.95), history }))).toBe('gone since about Wed 9 Sep');
    expect(changeWords(found({ change: gone(0.8), history }))).toBe('probably gone since about Wed 9 Sep');
    expect(changeWords(found({ change: gone(0.6), history }))).toBe('no change that could be told');
    expect(changeWords(found({ history, doses: [lesson] }))).toBe(
      'no change that could be told since the class of Mon 7 Sep',
    );
    expect(changeWords(found({ status: 'new' }))).toContain('new');
    expect(changeWords(found({ status: 'too-little-footage' }))).toBe('too little footage to say more');
    expect(changeWords(found({ status: 'too-little-footage', lacking: 3.2 }))).toBe(
      'too little footage to say more: about 4 more minutes of half guard below would tell',
    );
    expect(exactWords(half, found({ count: 2, exposure: 0.33, rate: 6 }))).toContain('2 in 0.33 minutes');
    expect(beforeAndSince(half, found({ change: gone(0.95), history }))).toBe(
      '6 times in 10 minutes of half guard below before, not once in 40 since',
    );
    expect(doneThen(found({ change: gone(0.95), history, doses: [lesson] }))).toBe(lesson);
    expect(doneThen(found({ change: gone(0.95), history, doses: [{ ...lesson, day: '2026-08-06' }] }))).toBeUndefined();
    expect(tideFigure(-0.42)).toBe('−0.4');
  });
});
