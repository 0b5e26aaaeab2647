/**
 * By which reading of the rules figures were made. Raise it whenever the same marks would give other figures (a weight of the tide, a rule of a
 * chain, a new count): stored figures of an older version are made anew in the background, newest rounds first.
 */
export const FIGURES_VERSION = 6;
