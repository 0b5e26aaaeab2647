import { fail, present, type Result, succeed } from '../kernel';
import { compareMarks, countsAsError, linksOf, type Mark } from '../marks';
import { genericPoints, type PointsTable, type Root, sharePoints } from './conceded';
import { listEndings } from './endings';
import { descendantFinder, type LinkGraph, latestBelow, linkGraphOf } from './linkGraph';
import type { RoundReading } from './readRound';
import type { Tide } from './tide';
import { type LossRoot, shareTideLoss } from './tideLoss';

export type LinkProblem =
  | { readonly code: 'target-missing'; readonly fromId: string; readonly toId: string }
  | { readonly code: 'back-in-time'; readonly fromId: string; readonly toId: string }
  | { readonly code: 'cycle'; readonly fromId: string; readonly toId: string };

/** Whether a mark may be linked to a mark: the mark exists, is not earlier, and no circle of causes closes. */
export function checkLink(marks: readonly Mark[], fromId: string, toId: string): Result<true, LinkProblem> {
  return checkLinks(marks, fromId, [toId])[0] ?? succeed(true);
}

/** The same for many links of one mark, each on its own; all of them with one look at the marks. Answers come in the order of `toIds`. */
export function checkLinks(
  marks: readonly Mark[],
  fromId: string,
  toIds: readonly string[],
): Result<true, LinkProblem>[] {
  const byId = new Map(marks.map((mark) => [mark.id, mark]));
  const from = byId.get(fromId);
  const causes = ancestorIds(marks, fromId);
  return toIds.map((toId) => {
    const to = byId.get(toId);
    if (!from || !to) return fail({ code: 'target-missing', fromId, toId });
    if (to.atSeconds < from.atSeconds) return fail({ code: 'back-in-time', fromId, toId });
    return fromId === toId || causes.has(toId) ? fail({ code: 'cycle', fromId, toId }) : succeed(true);
  });
}

/** Ids of everything that led to a mark, near and far, without itself unless it stands in a circle. */
function ancestorIds(marks: readonly Mark[], markId: string): ReadonlySet<string> {
  const causesOf = new Map<string, string[]>();
  for (const mark of marks)
    for (const id of linksOf(mark)) {
      const causes = causesOf.get(id);
      if (causes) causes.push(mark.id);
      else causesOf.set(id, [mark.id]);
    }
  const found = new Set<string>();
  const open = [markId];
  for (let next = open.pop(); next !== undefined; next = open.pop())
    for (const cause of causesOf.get(next) ?? [])
      if (!found.has(cause)) {
        found.add(cause);
        open.push(cause);
      }
  return found;
}

/** Ids of everything a mark led to, near and far, without itself. Safe on circles. */
export function descendantIds(marks: readonly Mark[], markId: string): ReadonlySet<string> {
  const place = marks.findIndex((mark) => mark.id === markId);
  if (place < 0) return new Set();
  return new Set(descendantFinder(linkGraphOf(marks))(place).map((below) => present(marks[below]).id));
}

/** What an error cost, in points of the rules that the round is judged by. */
export interface Damage {
  readonly points: number;
  /** Tide area lost, per minute. */
  readonly tideLoss: number;
  readonly tapped: boolean;
  /** points + tide loss + 8 for a tap. */
  readonly total: number;
}

const noDamage: Damage = { points: 0, tideLoss: 0, tapped: false, total: 0 };
/** @source 8 points for a tap: a house estimate */
export const TAP_DAMAGE = 8;

export interface ChainReading {
  /** Damage of each first cause by mark id; unlinked errors are there with nothing lost. Together they are the damage of the round. */
  readonly damageByRoot: ReadonlyMap<string, Damage>;
  /** Ids of errors that hang from an earlier error of the same athlete. */
  readonly symptomIds: ReadonlySet<string>;
}

/**
 * The chains of a round: first causes, what hangs from them, and what each cost. Points, taps and lost seconds with several first
 * causes are shared among them in equal parts, so nothing counts twice. A lost second lies between the error and the moment the
 * athlete's tide is back at its level just before, or play began anew, and never ends before the last linked consequence.
 * `table` is that of the rules that the round is judged by; without it the usual points.
 */
export function readChains(reading: RoundReading, tide: Tide, table: PointsTable = genericPoints): ChainReading {
  const { marks } = reading;
  const graph = linkGraphOf(marks);
  const isSymptom = findSymptoms(graph);
  const descendantsOf = descendantFinder(graph);
  const latest = latestBelow(graph);
  const symptomIds = new Set<string>();
  const damageByRoot = new Map<string, Damage>();
  const linked: (LossRoot & Root & { readonly id: string })[] = [];
  for (let place = 0; place < marks.length; place += 1) {
    const mark = present(marks[place]);
    if (mark.kind !== 'error' || !countsAsError(mark)) continue;
    if (isSymptom[place] === 1) {
      symptomIds.add(mark.id);
      continue;
    }
    damageByRoot.set(mark.id, noDamage);
    const descendants = descendantsOf(place);
    if (descendants.length === 0) continue;
    const { id, athlete, atSeconds } = mark;
    linked.push({ id, athlete, atSeconds, lastSeconds: present(latest[place]), descendants });
  }
  const shares = sharePoints(linked, marks, table);
  const losses = shareTideLoss(linked, tide, listEndings(reading));
  for (let root = 0; root < linked.length; root += 1) {
    const { points, taps } = present(shares[root]);
    const tideLoss = present(losses[root]);
    damageByRoot.set(present(linked[root]).id, {
      points,
      tideLoss,
      tapped: taps > 0,
      total: points + tideLoss + TAP_DAMAGE * taps,
    });
  }
  return { damageByRoot, symptomIds };
}

const athleteBit = { a: 1, b: 2 } as const;

/** Which places are errors with an earlier error of the same athlete behind them, near or far: who stands behind is handed down along the links. */
function findSymptoms({ marks, below }: LinkGraph): Uint8Array {
  const behind = new Uint8Array(marks.length);
  const visited = new Uint8Array(marks.length);
  const open: number[] = [];
  for (let place = 0; place < marks.length; place += 1) if (present(below[place]).length > 0) open.push(place);
  // Links go forward in time, so one pass in reading order settles nearly all; what grows after its turn gets another.
  for (let index = 0; index < open.length; index += 1) {
    const place = present(open[index]);
    visited[place] = 1;
    const mark = present(marks[place]);
    const isError = mark.kind === 'error' && countsAsError(mark);
    const handed = present(behind[place]) | (isError ? athleteBit[mark.athlete] : 0);
    for (const next of present(below[place])) {
      const before = present(behind[next]);
      behind[next] = before | handed;
      if (behind[next] !== before && visited[next] === 1) open.push(next);
    }
  }
  return behind.map((bits, place) => {
    const mark = present(marks[place]);
    return mark.kind === 'error' && (bits & athleteBit[mark.athlete]) !== 0 ? 1 : 0;
  });
}

/** Marks in reading order with the depth at which they hang from earlier ones; what was led to hangs below its first parent. */
export function outlineMarks(marks: readonly Mark[]): { readonly mark: Mark; readonly depth: number }[] {
  const ordered = [...marks].sort(compareMarks);
  const parentOf = new Map<string, string>();
  for (const mark of ordered) {
    for (const id of linksOf(mark)) if (!parentOf.has(id)) parentOf.set(id, mark.id);
  }
  const depthOf = (id: string, guard = 0): number => {
    const parent = parentOf.get(id);
    return parent === undefined || guard > 12 ? 0 : 1 + depthOf(parent, guard + 1);
  };
  return ordered.map((mark) => ({ mark, depth: depthOf(mark.id) }));
}
