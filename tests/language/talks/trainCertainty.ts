import { certaintyOf, type Decided, featureNames, type Weights } from '../../../src/core/commentary';
import { judgedReadings, listTalks, talksApart } from './scoreTalks';

/** Every reading of talks, each with whether a person marked the same. */
export const cardsOf = (talks: readonly string[]): Decided[] => talks.flatMap(judgedReadings);

/** Logistic regression with a ridge, by plain descent. */
export function trainCertainty(cards: readonly Decided[], ridge = 3): Weights {
  const weights = featureNames.map(() => 0);
  for (let turn = 0; turn < 20_000; turn += 1) {
    const slope = weights.map((weight, at) => (at === 0 ? 0 : -ridge * weight));
    for (const { features, right } of cards) {
      const missed = (right ? 1 : 0) - certaintyOf(features, weights);
      for (let at = 0; at < weights.length; at += 1) slope[at] = (slope[at] ?? 0) + missed * (features[at] ?? 0);
    }
    for (let at = 0; at < weights.length; at += 1)
      weights[at] = (weights[at] ?? 0) + (0.5 * (slope[at] ?? 0)) / cards.length;
  }
  return weights;
}

/** How often cards that are said to be so certain were right, a tenth at a time. */
export function calibration(cards: readonly Decided[], weights: Weights) {
  return Array.from({ length: 10 }, (_, tenth) => {
    const within = cards.filter(({ features }) => {
      const certainty = certaintyOf(features, weights);
      return certainty >= tenth / 10 && (certainty < (tenth + 1) / 10 || tenth === 9);
    });
    return { from: tenth / 10, cards: within.length, right: within.filter(({ right }) => right).length };
  }).filter(({ cards }) => cards > 0);
}

export const looked = listTalks().filter((talk) => !talksApart.includes(talk));
