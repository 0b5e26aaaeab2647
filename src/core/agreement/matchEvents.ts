import { present } from '../kernel';
import type { Mark, MarkKind } from '../round';

/** Two marks of the same kind and athlete no farther apart than this may be the same thing seen twice. */
export const SAME_MOMENT_SECONDS = 2;

export interface MatchedEvents {
  readonly pairs: readonly { readonly one: Mark; readonly other: Mark }[];
  readonly onlyOne: readonly Mark[];
  readonly onlyOther: readonly Mark[];
}

const athleteOf = (mark: Mark): string => ('athlete' in mark ? (mark.athlete ?? '') : '');

/**
 * The marks of two reviewers matched one to one: same kind and athlete, at most 2.0 s apart (included). As many pairs as possible, and
 * among those the least total distance. Each group lies on a line, so an exact alignment in order of time finds it.
 */
export function matchEvents(one: readonly Mark[], other: readonly Mark[]): MatchedEvents {
  const keyOf = (mark: Mark) => `${mark.kind}/${athleteOf(mark)}`;
  const keys = new Set([...one, ...other].map(keyOf));
  const pairs: { one: Mark; other: Mark }[] = [];
  for (const key of keys)
    pairs.push(
      ...align(
        one.filter((mark) => keyOf(mark) === key),
        other.filter((mark) => keyOf(mark) === key),
      ),
    );
  const matched = new Set(pairs.flatMap((pair) => [pair.one, pair.other]));
  return {
    pairs: pairs.sort((a, b) => a.one.atSeconds - b.one.atSeconds),
    onlyOne: one.filter((mark) => !matched.has(mark)),
    onlyOther: other.filter((mark) => !matched.has(mark)),
  };
}

const byTime = (one: Mark, other: Mark): number => one.atSeconds - other.atSeconds || (one.id < other.id ? -1 : 1);

function align(first: readonly Mark[], second: readonly Mark[]): { one: Mark; other: Mark }[] {
  const rows = [...first].sort(byTime);
  const columns = [...second].sort(byTime);
  // Pairs never cross in an optimal matching of points on a line, so this is the alignment of two sequences.
  const best = Array.from({ length: rows.length + 1 }, () =>
    Array.from({ length: columns.length + 1 }, () => ({ count: 0, distance: 0 })),
  );
  const better = (a: { count: number; distance: number }, b: { count: number; distance: number }) =>
    a.count > b.count || (a.count === b.count && a.distance < b.distance - 1e-9);
  const paired = (row: number, column: number) => {
    const gap = Math.abs(present(rows[row - 1]).atSeconds - present(columns[column - 1]).atSeconds);
    if (gap > SAME_MOMENT_SECONDS + 1e-9) return undefined;
    const before = present(present(best[row - 1])[column - 1]);
    return { count: before.count + 1, distance: before.distance + gap };
  };
  for (let row = 1; row <= rows.length; row += 1)
    for (let column = 1; column <= columns.length; column += 1) {
      let choice = present(present(best[row - 1])[column]);
      if (better(present(present(best[row])[column - 1]), choice)) choice = present(present(best[row])[column - 1]);
      const pair = paired(row, column);
      if (pair && better(pair, choice)) choice = pair;
      present(best[row])[column] = choice;
    }
  const pairs: { one: Mark; other: Mark }[] = [];
  for (let row = rows.length, column = columns.length; row > 0 && column > 0; ) {
    const here = present(present(best[row])[column]);
    if (here === present(best[row - 1])[column]) row -= 1;
    else if (here === present(best[row])[column - 1]) column -= 1;
    else {
      pairs.push({ one: present(rows[row - 1]), other: present(columns[column - 1]) });
      row -= 1;
      column -= 1;
    }
  }
  return pairs;
}

export interface KindAgreement {
  readonly kind: MarkKind;
  readonly matched: number;
  /** Share of the second reviewer's marks that the first has too; undefined for 0 of 0. */
  readonly precision: number | undefined;
  readonly recall: number | undefined;
  readonly f1: number | undefined;
}

/** Precision, recall and F1 for each kind of mark, taking the first reviewer as the reference; 0 of 0 gives no figure. */
export function agreementByKind({ pairs, onlyOne, onlyOther }: MatchedEvents): KindAgreement[] {
  const all = [...pairs.map((pair) => pair.one), ...onlyOne, ...onlyOther];
  const kinds = [...new Set(all.map((mark) => mark.kind))].sort();
  return kinds.map((kind) => {
    const matched = pairs.filter((pair) => pair.one.kind === kind).length;
    const missed = onlyOne.filter((mark) => mark.kind === kind).length;
    const extra = onlyOther.filter((mark) => mark.kind === kind).length;
    const ratio = (part: number, whole: number) => (whole > 0 ? part / whole : undefined);
    return {
      kind,
      matched,
      precision: ratio(matched, matched + extra),
      recall: ratio(matched, matched + missed),
      f1: ratio(2 * matched, 2 * matched + missed + extra),
    };
  });
}
