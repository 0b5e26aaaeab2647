'use client';

import { useEffect, useMemo, useRef } from 'react';
import { styled } from 'styled-components';
import type { Span } from '@/core/clock';
import { color, size } from '@/ui/tokens/tokens';
import { columnsOf } from './stripView';

export interface Signals {
  readonly loudness: Uint8Array;
  readonly loudnessPerSecond: number;
  readonly motion: Uint8Array;
  readonly motionPerSecond: number;
}

const HEIGHT = 56;
const Box = styled.div`
  position: relative; height: ${HEIGHT}px; border-top: 1px solid ${color.rule};
  canvas { width: 100%; height: 100%; display: block; }
  span { position: absolute; left: 4px; font-size: ${size.small}; color: ${color.quiet}; line-height: 1; pointer-events: none; background: ${color.sunken}; padding: 0 3px; }
`;

/** What moves more than 98 of 100 steps of this file do fills the curve: it is for seeing rests, not for measuring. */
function livelyValue(values: Uint8Array): number {
  const sorted = Uint8Array.from(values).sort();
  return Math.max(8, sorted[Math.floor(sorted.length * 0.98)] ?? 0);
}

/** Loudness standing above the middle line, movement hanging below it. */
export function Curves({
  signals,
  window,
  width,
}: {
  readonly signals: Signals;
  readonly window: Span;
  readonly width: number;
}) {
  const canvas = useRef<HTMLCanvasElement>(null);
  const lively = useMemo(() => livelyValue(signals.motion), [signals.motion]);
  useEffect(() => {
    const context = canvas.current?.getContext('2d');
    if (!canvas.current || !context || width === 0) return;
    const dense = globalThis.devicePixelRatio || 1;
    canvas.current.width = width * dense;
    canvas.current.height = HEIGHT * dense;
    context.scale(dense, dense);
    const style = getComputedStyle(canvas.current);
    const moved = columnsOf(signals.motion, signals.motionPerSecond, window, width, lively);
    const heard = columnsOf(signals.loudness, signals.loudnessPerSecond, window, width, 255);
    const middle = HEIGHT / 2;
    context.fillStyle = style.getPropertyValue('--slate');
    for (const [x, share] of heard.entries())
      context.fillRect(x, middle - share * (middle - 2), 1, share * (middle - 2));
    context.fillStyle = style.getPropertyValue('--moss');
    for (const [x, share] of moved.entries()) context.fillRect(x, middle + 1, 1, share * (middle - 2));
  }, [signals, window, width, lively]);
  return (
    <Box>
      <canvas ref={canvas} aria-label="Loudness above the line, movement below it" role="img" />
      <span style={{ top: 3 }}>loudness</span>
      <span style={{ bottom: 3 }}>movement</span>
    </Box>
  );
}
