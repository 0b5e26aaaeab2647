'use client';

import { useMemo, useState, useSyncExternalStore } from 'react';
import type { Stroke } from '@/core/drawing';
import type { Mark, RoundReading } from '@/core/round';
import { useDrawingTools } from '@/player/drawing/useDrawingTools';
import type { Playhead } from '@/player/usePlayhead';
import type { useMarks } from '../useMarks';
import { drawnAt, withDrawing } from './drawingView';

/** Pointing on the still picture of a mark: what is drawn is kept with the mark, stroke by stroke, and shown when playback reaches it. */
export function useMarkDrawing(
  marks: ReturnType<typeof useMarks>,
  reading: RoundReading,
  selected: Mark | undefined,
  playhead: Playhead,
  say: (words: string | undefined) => void,
) {
  const [openId, setOpenId] = useState<string>();
  const open = openId === undefined ? undefined : marks.state.held.get(openId)?.mark;
  const drawn = useMemo(() => reading.marks.filter((mark) => mark.drawing), [reading]);
  // Which mark it is changes seldom, the moment with every picture: only the first makes the page render.
  const readShown = () => drawnAt(drawn, playhead.now(), playhead.playing)?.id;
  const shownId = useSyncExternalStore(playhead.subscribe, readShown, readShown);
  const shown = open ?? drawn.find((mark) => mark.id === shownId);
  const change = (strokes: readonly Stroke[]) => open && marks.replace(open, withDrawing(open, strokes));
  const { rest, ...tools } = useDrawingTools(open?.drawing ?? [], change);
  const close = () => {
    setOpenId(undefined);
    rest();
  };
  return {
    ...tools,
    /** The mark that is drawn on. */
    open,
    isOpen: open !== undefined,
    strokes: shown?.drawing ?? [],
    close,
    toggle: () => {
      if (open) return close();
      if (!selected) return say('Choose a mark first, with ↑ and ↓: what you draw is kept with it.');
      playhead.pause();
      playhead.seek(selected.atSeconds);
      setOpenId(selected.id);
      say(undefined);
    },
  };
}
export type MarkDrawing = ReturnType<typeof useMarkDrawing>;
