import { act, cleanup, renderHook } from '@testing-library/react';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { newPiece } from '@/core/reel';
import { useReelEditing } from './useReelEditing';

const sent = vi.hoisted(() => ({ saved: [] as unknown[][], answer: { ok: true, version: 2 } as unknown }));
vi.mock('next/navigation', () => ({ useRouter: () => ({ refresh: () => undefined, push: () => undefined }) }));
vi.mock('@/server/reels/reelActions', () => ({
  saveReel: async (...args: unknown[]) => {
    sent.saved.push(args);
    if (sent.answer === 'away') throw new Error('away');
    return sent.answer;
  },
}));
beforeEach(() => {
  vi.useFakeTimers();
  Object.assign(sent, { saved: [], answer: { ok: true, version: 2 } });
});
afterEach(() => {
  cleanup();
  vi.useRealTimers();
});
const pieces = ['x', 'y'].map((id) => newPiece({ id, roundId: 'r', atSeconds: 20 }));
const open = () =>
  renderHook(() => useReelEditing('reel', { name: 'Elbows', version: 1, content: { pieces, isRanked: false } }));
const wait = () => act(() => vi.advanceTimersByTimeAsync(1000));

describe('a reel while it is changed', () => {
  it('is kept by itself after the last of several changes, and each can be taken back', async () => {
    const { result } = open();
    await wait();
    expect(sent.saved).toEqual([]);
    act(() => result.current.edit({ edit: 'drop', at: 0 }));
    act(() => result.current.rename('Knees'));
    expect(result.current.keeping).toBe('changed');
    await wait();
    expect(sent.saved).toHaveLength(1);
    expect(sent.saved[0]).toMatchObject([
      { name: 'Knees', content: { pieces: [{ id: 'y' }] } },
      { id: 'reel', version: 1 },
    ]);
    expect(result.current.keeping).toBe('kept');
    act(() => result.current.undo());
    act(() => result.current.undo());
    expect(result.current).toMatchObject({ name: 'Elbows', canUndo: false });
    act(() => result.current.redo());
    expect(result.current.content.pieces).toHaveLength(1);
    await wait();
    expect(sent.saved[1]).toMatchObject([{ name: 'Elbows' }, { version: 2 }]);
  });
  it('overwrites nothing that somebody else changed, and goes on when the server was away', async () => {
    sent.answer = 'away';
    const { result } = open();
    act(() => result.current.edit({ edit: 'drop', at: 0 }));
    await wait();
    expect(result.current.keeping).toBe('away');
    sent.answer = { ok: false, messages: { conflict: 'Another coach changed this reel meanwhile.' } };
    act(() => result.current.rename('Knees'));
    await wait();
    expect(result.current.keeping).toBe('conflict');
    act(() => result.current.rename('Hips'));
    await wait();
    expect(sent.saved).toHaveLength(2);
  });
  it('does nothing for an edit that changes nothing', async () => {
    const { result } = open();
    act(() => result.current.edit({ edit: 'move', at: 0, by: -1 }));
    await wait();
    expect(sent.saved).toEqual([]);
    expect(result.current.canUndo).toBe(false);
  });
});
