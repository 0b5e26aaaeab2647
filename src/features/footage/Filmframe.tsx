'use client';

import type { Filmstrip } from './footageView';
import { frameOfStrip } from './footageView';

export interface FilmframeProps {
  readonly footageId: string;
  readonly strip: Filmstrip;
  readonly atSeconds: number;
  /** Width of the picture on the page; its own width when absent. */
  readonly width?: number;
}

/** One small picture out of the filmstrip. */
export function Filmframe({ footageId, strip, atSeconds, width = strip.width }: FilmframeProps) {
  const { column, row } = frameOfStrip(strip, atSeconds);
  const scale = width / strip.width;
  return (
    <div
      style={{
        width,
        height: Math.round(strip.height * scale),
        backgroundImage: `url(/api/footage/${footageId}/filmstrip)`,
        backgroundPosition: `${-column * width}px ${-row * strip.height * scale}px`,
        backgroundSize: `${strip.columns * width}px auto`,
        backgroundColor: '#101412',
      }}
    />
  );
}
