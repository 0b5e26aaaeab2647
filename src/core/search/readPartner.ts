import { type Belt, belts } from '../vocabulary';

/** What the partner of the one who was named is like, as a search says it. */
export interface SearchedPartner {
  readonly weight?: 'heavier' | 'lighter';
  readonly belt?: 'higher' | 'lower' | Belt;
}

const heavier = new Set(['heavier', 'bigger', 'larger']);
const lighter = new Set(['lighter', 'smaller']);
/** Words that only carry what stands before them. */
const carriers = new Set([
  'partner',
  'partners',
  'opponent',
  'opponents',
  'people',
  'someone',
  'somebody',
  'belt',
  'belts',
  'ones',
]);

/**
 * Takes "by heavier partners", "against higher belts", "with white belts" out of a search. A colour is a belt only before the word belt; without somebody
 * named first nobody's partner is meant and nothing is taken.
 */
export function takePartner(
  words: readonly string[],
  isSomebodyNamed: boolean,
): { readonly partner: SearchedPartner; readonly rest: readonly string[] } {
  if (!isSomebodyNamed) return { partner: {}, rest: words };
  let partner: SearchedPartner = {};
  const taken = new Set<number>();
  for (const [at, word] of words.entries()) {
    const isBeforeBelt = /^belts?$/.test(words[at + 1] ?? '');
    const belt = isBeforeBelt ? belts.find((one) => one === word) : undefined;
    const found: SearchedPartner = heavier.has(word)
      ? { weight: 'heavier' }
      : lighter.has(word)
        ? { weight: 'lighter' }
        : word === 'higher' || word === 'lower'
          ? { belt: word }
          : belt
            ? { belt }
            : {};
    if (Object.keys(found).length === 0) continue;
    partner = { ...partner, ...found };
    taken.add(at);
    for (let next = at + 1; carriers.has(words[next] ?? ''); next += 1) taken.add(next);
  }
  return { partner, rest: words.filter((_, at) => !taken.has(at)) };
}
