import type { Reading } from '@/core/clip';
import type { FrameRate, Span } from '@/core/clock';
import type { Stroke } from '@/core/drawing';
import type { Looking } from '@/player/useFootageSource';

/** One moment of a reel with the footage that shows it; without footage it can only be read. */
export interface ReelPiece extends Span {
  readonly key: string;
  readonly roundId: string;
  readonly markId?: string;
  readonly heldOn: string;
  readonly atSeconds: number;
  readonly roundSeconds: number;
  /** First names. */
  readonly names: readonly [string, string];
  /** What the mark says; empty where no mark stands for the moment. */
  readonly words: string;
  readonly footage?: { readonly id: string; readonly frameRate: FrameRate; readonly looking: Looking };
  /** The round that it lies in. */
  readonly round: Span;
  /** What is drawn on the picture of its mark. */
  readonly drawing: readonly Stroke[];
  /** Score and tide as they change, where they are to be seen. */
  readonly readings: readonly Reading[];
}
