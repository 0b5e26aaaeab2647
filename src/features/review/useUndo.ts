'use client';

import { useCallback, useRef } from 'react';

/** A step that is no change of marks: a clock, a picture. */
export interface OtherStep {
  readonly undo: () => void;
  readonly redo: () => void;
}

interface MarksHistory {
  readonly state: { readonly undo: readonly unknown[]; readonly redo: readonly unknown[] };
  readonly undo: () => void;
  readonly redo: () => void;
}

interface Placed {
  readonly step: OtherStep;
  /** How many steps of the marks stood before it. */
  readonly after: number;
}

/** One undo and redo over everything on the desk, in the order in which it was done: marks have steps of their own, the others are put between them. */
export function useUndo(marks: MarksHistory) {
  const latest = useRef(marks);
  latest.current = marks;
  const done = useRef<Placed[]>([]);
  const undone = useRef<Placed[]>([]);

  /** Puts a step on the list; what is given back takes it off again, for a step that the server refused. */
  const record = useCallback((step: OtherStep) => {
    const placed = { step, after: latest.current.state.undo.length };
    done.current.push(placed);
    undone.current = [];
    return () => {
      done.current = done.current.filter((one) => one !== placed);
    };
  }, []);
  const undo = useCallback(() => {
    const last = done.current.at(-1);
    if (!last || last.after < latest.current.state.undo.length) return latest.current.undo();
    done.current.pop();
    undone.current.push(last);
    last.step.undo();
  }, []);
  const redo = useCallback(() => {
    const { state } = latest.current;
    const next = undone.current.at(-1);
    // A new mark since then has made another future.
    if (next && next.after < state.undo.length && state.redo.length === 0) undone.current = [];
    if (!next || next.after !== state.undo.length) return latest.current.redo();
    undone.current.pop();
    done.current.push(next);
    next.step.redo();
  }, []);
  return { record, undo, redo };
}
export type RecordStep = Undo['record'];
export type Undo = ReturnType<typeof useUndo>;
