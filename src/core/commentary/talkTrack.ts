import type { Cue } from './cue';

/** From a moment of a recorded talk on: where the footage stood, and how fast it ran; 0 while it stood still. */
export interface TalkBeat {
  readonly talkSeconds: number;
  readonly mediaSeconds: number;
  readonly rate: number;
}

/** A talk that was recorded over the footage: what the footage did meanwhile, from its first moment on. */
export type TalkTrack = readonly TalkBeat[];

/** The beat that holds at a moment of the talk: the last one that began by then. Undefined for a track without any. */
export function beatAt(track: TalkTrack, talkSeconds: number): TalkBeat | undefined {
  let found = track[0];
  for (const beat of track) {
    if (beat.talkSeconds > talkSeconds + 1e-9) break;
    found = beat;
  }
  return found;
}

/** Media time of what was shown at a moment of the talk. */
export function mediaOfTalk(track: TalkTrack, talkSeconds: number): number {
  const beat = beatAt(track, talkSeconds);
  return beat ? beat.mediaSeconds + beat.rate * Math.max(0, talkSeconds - beat.talkSeconds) : talkSeconds;
}

/** The text of a talk, in the talk's own time, laid on the footage: each word where the footage was when it was said, in the order of the footage. */
export const cuesOfTalk = (cues: readonly Cue[], track: TalkTrack): Cue[] =>
  cues
    .map((cue) => {
      const startSeconds = mediaOfTalk(track, cue.startSeconds);
      return { ...cue, startSeconds, endSeconds: Math.max(startSeconds, mediaOfTalk(track, cue.endSeconds)) };
    })
    .sort((one, other) => one.startSeconds - other.startSeconds);

/** How far the footage may be from where a beat says before it is a leap and not a slow clock. @source own decision */
const LEAP_SECONDS = 0.4;

/** The track with what the footage does at a moment of the talk, if that is news: it stopped, went on, changed its speed, or leapt. */
export function withBeat(track: TalkTrack, now: TalkBeat): TalkTrack {
  const last = track.at(-1);
  const isNews =
    !last || last.rate !== now.rate || Math.abs(mediaOfTalk(track, now.talkSeconds) - now.mediaSeconds) > LEAP_SECONDS;
  return isNews ? [...track, now] : track;
}
