import type { Span } from '../clock';
import type { Stroke } from '../drawing';
import type { Belt } from '../vocabulary';

/** The two athletes of a round: `a` is the one in focus, whose view the tide takes. */
export type Athlete = 'a' | 'b';
export const opponentOf = (athlete: Athlete): Athlete => (athlete === 'a' ? 'b' : 'a');

export const sides = ['left', 'right', 'not-seen'] as const;
/** Always the athlete's own side, never the screen's. */
export type Side = (typeof sides)[number];

export const stages = ['entry', 'control', 'locked', 'finished'] as const;
/** How far an attempt came; a later stage implies the earlier ones. */
export type Stage = (typeof stages)[number];

export const attemptEnds = ['finished', 'escaped', 'abandoned', 'declined', 'interrupted'] as const;
export type AttemptEnd = (typeof attemptEnds)[number];

export const punishments = ['yes', 'partly', 'no', 'spared'] as const;
export type Punishment = (typeof punishments)[number];

export const gripOutcomes = ['got', 'broken', 'lost'] as const;
export type GripOutcome = (typeof gripOutcomes)[number];

export const tapCauses = ['technique', 'injury', 'illness', 'courtesy'] as const;
/** Why somebody tapped; only `technique` enters statistics. */
export type TapCause = (typeof tapCauses)[number];

export const verdicts = ['bait', 'concession', 'agreed', 'no-fault'] as const;
/**
 * Why something that looks like an error is none: given on purpose to draw something, accepted on purpose, asked for by what was agreed for
 * the round, or simply the other's good work.
 */
export type Verdict = (typeof verdicts)[number];

/** What a grip or an attempt goes for, in the words of the mat; always the partner's. */
export const targets = [
  'near arm',
  'far arm',
  'near leg',
  'far leg',
  'near side',
  'far side',
  'neck',
  'head',
  'wrist',
  'elbow',
  'shoulder',
  'biceps',
  'hand',
  'collar',
  'sleeve',
  'lapel',
  'belt',
  'hip',
  'knee',
  'ankle',
  'foot',
  'heel',
  'chin',
  'back',
] as const;
export type Target = (typeof targets)[number];

interface MarkBase {
  readonly id: string;
  /** Media time of the moment. */
  readonly atSeconds: number;
  /** A free remark; empty text is absent. */
  readonly note?: string;
  /** Kept apart from errors: a mark with a verdict is in no rate. */
  readonly verdict?: Verdict;
  /** To be asked about: counts as nothing until it is settled. */
  readonly unsure?: true;
  /** Pointed out on the picture of the moment. */
  readonly drawing?: readonly Stroke[];
}

export interface PositionMark extends MarkBase {
  readonly kind: 'position';
  readonly positionId: string;
  /** Who has the better role of the position; absent when it is level. */
  readonly holder?: Athlete;
}

export interface GripMark extends MarkBase {
  readonly kind: 'grip';
  readonly gripId: string;
  readonly athlete: Athlete;
  readonly side?: Side;
  readonly outcome: GripOutcome;
  readonly target?: Target;
}

export interface AttemptMark extends MarkBase {
  readonly kind: 'attempt';
  readonly techniqueId: string;
  readonly athlete: Athlete;
  readonly stage: Stage;
  readonly end?: AttemptEnd;
  readonly endSeconds?: number;
  readonly side?: Side;
  readonly tapCause?: TapCause;
  readonly target?: Target;
}

/** An opening that was there and was not taken: it belongs to the funnel of its technique, not to the errors. */
export interface ChanceMark extends MarkBase {
  readonly kind: 'chance';
  readonly techniqueId: string;
  readonly athlete: Athlete;
  readonly side?: Side;
}

export interface ErrorMark extends MarkBase {
  readonly kind: 'error';
  readonly errorId: string;
  readonly athlete: Athlete;
  readonly punished?: Punishment;
  /** The belt from which an opponent would usually punish it: a judgement, of use where it was not punished. */
  readonly punishedFrom?: Belt;
  readonly side?: Side;
  /** Later marks that this error led to. */
  readonly ledTo: readonly string[];
}

export interface StrengthMark extends MarkBase {
  readonly kind: 'strength';
  readonly strengthId: string;
  readonly athlete: Athlete;
}

export interface StoppageMark extends MarkBase {
  readonly kind: 'stoppage';
  readonly endSeconds: number;
  /** The round went on, but the camera did not see it: no time of anybody's, and nothing may be inferred; a clock ran on. */
  readonly offCamera?: true;
}

export const rulings = ['advantage', 'penalty'] as const;
/** What a referee gave: an advantage to this athlete, or a penalty against them. */
export type Ruling = (typeof rulings)[number];

export interface RulingMark extends MarkBase {
  readonly kind: 'ruling';
  readonly athlete: Athlete;
  readonly ruling: Ruling;
}

interface BoardTally {
  readonly points: number;
  readonly advantages: number;
  readonly penalties: number;
}

/** The official score as the board showed it. */
export interface BoardMark extends MarkBase {
  readonly kind: 'board';
  readonly score: Readonly<Record<Athlete, BoardTally>>;
}

export const turnStarts = ['back', 'arm'] as const;
/** From where a turn of an overtime begins: back control, or the arm-lock start. */
export type TurnStart = (typeof turnStarts)[number];
export const turnEnds = ['escaped', 'tapped', 'ran-out'] as const;
export type TurnEnd = (typeof turnEnds)[number];

/** One turn of an overtime by escape time; `athlete` is the one who escapes. It runs until it has an end. */
export interface TurnMark extends MarkBase {
  readonly kind: 'turn';
  readonly athlete: Athlete;
  readonly from: TurnStart;
  readonly endSeconds?: number;
  readonly end?: TurnEnd;
  /** What a displayed clock that counts down showed at the end, in seconds: a second source for the same figure. */
  readonly clockSeconds?: number;
  /** The escape time that the officials gave. */
  readonly officialSeconds?: number;
  /** The sums that the officials gave out after this turn. */
  readonly officialTotals?: Readonly<Record<Athlete, number>>;
}

/** A time taken with two presses; with an athlete, how long that athlete took to answer. */
export interface MeasureMark extends MarkBase {
  readonly kind: 'measure';
  readonly endSeconds: number;
  readonly athlete?: Athlete;
}

export interface NoteMark extends MarkBase {
  readonly kind: 'note';
  readonly note: string;
  readonly athlete?: Athlete;
}

/** One thing a coach saw at one moment. */
export type Mark =
  | PositionMark
  | GripMark
  | AttemptMark
  | ChanceMark
  | ErrorMark
  | StrengthMark
  | StoppageMark
  | RulingMark
  | BoardMark
  | TurnMark
  | MeasureMark
  | NoteMark;
export type MarkKind = Mark['kind'];

/** The catalogue id that a mark names; undefined for stoppages and notes. */
export function conceptIdOf(mark: Mark): string | undefined {
  switch (mark.kind) {
    case 'position':
      return mark.positionId;
    case 'grip':
      return mark.gripId;
    case 'attempt':
    case 'chance':
      return mark.techniqueId;
    case 'error':
      return mark.errorId;
    case 'strength':
      return mark.strengthId;
    default:
      return undefined;
  }
}

// A finished attempt comes before the position that it led to, so that the marked position has the last word.
const kindRank: Readonly<Record<MarkKind, number>> = {
  stoppage: 0,
  attempt: 1,
  position: 2,
  grip: 3,
  chance: 4,
  error: 5,
  strength: 6,
  ruling: 7,
  board: 8,
  turn: 9,
  measure: 10,
  note: 11,
};

/** The one order in which marks are read: time, then kind, then id; so the order in which they were written never matters. */
export function compareMarks(one: Mark, other: Mark): number {
  return (
    one.atSeconds - other.atSeconds ||
    kindRank[one.kind] - kindRank[other.kind] ||
    (one.id < other.id ? -1 : one.id > other.id ? 1 : 0)
  );
}

/** The same marks with the athletes exchanged. */
export function swapAthletes<Kind extends Mark>(mark: Kind): Kind {
  const swapped: Record<string, unknown> = { ...mark };
  if ('athlete' in mark && mark.athlete) swapped.athlete = opponentOf(mark.athlete);
  if (mark.kind === 'position' && mark.holder) swapped.holder = opponentOf(mark.holder);
  if (mark.kind === 'board') swapped.score = { a: mark.score.b, b: mark.score.a };
  if (mark.kind === 'turn' && mark.officialTotals)
    swapped.officialTotals = { a: mark.officialTotals.b, b: mark.officialTotals.a };
  return swapped as unknown as Kind;
}

/** The same mark naming another concept of its kind. */
export function withConcept<Kind extends Mark>(mark: Kind, conceptId: string): Kind {
  const field = {
    position: 'positionId',
    grip: 'gripId',
    attempt: 'techniqueId',
    chance: 'techniqueId',
    error: 'errorId',
    strength: 'strengthId',
  };
  return mark.kind in field ? { ...mark, [field[mark.kind as keyof typeof field]]: conceptId } : mark;
}

/** Whether an attempt succeeded: it came to its end, and nothing is said against it. */
export const isFinished = (mark: AttemptMark): boolean =>
  mark.stage === 'finished' && (mark.end ?? 'finished') === 'finished';

/** Where nothing was live: play stopped, or off camera. */
export const stoppageSpans = (marks: readonly Mark[]): Span[] =>
  marks.flatMap((mark) =>
    mark.kind === 'stoppage' ? [{ startSeconds: mark.atSeconds, endSeconds: mark.endSeconds }] : [],
  );

/** Whether an error counts: not given on purpose, not excused, not waiting for an answer. */
export const countsAsError = (mark: ErrorMark): boolean => mark.verdict === undefined && mark.unsure !== true;
