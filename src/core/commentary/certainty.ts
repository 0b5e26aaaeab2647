import { judge, type MarkDraft } from '../callline';
import { conceptIdOf, type Mark } from '../round';
import { isUnnamed } from '../vocabulary';
import type { Said } from './hearing';

/** What is known of a card before anybody has decided on it, as numbers between 0 and about 3. */
export const featureNames = [
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
] as const;
export type Features = readonly number[];
/** One weight for each feature; their sum is the log of the odds that the card is right. */
export type Weights = readonly number[];

/**
 * Weights before an academy has decided anything.
 * @source logistic regression on the six talks by other hands that were looked at (`tests/language/talks/trainCertainty.ts`), ridge 0.5
 */
export const plainWeights: Weights = [
  -1.28, 1.09, 0.62, 1.62, 0.3, -0.22, -0.19, -0.7, -1.06, 0.34, -0.86, 1.13, 0.13, 0.87, -0.57, -0.77,
];

export function featuresOf(
  draft: MarkDraft,
  { mention, sentence, whole }: Said,
  sureWho: boolean,
  others: number,
): Features {
  const id = conceptIdOf({ ...draft, id: '' } as Mark);
  const isFree = mention.score === 0;
  const words = sentence.words.length;
  const flag = (on: boolean) => (on ? 1 : 0);
  return [
    1,
    Math.min(3, mention.score),
    flag(mention.score >= 1.9),
    flag(isFree && !(id !== undefined && isUnnamed(id))),
    flag(id !== undefined && isUnnamed(id) && draft.kind === 'attempt'),
    flag(draft.kind === 'position'),
    flag(draft.kind === 'grip'),
    flag(draft.kind === 'error'),
    flag(draft.kind === 'strength'),
    flag(draft.kind === 'chance'),
    flag(!sureWho),
    flag(draft.unsure === true),
    flag(judge(whole.trim().split(' '))?.firm === true),
    flag(others > 0),
    flag(words <= 5),
    flag(words >= 14),
  ];
}

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
      next[at] = here + STEP * missed * (features[at] ?? 0) - BACK * (here - (plainWeights[at] ?? 0));
    }
  }
  return next;
}

/** From here on a card may be taken with all sure ones, and below here it is folded away until it is asked for. @source own decision */
export const SURE_CERTAINTY = 0.85;
export const FOLDED_CERTAINTY = 0.4;
