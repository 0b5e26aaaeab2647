/** What is known of a card before anybody has decided on it, as numbers between 0 and about 3. */
const known = [
  'always',
  'name score',
  'named whole',
  'free words',
  'unnamed doing',
  'position',
  'grip',
  'error',
  'strength',
  'chance',
  'who is guessed',
  'doubt is said',
  'judged firmly',
  'other readings',
  'short clause',
  'long clause',
  'strength without praise',
  'error with praise',
  'short saying',
  'share of the clause',
  'a doer',
  'a name',
  'a principle',
  'may be',
  'was',
  'asks',
  'filler',
  'fits the position',
  'rivals',
  'many before',
  'clause before',
  'called out',
  'soft fault',
  'teaching',
  'not done',
] as const;
/** What is known of a guess besides: how like its clause is to what is told of its kind and of its entry. */
export const knownOfGuesses = [
  'kind alike',
  'entry alike',
  'likest',
  'aside alike',
  'likest kind',
  'entry share',
  'second kind',
] as const;
/** The same is known of what is named or told in plain words and of what is only guessed, but it tells something else there. */
export const featureNames: readonly string[] = [
  ...known,
  ...[...known, ...knownOfGuesses].map((name) => `guessed, ${name}`),
];
export type Features = readonly number[];
/** One weight for each feature; their sum is the log of the odds that the card is right. */
export type Weights = readonly number[];

/**
 * Weights before an academy has decided anything.
 * @source logistic regression on the six talks by other hands that were looked at (`tests/language/talks/trainCertainty.ts`), ridge 3
 */
export const plainWeights: Weights = [
  -0.08, 0.33, 0.58, 0.96, -0.63, 0.52, -0.05, -0.16, -0.31, 0.21, -0.43, 0.41, -0.4, 0.69, -0.16, 0.47, -0.26, 0.27,
  -0.26, 0.01, 0.23, -0.21, -0.16, 0.1, -0.13, 0.11, 0.27, 0.44, 0.02, -0.19, 0.08, 0.83, -0.33, -0.21, -0.31, -1.24, 0,
  0, 0, 0, -0.18, 0.58, 0.06, -0.06, -0.27, -0.77, 0.74, -0.01, 0, -0.21, 0.2, -0.05, -0.16, 0, 0, -0.42, 0.02, 0,
  -0.21, -0.18, -0.03, -0.24, 0.61, 0, -0.32, -0.75, 0, 0, -0.22, 0.03, 0.53, 0.54, 0.71, -0.33, 0.11, -0.34, -0.01,
];

/** How likely a card is right, 0 to 1. */
export function certaintyOf(features: Features, weights: Weights = plainWeights): number {
  let sum = 0;
  for (let at = 0; at < features.length; at += 1) sum += (features[at] ?? 0) * (weights[at] ?? 0);
  return 1 / (1 + Math.exp(-sum));
}

/** A card on which somebody has decided: taken as it was, or not. */
export interface Decided {
  readonly features: Features;
  readonly right: boolean;
}

/** How far one decision moves a weight, and how much every step is drawn back to what holds for all. @source own decision: after some two hundred cards an academy's own habit weighs as much as the plain weights */
const STEP = 0.05;
const BACK = 0.002;

/** Weights after further decisions, in their order. Cards of another shape are left out. */
export function learnCertainty(weights: Weights, decided: readonly Decided[]): Weights {
  const next = featureNames.map((_, at) => weights[at] ?? plainWeights[at] ?? 0);
  for (const { features, right } of decided) {
    if (features.length !== featureNames.length) continue;
    const missed = (right ? 1 : 0) - certaintyOf(features, next);
    for (let at = 0; at < next.length; at += 1) {
      const here = next[at] ?? 0;
      // What all cards have in common moves slowest: a habit about grips is none about errors.
      const step = at === 0 ? STEP / 3 : STEP;
      next[at] = here + step * missed * (features[at] ?? 0) - BACK * (here - (plainWeights[at] ?? 0));
    }
  }
  return next;
}

/** From here on a card may be taken with all sure ones, and below here it is folded away until it is asked for. @source own decision */
export const SURE_CERTAINTY = 0.85;
export const FOLDED_CERTAINTY = 0.4;
