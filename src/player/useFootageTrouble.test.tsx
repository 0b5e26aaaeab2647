import { act, cleanup, renderHook } from '@testing-library/react';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { troubleOf, useFootageTrouble } from './useFootageTrouble';

describe('a video without a picture', () => {
  it('is told apart from one that has none yet, and from one that did not come', () => {
    const video = { readyState: 4, videoWidth: 1280, failed: false };
    expect(troubleOf(video, undefined)).toBeUndefined();
    // Loading under load: the length is known, no picture decoded yet.
    expect(troubleOf({ ...video, readyState: 1, videoWidth: 0 }, undefined)).toBeUndefined();
    expect(troubleOf({ ...video, videoWidth: 0 }, undefined)).toBe('cannot-show');
    expect(troubleOf({ ...video, failed: true }, true)).toBe('cannot-show');
    expect(troubleOf({ ...video, failed: true }, false)).toBe('does-not-come');
  });
});

describe('watching the video', () => {
  const fetched = vi.fn();
  beforeEach(() => {
    vi.useFakeTimers();
    vi.stubGlobal('fetch', fetched);
  });
  afterEach(() => {
    cleanup();
    vi.useRealTimers();
    vi.unstubAllGlobals();
  });
  const later = (ms: number) => act(() => vi.advanceTimersByTimeAsync(ms));

  it('asks again by itself while the file does not come, and is content when it shows', async () => {
    const load = vi.fn();
    const element = { error: { code: 4 } as unknown, readyState: 0, videoWidth: 0, load };
    fetched.mockResolvedValue({ ok: false });
    const video = { current: element as unknown as HTMLVideoElement };
    const { result } = renderHook(() => useFootageTrouble(video, '/film'));
    await later(0);
    expect(result.current.trouble).toBe('does-not-come');
    await later(4500);
    expect(load).toHaveBeenCalledTimes(2);
    Object.assign(element, { error: null, readyState: 4, videoWidth: 640 });
    act(() => result.current.look());
    expect(result.current.trouble).toBeUndefined();
    await later(10_000);
    expect(load).toHaveBeenCalledTimes(2);
  });
  it('says that the browser cannot show it only when it came and failed twice', async () => {
    const element = { error: { code: 4 }, readyState: 0, videoWidth: 0, load: vi.fn() };
    fetched.mockResolvedValue({ ok: true });
    const video = { current: element as unknown as HTMLVideoElement };
    const { result } = renderHook(() => useFootageTrouble(video, '/film'));
    await later(0);
    expect(result.current.trouble).toBe('does-not-come');
    act(() => result.current.look());
    await later(0);
    expect(result.current.trouble).toBe('cannot-show');
  });
});
