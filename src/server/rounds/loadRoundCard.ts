import { framesPerSecond } from '@/core/clock';
import type { WeightUnit } from '@/core/kernel';
import { pool } from '@/data/client';
import { findFootage } from '@/data/footage/footage';
import { findLatestRound, findRound, type Round } from '@/data/rounds/rounds';
import { requireCoach } from '../accounts/currentCoach';
import { noteTouched } from '../accounts/noteTouched';
import { today } from '../kernel/academyTime';
import { isUuid } from '../kernel/isUuid';
import { listPeopleOverTime, type PersonWithPast } from '../people/listPeopleOverTime';
import { whoIsShown, whyNotShown } from '../people/whoIsShown';
import { listRuleSetChoices, type RuleSetChoice } from './ruleSetOf';

export interface RoundCardPage {
  readonly round?: Round;
  readonly footage?: {
    readonly id: string;
    readonly name: string;
    readonly durationSeconds: number;
    readonly framesPerSecond: number;
  };
  readonly people: readonly PersonWithPast[];
  readonly today: string;
  readonly weightUnit: WeightUnit;
  readonly latest?: Round;
  readonly ruleSets: readonly RuleSetChoice[];
  /** Why nothing of the round leaves the house. */
  readonly notShown?: string;
}

/** What the card of a new round (on some footage, or none) or of an existing one needs. */
export async function loadRoundCard(ids: {
  readonly footageId?: string;
  readonly roundId?: string;
}): Promise<RoundCardPage | undefined> {
  const coach = await requireCoach();
  const round = ids.roundId && isUuid(ids.roundId) ? await findRound(pool(), ids.roundId) : undefined;
  if (ids.roundId && !round) return undefined;
  if (round) noteTouched({ coachId: coach.id, did: 'saw', kind: 'round', about: round.id });
  const footageId = round?.footageId ?? ids.footageId;
  const [footage, people, latest, ruleSets] = await Promise.all([
    footageId && isUuid(footageId) ? findFootage(pool(), footageId) : undefined,
    listPeopleOverTime(),
    findLatestRound(pool()),
    listRuleSetChoices(pool()),
  ]);
  return {
    round,
    footage: footage && {
      id: footage.id,
      name: footage.originalName,
      durationSeconds: footage.durationSeconds,
      framesPerSecond: framesPerSecond(footage.frameRate),
    },
    people,
    today: await today(),
    weightUnit: coach.weightUnit,
    latest,
    ruleSets,
    notShown: round && whyNotShown(await whoIsShown(pool(), [round.id], await today())),
  };
}
