import type { LearnedKappa, PlanNumbers } from '@/core/planning';
import {
  type CatalogueKind,
  conceptKinds,
  findOwnWord,
  followMerges,
  type HouseWords,
  isUnnamed,
  kindOf,
  listConceptIds,
  unnamedIds,
} from '@/core/vocabulary';
import { pool } from '@/data/client';
import { type Correction, countLearned, listCorrections } from '@/data/language/corrections';
import { countUses, countUsesOf, type FoundMark, searchMarks } from '@/data/language/occurrences';
import { listClips, type ReferenceClip } from '@/data/language/referenceClips';
import { getAcademy } from '@/data/people/academy';
import { listKappas } from '@/data/projections/lessonEffects';
import { listTransitionsFrom } from '@/data/projections/roundFigures';
import type { Piece } from '@/data/rows';
import { type EffectWithWaiting, loadEffects } from '../academy/loadEffects';
import { requireCoach } from '../accounts/currentCoach';
import { listBlindRounds } from '../reviews/blindness';
import { loadHouse } from './loadHouse';

/** Marks shown on an entry's page; the count says how many there are. */
const SHOWN_MARKS = 40;
const SHOWN_UNNAMED = 100;
/** The newest rounds that say what usually comes after a position. @source own decision */
const TRANSITION_ROUNDS = 300;

export interface LibraryPage {
  readonly house: HouseWords;
  readonly ids: Readonly<Record<CatalogueKind, readonly string[]>>;
  /** How often each entry was marked. */
  readonly uses: Readonly<Record<string, number>>;
  readonly unnamed: number;
  /** How many words were learned from corrections. */
  readonly learned: number;
}

export async function loadLibrary(): Promise<LibraryPage> {
  await requireCoach();
  const house = await loadHouse();
  const [counted, unnamed, learned] = await Promise.all([
    countUses(pool()),
    countUsesOf(pool(), unnamedIds),
    countLearned(pool()),
  ]);
  const ids = Object.fromEntries(conceptKinds.map((kind) => [kind, listConceptIds(house, kind)])) as Record<
    CatalogueKind,
    string[]
  >;
  const uses: Record<string, number> = {};
  for (const [id, count] of Object.entries(counted)) {
    const counts = followMerges(house, id);
    uses[counts] = (uses[counts] ?? 0) + count;
  }
  return { house, ids, uses, unnamed, learned };
}

/** The newest corrections that are shown; a coach makes a few in an evening. @source own decision */
const SHOWN_CORRECTIONS = 200;

/** What coaches corrected in the call line, newest first, those that are words by now before the others. */
export async function loadLearned(): Promise<readonly Correction[]> {
  await requireCoach();
  return listCorrections(pool(), SHOWN_CORRECTIONS);
}

export interface ConceptPage {
  readonly id: string;
  readonly kind: CatalogueKind;
  readonly house: HouseWords;
  readonly hidden: boolean;
  readonly uses: number;
  readonly marks: Piece<FoundMark>;
  readonly clips: readonly ReferenceClip[];
  /** For positions: what came next in the academy's footage. */
  readonly next: readonly { readonly positionId: string; readonly count: number }[];
  /** Own words that were merged into this entry. */
  readonly merged: readonly string[];
  /** For drills: what happened to their errors after lessons, and what that says of the drill. */
  readonly effects: readonly EffectWithWaiting[];
  readonly learned?: LearnedKappa;
  readonly numbers: PlanNumbers;
}

/** An entry with where it occurs here; undefined when neither the catalogue nor the academy knows it. */
export async function loadConcept(id: string, after?: string): Promise<ConceptPage | undefined> {
  const coach = await requireCoach();
  const [house, withoutRoundIds] = await Promise.all([loadHouse(), listBlindRounds(coach.id)]);
  const kind = kindOf(id);
  const isOwn = id.includes('~');
  if (!kind || isUnnamed(id) || (isOwn && !findOwnWord(house, id))) return undefined;
  const merged = house.own
    .filter((word) => followMerges(house, word.id) === id && word.id !== id)
    .map((word) => word.id);
  const conceptIds = [id, ...merged];
  const [uses, marks, clips, next, effects, kappas, { planNumbers }] = await Promise.all([
    countUsesOf(pool(), conceptIds),
    searchMarks(pool(), { conceptIds, withoutRoundIds }, SHOWN_MARKS, after),
    listClips(pool(), id),
    kind === 'position' ? listTransitionsFrom(pool(), id, TRANSITION_ROUNDS) : [],
    kind === 'drill' ? loadEffects(withoutRoundIds, id) : [],
    kind === 'drill' ? listKappas(pool()) : [],
    getAcademy(pool()),
  ]);
  return {
    id,
    kind,
    house,
    hidden: house.hiddenIds.includes(id),
    uses,
    marks,
    clips,
    next,
    merged,
    effects,
    learned: kappas.find((one) => one.drillId === id),
    numbers: planNumbers,
  };
}

/** Marks that wait for a name, newest first. */
export async function loadUnnamed(
  after?: string,
): Promise<{ readonly house: HouseWords; readonly marks: Piece<FoundMark> }> {
  const coach = await requireCoach();
  const [house, withoutRoundIds] = await Promise.all([loadHouse(), listBlindRounds(coach.id)]);
  const search = { conceptIds: unnamedIds, withoutRoundIds };
  return { house, marks: await searchMarks(pool(), search, SHOWN_UNNAMED, after) };
}
