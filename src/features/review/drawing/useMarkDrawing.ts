'use client';

import { useMemo, useState, useSyncExternalStore } from 'react';
import type { PicturePoint, Stroke, StrokeKind } from '@/core/drawing';
import type { Mark, RoundReading } from '@/core/round';
import { drawingTools } from '@/player/drawing/drawingTools';
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
  const [tool, setTool] = useState<StrokeKind | undefined>('arrow');
  const [chosen, setChosen] = useState<number>();
  const [labelAt, setLabelAt] = useState<PicturePoint>();
  const open = openId === undefined ? undefined : marks.state.held.get(openId)?.mark;
  const drawn = useMemo(() => reading.marks.filter((mark) => mark.drawing), [reading]);
  // Which mark it is changes seldom, the moment with every picture: only the first makes the page render.
  const readShown = () => drawnAt(drawn, playhead.now(), playhead.playing)?.id;
  const shownId = useSyncExternalStore(playhead.subscribe, readShown, readShown);
  const shown = open ?? drawn.find((mark) => mark.id === shownId);

  const close = () => {
    setOpenId(undefined);
    setChosen(undefined);
    setLabelAt(undefined);
  };
  const change = (strokes: readonly Stroke[]) => open && marks.replace(open, withDrawing(open, strokes));
  const strokes = open?.drawing ?? [];
  return {
    /** The mark that is drawn on. */
    open,
    strokes: shown?.drawing ?? [],
    ...{ tool, chosen, labelAt, close },
    toggle: () => {
      if (open) return close();
      if (!selected) return say('Choose a mark first, with ↑ and ↓: what you draw is kept with it.');
      playhead.pause();
      playhead.seek(selected.atSeconds);
      setOpenId(selected.id);
      say(undefined);
    },
    choose: setChosen,
    take: (next: StrokeKind | undefined) => {
      setTool(next);
      setChosen(undefined);
      setLabelAt(undefined);
    },
    takeByKey: (key: string) => setTool(drawingTools[Number(key) - 1]?.kind),
    add: (stroke: Stroke) => change([...strokes, stroke]),
    askLabel: setLabelAt,
    addLabel: (text: string) => {
      if (labelAt && text.trim()) change([...strokes, { kind: 'label', at: labelAt, text: text.trim() }]);
      setLabelAt(undefined);
    },
    move: (index: number, moved: Stroke) => change(strokes.map((stroke, at) => (at === index ? moved : stroke))),
    /** Takes the chosen stroke away, or the last one. */
    remove: () => {
      const at = chosen ?? strokes.length - 1;
      change(strokes.filter((_, index) => index !== at));
      setChosen(undefined);
    },
  };
}
export type MarkDrawing = ReturnType<typeof useMarkDrawing>;
