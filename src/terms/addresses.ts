import { packReel, type ReelMoment } from '@/core/reel';

/** Seconds before a mark at which the footage opens, so that it is seen coming. */
const BEFORE_SECONDS = 3;

/** Where a mark is looked at: its round in Review, a moment before it, with the mark chosen. */
export const markAddress = (mark: {
  readonly roundId: string;
  readonly markId: string;
  readonly mediaSeconds: number;
}): string =>
  `/rounds/${mark.roundId}?at=${Math.max(0, mark.mediaSeconds - BEFORE_SECONDS).toFixed(1)}&mark=${mark.markId}`;

/** Where moments play one after the other, under a title, with the way back to where they were chosen. */
export const reelAddress = (reel: {
  readonly title: string;
  readonly moments: readonly ReelMoment[];
  /** A page of the application. */
  readonly back: string;
}): string => `/reel?${new URLSearchParams({ title: reel.title, back: reel.back })}&moments=${packReel(reel.moments)}`;

/** Where a question is asked, with what was changed of how it was read. */
export const questionAddress = ({
  text,
  as,
  whose,
}: {
  readonly text: string;
  readonly as?: string;
  readonly whose?: string;
}): string => `/search?${new URLSearchParams({ q: text, ...(as ? { as } : {}), ...(whose ? { whose } : {}) })}`;

/** A path of this application as it came from an address; undefined for anything that could lead elsewhere. */
export const ownPath = (text: string | undefined): string | undefined =>
  text !== undefined && text.length < 400 && /^\/(?![/\\])[\w\-/?=&.%+~]*$/.test(text) ? text : undefined;
