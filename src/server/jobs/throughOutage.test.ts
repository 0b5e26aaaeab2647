import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { isOutage } from '@/data/outage';
import { throughOutage } from './throughOutage';

const error = (code: string, message = 'x') => Object.assign(new Error(message), { code });

describe('an outage of the database', () => {
  beforeEach(() => void vi.useFakeTimers());
  afterEach(() => void vi.useRealTimers());

  it('is told apart from a statement that is wrong', () => {
    for (const one of [
      error('57P01', 'terminating connection due to administrator command'),
      error('57P03', 'the database system is starting up'),
      error('08006'),
      error('53300', 'too many connections'),
      error('ECONNREFUSED'),
      new Error('Connection terminated unexpectedly'),
    ])
      expect(isOutage(one), one.message).toBe(true);
    for (const one of [error('22021'), error('23505'), error('42P01'), new Error('anything'), 'text', undefined])
      expect(isOutage(one)).toBe(false);
  });

  it('is waited for: what is done is recorded when it is over', async () => {
    let left = 6;
    const statement = vi.fn(async () => {
      if (left-- > 0) throw error('ECONNREFUSED');
      return 'recorded';
    });
    const answer = throughOutage(statement);
    await vi.advanceTimersByTimeAsync(60_000);
    expect(await answer).toBe('recorded');
    expect(statement).toHaveBeenCalledTimes(7);
  });

  it('ends the waiting some time, and a wrong statement at once', async () => {
    const never = throughOutage(async () => {
      throw error('ECONNREFUSED');
    });
    const ended = expect(never).rejects.toThrow();
    await vi.advanceTimersByTimeAsync(20 * 60_000);
    await ended;
    await expect(
      throughOutage(async () => {
        throw error('23505');
      }),
    ).rejects.toMatchObject({ code: '23505' });
  });
});
