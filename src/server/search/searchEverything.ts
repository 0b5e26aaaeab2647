import { storablePart } from '@/core/kernel';
import { MOST_MOMENTS } from '@/core/reel';
import { FOLLOWS_WITHIN_SECONDS, type SearchedBreakdown, type SearchFindings, type SearchQuery } from '@/core/search';
import { followMerges, type HouseWords, houseNameOf, isUnnamed, kindOf } from '@/core/vocabulary';
import { pool } from '@/data/client';
import { countFoundBy, listFollowed, searchMarks } from '@/data/language/occurrences';
import { listStays } from '@/data/language/stays';
import { listRounds } from '@/data/rounds/rounds';
import { describeFound } from '../language/foundMarks';
import { answerTo, ask } from './answer';
import { type AskedWorld, MOST_COUNTED, openWorld, type SearchChanges } from './understand';

const SHOWN = { marks: 60, notes: 20, rounds: 20, entries: 12, parts: 6 } as const;
/** Longer texts are no search. */
export const MOST_QUERY_CHARACTERS = 200;

/** Which of the lists goes on from where: the others are not looked for again. */
export interface SearchPlace {
  readonly list: keyof SearchFindings['more'];
  readonly after: string;
}

export interface SearchPage extends SearchFindings {
  readonly text: string;
  /** As it was asked: with what the coach changed. */
  readonly query: SearchQuery;
  /** All entries that the words may mean. */
  readonly choices: readonly string[];
}

/** Everything that the words may mean: people, rounds, marks, remarks, entries of the library; or one of these lists further on. */
export async function searchEverything(
  raw: string,
  place?: SearchPlace,
  changes: SearchChanges = {},
): Promise<SearchPage> {
  const text = storablePart(raw.slice(0, MOST_QUERY_CHARACTERS));
  const world = await openWorld();
  const asked = ask(world, text, changes);
  const { query, choices, frame, wanted, followedBy, stays } = asked;
  const { personIds, uniform, fromDay, restWords } = query;
  const isFramed = personIds.length > 0 || uniform !== undefined || fromDay !== undefined;
  const wants = (list: SearchPlace['list']) => place === undefined || place.list === list;
  const none = { rows: [], unreadable: 0, more: undefined };
  const [found, noted, rounds, answer, begun, counted] = await Promise.all([
    wanted && wants('marks') ? searchMarks(pool(), wanted, SHOWN.marks, place?.after) : none,
    restWords.length > 0 && wants('notes')
      ? searchMarks(pool(), { ...frame, noteWords: restWords }, SHOWN.notes, place?.after)
      : none,
    isFramed && restWords.length === 0 && wants('rounds')
      ? listRounds(pool(), frame, SHOWN.rounds, place?.after)
      : none,
    answerTo(asked),
    stays && stays !== 'needs-name' ? listStays(pool(), stays, MOST_MOMENTS) : undefined,
    wanted && !place ? countFoundBy(pool(), wanted, MOST_COUNTED, SHOWN.parts) : undefined,
  ]);
  const nameOf = (id: string) => houseNameOf(world.house, id);
  const ids = found.rows.map((one) => one.mark.id);
  return {
    text,
    query,
    choices,
    answer,
    stays: begun,
    breakdown: counted && breakdownOf(counted, world),
    followedIds: followedBy && (await listFollowed(pool(), ids, followedBy, FOLLOWS_WITHIN_SECONDS)),
    people: world.people.filter((person) => personIds.includes(person.id)).map(({ id, name }) => ({ id, name })),
    marks: byPerson(found.rows, personIds).map((one) => describeFound(one, nameOf)),
    notes: noted.rows.filter((one) => !ids.includes(one.mark.id)).map((one) => describeFound(one, nameOf)),
    rounds: rounds.rows.map(({ id, heldOn, uniform: worn, a, b, markCount, theme }) => ({
      id,
      heldOn,
      uniform: worn,
      a: a.name,
      b: b.name,
      markCount,
      theme,
    })),
    entries: place ? [] : entriesOf(query, world.house, world.uses),
    more: { marks: found.more, notes: noted.more, rounds: rounds.more },
    unreadable: found.unreadable + noted.unreadable + rounds.unreadable,
  };
}

function breakdownOf(counted: Awaited<ReturnType<typeof countFoundBy>>, { people }: AskedWorld): SearchedBreakdown {
  const of = (part: 'what' | 'partner' | 'day') => counted.filter((one) => one.part === part);
  return {
    what: of('what').map(({ key, count }) => ({ id: key, count })),
    partners: of('partner').map(({ key, count }) => ({
      ...{ id: key, count },
      name: people.find((person) => person.id === key)?.name ?? 'somebody',
    })),
    days: of('day').map(({ key, count }) => ({ day: key, count })),
  };
}

/** With one person named, that person's own marks come first. */
function byPerson<
  Found extends {
    readonly mark: { readonly kind: string };
    readonly people: Readonly<Record<'a' | 'b', { readonly id: string }>>;
  },
>(found: readonly Found[], personIds: readonly string[]): Found[] {
  const [only] = personIds;
  if (!only || personIds.length > 1) return [...found];
  const isOwn = (one: Found) => {
    const athlete = (one.mark as { athlete?: 'a' | 'b' }).athlete;
    return athlete === undefined || one.people[athlete].id === only;
  };
  return [...found.filter(isOwn), ...found.filter((one) => !isOwn(one))];
}

function entriesOf(query: SearchQuery, house: HouseWords, uses: Readonly<Record<string, number>>) {
  const ids = [
    ...new Set([...[...query.conceptIds, ...query.otherIds].map((id) => followMerges(house, id)), ...query.drillIds]),
  ];
  return ids
    .filter((id) => kindOf(id) && !isUnnamed(id))
    .slice(0, SHOWN.entries)
    .map((id) => ({ id, uses: uses[id] ?? 0 }));
}
