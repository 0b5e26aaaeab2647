'use client';

import { useRef, useState } from 'react';
import { type UploadHandle, uploadFile } from './uploadFile';

export interface Upload {
  readonly key: number;
  readonly name: string;
  readonly totalBytes: number;
  readonly sentBytes: number;
  readonly secondsLeft?: number;
  readonly state: 'sending' | 'checking' | 'done' | 'failed';
  readonly message?: string;
  readonly footageId?: string;
}

/** The uploads of this page, one after the other, and what can be done with them. */
export function useUploads(onStored: () => void) {
  const [uploads, setUploads] = useState<readonly Upload[]>([]);
  const handles = useRef(new Map<number, UploadHandle>());
  const nextKey = useRef(1);
  const change = (key: number, patch: Partial<Upload>) =>
    setUploads((all) => all.map((one) => (one.key === key ? { ...one, ...patch } : one)));

  const add = (files: readonly File[]) => {
    for (const file of files) {
      const key = nextKey.current++;
      setUploads((all) => [...all, { key, name: file.name, totalBytes: file.size, sentBytes: 0, state: 'sending' }]);
      const handle = uploadFile(file, (event) => {
        if (event.kind === 'progress') change(key, { sentBytes: event.sentBytes, secondsLeft: event.secondsLeft });
        else if (event.kind === 'checking') change(key, { state: 'checking', sentBytes: file.size });
        else if (event.kind === 'failed') change(key, { state: 'failed', message: event.message });
        else {
          const message = event.already ? 'This very file was here already; nothing was stored twice.' : 'Stored.';
          change(key, { state: 'done', footageId: event.footageId, message });
          onStored();
        }
      });
      handles.current.set(key, handle);
    }
  };
  const remove = (key: number) => {
    handles.current.get(key)?.cancel();
    setUploads((all) => all.filter((one) => one.key !== key));
  };
  return { uploads, add, remove };
}
