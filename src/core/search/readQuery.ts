import { likenessOf, matchConcepts, TAKEN_CONFIDENCE, type VocabularyIndex, wordsOf } from '../callline';
import type { CalendarDate } from '../kernel';
import { addDays } from '../kernel';
import { type Belt, type HouseWords, houseNameOf, kindOf, listConceptIds, type Uniform } from '../vocabulary';
import { readClass } from './readClass';
import { readHow, type SearchedHow } from './readHow';
import { type SearchedPartner, takePartner } from './readPartner';

export interface SearchWorld {
  readonly people: readonly { readonly id: string; readonly name: string }[];
  readonly today: CalendarDate;
  readonly index: VocabularyIndex;
  readonly house: HouseWords;
}

/** Of whom something is asked, seen from the first who is named, else from whoever did it. */
export type Whose = 'own' | 'partner';

/** A part of a search with the words that say it: taking them out of the text takes the part out of the question. */
export interface SearchPart {
  readonly name: 'time' | 'people' | 'partner' | 'uniform' | 'days' | 'what' | 'rest';
  readonly words: readonly string[];
}

/** What the words of a search mean. Parts that were not said are absent or empty. */
export interface SearchQuery {
  readonly personIds: readonly string[];
  /** What the partner of whoever is named is like. */
  readonly partner: SearchedPartner;
  /** The belt of whoever did it, where nobody is named. */
  readonly ownBelt?: Belt;
  /** Whether the named one did it or the partner; undefined where the words do not say. */
  readonly whose?: Whose;
  readonly uniform?: Uniform;
  /** Both days are included. */
  readonly fromDay?: CalendarDate;
  readonly toDay?: CalendarDate;
  /** Entries that the remaining words name, best first; merged and own ones included. */
  readonly conceptIds: readonly string[];
  /** Entries that the words may mean less likely. */
  readonly otherIds: readonly string[];
  readonly drillIds: readonly string[];
  /** How it went, where the words say so. */
  readonly how: SearchedHow;
  /** The words of the question part by part, those that say nothing left out. */
  readonly parts: readonly SearchPart[];
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

/** Words with which a question begins and which search nothing. */
const asking = new Set(
  'how often when where why does do did show me find list which who that what every each all times was were is are'.split(
    ' ',
  ),
);

/** Reads "elbows ana gi march" or "ana passed from half guard on the left by heavier partners since october": people, uniform, days and what partners are like are taken out, the rest names entries or stands in remarks. */
export function readQuery(text: string, world: SearchWorld): SearchQuery {
  const words = wordsOf(text.replace(/['’]s\b/g, ''));
  const { uniform, rest: withoutUniform } = takeUniform(words);
  const { span, rest: withoutDays } = takeDays(withoutUniform, world.today);
  const { personIds, isByPartner: isByNamed, rest: withoutPeople } = takePeople(withoutDays, world.people);
  const { isByPartner, rest, ...belts } = takePartner(withoutPeople, personIds.length > 0);
  const what = readWhat(rest, isByPartner || isByNamed, world);
  const two = personIds.length > 0 ? { ...belts, whose: what.whose } : seenFromDoer(belts, isByPartner, what);
  const parts: readonly SearchPart[] = [
    { name: 'people', words: without(withoutDays, withoutPeople) },
    {
      name: 'what',
      words: without(
        rest.filter((word) => !silent.has(word) && !asking.has(word)),
        what.unread,
      ),
    },
    { name: 'partner', words: without(withoutPeople, rest) },
    { name: 'uniform', words: without(words, withoutUniform) },
    { name: 'days', words: without(withoutUniform, withoutDays) },
    { name: 'rest', words: what.unread },
  ];
  const { unread: _unread, whose: _whose, ...read } = what;
  return {
    ...read,
    ...two,
    personIds,
    uniform,
    ...span,
    parts: parts.filter((part) => part.words.length > 0),
  };
}

/** Where nobody is named, "by white belts" are those who did it; but an attempt that is escaped by them was the other's. */
const seenFromDoer = (
  { partner, ownBelt }: Pick<SearchQuery, 'partner' | 'ownBelt'>,
  isByPartner: boolean,
  { how }: Pick<SearchQuery, 'how'>,
): Pick<SearchQuery, 'partner' | 'ownBelt'> => {
  const { belt, ...rest } = partner;
  const isDoer =
    isByPartner && how.fields.end !== 'escaped' && belt !== undefined && belt !== 'higher' && belt !== 'lower';
  return isDoer ? { partner: rest, ownBelt: belt } : { partner, ownBelt };
};

type What = Pick<SearchQuery, 'how' | 'whose' | 'conceptIds' | 'otherIds' | 'drillIds' | 'restWords'> & {
  /** Words that name nothing: they can only stand in remarks. */
  readonly unread: readonly string[];
};

/** What is looked for: a kind of techniques, else what the call line reads, else entries and remarks. */
function readWhat(words: readonly string[], isByPartner: boolean, world: SearchWorld): What {
  const asked = words.filter((word) => !asking.has(word) || word === 'is' || word === 'was');
  const group = readClass(asked, world);
  if (group) {
    const fields: Record<string, string> = {};
    if (group.isFinished && !group.isMissed) fields.stage = 'finished';
    if (group.side) fields.side = group.side;
    const kind = group.isMissed ? 'chance' : 'attempt';
    return {
      how: { kind, fields, saidWords: words },
      whose: group.isPassive || isByPartner ? 'partner' : 'own',
      conceptIds: group.techniqueIds,
      otherIds: [],
      drillIds: [],
      restWords: [],
      unread: [],
    };
  }
  const said = words.filter((word) => !silent.has(word) && !asking.has(word));
  const how = readHow(said, world.index);
  const restWords = said.filter((word) => !how.saidWords.includes(word));
  const { meant, others } = findConcepts(restWords, world);
  const named = [...new Set([...(how.conceptId ? [how.conceptId] : []), ...meant])];
  // Where something is done, the position of the same name is another question.
  const isOwn = isDone(how, named[0]);
  const conceptIds = isOwn ? named.filter((id) => kindOf(id) !== 'position') : named;
  const otherIds = [...named, ...others].filter((id) => !conceptIds.includes(id));
  const drillIds = findDrills(restWords, world);
  const names = conceptIds.length + drillIds.length > 0 || how.kind !== undefined;
  return {
    how,
    whose: isByPartner ? 'partner' : isOwn ? 'own' : undefined,
    conceptIds,
    otherIds,
    drillIds,
    restWords,
    unread: names ? [] : restWords,
  };
}

/** Whether what is asked for is done by one of the two: a position is of both, and a hazard or a stoppage of nobody. */
function isDone(how: SearchedHow, conceptId: string | undefined): boolean {
  if (how.kind === 'hazard' || how.kind === 'stoppage' || how.kind === 'ruling') return false;
  return conceptId !== undefined && kindOf(conceptId) !== 'position';
}

/** What a step has taken: the words of before that are not among those after, each as often as it is gone. */
export function without(before: readonly string[], after: readonly string[]): string[] {
  const left = [...after];
  return before.filter((word) => {
    const at = left.indexOf(word);
    if (at < 0) return true;
    left.splice(at, 1);
    return false;
  });
}

/** The text of a question without a part of it. */
export const textWithout = (text: string, part: SearchPart): string =>
  without(wordsOf(text.replace(/['’]s\b/g, '')), part.words).join(' ');

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

/** A word is a person when it is a part of a name, or begins exactly one person's name with three letters and more; "by marek" says that he did it. */
function takePeople(words: readonly string[], people: SearchWorld['people']) {
  const personIds: string[] = [];
  const rest: string[] = [];
  let isByPartner = false;
  let isDoneByFirst = false;
  for (const [at, word] of words.entries()) {
    const parts = people.map((person) => ({ id: person.id, parts: wordsOf(person.name) }));
    const exact = parts.filter((one) => one.parts.includes(word));
    const begun = word.length >= 3 ? parts.filter((one) => one.parts.some((part) => part.startsWith(word))) : [];
    const found = exact.length > 0 ? exact : begun.length === 1 ? begun : [];
    if (found[0]) {
      if (words[at - 1] === 'by' && personIds.length > 0) isByPartner = true;
      if (words[at - 1] === 'by' && personIds.length === 0) isDoneByFirst = true;
      personIds.push(found[0].id);
    } else rest.push(word);
  }
  // "armbar escaped by ana": the armbar was the other's.
  return {
    personIds: [...new Set(personIds)],
    isByPartner: isByPartner || (isDoneByFirst && rest.includes('escaped')),
    rest,
  };
}

/** So near to the best reading another is meant as well. @source own decision */
const ABOUT_AS_LIKELY = 0.05;

/** Entries that words mean: the best reading, those about as likely, and its variants, whose names have all of the words; then others that they may mean. */
function findConcepts(
  words: readonly string[],
  { index, house }: SearchWorld,
): { readonly meant: string[]; readonly others: string[] } {
  if (words.length === 0) return { meant: [], others: [] };
  const found = (['gi', 'no-gi'] as const)
    .flatMap((uniform) => matchConcepts(words, index, { uniform }, MOST_CONCEPTS))
    .filter((match) => match.confidence >= TAKEN_CONFIDENCE)
    .sort((one, other) => other.confidence - one.confidence);
  const [best] = found;
  if (!best) return { meant: [], others: [] };
  const isVariant = (id: string) => {
    const name = wordsOf(houseNameOf(house, id));
    return kindOf(id) === kindOf(best.concept.id) && words.every((word) => name.includes(word));
  };
  const withMerged = (ids: readonly string[]) => [
    ...new Set([
      ...ids,
      ...house.own.filter((word) => word.mergedIntoId && ids.includes(word.mergedIntoId)).map((word) => word.id),
    ]),
  ];
  const meant = withMerged(
    found
      .filter(({ concept, confidence }) => confidence >= best.confidence - ABOUT_AS_LIKELY || isVariant(concept.id))
      .map((match) => match.concept.id),
  );
  return { meant, others: withMerged(found.map((match) => match.concept.id)).filter((id) => !meant.includes(id)) };
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
