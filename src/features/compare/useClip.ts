'use client';

import { useMemo, useRef, useState } from 'react';
import type { FrameRate, Span } from '@/core/clock';
import { type Looking, useFootageSource } from '@/player/useFootageSource';
import { usePlayhead } from '@/player/usePlayhead';
import { wholePicture } from '@/player/zoom';

/** A piece of footage that can be laid beside another. */
export interface Piece extends Span {
  readonly key: string;
  readonly kind: 'round' | 'clip';
  readonly roundId?: string;
  readonly personIds: readonly string[];
  readonly title: string;
  readonly conceptId?: string;
  readonly footage: { readonly id: string; readonly frameRate: FrameRate; readonly looking: Looking };
}

/** One of the two clips: its picture, its playhead, how close it is looked at. */
export function useClip(piece: Piece, firstSeconds: number) {
  const video = useRef<HTMLVideoElement>(null);
  const source = useFootageSource(piece.footage);
  const span = useMemo(
    () => ({ startSeconds: piece.startSeconds, endSeconds: piece.endSeconds }),
    [piece.startSeconds, piece.endSeconds],
  );
  const playhead = usePlayhead(video, {
    hasVideo: source.address !== undefined,
    rate: source.frameRate,
    span,
    firstSeconds,
  });
  const [zoom, setZoom] = useState(wholePicture);
  return { piece, video, source, span, playhead, zoom, setZoom };
}
export type Clip = ReturnType<typeof useClip>;
