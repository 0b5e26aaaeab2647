import { buildVocabularyIndex, type VocabularyIndex } from '@/core/callline';
import type { ThemeMeaning } from '@/core/patterns';
import { asTold } from '@/core/resemblance';
import { readQuery, type SearchedCount, type SearchQuery, type SearchWorld } from '@/core/search';
import { findError, type HouseWords, kindOf, standardIdOf } from '@/core/vocabulary';
import { pool } from '@/data/client';
import { countFoundMarks, countUses, type MarkSearch, sumSearchedExposure } from '@/data/language/occurrences';
import { listPeople } from '@/data/people/people';
import { requireCoach } from '../accounts/currentCoach';
import { today } from '../kernel/academyTime';
import { loadHouse } from '../language/loadHouse';
import { listBlindRounds } from '../reviews/blindness';

/** What the coach changed of how the words were read. */
export interface SearchChanges {
  /** The one entry that is meant. */
  readonly as?: string;
  readonly whose?: string;
}

/** All that words are read against, for one coach. */
export interface AskedWorld extends SearchWorld {
  readonly coachId: string;
  readonly uses: Readonly<Record<string, number>>;
  /** Rounds whose marks this coach must not meet. */
  readonly withoutRoundIds: readonly string[];
}

export interface Understood {
  /** As it is asked: with what the coach changed. */
  readonly query: SearchQuery;
  /** All entries that the words may mean. */
  readonly choices: readonly string[];
  /** In which rounds it is looked for. */
  readonly frame: MarkSearch;
  /** The marks that are asked for; undefined where words name none. */
  readonly wanted?: MarkSearch;
}

/** Marks are counted so far. @source own decision: more than anybody looks at, and quick to count */
export const MOST_COUNTED = 5000;

/** Everything that a question of this coach is read against. */
export async function openWorld(): Promise<AskedWorld> {
  const coach = await requireCoach();
  const [house, people, uses, withoutRoundIds, day] = await Promise.all([
    loadHouse(),
    listPeople(pool()),
    countUses(pool()),
    listBlindRounds(coach.id),
    today(),
  ]);
  const index = { ...indexOf(house), uses: new Map(Object.entries(uses)) };
  return { coachId: coach.id, house, people, uses, withoutRoundIds, today: day, index };
}

let last: { readonly words: string; readonly index: VocabularyIndex } | undefined;

/** The index of an academy's words: built anew, which takes longer than all else of a search, only when they changed. */
function indexOf(house: HouseWords): VocabularyIndex {
  const words = JSON.stringify(house);
  if (last?.words !== words) last = { words, index: buildVocabularyIndex(house, {}, asTold) };
  return last.index;
}

/** What words ask for, with what the coach changed. */
export function understand(world: AskedWorld, text: string, changes: SearchChanges = {}): Understood {
  const read = readQuery(text, world);
  const choices = [...read.conceptIds, ...read.otherIds];
  const query = changed(read, choices, changes);
  const { personIds, partner, ownBelt, whose, uniform, fromDay, toDay, conceptIds, how } = query;
  const frame = { personIds, partner, ownBelt, whose, uniform, fromDay, toDay, withoutRoundIds: world.withoutRoundIds };
  const names = conceptIds.length > 0;
  // "hazard", "stopped for blood": marks of a kind that names no entry.
  const isKind = how.kind !== undefined && how.conceptId === undefined;
  const marks = { ...frame, kind: how.kind, fields: how.fields, conceptIds: names ? conceptIds : undefined };
  return { query, choices, frame, wanted: names || isKind ? marks : undefined };
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
export async function countWanted(wanted: MarkSearch): Promise<SearchedCount> {
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

/** What the words of a theme mean: undefined where they name neither a technique nor a position. */
export function meaningOfTheme(world: AskedWorld, theme: string): ThemeMeaning | undefined {
  const ids = readQuery(theme, world).conceptIds;
  const techniqueIds = ids.filter((id) => kindOf(id) === 'attempt');
  const positionIds = ids.filter((id) => kindOf(id) === 'position');
  return techniqueIds.length + positionIds.length > 0 ? { techniqueIds, positionIds } : undefined;
}
