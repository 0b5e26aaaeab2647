import { act, cleanup, renderHook } from '@testing-library/react';
import { afterEach, describe, expect, it, vi } from 'vitest';
import type { UploadEvent } from './uploadFile';
import { useUploads } from './useUploads';

let tell: (event: UploadEvent) => void;
const resume = vi.fn();
vi.mock('./uploadFile', () => ({
  uploadFile: (_file: File, hear: (event: UploadEvent) => void) => {
    tell = hear;
    return { pause: () => undefined, resume, cancel: () => undefined };
  },
}));
afterEach(() => {
  cleanup();
  resume.mockClear();
});
const film = new File(['film'], 'round.mp4');

describe('an upload that did not go through', () => {
  it('goes on where it stopped after a full disk, and only can be dismissed where the file itself is the matter', () => {
    const { result } = renderHook(() => useUploads(() => undefined));
    act(() => result.current.add([film]));
    act(() => tell({ kind: 'failed', code: 'disk-full', details: { missingBytes: 5 * 1024 ** 2 } }));
    const [full] = result.current.uploads;
    expect(full).toMatchObject({ state: 'failed', canGoOn: true });
    expect(full?.message).toContain('5 MB are missing');
    act(() => result.current.resume(full!.key));
    expect(resume).toHaveBeenCalledOnce();
    expect(result.current.uploads[0]).toMatchObject({ state: 'sending' });
    act(() => tell({ kind: 'failed', code: 'too-large', details: { mostBytes: 1024 ** 3 } }));
    expect(result.current.uploads[0]).toMatchObject({ state: 'failed', canGoOn: false });
  });
});
