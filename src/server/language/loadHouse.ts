import { cache } from 'react';
import { conceptIdOf, type Mark, withConcept } from '@/core/round';
import { followMerges, type HouseWords } from '@/core/vocabulary';
import { type Database, pool } from '@/data/client';
import { getHouseWords } from '@/data/language/houseWords';

/** The academy's words, read once for a request. */
export const loadHouse = cache((): Promise<HouseWords> => getHouseWords(pool()));

/** The mark as it counts today: under the entry that its own was merged into. */
export function withMerges(house: HouseWords, mark: Mark): Mark {
  const id = conceptIdOf(mark);
  if (id === undefined || house.own.length === 0) return mark;
  const counted = followMerges(house, id);
  return counted === id ? mark : withConcept(mark, counted);
}

/** The academy's words for code that runs outside a request. */
export const houseOf = (database: Database): Promise<HouseWords> => getHouseWords(database);
