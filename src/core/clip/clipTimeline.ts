import { type FrameRate, framesPerSecond } from '../clock';
import { boundedPiece, type ClipPiece, type ClipRecipe, type Freeze } from './clipRecipe';

/** A stretch of a clip in which the footage runs evenly, or stands still. */
export interface Segment {
  /** Which piece of the recipe it belongs to. */
  readonly piece: number;
  /** What stands still; absent while the footage runs. */
  readonly freeze?: Freeze;
  /** Media time of its first picture, in seconds. */
  readonly fromSeconds: number;
  readonly speed: number;
  /** Its place in the clip, in pictures of the clip. */
  readonly firstFrame: number;
  readonly frames: number;
}

/** The part of a piece between two places where it stops, and each stop, in order; lengths as they are looked at, in seconds. */
function partsOf(piece: ClipPiece): { freeze?: Freeze; fromSeconds: number; seconds: number }[] {
  const { startSeconds, endSeconds, speed, freezes } = boundedPiece(piece);
  const parts: { freeze?: Freeze; fromSeconds: number; seconds: number }[] = [];
  let from = startSeconds;
  const play = (to: number) => {
    if (to > from) parts.push({ fromSeconds: from, seconds: (to - from) / speed });
    from = Math.max(from, to);
  };
  for (const freeze of freezes) {
    play(freeze.atSeconds);
    parts.push({ freeze, fromSeconds: freeze.atSeconds, seconds: freeze.forSeconds });
  }
  play(endSeconds);
  return parts;
}

/**
 * A recipe as a row of segments at a rate. Their places are rounded from the sum of all before them, so that the whole is within half a picture of what its
 * pieces add up to, however many there are; a segment that gets no picture is left out.
 */
export function timelineOf(recipe: ClipRecipe, rate: FrameRate): Segment[] {
  const perSecond = framesPerSecond(rate);
  const segments: Segment[] = [];
  let seconds = 0;
  for (const [at, piece] of recipe.pieces.entries()) {
    const { speed } = boundedPiece(piece);
    for (const { freeze, fromSeconds, seconds: lasts } of partsOf(piece)) {
      const firstFrame = Math.round(seconds * perSecond);
      seconds += lasts;
      const frames = Math.round(seconds * perSecond) - firstFrame;
      if (frames > 0) segments.push({ piece: at, freeze, fromSeconds, speed, firstFrame, frames });
    }
  }
  return segments;
}

export const framesOf = (segments: readonly Segment[]): number =>
  segments.reduce((sum, segment) => sum + segment.frames, 0);

/** Where each piece of a clip begins and ends in it, in pictures; a piece without any is absent. */
export function placesOfPieces(
  segments: readonly Segment[],
): ReadonlyMap<number, { readonly firstFrame: number; readonly endFrame: number }> {
  const places = new Map<number, { firstFrame: number; endFrame: number }>();
  for (const { piece, firstFrame, frames } of segments) {
    const known = places.get(piece);
    if (known) known.endFrame = firstFrame + frames;
    else places.set(piece, { firstFrame, endFrame: firstFrame + frames });
  }
  return places;
}
