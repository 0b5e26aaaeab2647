/**
 * Words of everyday English that look like a slip of some word of the mat ("blocks" and "locks", "tired" and "ties", "base" and "baseball") and
 * are none: they stand for themselves only.
 */
export const ordinaryWords: ReadonlySet<string> = new Set(
  (
    'base based bases blocks blocked block tired tires gassed gas free freed time times tries try trying stall stalls stalled stalling slows slow ' +
    'smiles laughs talks looks looking wins won winning waits waited wait rests rested resting thinks thought sweats breathes breath breathing ' +
    'falls fell hurts hurt hits hit misses gave given better worse best well much more less again still never always almost nearly ' +
    'give gives giving let lets make makes made take takes took come comes came leave leaves left lose loses lost find finds found keep keeps kept put puts ' +
    'goes going went gone does doing done has had have been being was were said says tell tells told know knows knew mean means show shows shown ' +
    'back there here where when while then than that this those these what which who whose why how just only even also already yet soon later early ' +
    'late before after during until about around away along across through without within every each both either other another same such some any many more most few ' +
    'good nice great bad poor weak strong hard easy heavy light high low long short wide narrow close open deep shallow quick fast lazy clean dirty ' +
    'first second third last next one two three ten stays stay moves move stops stop starts start tried stands stand thing things way ways'
  ).split(' '),
);
