import { fail, type Result, succeed } from '../kernel';
import { findPosition, findTechnique, type PointsClass } from '../vocabulary';
import { type Athlete, compareMarks, countsAsError, type ErrorMark, isFinished, type Mark } from './mark';
import type { RoundReading } from './readRound';
import type { Tide } from './tide';

export type LinkProblem =
  | { readonly code: 'target-missing'; readonly fromId: string; readonly toId: string }
  | { readonly code: 'back-in-time'; readonly fromId: string; readonly toId: string }
  | { readonly code: 'cycle'; readonly fromId: string; readonly toId: string };

/** Whether an error may be linked to a mark: the mark exists, is not earlier, and no circle of causes closes. */
export function checkLink(marks: readonly Mark[], fromId: string, toId: string): Result<true, LinkProblem> {
  const from = marks.find((mark) => mark.id === fromId);
  const to = marks.find((mark) => mark.id === toId);
  if (!from || !to) return fail({ code: 'target-missing', fromId, toId });
  if (to.atSeconds < from.atSeconds) return fail({ code: 'back-in-time', fromId, toId });
  return fromId === toId || descendantIds(marks, toId).has(fromId)
    ? fail({ code: 'cycle', fromId, toId })
    : succeed(true);
}

type MarkById = ReadonlyMap<string, Mark>;
const indexMarks = (marks: readonly Mark[]): MarkById => new Map(marks.map((mark) => [mark.id, mark]));

/** Ids of everything a mark led to, near and far, without itself. Safe on circles. */
export const descendantIds = (marks: readonly Mark[], markId: string): ReadonlySet<string> =>
  descendantsIn(indexMarks(marks), markId);

/** The same over marks that are indexed already. */
export function descendantsIn(byId: MarkById, markId: string): ReadonlySet<string> {
  const seen = new Set<string>();
  const open = [markId];
  while (open.length > 0) {
    const mark = byId.get(open.pop()!);
    for (const next of mark?.kind === 'error' ? mark.ledTo : []) {
      if (!seen.has(next) && byId.has(next)) {
        seen.add(next);
        open.push(next);
      }
    }
  }
  seen.delete(markId);
  return seen;
}

/** What an error cost, in points of the generic table. */
export interface Damage {
  readonly points: number;
  /** Tide area lost, per minute. */
  readonly tideLoss: number;
  readonly tapped: boolean;
  /** points + tide loss + 8 for a tap. */
  readonly total: number;
}

const noDamage: Damage = { points: 0, tideLoss: 0, tapped: false, total: 0 };

/** @source usual points of the sport (common practice); 8 for a tap is a house estimate */
export const genericPoints: Readonly<Record<PointsClass, number>> = {
  pass: 3,
  mount: 4,
  back: 4,
  sweep: 2,
  takedown: 2,
  'knee-on-belly': 2,
};
export const TAP_DAMAGE = 8;

export interface ChainReading {
  /** Damage of each first cause by mark id; unlinked errors are there with nothing lost. Together they are the damage of the round. */
  readonly damageByRoot: ReadonlyMap<string, Damage>;
  /** Ids of errors that hang from an earlier error of the same athlete. */
  readonly symptomIds: ReadonlySet<string>;
}

interface Root {
  readonly mark: ErrorMark;
  readonly descendants: ReadonlySet<string>;
}

const nothingBelow: ReadonlySet<string> = new Set();

/**
 * The chains of a round: first causes, what hangs from them, and what each cost. Points, taps and lost seconds with several first
 * causes are shared among them in equal parts, so nothing counts twice. A lost second lies between the error and the moment the
 * athlete's tide is back at its level just before, and never ends before the last linked consequence.
 */
export function readChains(reading: RoundReading, tide: Tide): ChainReading {
  const errors = reading.marks.filter((mark): mark is ErrorMark => mark.kind === 'error' && countsAsError(mark));
  const byId = indexMarks(reading.marks);
  const symptomIds = findSymptoms(errors, byId);
  const firstCauses: Root[] = errors
    .filter((mark) => !symptomIds.has(mark.id))
    .map((mark) => ({ mark, descendants: mark.ledTo.length > 0 ? descendantsIn(byId, mark.id) : nothingBelow }));
  const linked = firstCauses.filter((root) => root.descendants.size > 0);
  const shares = sharePoints(linked, byId);
  const losses = shareTideLoss(linked, latestBelow(reading.marks, byId), tide);
  const damageByRoot = new Map(
    firstCauses.map(({ mark }): [string, Damage] => {
      const share = shares.get(mark.id);
      if (!share) return [mark.id, noDamage];
      const { points, taps } = share;
      const tideLoss = losses.get(mark.id) ?? 0;
      return [mark.id, { points, tideLoss, tapped: taps > 0, total: points + tideLoss + TAP_DAMAGE * taps }];
    }),
  );
  return { damageByRoot, symptomIds };
}

/** Errors with an earlier error of the same athlete behind them, near or far: who stands behind is handed down along the links. */
function findSymptoms(errors: readonly ErrorMark[], byId: MarkById): ReadonlySet<string> {
  const behind = new Map<string, Set<Athlete>>();
  const open = [...errors];
  const visited = new Set<string>();
  // Links go forward in time, so one pass in reading order settles nearly all; what grows after its turn gets another.
  for (let index = 0; index < open.length; index += 1) {
    const mark = open[index]!;
    visited.add(mark.id);
    for (const id of mark.ledTo) {
      const below = byId.get(id);
      if (below?.kind !== 'error') continue;
      const known = behind.get(id) ?? new Set<Athlete>();
      const before = known.size;
      known.add(mark.athlete);
      for (const athlete of behind.get(mark.id) ?? []) known.add(athlete);
      behind.set(id, known);
      if (known.size > before && visited.has(id)) open.push(below);
    }
  }
  return new Set(errors.filter((mark) => behind.get(mark.id)?.has(mark.athlete)).map((mark) => mark.id));
}

const bothAthletes = ['a', 'b'] as const;

function sharePoints(roots: readonly Root[], byId: ReadonlyMap<string, Mark>) {
  const shares = new Map(roots.map((root) => [root.mark.id, { points: 0, taps: 0 }]));
  const paid = new Map<Root, Paid>();
  const paidBy = (root: Root): Paid => {
    const known = paid.get(root) ?? paidBelow(root, byId);
    paid.set(root, known);
    return known;
  };
  const owners = new Map<Mark, Root[]>();
  for (const root of roots) {
    for (const id of root.descendants) {
      const mark = byId.get(id)!;
      if (!mayConcede(mark)) continue;
      const known = owners.get(mark);
      if (known) known.push(root);
      else owners.set(mark, [root]);
    }
  }
  for (const [mark, all] of owners) {
    for (const athlete of bothAthletes) {
      const losing = all.filter((root) => root.mark.athlete === athlete);
      if (losing.length === 0) continue;
      const counted = !mayBePaid(mark) || losing.some((root) => !isPaid(mark, paidBy(root)));
      if (!counted) continue;
      const { points, tap } = conceded(mark, athlete);
      for (const root of losing) {
        const share = shares.get(root.mark.id)!;
        share.points += points / losing.length;
        share.taps += tap / losing.length;
      }
    }
  }
  return shares;
}

/** What finished passes and back takes below a first cause have paid for, so that the position after them is not charged again. */
interface Paid {
  readonly passers: ReadonlySet<Athlete>;
  readonly backTakenSeconds: Readonly<Record<Athlete, number>>;
}

function paidBelow(root: Root, byId: MarkById): Paid {
  const passers = new Set<Athlete>();
  const backTakenSeconds = { a: Number.POSITIVE_INFINITY, b: Number.POSITIVE_INFINITY };
  for (const id of root.descendants) {
    const mark = byId.get(id);
    if (mark?.kind !== 'attempt' || !isFinished(mark)) continue;
    const technique = findTechnique(mark.techniqueId);
    if (technique?.class === 'passes') passers.add(mark.athlete);
    if (technique?.class !== 'back-takes') continue;
    backTakenSeconds[mark.athlete] = Math.min(backTakenSeconds[mark.athlete], mark.endSeconds ?? mark.atSeconds);
  }
  return { passers, backTakenSeconds };
}

/** Whether a finished technique may have paid for a mark already: only positions behind a pass or at the back. */
const mayBePaid = (mark: Mark): boolean => mark.kind === 'position' && mark.holder !== undefined;

function isPaid(mark: Mark, paid: Paid): boolean {
  if (mark.kind !== 'position' || !mark.holder) return false;
  const points = findPosition(mark.positionId)?.points;
  if (points === 'pass') return paid.passers.has(mark.holder);
  return points === 'back' && paid.backTakenSeconds[mark.holder] <= mark.atSeconds;
}

/** Whether a mark can be something given away at all: most are not, and need not be looked at for every first cause. */
const mayConcede = (mark: Mark): boolean =>
  mark.kind === 'position' ? mark.holder !== undefined : mark.kind === 'attempt' && isFinished(mark);

function conceded(mark: Mark, loser: Athlete): { points: number; tap: number } {
  if (mark.kind === 'position' && mark.holder && mark.holder !== loser) {
    const position = findPosition(mark.positionId);
    const points = position?.points && position.betterRole !== 'neutral' ? genericPoints[position.points] : 0;
    return { points, tap: 0 };
  }
  if (mark.kind !== 'attempt' || mark.athlete === loser || !isFinished(mark)) return { points: 0, tap: 0 };
  const technique = findTechnique(mark.techniqueId);
  if (technique?.class === 'submissions') {
    return { points: 0, tap: (mark.tapCause ?? 'technique') === 'technique' ? 1 : 0 };
  }
  const classPoints = {
    passes: 3,
    sweeps: 2,
    takedowns: 2,
    'back-takes': technique?.resultPositionId === 'back-control' ? 4 : 0,
  };
  const points =
    technique && technique.scores !== false ? ((classPoints as Record<string, number>)[technique.class] ?? 0) : 0;
  return { points, tap: 0 };
}

interface LossWindow {
  readonly root: Root;
  readonly from: number;
  readonly to: number;
  /** The athlete's tide just before the error. */
  readonly level: number;
}

/** For each error with consequences the moment of its last one, near or far. Safe on circles. */
function latestBelow(ordered: readonly Mark[], byId: MarkById): ReadonlyMap<string, number> {
  const latest = new Map<string, number>();
  const visit = (mark: ErrorMark): number => {
    const known = latest.get(mark.id);
    if (known !== undefined) return known;
    latest.set(mark.id, mark.atSeconds);
    let last = mark.atSeconds;
    for (const id of mark.ledTo) {
      const below = byId.get(id);
      if (below) last = Math.max(last, below.kind === 'error' ? visit(below) : below.atSeconds);
    }
    latest.set(mark.id, last);
    return last;
  };
  // From the last mark backwards, so that what lies below is known already and nothing goes deep.
  for (let index = ordered.length - 1; index >= 0; index -= 1) {
    const mark = ordered[index]!;
    if (mark.kind === 'error' && mark.ledTo.length > 0) visit(mark);
  }
  return latest;
}

function shareTideLoss(
  roots: readonly Root[],
  latest: ReadonlyMap<string, number>,
  tide: Tide,
): ReadonlyMap<string, number> {
  const loss = new Map<string, number>();
  for (const athlete of bothAthletes) {
    const heights = blockHeights(tide.steps, athlete);
    const windows: LossWindow[] = [];
    for (const root of roots) {
      if (root.mark.athlete !== athlete) continue;
      const window = lossWindow(root, latest, tide, heights);
      if (window.to > window.from) windows.push(window);
    }
    const pieces = cutPieces(windows, tide, athlete);
    const sums = new Map<number, Float64Array>();
    for (const { root, from, to, level } of windows) {
      let below = sums.get(level);
      if (!below) {
        below = lossUpTo(pieces, level);
        sums.set(level, below);
      }
      const area = below[firstAtOrAfter(pieces, to)]! - below[firstAtOrAfter(pieces, from)]!;
      loss.set(root.mark.id, area / 60);
    }
  }
  return loss;
}

/** What an athlete who stood at `level` lost up to each piece: windows of one level, and there are few levels, need one pass together. */
function lossUpTo({ count, values, shares }: Pieces, level: number): Float64Array {
  const sums = new Float64Array(count + 1);
  for (let index = 0; index < count; index += 1)
    sums[index + 1] = sums[index]! + Math.max(0, level - values[index]!) * shares[index]!;
  return sums;
}

/** The covered time, cut wherever a window or a step of the tide begins or ends, in order of time; column by column. */
interface Pieces {
  readonly count: number;
  readonly starts: Float64Array;
  /** The athlete's tide. */
  readonly values: Float64Array;
  /** Seconds, divided among the windows that cover the piece. */
  readonly shares: Float64Array;
}

function cutPieces(windows: readonly LossWindow[], tide: Tide, athlete: Athlete): Pieces {
  const opens = Float64Array.from(windows, (window) => window.from).sort();
  const closes = Float64Array.from(windows, (window) => window.to).sort();
  const most = tide.steps.length + 2 * windows.length;
  const starts = new Float64Array(most);
  const values = new Float64Array(most);
  const shares = new Float64Array(most);
  let count = 0;
  let opened = 0;
  let closed = 0;
  for (const step of tide.steps) {
    let from = step.startSeconds;
    while (from < step.endSeconds) {
      while (opened < opens.length && opens[opened]! <= from) opened += 1;
      while (closed < closes.length && closes[closed]! <= from) closed += 1;
      const covering = opened - closed;
      const to = Math.min(step.endSeconds, opens[opened] ?? step.endSeconds, closes[closed] ?? step.endSeconds);
      if (step.live && covering > 0) {
        starts[count] = from;
        values[count] = seenBy(athlete, step.value);
        shares[count] = (to - from) / covering;
        count += 1;
      }
      from = to;
    }
  }
  return { count, starts, values, shares };
}

function firstAtOrAfter({ count, starts }: Pieces, seconds: number): number {
  let low = 0;
  let high = count;
  while (low < high) {
    const middle = (low + high) >> 1;
    if (starts[middle]! < seconds) low = middle + 1;
    else high = middle;
  }
  return low;
}

const seenBy = (athlete: Athlete, value: number): number => (athlete === 'a' ? value : -value);

function lossWindow(root: Root, latest: ReadonlyMap<string, number>, tide: Tide, heights: Float64Array): LossWindow {
  const { athlete, atSeconds } = root.mark;
  const { steps } = tide;
  let before = lastStepBefore(steps, atSeconds);
  while (before >= 0 && !steps[before]!.live) before -= 1;
  const level = seenBy(athlete, steps[before]?.value ?? 0);
  const last = latest.get(root.mark.id) ?? atSeconds;
  let back = Math.max(0, lastStepBefore(steps, last));
  while (back < steps.length && !(steps[back]!.endSeconds > last + 1e-9)) back += 1;
  back = firstAtLevel(steps, heights, athlete, back, level);
  const end = steps[steps.length - 1]?.endSeconds ?? atSeconds;
  const until = back < steps.length ? Math.max(steps[back]!.startSeconds, last) : end;
  return { root, from: atSeconds, to: Math.max(atSeconds, until), level };
}

const BLOCK = 64;

/** The greatest height of an athlete's live tide in each block of steps: where it is too low, the whole block can be passed over. */
function blockHeights(steps: Tide['steps'], athlete: Athlete): Float64Array {
  const heights = new Float64Array(Math.ceil(steps.length / BLOCK)).fill(Number.NEGATIVE_INFINITY);
  for (let index = 0; index < steps.length; index += 1) {
    const step = steps[index]!;
    const block = Math.floor(index / BLOCK);
    if (step.live) heights[block] = Math.max(heights[block]!, seenBy(athlete, step.value));
  }
  return heights;
}

/** Index of the first live step from `start` on in which the athlete stands at `level` or better; the number of steps when there is none. */
function firstAtLevel(
  steps: Tide['steps'],
  heights: Float64Array,
  athlete: Athlete,
  start: number,
  level: number,
): number {
  for (let index = start; index < steps.length; ) {
    if (index % BLOCK === 0 && heights[index / BLOCK]! < level) {
      index += BLOCK;
      continue;
    }
    const step = steps[index]!;
    if (step.live && seenBy(athlete, step.value) >= level) return index;
    index += 1;
  }
  return steps.length;
}

/** Index of the last step that begins before a moment, −1 when none does. */
function lastStepBefore(steps: Tide['steps'], seconds: number): number {
  let low = -1;
  let high = steps.length - 1;
  while (low < high) {
    const middle = (low + high + 1) >> 1;
    if (steps[middle]!.startSeconds < seconds - 1e-9) low = middle;
    else high = middle - 1;
  }
  return low;
}

/** Errors in reading order with the depth at which they hang from earlier errors; marks that were led to hang below their first parent. */
export function outlineMarks(marks: readonly Mark[]): { readonly mark: Mark; readonly depth: number }[] {
  const ordered = [...marks].sort(compareMarks);
  const parentOf = new Map<string, string>();
  for (const mark of ordered) {
    if (mark.kind === 'error') for (const id of mark.ledTo) if (!parentOf.has(id)) parentOf.set(id, mark.id);
  }
  const depthOf = (id: string, guard = 0): number => {
    const parent = parentOf.get(id);
    return parent === undefined || guard > 12 ? 0 : 1 + depthOf(parent, guard + 1);
  };
  return ordered.map((mark) => ({ mark, depth: depthOf(mark.id) }));
}
