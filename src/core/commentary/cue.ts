/** A stretch of speech with its time, counted from the start of the commentary. */
export interface Cue {
  readonly startSeconds: number;
  readonly endSeconds: number;
  readonly text: string;
  /** A short line under a time of its own: what it says ends with it. */
  readonly isLine?: true;
  /** Line of the file, from 1. */
  readonly line: number;
}
