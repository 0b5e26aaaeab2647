import { present } from '../kernel';
/** A stretch of sound in which one tone stands out. */
export interface ToneBurst {
  readonly startSeconds: number;
  readonly endSeconds: number;
  /** The tone, to the nearest 40 Hz. */
  readonly hertz: number;
  /** Share of the sound's energy that lies in the tone, 0–1, on average over the burst. */
  readonly tonality: number;
}

export const LISTENING_RATE = 8000;
const WINDOW = 200;
const WINDOW_SECONDS = WINDOW / LISTENING_RATE;
const SPACING_HERTZ = LISTENING_RATE / WINDOW;
const LOWEST_HERTZ = 480;
const HIGHEST_HERTZ = 3800;
const LEAST_TONALITY = 0.45;
const LEAST_SECONDS = 0.4;
const MOST_GAP_WINDOWS = 2;
/** Below this root mean square of full scale nothing is listened to. */
const LEAST_LOUDNESS = 0.003;

const coefficients: readonly number[] = Array.from(
  { length: Math.floor((HIGHEST_HERTZ - LOWEST_HERTZ) / SPACING_HERTZ) + 1 },
  (_, index) => 2 * Math.cos((2 * Math.PI * (LOWEST_HERTZ + index * SPACING_HERTZ)) / LISTENING_RATE),
);

/**
 * Power of a window at one tone, as a share of the window's energy: 1 for a pure tone that lies exactly on it, 0 for silence.
 * `coefficient` is 2 cos(2π f / rate).
 * @source G. Goertzel, "An Algorithm for the Evaluation of Finite Trigonometric Series", American Mathematical Monthly 65 (1958)
 */
export function goertzelShare(samples: Float32Array, coefficient: number, energy: number): number {
  let before = 0;
  let beforeThat = 0;
  for (let index = 0; index < samples.length; index += 1) {
    const here = present(samples[index]) + coefficient * before - beforeThat;
    beforeThat = before;
    before = here;
  }
  const power = before * before + beforeThat * beforeThat - coefficient * before * beforeThat;
  return energy > 0 ? (2 * power) / (samples.length * energy) : 0;
}

interface OpenBurst {
  readonly firstWindow: number;
  lastWindow: number;
  readonly bin: number;
  readonly shares: number[];
}

/** Listens to sound as it comes, 8,000 samples a second in −1 … 1, in pieces of any length. */
export interface ToneListener {
  readonly hear: (samples: Float32Array) => void;
  /** The bursts of at least 0.4 s, in order of their start. */
  readonly finish: () => readonly ToneBurst[];
}

/**
 * Finds tone bursts such as a round timer's bell or buzzer: windows of 25 ms, Goertzel power at tones 40 Hz apart from 480 to 3,800 Hz;
 * two neighbouring tones together must hold 45 % of the energy, and stay for 0.4 s with gaps of at most 50 ms.
 * @source common practice for the sound of round timers (one tone, half a second and longer); the limits are own decisions
 */
export function createToneListener(): ToneListener {
  const window = new Float32Array(WINDOW);
  let filled = 0;
  let windowIndex = 0;
  let open: OpenBurst | undefined;
  const bursts: ToneBurst[] = [];

  const close = () => {
    if (!open) return;
    const seconds = (open.lastWindow - open.firstWindow + 1) * WINDOW_SECONDS;
    if (seconds >= LEAST_SECONDS - 1e-9)
      bursts.push({
        startSeconds: open.firstWindow * WINDOW_SECONDS,
        endSeconds: (open.lastWindow + 1) * WINDOW_SECONDS,
        hertz: LOWEST_HERTZ + open.bin * SPACING_HERTZ,
        tonality: open.shares.reduce((sum, share) => sum + share, 0) / open.shares.length,
      });
    open = undefined;
  };
  const weigh = () => {
    const heard = strongestTone(window);
    if (open && (!heard || Math.abs(heard.bin - open.bin) > 1) && windowIndex - open.lastWindow > MOST_GAP_WINDOWS)
      close();
    if (heard) {
      if (open && Math.abs(heard.bin - open.bin) <= 1) {
        open.lastWindow = windowIndex;
        open.shares.push(heard.share);
      } else if (!open) {
        open = { firstWindow: windowIndex, lastWindow: windowIndex, bin: heard.bin, shares: [heard.share] };
      }
    }
    windowIndex += 1;
  };
  return {
    hear: (samples) => {
      for (let index = 0; index < samples.length; index += 1) {
        window[filled] = present(samples[index]);
        filled += 1;
        if (filled === WINDOW) {
          weigh();
          filled = 0;
        }
      }
    },
    finish: () => {
      close();
      return bursts;
    },
  };
}

function strongestTone(window: Float32Array): { readonly bin: number; readonly share: number } | undefined {
  let energy = 0;
  for (let index = 0; index < window.length; index += 1) energy += present(window[index]) * present(window[index]);
  if (Math.sqrt(energy / window.length) < LEAST_LOUDNESS) return undefined;
  let bin = 0;
  let share = 0;
  let previous = 0;
  for (const [index, coefficient] of coefficients.entries()) {
    const here = goertzelShare(window, coefficient, energy);
    // A tone between two candidates is shared by both.
    if (here + previous > share) {
      share = here + previous;
      bin = here >= previous ? index : index - 1;
    }
    previous = here;
  }
  return share >= LEAST_TONALITY ? { bin, share: Math.min(1, share) } : undefined;
}
