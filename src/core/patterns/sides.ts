import type { RoundFigures } from '../figures';
import type { Side } from '../marks';
import { compareRates, exactBinomialP, type RateRatio } from '../statistics';

/** From so many on a side or a third is said. @source own decision: 7 to 1 is still chance (p = 0.070), 8 to 0 is not (0.008) */
const FEWEST = 8;
const UNLIKELY = 0.05;

export interface SideCount {
  readonly of: 'attempts' | 'grips' | 'errors';
  /** The technique, grip or error; undefined for all of them together. */
  readonly conceptId?: string;
  readonly left: number;
  readonly right: number;
  readonly p: number;
  /** Further from even than chance would have it. */
  readonly isFlagged: boolean;
}

/** One thing done on a side. */
interface Sided {
  readonly of: SideCount['of'];
  readonly conceptId: string;
  readonly side: Side | undefined;
}

const sidedIn = ({ attempts, grips, occurrences }: RoundFigures): Sided[] => [
  ...attempts
    .filter(({ isOwn }) => isOwn)
    .map(({ techniqueId, side }): Sided => ({ of: 'attempts', conceptId: techniqueId, side })),
  ...grips.map(({ gripId, side }): Sided => ({ of: 'grips', conceptId: gripId, side })),
  ...[...occurrences].flatMap(([errorId, all]) =>
    all.map(({ side }): Sided => ({ of: 'errors', conceptId: errorId, side })),
  ),
];

/** To which side somebody's own attempts, grips and errors go, all together and one by one, those with eight and more; what has no side counts nowhere. */
export function sidesOf(rounds: readonly RoundFigures[]): SideCount[] {
  const counts = new Map<string, { of: SideCount['of']; conceptId?: string; left: number; right: number }>();
  for (const { of, conceptId, side } of rounds.flatMap(sidedIn)) {
    if (side !== 'left' && side !== 'right') continue;
    for (const id of [undefined, conceptId]) {
      const key = `${of} ${id ?? ''}`;
      const count = counts.get(key) ?? { of, conceptId: id, left: 0, right: 0 };
      count[side] += 1;
      counts.set(key, count);
    }
  }
  return [...counts.values()]
    .filter(({ left, right }) => left + right >= FEWEST)
    .map((count) => {
      const p = exactBinomialP(count.left, count.left + count.right, 0.5);
      return { ...count, p, isFlagged: p < UNLIKELY };
    })
    .sort((one, other) => one.p - other.p);
}

/** How much more often somebody errs late: the last third of rounds over the first two, per minute in marked positions. Undefined with fewer than eight errors. */
export function lateErrors(rounds: readonly RoundFigures[]): (RateRatio & { readonly isFlagged: boolean }) | undefined {
  const early = { count: 0, exposure: 0 };
  const late = { count: 0, exposure: 0 };
  for (const { startSeconds, endSeconds, stays, occurrences } of rounds) {
    const border = startSeconds + ((endSeconds - startSeconds) * 2) / 3;
    for (const { atSeconds, seconds } of stays) {
      const before = Math.min(Math.max(border - atSeconds, 0), seconds);
      early.exposure += before / 60;
      late.exposure += (seconds - before) / 60;
    }
    for (const all of occurrences.values())
      for (const { atSeconds } of all) (atSeconds < border ? early : late).count += 1;
  }
  if (early.count + late.count < FEWEST) return undefined;
  const ratio = compareRates(early, late);
  return ratio && { ...ratio, isFlagged: ratio.p < UNLIKELY };
}

/** From this round of a session on somebody may be tired. @source own decision: the third */
export const TIRED_FROM = 3;

/** How much more often somebody errs in the third round of a session and later than in the first two, per live minute. Undefined with fewer than eight errors. */
export function laterRounds(
  rounds: readonly RoundFigures[],
): (RateRatio & { readonly isFlagged: boolean }) | undefined {
  const fresh = { count: 0, exposure: 0 };
  const tired = { count: 0, exposure: 0 };
  for (const { numberInSession = 1, liveMinutes, occurrences } of rounds) {
    const side = numberInSession >= TIRED_FROM ? tired : fresh;
    side.exposure += liveMinutes;
    for (const all of occurrences.values()) side.count += all.length;
  }
  if (fresh.count + tired.count < FEWEST) return undefined;
  const ratio = compareRates(fresh, tired);
  return ratio && { ...ratio, isFlagged: ratio.p < UNLIKELY };
}
