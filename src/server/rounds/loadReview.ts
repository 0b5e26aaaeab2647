import type { FrameRate, Span } from '@/core/clock';
import { findLulls } from '@/core/footage';
import type { WeightUnit } from '@/core/kernel';
import type { Homework } from '@/core/reviewing';
import type { RuleSet } from '@/core/scoring';
import { pool } from '@/data/client';
import { findFootage } from '@/data/footage/footage';
import { findSignals } from '@/data/footage/signals';
import { listMarks, type StoredMark, secondMarks } from '@/data/marks/marks';
import { listSecondReviews, type SecondReview } from '@/data/reviews/secondReviews';
import { listClocks, type StoredClock } from '@/data/rounds/clocks';
import { findReviewSeconds } from '@/data/rounds/reviewTimes';
import { findRound, type Round } from '@/data/rounds/rounds';
import { listTalks, type Talk } from '@/data/rounds/talks';
import { requireCoach } from '../accounts/currentCoach';
import { noteTouched } from '../accounts/noteTouched';
import { type Looking, lookingOf } from '../footage/loadProgress';
import { today } from '../kernel/academyTime';
import { isUuid } from '../kernel/isUuid';
import { withMerges } from '../language/loadHouse';
import { type Language, loadLanguage } from '../language/loadLanguage';
import { placeOfRound } from '../marks/marksPlace';
import { standsAgainst, whoIsShown } from '../people/whoIsShown';
import { requireSight } from '../reviews/blindness';
import { loadHomework } from '../reviews/loadHomework';
import { ruleSetOf } from './ruleSetOf';

export interface ReviewPage {
  readonly round: Round;
  readonly ruleSet?: RuleSet;
  readonly footage?: { readonly id: string; readonly frameRate: FrameRate; readonly looking: Looking };
  readonly marks: readonly StoredMark[];
  readonly clocks: readonly StoredClock[];
  /** Stretches of the round in which hardly anything moves. */
  readonly lulls: readonly Span[];
  readonly language: Language;
  readonly reactionLeadSeconds: number;
  readonly weightUnit: WeightUnit;
  readonly homework: readonly Homework[];
  /** How long this coach was at the round so far. */
  readonly spentSeconds: number;
  /** What was said over the footage, recorded here before; none in a second review. */
  readonly talks: readonly Talk[];
  /** The blind second review that the marks belong to. */
  readonly second?: SecondReview;
  readonly coachId: string;
  /** Why nothing of this round is shown to anybody but coaches, in words. */
  readonly notShown?: string;
}

/** What Review needs; with `second`, the marks of this coach's own second review instead of the round's. Undefined for what is not there, or is not theirs. */
export async function loadReview(roundId: string, as: 'first' | 'second' = 'first'): Promise<ReviewPage | undefined> {
  const coach = await requireCoach();
  const round = isUuid(roundId) ? await findRound(pool(), roundId) : undefined;
  if (!round) return undefined;
  if (as === 'first') await requireSight(round.id, coach.id);
  noteTouched({ coachId: coach.id, did: 'saw', kind: 'round', about: round.id });
  const footage = round.footageId ? await findFootage(pool(), round.footageId) : undefined;
  const language = await loadLanguage(pool(), round);
  const second =
    as === 'second' ? (await listSecondReviews(pool(), round.id)).find((one) => one.coachId === coach.id) : undefined;
  if (as === 'second' && !second) return undefined;
  const place = second ? { scopeId: second.id, store: secondMarks } : placeOfRound(round);
  const [marks, clocks, signals, ruleSet, homework, spentSeconds, talks, people] = await Promise.all([
    listMarks(pool(), place.scopeId, place.store),
    listClocks(pool(), round.id),
    footage && findSignals(pool(), footage.id),
    ruleSetOf(pool(), round.ruleSet),
    loadHomework(pool(), round),
    findReviewSeconds(pool(), round.id, coach.id),
    second ? [] : listTalks(pool(), round.id),
    whoIsShown(pool(), [round.id], await today()),
  ]);
  return {
    clocks,
    lulls: signals ? findLulls({ perSecond: signals.motionPerSecond, values: signals.motion }, round) : [],
    round,
    ruleSet,
    homework,
    spentSeconds,
    talks,
    second,
    footage: footage && { id: footage.id, frameRate: footage.frameRate, looking: lookingOf(footage) },
    marks: marks.map((stored) => ({ ...stored, mark: withMerges(language.house, stored.mark) })),
    language,
    reactionLeadSeconds: coach.reactionLeadSeconds,
    weightUnit: coach.weightUnit,
    coachId: coach.id,
    notShown: standsAgainst(people),
  };
}
