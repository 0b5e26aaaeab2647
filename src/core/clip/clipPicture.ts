import type { FrameRate } from '../clock';
import { framesPerSecond } from '../clock';
import type { PictureSize } from '../drawing';

/** The shorter side of a clip at the most. @source own decision: what any phone plays, and a class sees from the back row */
export const MOST_LINES = 720;

const even = (pixels: number): number => Math.max(2, Math.floor(pixels / 2) * 2);

/** The size of a clip: that of its first footage, at most 720 on the shorter side, even both ways as the codec wants. */
export function sizeOfClip(first: PictureSize): PictureSize {
  const shrink = Math.min(1, MOST_LINES / Math.min(first.width, first.height));
  return { width: even(first.width * shrink), height: even(first.height * shrink) };
}

/** Where a picture lies in a frame that it fills as far as its format allows, in pixels of the frame. */
export interface PlacedPicture extends PictureSize {
  readonly left: number;
  readonly top: number;
}

export function placeIn(frame: PictureSize, picture: PictureSize): PlacedPicture {
  const fit = Math.min(frame.width / picture.width, frame.height / picture.height);
  const width = even(picture.width * fit);
  const height = even(picture.height * fit);
  return { width, height, left: even2(frame.width - width), top: even2(frame.height - height) };
}
/** Half of what is left over, even, so that no colour is split. */
const even2 = (rest: number): number => Math.floor(rest / 4) * 2;

/** The one rate of a clip of several films: the highest of theirs. */
export const rateOfClip = (rates: readonly FrameRate[]): FrameRate =>
  rates.reduce((best, rate) => (framesPerSecond(rate) > framesPerSecond(best) ? rate : best), {
    numerator: 24,
    denominator: 1,
  });
