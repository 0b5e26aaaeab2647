'use client';

import { useState } from 'react';
import { drawingOf, type ReelEdit, type SavedPiece } from '@/core/reel';
import { type DrawnOn, useDrawingTools } from '@/player/drawing/useDrawingTools';
import type { Playhead } from '@/player/usePlayhead';
import type { ReelPiece } from './reelPiece';

/** A picture that stands still is near enough to where the film stands. */
const NEAR_SECONDS = 0.05;

export interface FreezeDrawingProps {
  readonly piece: ReelPiece | undefined;
  readonly saved: SavedPiece | undefined;
  readonly at: number;
  readonly playhead: Playhead | undefined;
  readonly edit: (edit: ReelEdit) => void;
  readonly pause: () => void;
}

/** Drawing on a picture of a reel: where it stands still, or stands still from now on. What is drawn belongs to the reel and leaves the mark as it is. */
export function useFreezeDrawing({ piece, saved, at, playhead, edit, pause }: FreezeDrawingProps) {
  const [open, setOpen] = useState<{ readonly pieceId: string; readonly fromMoment: number }>();
  const isHere = open !== undefined && open.pieceId === saved?.id;
  const freeze = isHere
    ? (saved?.freezes.findIndex((one) => Math.abs(one.fromMoment - open.fromMoment) < NEAR_SECONDS) ?? -1)
    : -1;
  const stop = saved?.freezes[freeze];
  const strokes = stop ? drawingOf(stop, piece?.drawing ?? []) : [];
  const {
    rest,
    takeByKey: _byKey,
    ...tools
  } = useDrawingTools(strokes, (drawing) => {
    if (stop) edit({ edit: 'draw', at, freeze, drawing });
  });
  const close = () => {
    setOpen(undefined);
    rest();
  };
  const on: DrawnOn = { ...tools, strokes, close, isOpen: stop !== undefined };
  return {
    on,
    toggle: () => {
      if (stop) return close();
      if (!saved || !playhead) return;
      pause();
      const here = playhead.now() - saved.atSeconds;
      const known = saved.freezes.find((one) => Math.abs(one.fromMoment - here) < NEAR_SECONDS);
      if (!known) edit({ edit: 'stop-here', at, seconds: playhead.now() });
      setOpen({ pieceId: saved.id, fromMoment: known?.fromMoment ?? here });
    },
  };
}
