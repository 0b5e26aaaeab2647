import { liveSecondsBetween, liveSpans } from '../clock';
import { present } from '../kernel';
import { conceptIdOf, countsAsError, type ErrorMark, type Mark, opponentOf, stoppageSpans } from '../marks';
import { type CatalogueError, findError, findPosition, findTechnique } from '../vocabulary';
import { descendantFinder, linkGraphOf } from './linkGraph';
import type { RoundReading } from './readRound';

/** Consequences are looked for within this much live time. @source own decision: what comes later has other causes, too */
export const CONSEQUENCE_SECONDS = 30;
const LEAST_LIKELIHOOD = 1;

export interface LinkProposal {
  readonly errorId: string;
  readonly toId: string;
  /** For ranking only: what the catalogue says, how near it is, and whether the position was still the same. */
  readonly likelihood: number;
}

/**
 * What each error without a consequence may have led to, the likeliest first, one for each error: the opponent's success or a further error of the same
 * athlete within 30 s of live time, fitting by position family or by the catalogue's usual consequences. Proposals only.
 * @source own decision
 */
export function proposeLinks(reading: RoundReading): LinkProposal[] {
  const { marks, round } = reading;
  const live = liveSpans(round, stoppageSpans(marks));
  const liveAt = marks.map((mark) => liveSecondsBetween(live, round.startSeconds, mark.atSeconds));
  const descendantsOf = descendantFinder(linkGraphOf(marks));
  return marks.flatMap((error, index): LinkProposal[] => {
    if (error.kind !== 'error' || !countsAsError(error) || error.ledTo.length > 0) return [];
    const entry = findError(error.errorId);
    if (!entry) return [];
    let best: LinkProposal | undefined;
    for (let at = index + 1; at < marks.length; at += 1) {
      const mark = present(marks[at]);
      if (mark.atSeconds - error.atSeconds > CONSEQUENCE_SECONDS * 4) break;
      const seconds = present(liveAt[at]) - present(liveAt[index]);
      if (seconds > CONSEQUENCE_SECONDS) break;
      const fit = fitOf(error, entry, mark);
      // A mark that leads to the error already would close a circle.
      if (fit === 0 || descendantsOf(at).includes(index)) continue;
      const likelihood = fit - seconds / 15 + (isUnbroken(reading, error, mark) ? 1 : 0);
      if (likelihood >= LEAST_LIKELIHOOD && likelihood > (best?.likelihood ?? 0))
        best = { errorId: error.id, toId: mark.id, likelihood };
    }
    return best ? [best] : [];
  });
}

/** 3 for a usual consequence, 1 for one that fits by position, 0 for what cannot come of it. */
function fitOf(error: ErrorMark, entry: CatalogueError, mark: Mark): number {
  const usual = entry.leadsTo.includes(conceptIdOf(mark) ?? '');
  if (mark.kind === 'error') return mark.athlete === error.athlete && countsAsError(mark) && usual ? 2 : 0;
  if (mark.kind === 'position') {
    const position = findPosition(mark.positionId);
    const worse = mark.holder === opponentOf(error.athlete) && (position?.houseValue ?? 0) >= 1;
    return worse && usual ? 2 : 0;
  }
  if (mark.kind !== 'attempt' || mark.athlete === error.athlete) return 0;
  const pressed = mark.stage === 'locked' || mark.stage === 'finished';
  if (!pressed) return 0;
  if (usual) return 3;
  const technique = findTechnique(mark.techniqueId);
  const fits =
    entry.family === 'any' || technique?.fromFamilies.some((family) => family === 'any' || family === entry.family);
  return fits ? 1 : 0;
}

/** Whether the position at the error still held when the later mark was made: one that only says where a technique ended comes after that technique. */
function isUnbroken({ intervals }: RoundReading, error: ErrorMark, mark: Mark): boolean {
  return !intervals.some(
    (one) => one.startSeconds > error.atSeconds + 1e-9 && one.startSeconds < mark.atSeconds - 1e-9,
  );
}
