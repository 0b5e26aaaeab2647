import { buildVocabularyIndex } from '@/core/callline';
import { storablePart } from '@/core/kernel';
import { readQuery, type SearchedCount, type SearchFindings, type SearchQuery } from '@/core/search';
import {
  findError,
  followMerges,
  type HouseWords,
  houseNameOf,
  isUnnamed,
  kindOf,
  standardIdOf,
} from '@/core/vocabulary';
import { sayingsAsTold } from '@/core/vocabulary/sayings/asTold';
import { pool } from '@/data/client';
import {
  countFoundMarks,
  countUses,
  type MarkSearch,
  searchMarks,
  sumSearchedExposure,
} from '@/data/language/occurrences';
import { listPeople } from '@/data/people/people';
import { listRounds } from '@/data/rounds/rounds';
import { requireCoach } from '../accounts/currentCoach';
import { today } from '../kernel/academyTime';
import { describeFound } from '../language/foundMarks';
import { loadHouse } from '../language/loadHouse';
import { listBlindRounds } from '../reviews/blindness';

const SHOWN = { marks: 60, notes: 20, rounds: 20, entries: 12 } as const;
/** Longer texts are no search. */
export const MOST_QUERY_CHARACTERS = 200;

/** Which of the lists goes on from where: the others are not looked for again. */
export interface SearchPlace {
  readonly list: keyof SearchFindings['more'];
  readonly after: string;
}

/** What the coach changed of how the words were read. */
export interface SearchChanges {
  /** The one entry that is meant. */
  readonly as?: string;
  readonly whose?: string;
}

export interface SearchPage extends SearchFindings {
  readonly text: string;
  /** As it was asked: with what the coach changed. */
  readonly query: SearchQuery;
  /** All entries that the words may mean. */
  readonly choices: readonly string[];
}

/** Marks are counted so far. @source own decision: more than anybody looks at, and quick to count */
const MOST_COUNTED = 5000;

/** Everything that the words may mean: people, rounds, marks, remarks, entries of the library; or one of these lists further on. */
export async function searchEverything(
  raw: string,
  place?: SearchPlace,
  changes: SearchChanges = {},
): Promise<SearchPage> {
  const coach = await requireCoach();
  const text = storablePart(raw.slice(0, MOST_QUERY_CHARACTERS));
  const [house, people, uses, withoutRoundIds] = await Promise.all([
    loadHouse(),
    listPeople(pool()),
    countUses(pool()),
    listBlindRounds(coach.id),
  ]);
  const index = buildVocabularyIndex(house, uses, sayingsAsTold);
  const read = readQuery(text, { people, house, index, today: await today() });
  const choices = [...read.conceptIds, ...read.otherIds];
  const query = changed(read, choices, changes);
  const { personIds, partner, ownBelt, whose, uniform, fromDay, toDay, conceptIds, restWords, how } = query;
  const frame = { personIds, partner, ownBelt, whose, uniform, fromDay, toDay, withoutRoundIds };
  const isFramed = personIds.length > 0 || uniform !== undefined || fromDay !== undefined;
  const wantsConcepts = conceptIds.length > 0;
  // "hazard", "stopped for blood": marks of a kind that names no entry.
  const wantsKind = how.kind !== undefined && how.conceptId === undefined;
  const wants = (list: SearchPlace['list']) => place === undefined || place.list === list;
  const none = { rows: [], unreadable: 0, more: undefined };
  const wanted = { ...frame, kind: how.kind, fields: how.fields, conceptIds: wantsConcepts ? conceptIds : undefined };
  const wantsMarks = wantsConcepts || wantsKind;
  const [found, count, noted, rounds] = await Promise.all([
    wantsMarks && wants('marks') ? searchMarks(pool(), wanted, SHOWN.marks, place?.after) : none,
    wantsMarks && place === undefined ? countOf(wanted) : undefined,
    restWords.length > 0 && wants('notes')
      ? searchMarks(pool(), { ...frame, noteWords: restWords }, SHOWN.notes, place?.after)
      : none,
    isFramed && restWords.length === 0 && wants('rounds')
      ? listRounds(pool(), frame, SHOWN.rounds, place?.after)
      : none,
  ]);
  const nameOf = (id: string) => houseNameOf(house, id);
  const shown = new Set(found.rows.map((one) => one.mark.id));
  return {
    text,
    query,
    choices,
    count,
    people: people.filter((person) => personIds.includes(person.id)).map(({ id, name }) => ({ id, name })),
    marks: byPerson(found.rows, personIds).map((one) => describeFound(one, nameOf)),
    notes: noted.rows.filter((one) => !shown.has(one.mark.id)).map((one) => describeFound(one, nameOf)),
    rounds: rounds.rows.map(({ id, heldOn, uniform: worn, a, b, markCount, theme }) => ({
      id,
      heldOn,
      uniform: worn,
      a: a.name,
      b: b.name,
      markCount,
      theme,
    })),
    entries: place ? [] : entriesOf(query, house, uses),
    more: { marks: found.more, notes: noted.more, rounds: rounds.more },
    unreadable: found.unreadable + noted.unreadable + rounds.unreadable,
  };
}

function changed(read: SearchQuery, choices: readonly string[], { as, whose }: SearchChanges): SearchQuery {
  const isMeant = as !== undefined && choices.includes(as);
  const said = whose === 'own' || whose === 'partner' ? whose : undefined;
  return {
    ...read,
    ...(isMeant ? { conceptIds: [as], how: { ...read.how, conceptId: as } } : {}),
    ...(whose === undefined ? {} : { whose: said }),
  };
}

/** Every mark that fits, and what it could have been seen in, where it is known whose rounds those are. */
async function countOf(wanted: MarkSearch): Promise<SearchedCount> {
  const { personIds = [], conceptIds = [] } = wanted;
  const [onlyId] = conceptIds.length === 1 ? conceptIds : [];
  const error = onlyId === undefined ? undefined : findError(onlyId);
  const [found, seen] = await Promise.all([
    countFoundMarks(pool(), wanted, MOST_COUNTED),
    personIds.length > 0
      ? sumSearchedExposure(pool(), { ...wanted, personIds }, onlyId && error ? standardIdOf(onlyId) : undefined)
      : undefined,
  ]);
  return {
    ...found,
    isCut: found.marks >= MOST_COUNTED,
    seenIn: seen && { rounds: seen.rounds, minutes: seen.minutes },
    exposure: seen && error && onlyId ? { errorId: onlyId, amount: seen.exposure } : undefined,
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
