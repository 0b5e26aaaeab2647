'use client';

import { useEffect, useState } from 'react';
import { z } from 'zod';
import type { FrameRate } from '@/core/clock';

const rate = z.object({ numerator: z.number(), denominator: z.number() });
const looking = z.object({
  original: z.boolean(),
  copy: z.boolean(),
  copyFrameRate: rate.optional(),
  copyWanted: z.boolean(),
});
export type Looking = z.output<typeof looking>;

const progress = z.object({
  looking,
  work: z.array(
    z.object({
      kind: z.string(),
      state: z.string(),
      progress: z.number(),
      problem: z.object({ code: z.string() }).optional(),
    }),
  ),
});
type CopyWork = z.output<typeof progress>['work'][number];

const LOOK_AGAIN_MS = 1500;

export interface FootageSource {
  /** Undefined while there is nothing that a browser can show. */
  readonly address?: string;
  readonly shows: 'original' | 'copy' | 'nothing';
  readonly frameRate: FrameRate;
  /** The making of the copy, while it is looked up. */
  readonly copyWork?: CopyWork;
}

/** What to look at: the copy when there is one, the original at once where it can be shown; looks again until the wanted copy is there. */
export function useFootageSource(
  footage: { readonly id: string; readonly frameRate: FrameRate; readonly looking: Looking } | undefined,
): FootageSource {
  const [now, setNow] = useState(footage?.looking);
  const [copyWork, setCopyWork] = useState<CopyWork>();
  const waiting = now?.copyWanted && !now.copy;
  const id = footage?.id;

  useEffect(() => {
    if (!waiting || !id) return;
    const look = () =>
      void fetch(`/api/footage/${id}/progress`)
        .then((response) => (response.ok ? response.json() : undefined))
        .then((body) => {
          const news = progress.safeParse(body).data;
          if (!news) return;
          setNow(news.looking);
          setCopyWork(news.work.find((one) => one.kind === 'proxy'));
        })
        .catch(() => undefined);
    look();
    const timer = setInterval(look, LOOK_AGAIN_MS);
    return () => clearInterval(timer);
  }, [waiting, id]);

  if (!footage || !now) return { shows: 'nothing', frameRate: footage?.frameRate ?? { numerator: 25, denominator: 1 } };
  const address = `/api/footage/${footage.id}/file`;
  if (now.copy)
    return { shows: 'copy', address: `${address}?as=looking`, frameRate: now.copyFrameRate ?? footage.frameRate };
  if (now.original) return { shows: 'original', address, frameRate: footage.frameRate, copyWork };
  return { shows: 'nothing', frameRate: footage.frameRate, copyWork };
}
