/** Seconds before a mark at which the footage opens, so that it is seen coming. */
const BEFORE_SECONDS = 3;

/** Where a mark is looked at: its round in Review, a moment before it, with the mark chosen. */
export const markAddress = (mark: {
  readonly roundId: string;
  readonly markId: string;
  readonly mediaSeconds: number;
}): string =>
  `/rounds/${mark.roundId}?at=${Math.max(0, mark.mediaSeconds - BEFORE_SECONDS).toFixed(1)}&mark=${mark.markId}`;
