import type { Span } from '../clock';
import type { CalendarDate } from '../kernel';
import {
  type Athlete,
  countsAsError,
  type ErrorMark,
  linksOf,
  type Mark,
  type PositionTime,
  readChains,
  readRound,
  summariseAthlete,
  tideOf,
} from '../round';
import { errors, standardIdOf, unnamedErrors } from '../vocabulary';
import { exposureOf } from './exposure';

/** One error that was seen, with what it cost. */
export interface Occurrence {
  readonly markId: string;
  readonly roundId: string;
  readonly heldOn: CalendarDate;
  readonly atSeconds: number;
  readonly punished?: ErrorMark['punished'];
  /** Damage as a first cause; undefined for a symptom, whose damage its first cause carries. */
  readonly damage?: number;
  readonly symptom: boolean;
  /** Errors of the same athlete that it hangs from, first causes only. */
  readonly rootErrorIds: readonly string[];
}

/** What one round says about one athlete: the piece from which all counts and rates are added up. */
export interface RoundFigures {
  readonly roundId: string;
  readonly heldOn: CalendarDate;
  /** Own belt height less the partner's, in steps. */
  /** Undefined when a belt is not known: such a round is nobody's higher or lower. */
  readonly beltGap: number | undefined;
  readonly liveMinutes: number;
  readonly tideArea: number;
  readonly positions: readonly PositionTime[];
  readonly occurrences: ReadonlyMap<string, readonly Occurrence[]>;
  /** Exposure per error id; errors without exposure are absent. */
  readonly exposures: ReadonlyMap<string, number>;
  readonly strengths: ReadonlyMap<string, number>;
}

/** The exposure to an error in a round; an academy's own error has that of the standard one. 0 when there was none. */
export const exposureIn = (figures: RoundFigures, errorId: string): number =>
  figures.exposures.get(standardIdOf(errorId)) ?? 0;

export interface RoundRecord {
  readonly roundId: string;
  readonly heldOn: CalendarDate;
  readonly span: Span;
  readonly athlete: Athlete;
  readonly beltGap: number | undefined;
  readonly marks: readonly Mark[];
}

/** The figures of one athlete in one round, from its marks alone. */
export function roundFigures(record: RoundRecord): RoundFigures {
  const { athlete, marks } = record;
  const reading = readRound(record.span, marks);
  const tide = tideOf(reading);
  const chains = readChains(reading, tide);
  const summary = summariseAthlete(reading, athlete);
  const own = reading.marks.filter(
    (mark): mark is ErrorMark => mark.kind === 'error' && mark.athlete === athlete && countsAsError(mark),
  );
  const parents = parentsByChild(reading.marks);
  const isFirstCause = (mark: Mark): mark is ErrorMark =>
    mark.kind === 'error' && mark.athlete === athlete && countsAsError(mark) && !chains.symptomIds.has(mark.id);
  const occurrences = new Map<string, Occurrence[]>();
  for (const mark of own) {
    const occurrence: Occurrence = {
      markId: mark.id,
      roundId: record.roundId,
      heldOn: record.heldOn,
      atSeconds: mark.atSeconds,
      punished: mark.punished,
      damage: mark.ledTo.length > 0 ? chains.damageByRoot.get(mark.id)?.total : undefined,
      symptom: chains.symptomIds.has(mark.id),
      rootErrorIds: rootsOf(mark, parents, isFirstCause),
    };
    occurrences.set(mark.errorId, [...(occurrences.get(mark.errorId) ?? []), occurrence]);
  }
  const exposures = new Map<string, number>();
  // An own error shares the exposure of the standard one that it is a kind of, whether it was seen in this round or not.
  for (const error of [...errors, ...unnamedErrors]) {
    const exposure = exposureOf(error, reading, summary, athlete);
    if (exposure > 0) exposures.set(error.id, exposure);
  }
  const strengths = new Map<string, number>();
  for (const mark of reading.marks) {
    if (mark.unsure) continue;
    if (mark.kind === 'strength' && mark.athlete === athlete)
      strengths.set(mark.strengthId, (strengths.get(mark.strengthId) ?? 0) + 1);
  }
  return {
    roundId: record.roundId,
    heldOn: record.heldOn,
    beltGap: record.beltGap,
    liveMinutes: reading.liveSeconds / 60,
    tideArea: athlete === 'a' ? tide.area : -tide.area,
    positions: summary.positions,
    occurrences,
    exposures,
    strengths,
  };
}

/** What led to each mark, by the id of what it led to. */
function parentsByChild(marks: readonly Mark[]): ReadonlyMap<string, readonly Mark[]> {
  const parents = new Map<string, Mark[]>();
  for (const mark of marks)
    for (const child of linksOf(mark)) {
      const known = parents.get(child);
      if (known) known.push(mark);
      else parents.set(child, [mark]);
    }
  return parents;
}

/** The first causes behind an error, near or far, through whatever lies between. */
function rootsOf(
  mark: ErrorMark,
  parents: ReadonlyMap<string, readonly Mark[]>,
  isFirstCause: (mark: Mark) => mark is ErrorMark,
): string[] {
  const roots = new Set<string>();
  const seen = new Set<string>([mark.id]);
  const open = [...(parents.get(mark.id) ?? [])];
  for (let one = open.pop(); one; one = open.pop()) {
    if (seen.has(one.id)) continue;
    seen.add(one.id);
    if (isFirstCause(one)) roots.add(one.errorId);
    open.push(...(parents.get(one.id) ?? []));
  }
  return [...roots];
}
