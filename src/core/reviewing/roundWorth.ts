import { type CalendarDate, daysBetween } from '../kernel';

/** What is known of one student on the day of choosing. */
export interface StudentNeed {
  readonly personId: string;
  /** Day of their last reviewed round; absent when none ever was. */
  readonly lastReviewedOn?: CalendarDate;
  /** Day of the next class in which they are expected. */
  readonly nextClassOn?: CalendarDate;
  readonly nextCompetitionOn?: CalendarDate;
  /** "Did it work?" questions that footage since the drill can answer, each with the day of the drill. */
  readonly openSince: readonly CalendarDate[];
}

export interface WaitingRound {
  readonly roundId: string;
  readonly heldOn: CalendarDate;
  readonly liveSeconds: number;
  /** The students among its two athletes. */
  readonly students: readonly StudentNeed[];
}

export type WorthReason =
  | { readonly code: 'days-since-review'; readonly personId: string; readonly days: number; readonly worth: number }
  | { readonly code: 'never-reviewed'; readonly personId: string; readonly worth: number }
  | { readonly code: 'class-soon'; readonly personId: string; readonly onDay: CalendarDate; readonly worth: number }
  | {
      readonly code: 'competition-soon';
      readonly personId: string;
      readonly onDay: CalendarDate;
      readonly worth: number;
    }
  | { readonly code: 'did-it-work'; readonly personId: string; readonly questions: number; readonly worth: number }
  | { readonly code: 'old-footage'; readonly days: number };

export interface RoundWorth {
  readonly worth: number;
  /** What it is made of; `old-footage` halves the sum of the others. */
  readonly reasons: readonly WorthReason[];
}

const MOST_WAIT_WORTH = 3;
const WAIT_DAYS = 14;
const CLASS_DAYS = 7;
const COMPETITION_DAYS = 28;
const MOST_QUESTIONS = 2;
const OLD_DAYS = 60;

/**
 * What reviewing a round is worth today: for each student the days since their last review / 14 (at most 3), 1 when expected in class within
 * 7 days, 2 when a competition comes within 28 days, 1 for each open question that it can answer (at most 2); halved for rounds older than 60 days.
 * @source house estimate
 */
export function roundWorth(round: WaitingRound, today: CalendarDate): RoundWorth {
  const reasons = round.students.flatMap((student) => reasonsOf(student, round, today));
  const worth = reasons.reduce((sum, one) => sum + ('worth' in one ? one.worth : 0), 0);
  const days = daysBetween(round.heldOn, today);
  return days > OLD_DAYS
    ? { worth: worth / 2, reasons: [...reasons, { code: 'old-footage', days }] }
    : { worth, reasons };
}

function reasonsOf(student: StudentNeed, round: WaitingRound, today: CalendarDate): WorthReason[] {
  const { personId, lastReviewedOn, nextClassOn, nextCompetitionOn } = student;
  const reasons: WorthReason[] = [];
  const within = (day: CalendarDate | undefined, most: number): day is CalendarDate =>
    day !== undefined && daysBetween(today, day) >= 0 && daysBetween(today, day) <= most;
  if (!lastReviewedOn) reasons.push({ code: 'never-reviewed', personId, worth: MOST_WAIT_WORTH });
  else {
    const days = Math.max(0, daysBetween(lastReviewedOn, today));
    reasons.push({ code: 'days-since-review', personId, days, worth: Math.min(days / WAIT_DAYS, MOST_WAIT_WORTH) });
  }
  if (within(nextClassOn, CLASS_DAYS)) reasons.push({ code: 'class-soon', personId, onDay: nextClassOn, worth: 1 });
  if (within(nextCompetitionOn, COMPETITION_DAYS))
    reasons.push({ code: 'competition-soon', personId, onDay: nextCompetitionOn, worth: 2 });
  const questions = Math.min(student.openSince.filter((day) => day < round.heldOn).length, MOST_QUESTIONS);
  if (questions > 0) reasons.push({ code: 'did-it-work', personId, questions, worth: questions });
  return reasons;
}
