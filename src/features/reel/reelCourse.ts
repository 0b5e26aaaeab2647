/** Where a reel is: which of its moments, and whether it plays on to the next. */
export interface ReelCourse {
  readonly at: number;
  readonly playing: boolean;
  /** The same moment again and again. */
  readonly again: boolean;
  /** Counts up each time a moment begins anew, the same one also. */
  readonly turn: number;
}
export type ReelStep =
  | { readonly step: 'go'; readonly at: number }
  | { readonly step: 'next' | 'previous' | 'ended' | 'again' }
  | { readonly step: 'playing'; readonly playing: boolean };

/** The next place in a direction at which there is footage; undefined at the end. */
const nextShown = (isShown: readonly boolean[], from: number, direction: 1 | -1): number | undefined => {
  for (let at = from + direction; at >= 0 && at < isShown.length; at += direction) if (isShown[at]) return at;
  return undefined;
};

/** How a reel moves on over moments of which only some have footage (`isShown`): those without are never stopped at by themselves. */
export function stepReel(isShown: readonly boolean[], course: ReelCourse, step: ReelStep): ReelCourse {
  const to = (at: number | undefined, playing = course.playing): ReelCourse =>
    at === undefined ? course : { ...course, at, playing, turn: course.turn + 1 };
  switch (step.step) {
    case 'go':
      return isShown[step.at] === undefined ? course : to(step.at);
    case 'next':
      return to(nextShown(isShown, course.at, 1));
    case 'previous':
      return to(nextShown(isShown, course.at, -1));
    case 'again':
      return { ...course, again: !course.again };
    case 'playing':
      return { ...course, playing: step.playing };
    case 'ended': {
      if (course.again) return to(course.at);
      const next = nextShown(isShown, course.at, 1);
      return next === undefined ? { ...course, playing: false } : to(next);
    }
  }
}

/** Where a reel begins: at its first moment with footage. */
export const beginReel = (isShown: readonly boolean[]): ReelCourse => ({
  ...{ at: Math.max(0, isShown.indexOf(true)), playing: isShown.includes(true), again: false, turn: 0 },
});
