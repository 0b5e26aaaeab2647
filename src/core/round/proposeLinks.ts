import { liveSecondsBetween, liveSpans } from '../clock';
import { present } from '../kernel';
import {
  type Athlete,
  conceptIdOf,
  countsAsError,
  type ErrorMark,
  isFinished,
  linksOf,
  type Mark,
  opponentOf,
  stoppageSpans,
} from '../marks';
import { type CatalogueError, findError, findPosition, findTechnique, techniqueIsOf } from '../vocabulary';
import { descendantFinder, linkGraphOf } from './linkGraph';
import type { RoundReading } from './readRound';

/** Consequences are looked for within this much live time. @source own decision: what comes later has other causes, too */
export const CONSEQUENCE_SECONDS = 30;
const LEAST_LIKELIHOOD = 1;

export interface LinkProposal {
  readonly fromId: string;
  readonly toId: string;
  /** For ranking only: what the catalogue says, how near it is, and whether the position was still the same. */
  readonly likelihood: number;
}

/**
 * What each mark without a consequence may have led to, one for each: an error to the opponent's success, to a further error or to an own attempt that
 * failed, within 30 s of live time, fitting by position family or by the catalogue's usual consequences; a threat or a bait to the success that it made
 * room for; what was conceded to what came of it. Proposals only.
 * @source own decision
 */
export function proposeLinks(reading: RoundReading): LinkProposal[] {
  const { marks, round } = reading;
  const live = liveSpans(round, stoppageSpans(marks));
  const liveAt = marks.map((mark) => liveSecondsBetween(live, round.startSeconds, mark.atSeconds));
  const descendantsOf = descendantFinder(linkGraphOf(marks));
  return marks.flatMap((from, index): LinkProposal[] => {
    const fitOf = linksOf(from).length === 0 ? fitFrom(from) : undefined;
    if (!fitOf) return [];
    let best: LinkProposal | undefined;
    for (let at = index + 1; at < marks.length; at += 1) {
      const mark = present(marks[at]);
      if (mark.atSeconds - from.atSeconds > CONSEQUENCE_SECONDS * 4) break;
      const seconds = present(liveAt[at]) - present(liveAt[index]);
      if (seconds > CONSEQUENCE_SECONDS) break;
      const fit = fitOf(mark);
      // A mark that leads to the error already would close a circle.
      if (fit === 0 || descendantsOf(at).includes(index)) continue;
      const likelihood = fit - seconds / 15 + (isUnbroken(reading, from, mark) ? 1 : 0);
      if (likelihood >= LEAST_LIKELIHOOD && likelihood > (best?.likelihood ?? 0))
        best = { fromId: from.id, toId: mark.id, likelihood };
    }
    return best ? [best] : [];
  });
}

/** How well later marks fit as consequences of one; undefined for a mark that leads to nothing by its kind. */
function fitFrom(from: Mark): ((mark: Mark) => number) | undefined {
  if (from.unsure) return undefined;
  if (from.kind === 'error' && countsAsError(from)) {
    const entry = findError(from.errorId);
    return entry && ((mark) => fitOfError(from, entry, mark));
  }
  const by = 'athlete' in from ? from.athlete : undefined;
  if (by && from.verdict === 'concession') return (mark) => (isSuccessOf(mark, opponentOf(by)) ? 2 : 0);
  // What threatens draws the answer that the next move needs.
  if (from.kind === 'attempt' && !isFinished(from) && (from.verdict === 'bait' || from.stage === 'locked'))
    return (mark) =>
      isSuccessOf(mark, from.athlete) && mark.kind === 'attempt' && mark.techniqueId !== from.techniqueId ? 2 : 0;
  return undefined;
}

const isSuccessOf = (mark: Mark, athlete: Athlete): boolean =>
  mark.kind === 'attempt' && mark.athlete === athlete && isFinished(mark) && !mark.unsure;

/** 3 for a usual consequence, 1 for one that fits by position, 0 for what cannot come of it. */
function fitOfError(error: ErrorMark, entry: CatalogueError, mark: Mark): number {
  const usual = entry.leadsTo.includes(conceptIdOf(mark) ?? '');
  if (mark.kind === 'error') return mark.athlete === error.athlete && countsAsError(mark) && usual ? 2 : 0;
  if (mark.kind === 'position') {
    const position = findPosition(mark.positionId);
    const worse = mark.holder === opponentOf(error.athlete) && (position?.houseValue ?? 0) >= 1;
    return worse && usual ? 2 : 0;
  }
  if (mark.kind !== 'attempt') return 0;
  if (mark.athlete === error.athlete) return failsBy(entry, mark.techniqueId) && hasFailed(mark.end) ? 2 : 0;
  const pressed = mark.stage === 'locked' || mark.stage === 'finished';
  if (!pressed) return 0;
  if (usual) return 3;
  const technique = findTechnique(mark.techniqueId);
  const fits =
    entry.family === 'any' || technique?.fromFamilies.some((family) => family === 'any' || family === entry.family);
  return fits ? 1 : 0;
}

const hasFailed = (end: string | undefined): boolean => end === 'escaped' || end === 'abandoned';
/** Whether an error is made in attempts of this technique. */
const failsBy = ({ exposure }: CatalogueError, techniqueId: string): boolean =>
  exposure.kind === 'attempts-of' && techniqueIsOf(techniqueId, exposure.of);

/** Whether the position at the error still held when the later mark was made: one that only says where a technique ended comes after that technique. */
function isUnbroken({ intervals }: RoundReading, from: Mark, mark: Mark): boolean {
  return !intervals.some((one) => one.startSeconds > from.atSeconds + 1e-9 && one.startSeconds < mark.atSeconds - 1e-9);
}
