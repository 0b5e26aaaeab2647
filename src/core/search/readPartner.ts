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

/** Words behind which somebody is the partner: "by white belts", "against heavier ones". */
const towards = new Set(['by', 'against', 'with', 'vs', 'to', 'over']);

/** Whoever is looked at and whoever they met, as far as words say it without a name. */
export interface SearchedTwo {
  readonly partner: SearchedPartner;
  /** The belt of the one who did it, where nobody is named: "white belts flat under side control". */
  readonly ownBelt?: Belt;
  /** "swept by …": it was done by the partner. */
  readonly isByPartner: boolean;
  readonly rest: readonly string[];
}

/** Takes "by heavier partners", "against higher belts", "white belts …" out of a search. A colour is a belt only before the word belt. */
export function takePartner(words: readonly string[], isSomebodyNamed: boolean): SearchedTwo {
  let partner: SearchedPartner = {};
  let ownBelt: Belt | undefined;
  let isByPartner = false;
  const taken = new Set<number>();
  for (const [at, word] of words.entries()) {
    const isBeforeBelt = /^belts?$/.test(words[at + 1] ?? '');
    const belt = isBeforeBelt ? belts.find((one) => one === word) : undefined;
    const found: SearchedPartner = heavier.has(word)
      ? { weight: 'heavier' }
      : lighter.has(word)
        ? { weight: 'lighter' }
        : (word === 'higher' || word === 'lower') && isBeforeBelt
          ? { belt: word }
          : belt
            ? { belt }
            : {};
    if (Object.keys(found).length === 0) continue;
    const before = words[at - 1] ?? '';
    if (belt && !isSomebodyNamed && !towards.has(before)) ownBelt = belt;
    else partner = { ...partner, ...found };
    if (before === 'by') isByPartner = true;
    taken.add(at);
    if (towards.has(before)) taken.add(at - 1);
    for (let next = at + 1; carriers.has(words[next] ?? ''); next += 1) taken.add(next);
  }
  return { partner, ownBelt, isByPartner, rest: words.filter((_, at) => !taken.has(at)) };
}
