import { teachableAt } from '../patterns';
import { type Athlete, type ChainReading, countsAsError, type ErrorMark, type RoundReading } from '../round';
import { type Belt, findError } from '../vocabulary';

export const MOST_WORK_POINTS = 3;
/** What an error that was not punished is taken to cost, as a share of its severity. @source house estimate */
const UNPUNISHED_SHARE = 0.4;

export interface WorkCandidate {
  readonly errorId: string;
  /** Its occurrences in this round, in order of time. */
  readonly markIds: readonly string[];
  /** Damage that hangs from them as first causes. */
  readonly damage: number;
  readonly unpunished: number;
  /** Punished, while what they led to is not linked: their price is not known yet. */
  readonly unlinked: number;
  /** For ranking: damage, and a part of the severity for each that was not punished, by how teachable it is at this belt, and what keeps happening. */
  readonly worth: number;
}

export interface ReviewDraft {
  readonly athlete: Athlete;
  /** What was done well: a strength that was marked, the most frequent one; else a technique that was finished. */
  readonly good?: { readonly conceptId: string; readonly markIds: readonly string[] };
  /** First causes worth working on, most worth first; the review takes at most three of them. */
  readonly candidates: readonly WorkCandidate[];
  /** Marks to be asked about. */
  readonly questionMarkIds: readonly string[];
}

/**
 * What a review of one athlete could say: one good thing, the first causes by cost here and by priority over time that fit the belt, and the open
 * questions. Symptoms are left out: their first causes stand for them. `priorities` is what keeps happening, by error.
 * @source own decision after common practice: one thing done well, at most three to work on
 */
export function draftReview(
  reading: RoundReading,
  chains: ChainReading,
  athlete: Athlete,
  belt: Belt,
  priorities: ReadonlyMap<string, number>,
): ReviewDraft {
  const own = reading.marks.filter(
    (mark): mark is ErrorMark =>
      mark.kind === 'error' && mark.athlete === athlete && countsAsError(mark) && !chains.symptomIds.has(mark.id),
  );
  const byError = new Map<string, ErrorMark[]>();
  for (const mark of own) byError.set(mark.errorId, [...(byError.get(mark.errorId) ?? []), mark]);
  const candidates = [...byError].flatMap(([errorId, marks]): WorkCandidate[] => {
    const entry = findError(errorId);
    if (!entry || (entry.belts.length > 0 && !entry.belts.includes(belt))) return [];
    const damage = marks.reduce((sum, mark) => sum + (chains.damageByRoot.get(mark.id)?.total ?? 0), 0);
    const unpunished = marks.filter((mark) => mark.punished === 'no' || mark.punished === 'spared').length;
    // Punished, but what it led to is not linked yet: it had a price, taken to be the usual one until it is known.
    const unlinked = marks.filter(
      (mark) => (mark.punished === 'yes' || mark.punished === 'partly') && !chains.damageByRoot.get(mark.id)?.total,
    ).length;
    const supposed = unlinked * entry.severity + unpunished * entry.severity * UNPUNISHED_SHARE;
    const here = (damage + supposed) * teachableAt(entry, belt);
    const worth = here + (priorities.get(errorId) ?? 0);
    return [{ errorId, markIds: marks.map((mark) => mark.id), damage, unpunished, unlinked, worth }];
  });
  return {
    athlete,
    good: goodThing(reading, athlete),
    candidates: candidates.sort((one, other) => other.worth - one.worth || (one.errorId < other.errorId ? -1 : 1)),
    questionMarkIds: reading.marks
      .filter((mark) => mark.unsure && (!('athlete' in mark) || mark.athlete === athlete))
      .map((mark) => mark.id),
  };
}

function goodThing(reading: RoundReading, athlete: Athlete): ReviewDraft['good'] {
  const counts = new Map<string, string[]>();
  const count = (conceptId: string, markId: string) =>
    counts.set(conceptId, [...(counts.get(conceptId) ?? []), markId]);
  for (const mark of reading.marks)
    if (mark.kind === 'strength' && mark.athlete === athlete) count(mark.strengthId, mark.id);
  if (counts.size === 0)
    for (const mark of reading.marks)
      if (mark.kind === 'attempt' && mark.athlete === athlete && mark.stage === 'finished' && !mark.verdict)
        count(mark.techniqueId, mark.id);
  const [best] = [...counts].sort((one, other) => other[1].length - one[1].length);
  return best && { conceptId: best[0], markIds: best[1] };
}
