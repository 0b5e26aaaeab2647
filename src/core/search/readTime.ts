import { wordsOf } from '../callline';
import { type SearchPart, without } from './readQuery';

/** "share of time on top": how long somebody was somewhere. */
export interface SearchedTime {
  /** The question without the words that ask for a time: who, where, when, against whom. */
  readonly rest: string;
  /** On top or below; undefined where the words do not say. */
  readonly place?: 'over' | 'under';
  /** The words that ask for it. */
  readonly part: SearchPart;
}

const asks =
  /\b(?:(?:what|which) )?(?:share|part|percentage|per cent|percent|%)?\s*(?:of )?(?:the |his |her |their )?(?:live )?time (?:spent |is spent )?(?=on\b|in\b|under\b|below\b|at\b|with\b|top\b|bottom\b|mounted\b)|\b(?:how long|how much time|time spent)\b(?: (?:is|was|does|did|do|has|spends|spent|stays?))?/i;
const places: readonly (readonly [RegExp, SearchedTime['place']])[] = [
  [/\b(?:on top|top)\b(?: of| in| at)?/i, 'over'],
  [/\b(?:on (?:the )?bottom|bottom|below|underneath|under)\b(?: of| in| at)?/i, 'under'],
];

/** Reads a question about how long somebody was somewhere; undefined for any other. */
export function readTime(text: string): SearchedTime | undefined {
  if (!asks.test(text)) return undefined;
  const left = text.replace(asks, ' ');
  const [said, place] = places.find(([words]) => words.test(left)) ?? [];
  const rest = (said ? left.replace(said, ' ') : left).replace(/[?]|\b(?:spends?|spent|stays?|being)\b/gi, ' ');
  const part = { name: 'time' as const, words: without(wordsOf(text), wordsOf(rest)) };
  return { rest: rest.replace(/\s+/g, ' ').trim(), place, part };
}
