/** A step that is no change of marks: a clock, a picture, the end of the round. */
export interface OtherStep {
  readonly undo: () => void;
  readonly redo: () => void;
}

/** The steps of the marks, which have their own way back and forth. */
export interface MarkSteps {
  readonly done: () => number;
  readonly undone: () => number;
  readonly undo: () => void;
  readonly redo: () => void;
}

interface Placed {
  readonly step: OtherStep;
  /** How many steps of the marks stood before it. */
  readonly after: number;
}

/** One undo and redo over everything, in the order in which it was done: marks have steps of their own, the others are put between them. */
export function createUndo(marks: MarkSteps) {
  let done: Placed[] = [];
  let undone: Placed[] = [];
  return {
    /** Puts a step on the list; what is given back takes it off again, for a step that the server refused. */
    record: (step: OtherStep): (() => void) => {
      const placed = { step, after: marks.done() };
      done.push(placed);
      undone = [];
      return () => {
        done = done.filter((one) => one !== placed);
      };
    },
    undo: (): void => {
      const last = done.at(-1);
      if (last && last.after >= marks.done()) {
        done.pop();
        undone.push(last);
        last.step.undo();
      } else marks.undo();
    },
    redo: (): void => {
      const next = undone.at(-1);
      // A new mark since then has made another future.
      if (next && next.after < marks.done() && marks.undone() === 0) undone = [];
      if (next?.after === marks.done() && undone.length > 0) {
        undone.pop();
        done.push(next);
        next.step.redo();
      } else marks.redo();
    },
  };
}
export type Undo = ReturnType<typeof createUndo>;
export type RecordStep = Undo['record'];
