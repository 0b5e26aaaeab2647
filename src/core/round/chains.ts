import { fail, type Result, succeed } from '../kernel';
import { findPosition, findTechnique, type PointsClass } from '../vocabulary';
import { type Athlete, type AttemptMark, compareMarks, type ErrorMark, type Mark } from './mark';
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

/** Ids of everything a mark led to, near and far, without itself. Safe on circles. */
export function descendantIds(marks: readonly Mark[], markId: string): ReadonlySet<string> {
  const byId = new Map(marks.map((mark) => [mark.id, mark]));
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

/**
 * The chains of a round: first causes, what hangs from them, and what each cost. Points, taps and lost seconds with several first
 * causes are shared among them in equal parts, so nothing counts twice. A lost second lies between the error and the moment the
 * athlete's tide is back at its level just before, and never ends before the last linked consequence.
 */
export function readChains(reading: RoundReading, tide: Tide): ChainReading {
  const errors = reading.marks.filter((mark): mark is ErrorMark => mark.kind === 'error');
  const byId = new Map(reading.marks.map((mark) => [mark.id, mark]));
  const symptomIds = new Set<string>();
  const roots: Root[] = errors.map((mark) => ({
    mark,
    descendants: mark.ledTo.length ? descendantIds(reading.marks, mark.id) : new Set<string>(),
  }));
  for (const { mark, descendants } of roots) {
    for (const id of descendants) {
      const below = byId.get(id);
      if (below?.kind === 'error' && below.athlete === mark.athlete) symptomIds.add(id);
    }
  }
  const firstCauses = roots.filter((root) => !symptomIds.has(root.mark.id));
  const shares = sharePoints(firstCauses, byId);
  const losses = shareTideLoss(firstCauses, byId, tide);
  const damageByRoot = new Map(
    firstCauses.map(({ mark }) => {
      const { points, taps } = shares.get(mark.id)!;
      const tideLoss = losses.get(mark.id)!;
      return [mark.id, { points, tideLoss, tapped: taps > 0, total: points + tideLoss + TAP_DAMAGE * taps }];
    }),
  );
  return { damageByRoot, symptomIds };
}

function sharePoints(roots: readonly Root[], byId: ReadonlyMap<string, Mark>) {
  const shares = new Map(roots.map((root) => [root.mark.id, { points: 0, taps: 0 }]));
  const owners = new Map<string, Root[]>();
  for (const root of roots) {
    for (const id of root.descendants) owners.set(id, [...(owners.get(id) ?? []), root]);
  }
  for (const [id, all] of owners) {
    for (const athlete of ['a', 'b'] as const) {
      const losing = all.filter((root) => root.mark.athlete === athlete);
      if (losing.length === 0) continue;
      const counted = losing.some((root) => !isRepeated(byId.get(id)!, root, byId));
      if (!counted) continue;
      const { points, tap } = conceded(byId.get(id)!, athlete);
      for (const root of losing) {
        const share = shares.get(root.mark.id)!;
        share.points += points / losing.length;
        share.taps += tap / losing.length;
      }
    }
  }
  return shares;
}

/** A pin that a linked finished pass already paid for, or a position that a linked finished technique led straight to. */
function isRepeated(mark: Mark, root: Root, byId: ReadonlyMap<string, Mark>): boolean {
  if (mark.kind !== 'position') return false;
  const points = findPosition(mark.positionId)?.points;
  return [...root.descendants].some((id) => {
    const other = byId.get(id);
    if (other?.kind !== 'attempt' || !isFinished(other) || other.athlete !== mark.holder) return false;
    const technique = findTechnique(other.techniqueId);
    if (points === 'pass') return technique?.class === 'passes';
    return (
      points === 'back' && technique?.class === 'back-takes' && (other.endSeconds ?? other.atSeconds) <= mark.atSeconds
    );
  });
}

const isFinished = (mark: AttemptMark): boolean => mark.stage === 'finished' && (mark.end ?? 'finished') === 'finished';

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

function shareTideLoss(
  roots: readonly Root[],
  byId: ReadonlyMap<string, Mark>,
  tide: Tide,
): ReadonlyMap<string, number> {
  const windows = roots.flatMap((root) => {
    const window = lossWindow(root, byId, tide);
    return window ? [{ root, ...window }] : [];
  });
  const loss = new Map(roots.map((root) => [root.mark.id, 0]));
  for (const athlete of ['a', 'b'] as const) {
    const mine = windows.filter((window) => window.root.mark.athlete === athlete);
    const edges = [...new Set(mine.flatMap((window) => [window.from, window.to]))].sort((one, other) => one - other);
    for (let index = 1; index < edges.length; index += 1) {
      const from = edges[index - 1]!;
      const to = edges[index]!;
      const covering = mine.filter((window) => window.from <= from && window.to >= to);
      for (const window of covering) {
        const area = lostArea(tide, athlete, window.level, from, to);
        loss.set(window.root.mark.id, loss.get(window.root.mark.id)! + area / covering.length / 60);
      }
    }
  }
  return loss;
}

const seenBy = (athlete: Athlete, value: number): number => (athlete === 'a' ? value : -value);

function lossWindow(root: Root, byId: ReadonlyMap<string, Mark>, tide: Tide) {
  if (root.descendants.size === 0) return undefined;
  const { athlete, atSeconds } = root.mark;
  const before = [...tide.steps].reverse().find((step) => step.live && step.startSeconds < atSeconds - 1e-9);
  const level = seenBy(athlete, before?.value ?? 0);
  const last = Math.max(...[...root.descendants].map((id) => byId.get(id)?.atSeconds ?? atSeconds));
  const back = tide.steps.find(
    (step) => step.live && step.endSeconds > last + 1e-9 && seenBy(athlete, step.value) >= level,
  );
  const end = tide.steps[tide.steps.length - 1]?.endSeconds ?? atSeconds;
  return { from: atSeconds, to: Math.max(atSeconds, back ? Math.max(back.startSeconds, last) : end), level };
}

function lostArea(tide: Tide, athlete: Athlete, level: number, from: number, to: number): number {
  return tide.steps.reduce((area, step) => {
    const seconds = Math.min(step.endSeconds, to) - Math.max(step.startSeconds, from);
    return step.live && seconds > 0 ? area + Math.max(0, level - seenBy(athlete, step.value)) * seconds : area;
  }, 0);
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
