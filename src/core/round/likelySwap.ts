import type { Span } from '../clock';
import { type Mark, swapAthletes } from '../marks';
import { type Contradiction, listContradictions } from './contradictions';
import { readRound } from './readRound';

const aboutWho: ReadonlySet<Contradiction['code']> = new Set([
  'already-past',
  'attack-from-below',
  'sweep-from-top',
  'both-on-top',
]);

export interface LikelySwap {
  /** From this moment on, exchanging the two athletes makes more sense of the marks. */
  readonly fromSeconds: number;
  readonly contradictionsNow: number;
  readonly contradictionsAfter: number;
}

/** How many marks are read anew at most in search of a mix-up. @source own decision: a tenth of a second on a slow machine */
const MOST_WORK = 12_000;

/** The same marks with the athletes exchanged from a moment on. Left and right stay with the body that was seen. */
export const swapFrom = (marks: readonly Mark[], fromSeconds: number): Mark[] =>
  marks.map((mark) => (mark.atSeconds >= fromSeconds ? swapAthletes(mark) : mark));

/**
 * Where the coach may have taken the two athletes for each other: the moment from which an exchange removes most of the contradictions
 * about who is where; the latest such moment on equal terms, so that as little as possible is touched. Undefined when no exchange helps.
 * @source own decision: only a proposal, the coach decides
 */
export function findLikelySwap(round: Span, marks: readonly Mark[]): LikelySwap | undefined {
  const wrong = (these: readonly Mark[]) =>
    listContradictions(readRound(round, these)).filter((one) => aboutWho.has(one.code));
  const now = wrong(marks);
  if (now.length === 0) return undefined;
  const moments = [
    ...new Set([round.startSeconds, ...now.map((one) => one.atSeconds), ...positionsBefore(marks, now)]),
  ];
  let best: LikelySwap | undefined;
  // Exchanging mends what comes after: the earliest moments are worth trying first where there are too many to try all.
  const most = Math.max(8, Math.floor(MOST_WORK / Math.max(1, marks.length)));
  const tried = moments.sort((one, other) => one - other).slice(0, most);
  for (const fromSeconds of tried.reverse()) {
    const after = wrong(swapFrom(marks, fromSeconds)).length;
    if (after < (best?.contradictionsAfter ?? now.length))
      best = { fromSeconds, contradictionsNow: now.length, contradictionsAfter: after };
  }
  return best;
}

/** The mix-up often began with the position mark before what looks wrong. */
function positionsBefore(marks: readonly Mark[], wrong: readonly Contradiction[]): number[] {
  const positions = marks.filter((mark) => mark.kind === 'position').map((mark) => mark.atSeconds);
  return wrong.flatMap(({ atSeconds }) => {
    const before = positions.filter((at) => at < atSeconds);
    return before.length > 0 ? [Math.max(...before)] : [];
  });
}
