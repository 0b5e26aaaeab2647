import { describe, expect, it } from 'vitest';
import { type Change, certaintyOf, chooseWorkOn, listChanged, type RecurringError } from './index';

const noChange: Change = { kind: 'same', chances: { same: 1, less: 0, gone: 0, more: 0, back: 0 } };
const gone = (chance: number): Change => ({
  kind: 'gone',
  chances: { ...noChange.chances, same: 1 - chance, gone: chance },
  at: 3,
});
const error = (errorId: string, patch: Partial<RecurringError> = {}): RecurringError => ({
  ...{
    errorId,
    count: 3,
    exposure: 10,
    unit: 'minutes',
    basis: 'own',
    status: 'recurring',
    change: noChange,
    lacking: 0,
  },
  ...{ symptom: false, occurrences: [], history: [], doses: [], priority: 1, factors: {} as RecurringError['factors'] },
  ...patch,
});
const ids = (errors: readonly RecurringError[]) => errors.map((one) => one.errorId);

describe('what to work on now', () => {
  it('is three first causes that are still there, most worth it first', () => {
    const errors = [
      error('worst'),
      error('symptom', { symptom: true }),
      error('gone', { status: 'gone' }),
      error('too little', { status: 'too-little-footage' }),
      error('handed over', { priority: 0 }),
      error('second'),
      error('third'),
      error('fourth'),
    ];
    expect(ids(chooseWorkOn(errors))).toEqual(['worst', 'second', 'third']);
  });
  it('puts what was seen once after what was seen more often, and says something from the first round on', () => {
    expect(ids(chooseWorkOn([error('first', { status: 'too-little-footage' })]))).toEqual(['first']);
    expect(ids(chooseWorkOn([error('once', { count: 1, priority: 9 }), error('twice', { count: 2 })]))).toEqual([
      'twice',
      'once',
    ]);
    expect(chooseWorkOn([])).toEqual([]);
  });
});

describe('what has changed', () => {
  it('is said from 0.7 on, without “probably” from 0.9 on, the surest first, then what is new', () => {
    const errors = [
      error('maybe', { change: gone(0.6) }),
      error('probably', { change: gone(0.75) }),
      error('new', { status: 'new' }),
      error('surely', { change: gone(0.95) }),
    ];
    expect(ids(listChanged(errors))).toEqual(['surely', 'probably', 'new']);
    expect(errors.map(certaintyOf)).toEqual([undefined, 'probable', undefined, 'sure']);
  });
  it('of what is said as sure at most a tenth can be expected to be false, whatever stands on a page', () => {
    const errors = Array.from({ length: 200 }, (_, at) => error(`e${at}`, { change: gone(0.5 + at / 400) }));
    const sure = listChanged(errors).filter((one) => certaintyOf(one) === 'sure');
    const expectedFalse = sure.reduce((sum, one) => sum + 1 - one.change.chances.gone, 0);
    expect(sure.length).toBeGreaterThan(20);
    expect(expectedFalse / sure.length).toBeLessThanOrEqual(0.1);
  });
});
