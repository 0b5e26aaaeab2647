import { act, renderHook } from '@testing-library/react';
import { afterEach, beforeEach, expect, it, vi } from 'vitest';
import { useToClosing } from './useToClosing';

const push = vi.fn();
vi.mock('next/navigation', () => ({ useRouter: () => router }));
const router = { push: (path: string) => push(path) };

const say = vi.fn();
type Marks = Parameters<typeof useToClosing>[0];
const marks = (waiting: number, state: Marks['keeping']['state']): Marks =>
  ({
    state: { pending: Array.from({ length: waiting }) },
    keeping: { state, onlyHere: false, ofOthers: 0 },
  }) as unknown as Marks;
const open = (first: Marks) => renderHook((now: Marks) => useToClosing(now, 'r', say), { initialProps: first });

beforeEach(() => vi.clearAllMocks());
afterEach(() => vi.restoreAllMocks());

it('goes to the closing once the last mark is kept', () => {
  const { result, rerender } = open(marks(1, 'sending'));
  act(() => result.current());
  expect(push).not.toHaveBeenCalled();
  rerender(marks(0, 'kept'));
  expect(push).toHaveBeenCalledExactlyOnceWith('/rounds/r/closing');
});

it('says that marks wait where they cannot be sent, and goes at the second try', () => {
  const { result } = open(marks(2, 'away'));
  act(() => result.current());
  expect(push).not.toHaveBeenCalled();
  expect(say).toHaveBeenCalledOnce();
  act(() => result.current());
  expect(push).toHaveBeenCalledOnce();
});

it('goes nowhere unasked', () => {
  const { rerender } = open(marks(1, 'sending'));
  rerender(marks(0, 'kept'));
  expect(push).not.toHaveBeenCalled();
});
