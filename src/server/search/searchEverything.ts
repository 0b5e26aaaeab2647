import { buildVocabularyIndex } from '@/core/callline';
import { storablePart } from '@/core/kernel';
import { readQuery, type SearchFindings, type SearchQuery } from '@/core/search';
import { followMerges, type HouseWords, houseNameOf, isUnnamed, kindOf } from '@/core/vocabulary';
import { pool } from '@/data/client';
import { countUses, searchMarks } from '@/data/language/occurrences';
import { listPeople } from '@/data/people/people';
import { searchRounds } from '@/data/rounds/rounds';
import { requireCoach } from '../accounts/currentCoach';
import { today } from '../kernel/environment';
import { describeFound } from '../language/foundMarks';
import { loadHouse } from '../language/loadHouse';
import { listBlindRounds } from '../reviews/blindness';

const SHOWN = { marks: 60, notes: 20, rounds: 20, entries: 12 } as const;
/** Longer texts are no search. */
export const MOST_QUERY_CHARACTERS = 200;

export interface SearchPage extends SearchFindings {
  readonly text: string;
  readonly query: SearchQuery;
}

/** Everything that the words may mean: people, rounds, marks, remarks, entries of the library. */
export async function searchEverything(raw: string): Promise<SearchPage> {
  const coach = await requireCoach();
  const text = storablePart(raw.slice(0, MOST_QUERY_CHARACTERS));
  const [house, people, uses, withoutRoundIds] = await Promise.all([
    loadHouse(),
    listPeople(pool()),
    countUses(pool()),
    listBlindRounds(coach.id),
  ]);
  const index = buildVocabularyIndex(house, uses);
  const query = readQuery(text, { people, house, index, today: today() });
  const { personIds, uniform, fromDay, toDay, conceptIds, restWords } = query;
  const frame = { personIds, uniform, fromDay, toDay, withoutRoundIds };
  const isFramed = personIds.length > 0 || uniform !== undefined || fromDay !== undefined;
  const wantsConcepts = conceptIds.length > 0;
  const [found, noted, rounds] = await Promise.all([
    wantsConcepts ? searchMarks(pool(), { ...frame, conceptIds }, SHOWN.marks) : [],
    restWords.length > 0 ? searchMarks(pool(), { ...frame, noteWords: restWords }, SHOWN.notes) : [],
    isFramed && restWords.length === 0 ? searchRounds(pool(), frame, SHOWN.rounds) : [],
  ]);
  const nameOf = (id: string) => houseNameOf(house, id);
  const shown = new Set(found.map((one) => one.mark.id));
  return {
    text,
    query,
    people: people.filter((person) => personIds.includes(person.id)).map(({ id, name }) => ({ id, name })),
    marks: byPerson(found, personIds).map((one) => describeFound(one, nameOf)),
    notes: noted.filter((one) => !shown.has(one.mark.id)).map((one) => describeFound(one, nameOf)),
    rounds: rounds.map(({ id, heldOn, uniform: worn, a, b, markCount, theme }) => ({
      id,
      heldOn,
      uniform: worn,
      a: a.name,
      b: b.name,
      markCount,
      theme,
    })),
    entries: entriesOf(query, house, uses),
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
  const ids = [...new Set([...query.conceptIds.map((id) => followMerges(house, id)), ...query.drillIds])];
  return ids
    .filter((id) => kindOf(id) && !isUnnamed(id))
    .slice(0, SHOWN.entries)
    .map((id) => ({ id, uses: uses[id] ?? 0 }));
}
