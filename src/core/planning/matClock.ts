/**
 * Where a class stands on the mat. Everything follows from it and the time: two devices that hold the same one show the same. Times are milliseconds of one
 * clock (the server's).
 */
export interface MatClock {
  /** The block that the clock was set to last, and when it began, pauses taken out. */
  readonly at: number;
  readonly beganAt: number;
  /** Since when it is paused; absent while it runs. */
  readonly pausedAt?: number;
  /** Seconds that were added to blocks, by place. */
  readonly added: readonly number[];
  /** Seconds that blocks before the one of `at` really took, by place. */
  readonly took: readonly number[];
}

/** Where the class is at a moment. */
export interface MatReading {
  readonly at: number;
  readonly secondsIn: number;
  readonly secondsLeft: number;
  readonly isPaused: boolean;
  /** The last block is over. */
  readonly isOver: boolean;
}

/** "Two more minutes." */
export const MORE_SECONDS = 120;

export const startMatClock = (now: number): MatClock => ({ at: 0, beganAt: now, added: [], took: [] });

/** The same class on a clock that stands `ms` later: what a device set by a clock of its own, put right. */
export const shiftMatClock = (clock: MatClock, ms: number): MatClock => ({
  ...clock,
  beganAt: clock.beganAt + ms,
  ...(clock.pausedAt === undefined ? {} : { pausedAt: clock.pausedAt + ms }),
});

const lengthOf = (clock: MatClock, lengths: readonly number[], at: number): number =>
  (lengths[at] ?? 0) + (clock.added[at] ?? 0);

/** Reads the clock: blocks follow each other by themselves, each as long as planned and what was added. `lengths` in seconds. */
export function readMatClock(clock: MatClock, lengths: readonly number[], now: number): MatReading {
  let seconds = Math.max(0, ((clock.pausedAt ?? now) - clock.beganAt) / 1000);
  let at = clock.at;
  while (at < lengths.length - 1 && seconds >= lengthOf(clock, lengths, at)) {
    seconds -= lengthOf(clock, lengths, at);
    at += 1;
  }
  const length = lengthOf(clock, lengths, at);
  return {
    ...{ at, secondsIn: Math.min(seconds, length), secondsLeft: Math.max(0, length - seconds) },
    isPaused: clock.pausedAt !== undefined,
    isOver: at >= lengths.length - 1 && seconds >= length,
  };
}

/** The same clock, set to the block in which it stands: what went by before is written down. */
function settled(clock: MatClock, lengths: readonly number[], now: number): MatClock {
  const { at, secondsIn } = readMatClock(clock, lengths, now);
  const took = [...clock.took];
  for (let place = clock.at; place < at; place += 1) took[place] = (took[place] ?? 0) + lengthOf(clock, lengths, place);
  return { ...clock, at, took, beganAt: (clock.pausedAt ?? now) - secondsIn * 1000 };
}

export const pauseMatClock = (clock: MatClock, lengths: readonly number[], now: number): MatClock =>
  clock.pausedAt === undefined ? { ...settled(clock, lengths, now), pausedAt: now } : clock;

export function resumeMatClock(clock: MatClock, now: number): MatClock {
  if (clock.pausedAt === undefined) return clock;
  const { pausedAt, ...rest } = clock;
  return { ...rest, beganAt: clock.beganAt + Math.max(0, now - pausedAt) };
}

/** On to another block, at its beginning; what the present one took is written down. Nothing where there is no such block. */
export function moveMatClock(clock: MatClock, lengths: readonly number[], by: 1 | -1, now: number): MatClock {
  const here = settled(clock, lengths, now);
  const next = here.at + by;
  if (next < 0 || next >= lengths.length) return clock;
  const moment = clock.pausedAt ?? now;
  const took = [...here.took];
  took[here.at] = (took[here.at] ?? 0) + (moment - here.beganAt) / 1000;
  return { ...here, at: next, beganAt: moment, took };
}

/** Some more time for the block that is on. */
export function addToMatClock(clock: MatClock, lengths: readonly number[], seconds: number, now: number): MatClock {
  const here = settled(clock, lengths, now);
  const added = [...here.added];
  added[here.at] = (added[here.at] ?? 0) + seconds;
  return { ...here, added: Array.from({ length: Math.max(added.length, 1) }, (_, at) => added[at] ?? 0) };
}

/** Seconds that each block really took up to a moment. */
export function secondsTaken(clock: MatClock, lengths: readonly number[], now: number): number[] {
  const here = settled(clock, lengths, now);
  const { secondsIn } = readMatClock(clock, lengths, now);
  return lengths.map((_, at) => (here.took[at] ?? 0) + (at === here.at ? secondsIn : 0));
}

/** Whole minutes that each drill was really worked on, by its blocks; what was under half a minute is left out. */
export function minutesDone(
  clock: MatClock,
  blocks: readonly { readonly minutes: number; readonly drillId?: string }[],
  now: number,
): ReadonlyMap<string, number> {
  const taken = secondsTaken(
    clock,
    blocks.map((block) => block.minutes * 60),
    now,
  );
  const done = new Map<string, number>();
  for (const [at, { drillId }] of blocks.entries())
    if (drillId !== undefined) done.set(drillId, (done.get(drillId) ?? 0) + (taken[at] ?? 0));
  return new Map(
    [...done].map(([id, seconds]) => [id, Math.round(seconds / 60)] as const).filter(([, all]) => all > 0),
  );
}

/** Which bells fall between two looks: short ones each time that a game begins anew, a long one when a block is over. */
export function bellsBetween(
  before: MatReading,
  after: MatReading,
  everySeconds: number | undefined,
): 'long' | 'short' | undefined {
  if (after.isPaused) return undefined;
  if (before.at !== after.at || (after.isOver && !before.isOver)) return 'long';
  if (!everySeconds) return undefined;
  return Math.floor(before.secondsIn / everySeconds) < Math.floor(after.secondsIn / everySeconds) ? 'short' : undefined;
}
