/**
 * Words of everyday English that look like a slip of some word of the mat ("blocks" and "locks", "tired" and "ties", "base" and "baseball") and
 * are none: they stand for themselves only.
 */
export const ordinaryWords: ReadonlySet<string> = new Set(
  (
    'base based bases blocks blocked block tired tires gassed gas free freed time times tries try trying stall stalls stalled stalling slows slow ' +
    'smiles laughs talks looks looking wins won winning waits waited wait rests rested resting thinks thought sweats breathes breath breathing ' +
    'falls fell hurts hurt hits hit misses gave given better worse best well much more less again still never always almost nearly'
  ).split(' '),
);
