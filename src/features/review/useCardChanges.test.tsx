import { act, renderHook } from '@testing-library/react';
import { expect, it } from 'vitest';
import { useCardChanges } from './useCardChanges';

const isAskedBeforeLeaving = () => {
  const leaving = new Event('beforeunload', { cancelable: true });
  window.dispatchEvent(leaving);
  return leaving.defaultPrevented;
};

it('runs changes in the order in which they were asked for, and asks before the page is left until all are over', async () => {
  const { result } = renderHook(() => useCardChanges());
  const done: string[] = [];
  let end = (): void => undefined;
  const first = new Promise<void>((resolve) => {
    end = resolve;
  });
  const ask = (name: string, until: Promise<void>) => result.current.oneByOne(() => until.then(() => done.push(name)));
  let second: Promise<number> | undefined;
  act(() => {
    void ask('first', first);
    second = ask('second', Promise.resolve());
  });
  expect(result.current.isKeeping).toBe(true);
  expect(isAskedBeforeLeaving()).toBe(true);
  expect(done).toEqual([]);
  await act(async () => {
    end();
    await second;
  });
  expect(done).toEqual(['first', 'second']);
  expect(result.current.isKeeping).toBe(false);
  expect(isAskedBeforeLeaving()).toBe(false);
});

it('goes on after a change that failed', async () => {
  const { result } = renderHook(() => useCardChanges());
  await act(async () => {
    await expect(result.current.oneByOne(() => Promise.reject(new Error('away')))).rejects.toThrow('away');
  });
  await act(async () => {
    await expect(result.current.oneByOne(async () => 'kept')).resolves.toBe('kept');
  });
  expect(result.current.isKeeping).toBe(false);
});
