import { liveSecondsBetween, liveSpans, type Span } from '../clock';
import { type Athlete, type Mark, opponentOf, type RoundReading, stoppageSpans } from '../round';

/** From this many live seconds on, doing nothing while the other works is called passive. @source own decision: shorter ones are found by the answers */
export const PASSIVE_SECONDS = 20;

export interface PassiveStretch extends Span {
  readonly athlete: Athlete;
  readonly liveSeconds: number;
  /** What the opponent did meanwhile. */
  readonly opponentMarkIds: readonly string[];
}

/** Something done, not suffered: a position belongs to both, an error to what was not done. */
const isDone = (mark: Mark): boolean => mark.kind === 'attempt' || mark.kind === 'grip' || mark.kind === 'strength';

/**
 * Stretches of at least `leastSeconds` of live time in which the opponent has marks of something done and this athlete none, in order of time. A stoppage
 * ends a stretch: nobody is passive while play is stopped or off camera.
 */
export function findPassiveStretches(
  { marks, round }: RoundReading,
  athlete: Athlete,
  leastSeconds = PASSIVE_SECONDS,
): PassiveStretch[] {
  const live = liveSpans(round, stoppageSpans(marks));
  const found: PassiveStretch[] = [];
  for (const span of live) {
    const inside = marks.filter(
      (mark) => isDone(mark) && mark.atSeconds >= span.startSeconds && mark.atSeconds <= span.endSeconds,
    );
    let from = span.startSeconds;
    let others: string[] = [];
    const close = (until: number) => {
      const liveSeconds = liveSecondsBetween(live, from, until);
      if (others.length > 0 && liveSeconds >= leastSeconds)
        found.push({ athlete, startSeconds: from, endSeconds: until, liveSeconds, opponentMarkIds: others });
      from = until;
      others = [];
    };
    for (const mark of inside) {
      if ('athlete' in mark && mark.athlete === athlete) close(mark.atSeconds);
      else if ('athlete' in mark && mark.athlete === opponentOf(athlete)) others.push(mark.id);
    }
    close(span.endSeconds);
  }
  return found;
}
