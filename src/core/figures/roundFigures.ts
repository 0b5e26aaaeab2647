import { countsAsAttempt } from '../attempts';
import type { Span } from '../clock';
import type { CalendarDate } from '../kernel';
import { listReactions, type Reaction } from '../reaction';
import {
  type Athlete,
  type AttemptMark,
  countsAsError,
  type ErrorMark,
  type GripMark,
  linksOf,
  type Mark,
  type PointsTable,
  type PositionTime,
  placeOfRole,
  type RoundReading,
  readChains,
  readRound,
  roleIn,
  summariseAthlete,
  tideOf,
} from '../round';
import { errors, findPosition, type Role, standardIdOf, type Uniform, unnamedErrors } from '../vocabulary';
import { exposureOf } from './exposure';

/** One error that was seen, with what it cost. */
export interface Occurrence {
  readonly markId: string;
  readonly roundId: string;
  readonly heldOn: CalendarDate;
  readonly atSeconds: number;
  readonly punished?: ErrorMark['punished'];
  readonly side?: ErrorMark['side'];
  /** Damage as a first cause; undefined for a symptom, whose damage its first cause carries. */
  readonly damage?: number;
  readonly symptom: boolean;
  /** Errors of the same athlete that it hangs from, first causes only. */
  readonly rootErrorIds: readonly string[];
}

/** A moment at which something was done well. */
export interface GoodMoment {
  readonly markId: string;
  readonly strengthId: string;
  readonly atSeconds: number;
}

/** A stay of one athlete in one position, from when on and how long, in live time. */
export interface Stay {
  readonly positionId: string;
  readonly role: Role;
  readonly atSeconds: number;
  readonly seconds: number;
  /** How well placed, from the athlete's view. */
  readonly tide: number;
}

/** An attempt of the athlete or of the partner. */
export interface AttemptMade {
  readonly markId: string;
  readonly techniqueId: string;
  readonly isOwn: boolean;
  readonly atSeconds: number;
  readonly stage: AttemptMark['stage'];
  readonly end?: AttemptMark['end'];
  readonly side?: AttemptMark['side'];
  /** From its beginning to each stage and to its end, where that is marked. */
  readonly toControl?: number;
  readonly toLocked?: number;
  readonly seconds?: number;
}

/** A grip that somebody reached for. */
export interface GripTaken extends Pick<GripMark, 'gripId' | 'side' | 'outcome' | 'atSeconds'> {
  readonly markId: string;
}

/** How long somebody took to answer what the partner began. */
export type Answer = Omit<Reaction, 'athlete'>;

/** A chance that the athlete let pass. */
export interface ChanceMissed {
  readonly markId: string;
  /** Undefined for a chance that is no technique's. */
  readonly techniqueId?: string;
  readonly atSeconds: number;
}

export const occasions = ['sparring', 'positional', 'competition'] as const;
export type Occasion = (typeof occasions)[number];

/** What one round says about one athlete: the piece from which all counts and rates are added up. */
export interface RoundFigures {
  readonly roundId: string;
  readonly heldOn: CalendarDate;
  /** Own belt height less the partner's, in steps. Undefined when a belt is not known: such a round is nobody's higher or lower. */
  readonly beltGap: number | undefined;
  /** Own weight less the partner's over the lighter of the two: 0.1 is ten per cent heavier. Undefined when a weight is not known. */
  readonly weightGap: number | undefined;
  /** Own height less the partner's in cm; undefined where one is not known. */
  readonly heightGap?: number;
  readonly partnerId?: string;
  /** Which round of its session it was, from 1 on. */
  readonly numberInSession?: number;
  /** What kind of round it was; undefined where nobody asks. */
  readonly uniform?: Uniform;
  readonly occasion?: Occasion;
  /** What the day was about, in the coach's words; absent where nothing was said. */
  readonly theme?: string;
  readonly startSeconds: number;
  readonly endSeconds: number;
  readonly liveMinutes: number;
  readonly tideArea: number;
  readonly positions: readonly PositionTime[];
  readonly occurrences: ReadonlyMap<string, readonly Occurrence[]>;
  /** Exposure per error id; errors without exposure are absent. */
  readonly exposures: ReadonlyMap<string, number>;
  readonly goods: readonly GoodMoment[];
  readonly stays: readonly Stay[];
  /** Those that say something of technique. */
  readonly attempts: readonly AttemptMade[];
  readonly missed: readonly ChanceMissed[];
  readonly grips: readonly GripTaken[];
  readonly answers: readonly Answer[];
}

/** The exposure to an error in a round; an academy's own error has that of the standard one. 0 when there was none. */
export const exposureIn = (figures: RoundFigures, errorId: string): number =>
  figures.exposures.get(standardIdOf(errorId)) ?? 0;

export interface RoundRecord
  extends Pick<
    RoundFigures,
    | 'roundId'
    | 'heldOn'
    | 'beltGap'
    | 'weightGap'
    | 'heightGap'
    | 'partnerId'
    | 'numberInSession'
    | 'uniform'
    | 'occasion'
    | 'theme'
  > {
  readonly span: Span;
  readonly athlete: Athlete;
  readonly marks: readonly Mark[];
  /** Of the rules that the round is judged by; absent where they give no points. */
  readonly table?: PointsTable;
}

/** The figures of one athlete in one round, from its marks alone. */
export function roundFigures(record: RoundRecord): RoundFigures {
  const { athlete, marks } = record;
  const reading = readRound(record.span, marks);
  const tide = tideOf(reading);
  const chains = readChains(reading, tide, record.table);
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
      side: mark.side,
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
  const goods = reading.marks.flatMap((mark): GoodMoment[] =>
    mark.kind === 'strength' && mark.athlete === athlete && !mark.unsure
      ? [{ markId: mark.id, strengthId: mark.strengthId, atSeconds: mark.atSeconds }]
      : [],
  );
  return {
    roundId: record.roundId,
    heldOn: record.heldOn,
    beltGap: record.beltGap,
    weightGap: record.weightGap,
    heightGap: record.heightGap,
    partnerId: record.partnerId,
    numberInSession: record.numberInSession,
    uniform: record.uniform,
    occasion: record.occasion,
    theme: record.theme || undefined,
    startSeconds: record.span.startSeconds,
    endSeconds: record.span.endSeconds,
    liveMinutes: reading.liveSeconds / 60,
    tideArea: athlete === 'a' ? tide.area : -tide.area,
    positions: summary.positions,
    occurrences,
    exposures,
    goods,
    stays: staysOf(reading, athlete),
    attempts: attemptsOf(reading.marks, athlete),
    missed: missedBy(reading.marks, athlete),
    grips: gripsOf(reading.marks, athlete),
    answers: listReactions(reading, athlete).map(({ athlete: _own, ...answer }) => answer),
  };
}

/** The stays of an athlete, in order of time; what was not marked or stopped lies between them. */
function staysOf(reading: RoundReading, athlete: Athlete): Stay[] {
  const stays: Stay[] = [];
  for (const { startSeconds, endSeconds, state } of reading.intervals) {
    if (state.kind !== 'position' || endSeconds <= startSeconds) continue;
    const role = roleIn(state.positionId, state.holder, athlete);
    const last = stays.at(-1);
    const goesOn =
      last?.positionId === state.positionId &&
      last.role === role &&
      Math.abs(last.atSeconds + last.seconds - startSeconds) < 1e-6;
    if (last && goesOn) stays[stays.length - 1] = { ...last, seconds: endSeconds - last.atSeconds };
    else
      stays.push({
        ...{ positionId: state.positionId, role, tide: placementOf(state.positionId, role) },
        ...{ atSeconds: startSeconds, seconds: endSeconds - startSeconds },
      });
  }
  return stays;
}

/** What a position is worth to somebody in a role of it, in the catalogue's steps: above 0 where they are better placed. */
function placementOf(positionId: string, role: Role): number {
  const position = findPosition(positionId);
  if (!position || role === 'neutral') return 0;
  const isHeldBelow = position.betterRole === 'bottom';
  const isBetter = isHeldBelow ? role === 'bottom' : placeOfRole(role) === 'over';
  return isBetter ? position.houseValue : -position.houseValue;
}

const attemptsOf = (marks: readonly Mark[], athlete: Athlete): AttemptMade[] =>
  marks.flatMap((mark) =>
    mark.kind === 'attempt' && countsAsAttempt(mark)
      ? [
          {
            ...{ markId: mark.id, techniqueId: mark.techniqueId, isOwn: mark.athlete === athlete },
            ...{ atSeconds: mark.atSeconds, stage: mark.stage, end: mark.end, side: mark.side },
            toControl: secondsTo(mark, mark.controlSeconds),
            toLocked: secondsTo(mark, mark.lockedSeconds),
            seconds: secondsTo(mark, mark.endSeconds),
          },
        ]
      : [],
  );

const secondsTo = ({ atSeconds }: AttemptMark, seconds: number | undefined): number | undefined =>
  seconds === undefined ? undefined : seconds - atSeconds;

const gripsOf = (marks: readonly Mark[], athlete: Athlete): GripTaken[] =>
  marks.flatMap((mark) =>
    mark.kind === 'grip' && mark.athlete === athlete && !mark.unsure
      ? [
          {
            ...{ markId: mark.id, gripId: mark.gripId, atSeconds: mark.atSeconds },
            ...{ side: mark.side, outcome: mark.outcome },
          },
        ]
      : [],
  );

const missedBy = (marks: readonly Mark[], athlete: Athlete): ChanceMissed[] =>
  marks.flatMap((mark) =>
    mark.kind === 'chance' && mark.athlete === athlete && !mark.unsure && !mark.verdict
      ? [{ markId: mark.id, techniqueId: mark.techniqueId, atSeconds: mark.atSeconds }]
      : [],
  );

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
