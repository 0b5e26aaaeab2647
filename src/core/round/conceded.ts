import { present } from '../kernel';
import { type Athlete, isFinished, type Mark } from '../marks';
import { findPosition, findTechnique, type PointsClass } from '../vocabulary';

/** What each way to score is worth. */
export type PointsTable = Readonly<Record<PointsClass, number>>;

/** For rounds whose rules give no points. @source usual points of the sport (common practice) */
export const genericPoints: PointsTable = {
  pass: 3,
  mount: 4,
  back: 4,
  sweep: 2,
  takedown: 2,
  'knee-on-belly': 2,
};

/** A first cause with what it led to, by place in the marks. */
export interface Root {
  readonly athlete: Athlete;
  readonly descendants: readonly number[];
}

export interface Share {
  points: number;
  taps: number;
}

export const bothAthletes = ['a', 'b'] as const;

/** Points by a table and taps given away below each first cause; what hangs from several is shared among them in equal parts. */
export function sharePoints(roots: readonly Root[], marks: readonly Mark[], table: PointsTable): Share[] {
  const shares = roots.map((): Share => ({ points: 0, taps: 0 }));
  const owners = new Map<number, number[]>();
  for (let root = 0; root < roots.length; root += 1) {
    for (const place of present(roots[root]).descendants) {
      if (!mayConcede(present(marks[place]))) continue;
      const known = owners.get(place);
      if (known) known.push(root);
      else owners.set(place, [root]);
    }
  }
  const paid: (Paid | undefined)[] = [];
  const paidBy = (root: number): Paid => {
    paid[root] ??= paidBelow(present(roots[root]), marks);
    return paid[root];
  };
  for (const [place, all] of owners) {
    const mark = present(marks[place]);
    for (const athlete of bothAthletes) {
      const losing = all.filter((root) => present(roots[root]).athlete === athlete);
      if (losing.length === 0) continue;
      const counted = !mayBePaid(mark) || losing.some((root) => !isPaid(mark, paidBy(root)));
      if (!counted) continue;
      const { points, tap } = conceded(mark, athlete, table);
      for (const root of losing) {
        const share = present(shares[root]);
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

function paidBelow({ descendants }: Root, marks: readonly Mark[]): Paid {
  const passers = new Set<Athlete>();
  const backTakenSeconds = { a: Number.POSITIVE_INFINITY, b: Number.POSITIVE_INFINITY };
  for (const place of descendants) {
    const mark = present(marks[place]);
    if (mark.kind !== 'attempt' || !isFinished(mark)) continue;
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

function conceded(mark: Mark, loser: Athlete, table: PointsTable): { points: number; tap: number } {
  if (mark.kind === 'position' && mark.holder && mark.holder !== loser) {
    const position = findPosition(mark.positionId);
    const points = position?.points && position.betterRole !== 'neutral' ? table[position.points] : 0;
    return { points, tap: 0 };
  }
  if (mark.kind !== 'attempt' || mark.athlete === loser || !isFinished(mark)) return { points: 0, tap: 0 };
  const technique = findTechnique(mark.techniqueId);
  if (technique?.class === 'submissions') {
    return { points: 0, tap: (mark.tapCause ?? 'technique') === 'technique' && !mark.came ? 1 : 0 };
  }
  const classPoints = {
    passes: table.pass,
    sweeps: table.sweep,
    takedowns: table.takedown,
    'back-takes': technique?.resultPositionId === 'back-control' ? table.back : 0,
  };
  const points =
    technique && technique.scores !== false ? ((classPoints as Record<string, number>)[technique.class] ?? 0) : 0;
  return { points, tap: 0 };
}
