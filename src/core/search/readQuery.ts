import { likenessOf, matchConcepts, TAKEN_CONFIDENCE, type VocabularyIndex, wordsOf } from '../callline';
import type { CalendarDate } from '../kernel';
import { addDays } from '../kernel';
import { type HouseWords, houseNameOf, listConceptIds, type Uniform } from '../vocabulary';
import { readHow, type SearchedHow } from './readHow';
import { type SearchedPartner, takePartner } from './readPartner';

export interface SearchWorld {
  readonly people: readonly { readonly id: string; readonly name: string }[];
  readonly today: CalendarDate;
  readonly index: VocabularyIndex;
  readonly house: HouseWords;
}

/** What the words of a search mean. Parts that were not said are absent or empty. */
export interface SearchQuery {
  readonly personIds: readonly string[];
  /** What the partner of whoever is named is like. */
  readonly partner: SearchedPartner;
  readonly uniform?: Uniform;
  /** Both days are included. */
  readonly fromDay?: CalendarDate;
  readonly toDay?: CalendarDate;
  /** Entries that the remaining words may name, best first; merged and own ones included. */
  readonly conceptIds: readonly string[];
  readonly drillIds: readonly string[];
  /** How it went, where the words say so. */
  readonly how: SearchedHow;
  /** Words that are neither a person, a day nor a uniform: they are looked for in remarks. */
  readonly restWords: readonly string[];
}

const months = 'january february march april may june july august september october november december'.split(' ');
const MOST_CONCEPTS = 40;
/** Small words that search nothing by themselves. */
const silent = new Set([
  'the',
  'a',
  'an',
  'of',
  'in',
  'on',
  'at',
  'with',
  'and',
  'from',
  'all',
  'round',
  'rounds',
  'by',
  'against',
  'vs',
]);

/** Reads "elbows ana gi march": people, uniform and days are taken out, the rest names entries or stands in remarks. */
export function readQuery(text: string, world: SearchWorld): SearchQuery {
  const words = wordsOf(text);
  const { uniform, rest: withoutUniform } = takeUniform(words);
  const { span, rest: withoutDays } = takeDays(withoutUniform, world.today);
  const { personIds, rest: withoutPeople } = takePeople(withoutDays, world.people);
  const { partner, rest } = takePartner(withoutPeople, personIds.length > 0);
  const said = rest.filter((word) => !silent.has(word));
  const how = readHow(said, world.index);
  const restWords = said.filter((word) => !how.saidWords.includes(word));
  return {
    how,
    personIds,
    partner,
    uniform,
    ...span,
    conceptIds: [...new Set([...(how.conceptId ? [how.conceptId] : []), ...findConcepts(restWords, world)])],
    drillIds: findDrills(restWords, world),
    restWords,
  };
}

function takeUniform(words: readonly string[]): { readonly uniform?: Uniform; readonly rest: readonly string[] } {
  const at = words.findIndex((word) => word === 'gi' || word === 'nogi');
  if (at < 0) return { rest: words };
  const isNoGi = words[at] === 'nogi' || words[at - 1] === 'no';
  const from = words[at] === 'gi' && isNoGi ? at - 1 : at;
  return { uniform: isNoGi ? 'no-gi' : 'gi', rest: [...words.slice(0, from), ...words.slice(at + 1)] };
}

interface Days {
  readonly fromDay?: CalendarDate;
  readonly toDay?: CalendarDate;
}

const twoDigits = (value: number): string => String(value).padStart(2, '0');

/** A day or a span of days out of the words; "since" goes from its first day to today. */
function takeDays(
  words: readonly string[],
  today: CalendarDate,
): { readonly span: Days; readonly rest: readonly string[] } {
  for (const at of words.keys()) {
    const found = daysAt(words, at, today);
    if (!found) continue;
    const isSince = words[at - 1] === 'since';
    const from = isSince ? at - 1 : at;
    const span = isSince ? { fromDay: found.span.fromDay, toDay: today } : found.span;
    return { span, rest: [...words.slice(0, from), ...words.slice(at + found.words)] };
  }
  return { span: {}, rest: words };
}

/** The days that are named at a place, and in how many words. */
function daysAt(
  words: readonly string[],
  at: number,
  today: CalendarDate,
): { readonly span: Days; readonly words: number } | undefined {
  const [word = '', next = ''] = words.slice(at, at + 2);
  if (word === 'today') return { span: { fromDay: today, toDay: today }, words: 1 };
  if (word === 'yesterday') {
    const day = addDays(today, -1);
    return { span: { fromDay: day, toDay: day }, words: 1 };
  }
  if (word === 'last' && next === 'week') return { span: { fromDay: addDays(today, -7), toDay: today }, words: 2 };
  if (word === 'last' && next === 'month') return { span: { fromDay: addDays(today, -31), toDay: today }, words: 2 };
  if (word === 'this' && (next === 'month' || next === 'year'))
    return {
      span: {
        fromDay: `${today.slice(0, next === 'month' ? 7 : 4)}${next === 'month' ? '-01' : '-01-01'}`,
        toDay: today,
      },
      words: 2,
    };
  const month = word.length >= 3 ? months.findIndex((name) => name === word || name.slice(0, 3) === word) : -1;
  if (month >= 0) {
    const named = /^20\d\d$/.test(next) ? Number(next) : undefined;
    return { span: monthSpan(named ?? lastYearWith(month + 1, today), month + 1), words: named ? 2 : 1 };
  }
  if (/^20\d\d$/.test(word)) return { span: { fromDay: `${word}-01-01`, toDay: `${word}-12-31` }, words: 1 };
  return undefined;
}

/** The latest year in which the month has begun. */
function lastYearWith(month: number, today: CalendarDate): number {
  const year = Number(today.slice(0, 4));
  return month > Number(today.slice(5, 7)) ? year - 1 : year;
}

function monthSpan(year: number, month: number): Days {
  const next = month === 12 ? `${year + 1}-01-01` : `${year}-${twoDigits(month + 1)}-01`;
  return { fromDay: `${year}-${twoDigits(month)}-01`, toDay: addDays(next, -1) };
}

/** A word is a person when it is a part of a name, or begins exactly one person's name with three letters and more. */
function takePeople(words: readonly string[], people: SearchWorld['people']) {
  const personIds: string[] = [];
  const rest: string[] = [];
  for (const word of words) {
    const parts = people.map((person) => ({ id: person.id, parts: wordsOf(person.name) }));
    const exact = parts.filter((one) => one.parts.includes(word));
    const begun = word.length >= 3 ? parts.filter((one) => one.parts.some((part) => part.startsWith(word))) : [];
    const found = exact.length > 0 ? exact : begun.length === 1 ? begun : [];
    if (found[0]) personIds.push(found[0].id);
    else rest.push(word);
  }
  return { personIds: [...new Set(personIds)], rest };
}

function findConcepts(words: readonly string[], { index, house }: SearchWorld): string[] {
  if (words.length === 0) return [];
  const found = (['gi', 'no-gi'] as const)
    .flatMap((uniform) => matchConcepts(words, index, { uniform }, MOST_CONCEPTS))
    .filter((match) => match.confidence >= TAKEN_CONFIDENCE)
    .sort((one, other) => other.confidence - one.confidence)
    .map((match) => match.concept.id);
  const ids = [...new Set(found)];
  const merged = house.own
    .filter((word) => word.mergedIntoId && ids.includes(word.mergedIntoId))
    .map((word) => word.id);
  return [...ids, ...merged];
}

/** A drill is found by words that its name has, also when they are slips: one as good as that of a finger. */
const ALIKE = 0.7;

function findDrills(words: readonly string[], { house }: SearchWorld): string[] {
  if (words.length === 0) return [];
  return listConceptIds(house, 'drill').filter((id) => {
    const name = wordsOf(houseNameOf(house, id));
    return words.every((word) => name.some((part) => likenessOf(word, part) >= ALIKE));
  });
}
