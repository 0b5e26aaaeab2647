'use client';

import { useState } from 'react';
import type { PicturePoint, Stroke, StrokeKind } from '@/core/drawing';
import { drawingTools } from './drawingTools';

/** Tools to draw with, and what they do with the strokes of a picture. `change` is told of the strokes after each step. */
export function useDrawingTools(strokes: readonly Stroke[], change: (strokes: readonly Stroke[]) => void) {
  const [tool, setTool] = useState<StrokeKind | undefined>('arrow');
  const [chosen, setChosen] = useState<number>();
  const [labelAt, setLabelAt] = useState<PicturePoint>();
  return {
    ...{ tool, chosen, labelAt },
    /** Nothing is chosen, and no words are asked for. */
    rest: () => {
      setChosen(undefined);
      setLabelAt(undefined);
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

/** A picture that is drawn on: its strokes, and the tools while they are out. */
export interface DrawnOn extends Omit<ReturnType<typeof useDrawingTools>, 'rest' | 'takeByKey'> {
  readonly isOpen: boolean;
  readonly strokes: readonly Stroke[];
  readonly close: () => void;
}
