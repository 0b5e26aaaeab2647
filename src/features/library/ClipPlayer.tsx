'use client';

import dynamic from 'next/dynamic';
import { useEffect, useRef, useState } from 'react';
import { styled } from 'styled-components';
import type { Stroke, StrokeKind } from '@/core/drawing';
import type { ClipInput } from '@/server/language/clipInput';

// The drawing package needs a browser: the server only sends the frame.
const Drawing = dynamic(() => import('@/player/drawing/Drawing').then((module) => module.Drawing), { ssr: false });

const Frame = styled.div`
  position: relative; background: #0c0f0d; aspect-ratio: 16 / 9; overflow: hidden;
  video { width: 100%; height: 100%; display: block; object-fit: fill; }
  p { color: #d8d4c6; padding: 24px; text-align: center; }
`;

export interface ClipPlayerProps {
  readonly clip: Pick<ClipInput, 'footageId' | 'startSeconds' | 'endSeconds' | 'speed' | 'drawing'>;
  /** Set while something can be drawn: what a stroke becomes. */
  readonly tool?: StrokeKind;
  readonly onStroke?: (stroke: Stroke) => void;
}

/** A piece of footage that plays round and round at its own speed, with its drawing above. */
export function ClipPlayer({ clip, tool, onStroke }: ClipPlayerProps) {
  const video = useRef<HTMLVideoElement>(null);
  const [broken, setBroken] = useState(false);
  const { startSeconds, endSeconds, speed } = clip;
  useEffect(() => {
    const element = video.current;
    if (!element) return;
    element.playbackRate = speed;
    if (element.currentTime < startSeconds || element.currentTime > endSeconds) element.currentTime = startSeconds;
  }, [speed, startSeconds, endSeconds]);
  return (
    <Frame>
      {broken ? (
        <p>This footage cannot be shown here. The clip is kept.</p>
      ) : (
        <video
          ref={video}
          src={`/api/footage/${clip.footageId}/file#t=${startSeconds.toFixed(2)},${endSeconds.toFixed(2)}`}
          muted
          playsInline
          preload="metadata"
          onLoadedMetadata={(event) => {
            event.currentTarget.playbackRate = speed;
            event.currentTarget.currentTime = startSeconds;
          }}
          onTimeUpdate={(event) => {
            if (event.currentTarget.currentTime >= endSeconds) event.currentTarget.currentTime = startSeconds;
          }}
          onPause={(event) => {
            // The end of the fragment pauses the footage; going round is wanted.
            if (event.currentTarget.currentTime >= endSeconds - 0.05) {
              event.currentTarget.currentTime = startSeconds;
              void event.currentTarget.play().catch(() => undefined);
            }
          }}
          onClick={(event) => {
            const { currentTarget } = event;
            if (currentTarget.paused) void currentTarget.play().catch(() => undefined);
            else currentTarget.pause();
          }}
          onError={() => setBroken(true)}
        />
      )}
      {clip.drawing.length > 0 || tool ? <Drawing drawing={clip.drawing} tool={tool} onStroke={onStroke} /> : null}
    </Frame>
  );
}
