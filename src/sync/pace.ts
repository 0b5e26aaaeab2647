import type { WaitReason } from './sendChanges';

const MOST_BATCH = 100;
const FIRST_PAUSE_MS = 2000;
const MOST_PAUSE_MS = 30_000;

/** How many changes go at once, and from when on the next try may be made. */
export interface Pace {
  readonly batch: number;
  readonly failures: number;
  readonly nextAtMs: number;
}
export const freshPace: Pace = { batch: MOST_BATCH, failures: 0, nextAtMs: 0 };

/** The pause after so many tries without an answer: short while a server is only coming up again, longer where something says no. */
export function pauseAfter(failures: number, reason: WaitReason, chance: number): number {
  if (reason.kind === 'too-large') return FIRST_PAUSE_MS / 2;
  const doublings = reason.kind === 'away' ? Math.max(0, failures - 8) : failures - 1;
  const pause = Math.min(MOST_PAUSE_MS, FIRST_PAUSE_MS * 2 ** doublings) * (0.75 + chance / 2);
  return Math.max(pause, reason.kind === 'too-many' ? (reason.afterMs ?? 0) : 0);
}

/** The pace after a try that was not answered: half as much at once where there was too much, and later. */
export function slower(pace: Pace, reason: WaitReason, nowMs: number, chance: number): Pace {
  const failures = pace.failures + 1;
  const isTooMuch = reason.kind === 'too-large' || reason.kind === 'strange';
  const batch = isTooMuch ? Math.max(1, pace.batch >> 1) : pace.batch;
  return { batch, failures, nextAtMs: nowMs + pauseAfter(failures, reason, chance) };
}

/** The pace after an answer: more at once again, and no pause. */
export const quicker = (pace: Pace): Pace => ({ ...freshPace, batch: Math.min(MOST_BATCH, pace.batch * 2) });
