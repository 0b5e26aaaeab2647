import { readFileSync } from 'node:fs';
import path from 'node:path';
import { certaintyOf, type Decided, featureNames, type Weights } from '../../../src/core/commentary';
import { conceptIdOf, type Mark } from '../../../src/core/round';
import { isUnnamed } from '../../../src/core/vocabulary';
import { listTalks, proposeFor, talksApart } from './scoreTalks';

interface LabelledMark {
  readonly t: number;
  readonly kind: string;
  readonly id: string | null;
  readonly accept?: readonly string[];
}
const family: Readonly<Record<string, string>> = { error: 'error', chance: 'error', attempt: 'move', position: 'move' };
const familyOf = (kind: string): string => family[kind] ?? kind;

/** The cards of talks, each with whether a person marked the same: an entry that was named or accepted, or a verdict in own words where the person had no name either. */
export function cardsOf(talks: readonly string[]): Decided[] {
  return talks.flatMap((talk) => {
    const file = path.resolve('tests/language/talks', `${talk}.json`);
    const { marks } = JSON.parse(readFileSync(file, 'utf8')) as { marks: readonly LabelledMark[] };
    return proposeFor(talk).map(({ draft, features }): Decided => {
      const id = conceptIdOf({ ...draft, id: 'x' } as Mark) ?? '';
      const right = marks.some(
        (mark) =>
          draft.atSeconds - mark.t >= -5 &&
          draft.atSeconds - mark.t <= 8 &&
          familyOf(mark.kind) === familyOf(draft.kind) &&
          (mark.id === id || (mark.accept ?? []).includes(id) || (mark.id === null && isUnnamed(id))),
      );
      return { features, right };
    });
  });
}

/** Logistic regression with a ridge, by plain descent. */
export function trainCertainty(cards: readonly Decided[], ridge = 0.5): Weights {
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
