/** A frame rate as a ratio of whole numbers: 30000/1001 for "29.97". */
export interface FrameRate {
  readonly numerator: number;
  readonly denominator: number;
}

export const framesPerSecond = (rate: FrameRate): number => rate.numerator / rate.denominator;

/** The frame (0-based) on screen at a moment of media time; a moment within 1 µs before a frame's start counts as that frame. */
export function frameAt(mediaSeconds: number, rate: FrameRate): number {
  return Math.max(0, Math.floor((mediaSeconds * rate.numerator) / rate.denominator + 1e-6));
}

/**
 * The media time to seek to so that exactly this frame is shown: the middle of the frame.
 * Players round a frame's own start either way, its middle never.
 * @source own decision, measured on H.264, VP9 and AV1 at 25, 29.97 and 59.94 frames a second
 */
export function seekTimeOfFrame(frame: number, rate: FrameRate): number {
  return ((frame + 0.5) * rate.denominator) / rate.numerator;
}

const two = (value: number): string => String(value).padStart(2, '0');

/**
 * SMPTE drop-frame label `HH:MM:SS;FF` of a frame at 30000/1001: labels ;00 and ;01 are left out at each minute not divisible by ten.
 * Bounds: whole frame ≥ 0; wraps after 24 h.
 * @source SMPTE ST 12-1 (from memory)
 */
export function formatDropFrameLabel(frame: number): string {
  const framesPerTenMinutes = 17_982;
  const framesPerMinute = 1_798;
  const tens = Math.floor(frame / framesPerTenMinutes);
  const rest = frame % framesPerTenMinutes;
  const dropped = 18 * tens + (rest < 2 ? 0 : 2 * Math.floor((rest - 2) / framesPerMinute));
  const label = frame + dropped;
  const seconds = Math.floor(label / 30);
  return `${two(Math.floor(seconds / 3600) % 24)}:${two(Math.floor(seconds / 60) % 60)}:${two(seconds % 60)};${two(label % 30)}`;
}
