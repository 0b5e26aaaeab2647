import { certaintyOf, plainWeights, type Weights } from './certainty';
import type { Proposal, Reading } from './hearing';
import { keyOfReading, MOST_OTHERS } from './otherReadings';

/** A reading that is hardly ever right is no card of its own, and no card at all. @source what talks by other hands show (`tests/language/talks/trainCertainty.ts`) */
export const LEAST_OF_ITS_OWN = 0.5;
export const LEAST_AT_ALL = 0.22;
/** What nothing names must be likelier. */
export const LEAST_OF_A_GUESS = 0.3;

/**
 * One card a clause where its readings are in doubt: the most certain stands first, the doubtful ones beside it; those that are likely by themselves stay cards
 * of their own, since one clause may tell two things. What is hardly ever right is left out.
 */
export function oneCardAClause(readings: readonly Reading[], weights: Weights = plainWeights): Proposal[] {
  const byClause = new Map<string, Reading[]>();
  for (const one of readings) {
    const key = `${one.saidInClauseAt} ${one.words}`;
    byClause.set(key, [...(byClause.get(key) ?? []), one]);
  }
  return [...byClause.values()].flatMap((said) => cardsOf(said, weights));
}

function cardsOf(said: readonly Reading[], weights: Weights): Proposal[] {
  const ranked = said
    .map((one) => ({ one, certainty: certaintyOf(one.features, weights) }))
    .sort((one, other) => other.certainty - one.certainty);
  const [best] = ranked;
  if (!best || best.certainty < (best.one.guessed ? LEAST_OF_A_GUESS : LEAST_AT_ALL)) return [];
  const own = ranked.filter(({ certainty }, at) => at === 0 || certainty >= LEAST_OF_ITS_OWN);
  const doubtful = ranked.slice(own.length).map(({ one }) => one.draft);
  const first = new Set(own.map(({ one }) => keyOfReading(one.draft)));
  return own.map(({ one: { besides, ...one } }, at) => {
    const others = new Map(
      [...(at === 0 ? doubtful : []), ...besides()].map((draft) => [keyOfReading(draft), draft] as const),
    );
    for (const key of first) others.delete(key);
    return { ...one, others: [...others.values()].slice(0, MOST_OTHERS) };
  });
}
