'use client';

import { useMemo, useRef, useState } from 'react';
import type { FrameRate, Span } from '@/core/clock';
import { type Looking, useFootageSource } from '@/player/useFootageSource';
import { usePlayhead } from '@/player/usePlayhead';
import { wholePicture } from '@/player/zoom';
import { windowWith, zoomWindow } from './stripView';

/** The film that rounds are cut out of: its picture, its playhead, and the part of it that the strip shows. */
export function useCutFilm(
  footage: {
    readonly id: string;
    readonly durationSeconds: number;
    readonly frameRate: FrameRate;
    readonly looking: Looking;
  },
  firstSeconds: number,
) {
  const { durationSeconds } = footage;
  const video = useRef<HTMLVideoElement>(null);
  const source = useFootageSource(footage);
  const whole = useMemo(() => ({ startSeconds: 0, endSeconds: durationSeconds }), [durationSeconds]);
  const playhead = usePlayhead(video, {
    hasVideo: source.address !== undefined,
    rate: source.frameRate,
    span: whole,
    firstSeconds,
  });
  const [zoom, setZoom] = useState(wholePicture);
  const [window, setWindow] = useState<Span>(whole);
  const goTo = (at: number) => {
    playhead.seek(at);
    setWindow((now) => windowWith(now, at, durationSeconds));
  };
  const zoomStrip = (factor: number, held: number) =>
    setWindow((now) => zoomWindow(now, factor, held, durationSeconds));
  return { video, source, playhead, zoom, setZoom, window, goTo, zoomStrip };
}
