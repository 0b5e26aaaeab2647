import type { Stroke } from '@/core/drawing';
import type { Mark } from '@/core/round';

/** How long a drawing stays while playback goes on. @source own decision: long enough to be read */
const STAYS_SECONDS = 1.5;
/** How near a still picture must be to a mark to show its drawing: one picture of slow footage. */
const NEAR_SECONDS = 0.06;

/** The mark whose drawing is to be seen now: the latest one that playback has just reached, or the one on whose picture it stands. */
export function drawnAt(drawn: readonly Mark[], seconds: number, playing: boolean): Mark | undefined {
  const stays = playing ? STAYS_SECONDS : NEAR_SECONDS;
  return drawn.findLast((mark) => mark.atSeconds <= seconds + NEAR_SECONDS && seconds <= mark.atSeconds + stays);
}

/** The mark with what is drawn on its picture; nothing drawn leaves no trace. */
export function withDrawing(mark: Mark, strokes: readonly Stroke[]): Mark {
  const { drawing: _, ...rest } = mark;
  return strokes.length > 0 ? ({ ...rest, drawing: strokes } as Mark) : (rest as Mark);
}
