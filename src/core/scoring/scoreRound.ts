import { type Span, spanSeconds } from '../clock';
import { type Athlete, attemptSpan, isFinished, opponentOf, type RoundReading } from '../round';
import { findTechnique, type PointsClass } from '../vocabulary';
import { type Claim, isGuard, isNeutral, isPast, listClaims, statesThatTell } from './claims';
import type { PointsRules } from './rules';

export interface Tally {
  readonly points: number;
  readonly advantages: number;
  readonly penalties: number;
}
export type Score = Readonly<Record<Athlete, Tally>>;

export interface ScoreEvent {
  readonly atSeconds: number;
  /** Whose tally changes. */
  readonly athlete: Athlete;
  readonly what: PointsClass | 'past-guard' | 'guard-pull' | 'advantage' | 'penalty' | 'points-given';
  readonly points: number;
  readonly advantages: number;
  readonly penalties: number;
  readonly markId?: string;
  /** From when to when it was held before the points were given. */
  readonly hold?: Span;
}

/** What would have scored had it been held long enough. */
export interface LostHold {
  readonly athlete: Athlete;
  readonly what: PointsClass;
  readonly atSeconds: number;
  /** The longest unbroken stretch. */
  readonly heldSeconds: number;
  readonly why: 'too-short' | 'threatened' | 'already-scored' | 'before-points' | 'not-seen';
  readonly markId?: string;
}

export interface ScoreReading {
  /** In order of time. */
  readonly events: readonly ScoreEvent[];
  readonly lost: readonly LostHold[];
  readonly final: Score;
  readonly disqualified?: Athlete;
  /** Who tapped the other, with the moment. */
  readonly submission?: { readonly winner: Athlete; readonly atSeconds: number; readonly markId: string };
}

const nothing: Tally = { points: 0, advantages: 0, penalties: 0 };

/**
 * The running score of a round under a points rule set, from its marks. Something scores when it was held for one unbroken stretch of
 * `holdSeconds`; a live threat by the opponent (a submission at control or locked), a stoppage or the end of the round ends the stretch, and afterwards the
 * count begins at zero; one's own attack does not end it. Holds run side by side. A position that has scored does not score again without a
 * guard or a neutral position in between. Advantages and penalties are the referee's, as marked. Play after a tap is not scored.
 * @source main gi federation's rule book and main submission-grappling federation's rules, both from memory
 */
export function scoreRound(reading: RoundReading, rules: PointsRules, plannedSeconds: number): ScoreReading {
  const submission = findSubmission(reading);
  const until = submission?.atSeconds ?? reading.round.endSeconds;
  const pointsFrom = reading.round.startSeconds + plannedSeconds * rules.pointlessRatio;
  const threats = { a: threatsOf(reading, 'b'), b: threatsOf(reading, 'a') };
  const events: ScoreEvent[] = [];
  const lost: LostHold[] = [];
  const scoredAt = new Map<string, number>();
  for (const claim of listClaims(reading, rules)) {
    if (claim.atSeconds >= until) continue;
    const { athlete, what, atSeconds, markId } = claim;
    const lose = (why: LostHold['why'], heldSeconds: number) =>
      void lost.push({ athlete, what, atSeconds, heldSeconds, why, markId });
    if (claim.neverSeen) {
      lose('not-seen', 0);
      continue;
    }
    const stretches = holdStretches(reading, claim, until);
    const pieces = stretches.flatMap((stretch) => withoutThreats(stretch, threats[athlete]));
    const longest = (spans: readonly Span[]) => Math.max(0, ...spans.map(spanSeconds));
    const held = pieces.find((piece) => spanSeconds(piece) >= rules.holdSeconds - 1e-9);
    if (!held) {
      lose(longest(stretches) >= rules.holdSeconds - 1e-9 ? 'threatened' : 'too-short', longest(pieces));
      continue;
    }
    if (atSeconds < pointsFrom - 1e-9) {
      lose('before-points', longest(pieces));
      continue;
    }
    const scoredSeconds = held.startSeconds + rules.holdSeconds;
    const last = scoredAt.get(`${athlete} ${what}`);
    if (last !== undefined && !returnedBetween(reading, last, atSeconds)) {
      lose('already-scored', longest(pieces));
      continue;
    }
    scoredAt.set(`${athlete} ${what}`, scoredSeconds);
    const past = rules.pastGuardPoints !== undefined && (what === 'takedown' || what === 'sweep');
    const endsPast = past && isPastAt(reading, athlete, scoredSeconds);
    events.push({
      atSeconds: scoredSeconds,
      athlete,
      what: endsPast ? 'past-guard' : what,
      points: endsPast ? (rules.pastGuardPoints ?? rules.points[what]) : rules.points[what],
      advantages: 0,
      penalties: 0,
      markId,
      hold: { startSeconds: held.startSeconds, endSeconds: scoredSeconds },
    });
  }
  events.push(...guardPulls(reading, rules, pointsFrom, until));
  const disqualified = addRulings(reading, rules, events, until);
  events.sort((one, other) => one.atSeconds - other.atSeconds || (one.what < other.what ? -1 : 1));
  return { events, lost, final: sumUp(events), disqualified, submission };
}

/** The score at a moment: everything given up to and with it. */
export const scoreAt = (reading: ScoreReading, mediaSeconds: number): Score =>
  sumUp(reading.events.filter((event) => event.atSeconds <= mediaSeconds + 1e-9));

/** Who is ahead: points, then advantages, then fewer penalties; undefined when the referee has to say. */
export function leaderOf(score: Score): Athlete | undefined {
  const { a, b } = score;
  const difference = a.points - b.points || a.advantages - b.advantages || b.penalties - a.penalties;
  return difference === 0 ? undefined : difference > 0 ? 'a' : 'b';
}

/** Who wins: by submission, by disqualification, else who is ahead. */
export function winnerOf(reading: ScoreReading): Athlete | undefined {
  if (reading.submission) return reading.submission.winner;
  return reading.disqualified ? opponentOf(reading.disqualified) : leaderOf(reading.final);
}

function sumUp(events: readonly ScoreEvent[]): Score {
  const of = (athlete: Athlete): Tally =>
    events
      .filter((event) => event.athlete === athlete)
      .reduce(
        (sum, event) => ({
          points: sum.points + event.points,
          advantages: sum.advantages + event.advantages,
          penalties: sum.penalties + event.penalties,
        }),
        nothing,
      );
  return { a: of('a'), b: of('b') };
}

/** Stretches from a claim on in which its hold lives; it ends for good when a state says otherwise. Time that nobody marked interrupts it. */
function holdStretches(reading: RoundReading, claim: Claim, until: number): Span[] {
  const stretches: Span[] = [];
  let began: number | undefined;
  const close = (endSeconds: number) => {
    if (began !== undefined && endSeconds > began) stretches.push({ startSeconds: began, endSeconds });
    began = undefined;
  };
  for (const [index, interval] of reading.intervals.entries()) {
    if (interval.endSeconds <= claim.atSeconds + 1e-9) continue;
    if (interval.startSeconds >= until) break;
    const alive = statesThatTell(reading.intervals, index)?.every(claim.holds) ?? false;
    if (alive) began ??= Math.max(interval.startSeconds, claim.atSeconds);
    else {
      close(interval.startSeconds);
      if (interval.state.kind === 'position') break;
    }
    if (interval.endSeconds >= until || interval === reading.intervals.at(-1))
      close(Math.min(interval.endSeconds, until));
  }
  return stretches;
}

/** Submissions of an athlete that really press, in order. */
function threatsOf(reading: RoundReading, athlete: Athlete): Span[] {
  return reading.marks
    .flatMap((mark) =>
      mark.kind === 'attempt' &&
      !mark.unsure &&
      mark.athlete === athlete &&
      mark.stage !== 'entry' &&
      findTechnique(mark.techniqueId)?.class === 'submissions'
        ? [attemptSpan(mark, reading.intervals)]
        : [],
    )
    .sort((one, other) => one.startSeconds - other.startSeconds);
}

function withoutThreats(stretch: Span, threats: readonly Span[]): Span[] {
  const pieces: Span[] = [];
  let from = stretch.startSeconds;
  for (const threat of threats) {
    if (threat.endSeconds <= from || threat.startSeconds >= stretch.endSeconds) continue;
    if (threat.startSeconds > from) pieces.push({ startSeconds: from, endSeconds: threat.startSeconds });
    from = Math.max(from, threat.endSeconds);
  }
  if (from < stretch.endSeconds) pieces.push({ startSeconds: from, endSeconds: stretch.endSeconds });
  return pieces;
}

/** Whether a guard or a neutral position lies between two moments. */
const returnedBetween = (reading: RoundReading, fromSeconds: number, toSeconds: number): boolean =>
  reading.intervals.some(
    ({ state, startSeconds, endSeconds }) =>
      endSeconds > fromSeconds + 1e-9 && startSeconds < toSeconds - 1e-9 && (isGuard(state) || isNeutral(state)),
  );

const isPastAt = (reading: RoundReading, athlete: Athlete, seconds: number): boolean => {
  const interval = reading.intervals.findLast((one) => one.startSeconds < seconds - 1e-9);
  return interval !== undefined && isPast(interval.state, athlete);
};

function guardPulls(reading: RoundReading, rules: PointsRules, fromSeconds: number, until: number): ScoreEvent[] {
  const { guardPullPoints } = rules;
  if (guardPullPoints === undefined) return [];
  return reading.marks.flatMap((mark): ScoreEvent[] => {
    if (mark.kind !== 'attempt' || mark.unsure || !isFinished(mark)) return [];
    if (findTechnique(mark.techniqueId)?.class !== 'guard-pulls' || mark.techniqueId === 'guard-pull-interception')
      return [];
    const atSeconds = mark.endSeconds ?? mark.atSeconds;
    if (atSeconds < fromSeconds || atSeconds >= until) return [];
    const { athlete, id: markId } = mark;
    return [{ atSeconds, athlete, what: 'guard-pull', points: guardPullPoints, advantages: 0, penalties: 0, markId }];
  });
}

/** The referee's calls and what the ladder of penalties makes of them; returns who is disqualified. */
function addRulings(
  reading: RoundReading,
  rules: PointsRules,
  events: ScoreEvent[],
  until: number,
): Athlete | undefined {
  const counts = { a: 0, b: 0 };
  for (const mark of reading.marks) {
    if (mark.kind !== 'ruling' || mark.unsure || mark.atSeconds >= until) continue;
    const { athlete, atSeconds, id: markId } = mark;
    const base = { atSeconds, points: 0, advantages: 0, penalties: 0, markId };
    if (mark.ruling === 'advantage') events.push({ ...base, athlete, what: 'advantage', advantages: 1 });
    if (mark.ruling !== 'penalty') continue;
    events.push({ ...base, athlete, what: 'penalty', penalties: 1 });
    const step = rules.penalties[counts[athlete]];
    counts[athlete] += 1;
    if (step === undefined) return athlete;
    const other = opponentOf(athlete);
    if (step === 'advantage') events.push({ ...base, athlete: other, what: 'advantage', advantages: 1 });
    if (step === 'two-points') events.push({ ...base, athlete: other, what: 'points-given', points: 2 });
  }
  return undefined;
}

function findSubmission(reading: RoundReading): ScoreReading['submission'] {
  for (const mark of reading.marks) {
    if (mark.kind !== 'attempt' || mark.unsure || !isFinished(mark)) continue;
    if (findTechnique(mark.techniqueId)?.class !== 'submissions') continue;
    return { winner: mark.athlete, atSeconds: mark.endSeconds ?? mark.atSeconds, markId: mark.id };
  }
  return undefined;
}
