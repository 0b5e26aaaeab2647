'use client';

import { useRef, useState } from 'react';
import type { FrameRate, Span } from '@/core/clock';
import { type Looking, useFootageSource } from '@/player/useFootageSource';
import { usePlayhead } from '@/player/usePlayhead';
import { wholePicture } from '@/player/zoom';

/** The footage of a review and the moment that is looked at; a plain running clock where there is no footage. */
export function useDeskFilm(
  footage: { readonly id: string; readonly frameRate: FrameRate; readonly looking: Looking } | undefined,
  span: Span,
  firstSeconds: number,
  skippable: readonly Span[],
) {
  const video = useRef<HTMLVideoElement>(null);
  const source = useFootageSource(footage);
  const [zoom, setZoom] = useState(wholePicture);
  const filmed = source.address !== undefined;
  const playhead = usePlayhead(video, {
    hasVideo: filmed,
    rate: source.frameRate,
    span,
    firstSeconds,
    lulls: skippable,
  });
  return { video, source, filmed, rate: source.frameRate, zoom, setZoom, playhead };
}
