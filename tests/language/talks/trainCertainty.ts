import { certaintyOf, type Decided, featureNames, readCommentary, type Weights } from '../../../src/core/commentary';
import { judgedReadings, listTalks, talksApart } from './scoreTalks';

/** Every reading of talks, each with whether a person marked the same. */
export const readingsOf = (talks: readonly string[]): Decided[] => talks.flatMap((talk) => judgedReadings(talk));
/** The cards that are made of them. */
export const cardsOf = (talks: readonly string[]): Decided[] =>
  talks.flatMap((talk) => judgedReadings(talk, readCommentary));

/** What is known for certain of the first weight, so that the equations have a solution where a feature never stands. */
const LEAST_RIDGE = 0.01;
const MOST_TURNS = 12;

/** Logistic regression with a ridge on all weights but the first, by Newton's method. */
export function trainCertainty(cards: readonly Decided[], ridge = 3): Weights {
  const weights = featureNames.map(() => 0);
  for (let turn = 0; turn < MOST_TURNS; turn += 1) {
    const ridgeAt = (at: number) => (at === 0 ? LEAST_RIDGE : ridge);
    const slope = weights.map((weight, at) => -ridgeAt(at) * weight);
    const bend = weights.map((_, at) => weights.map((_, other) => (at === other ? ridgeAt(at) : 0)));
    for (const { features, right } of cards) {
      const certainty = certaintyOf(features, weights);
      const present = features.flatMap((value, at) => (value === 0 ? [] : [{ at, value }]));
      for (const { at, value } of present) {
        slope[at]! += ((right ? 1 : 0) - certainty) * value;
        for (const other of present) bend[at]![other.at]! += certainty * (1 - certainty) * value * other.value;
      }
    }
    for (const [at, step] of solve(bend, slope).entries()) weights[at]! += step;
  }
  return weights;
}

/** Solves a positive definite system of linear equations by elimination. */
function solve(rows: readonly (readonly number[])[], right: readonly number[]): number[] {
  const table = rows.map((row, at) => [...row, right[at]!]);
  for (const [at, row] of table.entries()) {
    const lead = row[at]!;
    for (let column = at; column < row.length; column += 1) row[column]! /= lead;
    for (const other of table) {
      const factor = other === row ? 0 : other[at]!;
      if (factor !== 0) for (let column = at; column < row.length; column += 1) other[column]! -= factor * row[column]!;
    }
  }
  return table.map((row) => row.at(-1)!);
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
