/** A marked moment that something can rest on. */
export interface Moment {
  readonly markId: string;
  readonly roundId: string;
  /** "2:13", of several rounds with whom. */
  readonly at: string;
  readonly mediaSeconds: number;
  /** What is marked there. */
  readonly words: string;
  readonly filmed: boolean;
}
export type Moments = Readonly<Record<string, Moment>>;

/** Where a moment is looked at, a breath before it. */
export const momentAddress = ({ roundId, mediaSeconds, markId }: Moment): string =>
  `/rounds/${roundId}?at=${Math.max(0, mediaSeconds - 1).toFixed(2)}&mark=${markId}`;
