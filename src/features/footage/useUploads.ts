'use client';

import { useCallback, useEffect, useRef, useState } from 'react';
import { createPace } from './pace';
import { canTryAgain, problemWords } from './problemWords';
import { type UploadEvent, type UploadHandle, uploadFile } from './uploadFile';

export interface Upload {
  readonly key: number;
  readonly name: string;
  readonly totalBytes: number;
  readonly sentBytes: number;
  readonly secondsLeft?: number;
  readonly state: 'beginning' | 'sending' | 'paused' | 'away' | 'sent' | 'here-already' | 'failed';
  readonly arrivalId?: string;
  readonly footageId?: string;
  readonly message?: string;
  /** It failed over something that passes, and the file is still at hand: it can go on where it stopped. */
  readonly canGoOn?: boolean;
}

const AT_ONCE = 2;

/** The uploads of this page, two at a time, and what can be done with them. */
export function useUploads(onSent: () => void) {
  const [uploads, setUploads] = useState<readonly Upload[]>([]);
  const handles = useRef(new Map<number, UploadHandle>());
  const waiting = useRef<{ readonly key: number; readonly file: File }[]>([]);
  const busy = useRef(new Set<number>());
  const nextKey = useRef(1);
  const change = useCallback(
    (key: number, patch: Partial<Upload>) =>
      setUploads((all) => all.map((one) => (one.key === key ? { ...one, ...patch } : one))),
    [],
  );

  const next = () => {
    while (busy.current.size < AT_ONCE) {
      const upcoming = waiting.current.shift();
      if (!upcoming) return;
      busy.current.add(upcoming.key);
      send(upcoming.key, upcoming.file);
    }
  };
  const settle = (key: number, patch: Partial<Upload>) => {
    busy.current.delete(key);
    change(key, patch);
    next();
  };
  const send = (key: number, file: File) => {
    const pace = createPace(file.size);
    const hear = (event: UploadEvent) => {
      switch (event.kind) {
        case 'begun':
          return change(key, { arrivalId: event.arrivalId, state: 'sending' });
        case 'progress':
          return change(key, {
            state: 'sending',
            sentBytes: event.sentBytes,
            secondsLeft: pace(event.sentBytes, performance.now()),
          });
        case 'waiting-for-connection':
          return change(key, { state: 'away', secondsLeft: undefined });
        case 'sent':
          settle(key, { state: 'sent', sentBytes: file.size });
          return onSent();
        case 'here-already':
          return settle(key, {
            state: 'here-already',
            footageId: event.footageId,
            message: `This very file is here already, as “${event.name}”. Nothing was sent.`,
          });
        case 'failed':
          return settle(key, {
            state: 'failed',
            message: problemWords(event.code, event.details),
            canGoOn: canTryAgain(event.code),
          });
      }
    };
    handles.current.set(key, uploadFile(file, hear));
  };

  const add = (files: readonly File[]) => {
    for (const file of files) {
      const key = nextKey.current++;
      setUploads((all) => [...all, { key, name: file.name, totalBytes: file.size, sentBytes: 0, state: 'beginning' }]);
      waiting.current.push({ key, file });
    }
    next();
  };
  const pause = (key: number) => {
    handles.current.get(key)?.pause();
    change(key, { state: 'paused', secondsLeft: undefined });
  };
  const resume = (key: number) => {
    busy.current.add(key);
    change(key, { state: 'sending' });
    handles.current.get(key)?.resume();
  };
  const remove = (key: number) => {
    const one = uploads.find((upload) => upload.key === key);
    if (one && ['beginning', 'sending', 'paused', 'away'].includes(one.state)) handles.current.get(key)?.cancel();
    waiting.current = waiting.current.filter((upload) => upload.key !== key);
    busy.current.delete(key);
    setUploads((all) => all.filter((upload) => upload.key !== key));
    next();
  };

  // Leaving in the middle loses nothing, but the sending stops: the browser asks.
  const sending = uploads.some((one) => ['beginning', 'sending', 'away'].includes(one.state));
  useEffect(() => {
    if (!sending) return;
    const ask = (event: BeforeUnloadEvent) => event.preventDefault();
    window.addEventListener('beforeunload', ask);
    return () => window.removeEventListener('beforeunload', ask);
  }, [sending]);

  return { uploads, add, pause, resume, remove };
}
