import { type RoundWorth, reviewRatio, roundWorth, type StudentNeed } from '@/core/reviewing';
import { pool } from '@/data/client';
import { listPeople, type Person } from '@/data/people/people';
import { listReviewTimes } from '@/data/rounds/reviewTimes';
import { listWaitingRounds, type Round } from '@/data/rounds/rounds';
import { listDrilledDays, listLastReviews, listNextClassDays } from '@/data/rounds/waiting';
import { requireCoach } from '../accounts/currentCoach';
import { today } from '../kernel/academyTime';

/** Drills older than this leave no open question. @source own decision: two months, as for old footage */
const QUESTION_DAYS = 60;

export interface WaitingLine extends RoundWorth {
  readonly roundId: string;
  readonly heldOn: string;
  readonly a: string;
  readonly b: string;
  readonly liveSeconds: number;
  readonly costSeconds: number;
}

export interface WhatNext {
  readonly ratio: number;
  /** Rounds of their own that the ratio was learned from. */
  readonly learnedFrom: number;
  readonly names: Readonly<Record<string, string>>;
  /** Every filmed round that nobody has marked, most worth first. */
  readonly waiting: readonly WaitingLine[];
}

/** The rounds that wait, with what reviewing each is worth today and costs this coach. */
export async function loadWhatNext(): Promise<WhatNext> {
  const coach = await requireCoach();
  const [now, day] = [new Date().toISOString(), await today()];
  const [rounds, people, times, reviews, classes, drilled] = await Promise.all([
    listWaitingRounds(pool()),
    listPeople(pool()),
    listReviewTimes(pool(), coach.id),
    listLastReviews(pool()),
    listNextClassDays(pool(), now),
    listDrilledDays(pool(), now, QUESTION_DAYS),
  ]);
  const ratio = reviewRatio(times);
  const dayOf = (list: readonly { personId: string; day: string }[]) =>
    new Map(list.map((one) => [one.personId, one.day]));
  const [lastReview, nextClass] = [dayOf(reviews), dayOf(classes)];
  const students = new Map(people.filter((one) => one.standing === 'student').map((one) => [one.id, one]));
  const needOf = ({ id, competesOn }: Person): StudentNeed => ({
    personId: id,
    lastReviewedOn: lastReview.get(id),
    nextClassOn: nextClass.get(id),
    nextCompetitionOn: competesOn,
    openSince: drilled.filter((one) => one.personId === id).map((one) => one.day),
  });
  const lineOf = (round: Round): WaitingLine => {
    const liveSeconds = round.endSeconds - round.startSeconds;
    const own = [round.a.personId, round.b.personId].flatMap((id) => students.get(id) ?? []).map(needOf);
    const worth = roundWorth({ roundId: round.id, heldOn: round.heldOn, liveSeconds, students: own }, day);
    const names = { a: round.a.name, b: round.b.name };
    return {
      roundId: round.id,
      heldOn: round.heldOn,
      ...names,
      liveSeconds,
      costSeconds: liveSeconds * ratio,
      ...worth,
    };
  };
  return {
    ratio,
    learnedFrom: times.length,
    names: Object.fromEntries(people.map((one) => [one.id, one.name])),
    waiting: rounds.map(lineOf).sort((one, other) => other.worth - one.worth || (one.heldOn > other.heldOn ? -1 : 1)),
  };
}
