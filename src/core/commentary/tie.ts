import type { Cue } from './cue';

/** A stop of the footage while the talking went on, in the commentary's own time. */
export interface TalkPause {
  readonly atSeconds: number;
  readonly seconds: number;
}

/** How the commentary's time lies on the footage. */
export interface CommentaryTie {
  /** Media time at which the commentary's time is zero; may be negative. */
  readonly offsetSeconds: number;
  readonly pauses: readonly TalkPause[];
}

/** Media time of a moment of the commentary: while the footage stood still, its time stood still too. */
export function mediaTimeOf(commentarySeconds: number, tie: CommentaryTie): number {
  const stood = tie.pauses.reduce(
    (sum, pause) => sum + Math.min(Math.max(0, commentarySeconds - pause.atSeconds), Math.max(0, pause.seconds)),
    0,
  );
  return tie.offsetSeconds + commentarySeconds - stood;
}

/** The cues in media time. */
export const tieCues = (cues: readonly Cue[], tie: CommentaryTie): Cue[] =>
  cues.map((cue) => ({
    ...cue,
    startSeconds: mediaTimeOf(cue.startSeconds, tie),
    endSeconds: mediaTimeOf(cue.endSeconds, tie),
  }));
