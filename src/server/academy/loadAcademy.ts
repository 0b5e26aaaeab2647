import { addDays } from '@/core/kernel';
import { type AcademyTable, academyTable, listShared, type SharedError } from '@/core/patterns';
import { adultEquivalent, type Belt, belts, errors, findError, positionFamilies } from '@/core/vocabulary';
import { listSeenInClasses } from '@/data/classes/log';
import { pool } from '@/data/client';
import {
  listErrorsByBelt,
  listFootageByBelt,
  listHazardsSeen,
  listTaughtDrills,
  listWhoShows,
  listWork,
} from '@/data/projections/academy';
import { findFiguresDue } from '@/data/projections/roundFigures';
import { requireCoach } from '../accounts/currentCoach';
import { academyZone, today } from '../kernel/academyTime';
import { listBlindRounds } from '../reviews/blindness';
import type { FiguresDue } from '../students/loadStudent';
import { type EffectWithWaiting, loadEffects } from './loadEffects';
import { loadReviewers, type ReviewersAgreed } from './loadReviewers';

/** How far back it is looked for what was taught. @source own decision: half a year */
const TAUGHT_DAYS = 182;
/** Hazards at once; one more is read to know whether there are. @source own decision: what can be read in one list */
const SHOWN_HAZARDS = 50;
/** Counted over all live minutes: its exposure is how long somebody was seen. */
const liveTimeError = errors.find((error) => error.exposure.kind === 'live-time');

/** One cell of the table, opened: who shows what. */
interface OpenCell {
  readonly family: string;
  readonly belt: Belt;
  readonly errors: readonly {
    readonly errorId: string;
    readonly count: number;
    readonly people: readonly { readonly personId: string; readonly name: string; readonly count: number }[];
  }[];
}

export interface AcademyPage {
  readonly table: AcademyTable;
  readonly shared: readonly SharedError[];
  readonly taught: Awaited<ReturnType<typeof listTaughtDrills>>;
  readonly effects: readonly EffectWithWaiting[];
  readonly hazards: Awaited<ReturnType<typeof listHazardsSeen>>;
  readonly moreHazards: boolean;
  /** Classes in which something was dangerous or hurt. */
  readonly inClasses: Awaited<ReturnType<typeof listSeenInClasses>>;
  readonly work: { readonly marked: number; readonly unmarked: number; readonly unsigned: number };
  readonly reviewers: readonly ReviewersAgreed[];
  readonly open?: OpenCell;
  readonly today: string;
  readonly figuresDue: FiguresDue;
}

/** What the academy as a whole shows; a family and a belt open a cell of its table, anything else opens none. */
export async function loadAcademy(family?: string, belt?: string): Promise<AcademyPage> {
  const coach = await requireCoach();
  const [day, zone, blind] = await Promise.all([today(), academyZone(), listBlindRounds(coach.id)]);
  const byBelt = await listErrorsByBelt(pool());
  const [footage, taught, hazards, [work], reviewers, figuresDue, effects, inClasses, open] = await Promise.all([
    listFootageByBelt(pool(), liveTimeError?.id ?? ''),
    listTaughtDrills(pool(), addDays(day, -TAUGHT_DAYS), zone),
    listHazardsSeen(pool(), SHOWN_HAZARDS + 1, blind),
    listWork(pool()),
    loadReviewers(blind),
    findFiguresDue(pool(), undefined),
    loadEffects(blind),
    listSeenInClasses(pool(), SHOWN_HAZARDS, zone),
    openCell(
      byBelt.map((one) => one.errorId),
      family,
      belt,
    ),
  ]);
  return {
    ...{
      table: academyTable(byBelt, footage),
      shared: listShared(byBelt),
      taught,
      effects,
      inClasses,
      reviewers,
      open,
      today: day,
      figuresDue,
    },
    hazards: hazards.slice(0, SHOWN_HAZARDS),
    moreHazards: hazards.length > SHOWN_HAZARDS,
    work: work ?? { marked: 0, unmarked: 0, unsigned: 0 },
  };
}

async function openCell(
  shownIds: readonly string[],
  family: string | undefined,
  asked: string | undefined,
): Promise<OpenCell | undefined> {
  const belt = belts.find((one) => one === asked);
  const isFamily = family === 'any' || positionFamilies.some((one) => one === family);
  if (family === undefined || !isFamily || !belt) return undefined;
  const ids = shownIds.filter((id) => findError(id)?.family === family);
  const byError = new Map<string, { personId: string; name: string; count: number }[]>();
  for (const { errorId, personId, name, count, belt: worn } of await listWhoShows(pool(), [...new Set(ids)]))
    if (adultEquivalent(worn) === belt)
      byError.set(errorId, [...(byError.get(errorId) ?? []), { personId, name, count }]);
  const shown = [...byError].map(([errorId, people]) => ({
    errorId,
    people,
    count: people.reduce((sum, one) => sum + one.count, 0),
  }));
  return { family, belt, errors: shown.sort((one, other) => other.count - one.count) };
}
