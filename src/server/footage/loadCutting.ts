import { framesPerSecond } from '@/core/clock';
import { findLulls, proposeRounds } from '@/core/footage';
import { dayIn } from '@/core/kernel';
import { pool } from '@/data/client';
import { findCuts } from '@/data/footage/cuts';
import { findSignals } from '@/data/footage/signals';
import { findLatestRound, listRoundsOfFootage, type Round } from '@/data/rounds/rounds';
import { requireCoach } from '../accounts/currentCoach';
import { academyZone, today } from '../kernel/academyTime';
import { listPeopleOverTime } from '../people/listPeopleOverTime';
import { listRuleSetChoices } from '../rounds/ruleSetOf';
import { findServableFootage } from './findServableFootage';
import { lookingOf } from './loadProgress';

/** What cutting rounds out of one file needs: the file, what is heard and seen in it, what is proposed, what was cut already, and who there is. */
export async function loadCutting(footageId: string) {
  const coach = await requireCoach();
  const footage = await findServableFootage(footageId);
  if (!footage) return undefined;
  const [signals, rounds, people, latest, ruleSets, cuts] = await Promise.all([
    findSignals(pool(), footage.id),
    listRoundsOfFootage(pool(), [footage.id]),
    listPeopleOverTime(),
    findLatestRound(pool()),
    listRuleSetChoices(pool()),
    findCuts(pool(), footage.id),
  ]);
  const motion = signals && { perSecond: signals.motionPerSecond, values: signals.motion };
  const proposals = signals && motion ? proposeRounds(signals.bursts, motion, footage.durationSeconds) : [];
  const spans = [...proposals, ...rounds];
  return {
    footage: {
      id: footage.id,
      name: footage.originalName,
      durationSeconds: footage.durationSeconds,
      frameRate: footage.frameRate,
      framesPerSecond: framesPerSecond(footage.frameRate),
      filmstrip: footage.filmstrip,
      recordedAt: footage.recordedAt,
      looking: lookingOf(footage),
    },
    signals: signals && {
      loudnessPerSecond: signals.loudnessPerSecond,
      loudness: Buffer.from(signals.loudness).toString('base64'),
      motionPerSecond: signals.motionPerSecond,
      motion: Buffer.from(signals.motion).toString('base64'),
      bells: signals.bursts.map((one) => one.startSeconds),
    },
    proposals,
    /** What was cut here and is no round yet. */
    left: cuts,
    lulls: motion ? spans.flatMap((span) => findLulls(motion, span)) : [],
    rounds: rounds.map(({ id, version, startSeconds, endSeconds, a, b, markCount }) => ({
      id,
      version,
      startSeconds,
      endSeconds,
      a: a.name,
      b: b.name,
      markCount,
    })),
    people,
    ruleSets,
    facts: await firstFacts(footage.recordedAt, rounds.length, latest),
    weightUnit: coach.weightUnit,
  };
}
/** What the rounds of a session share, as far as it can be known: the day it was filmed, the rest as in the latest round. */
async function firstFacts(recordedAt: string | undefined, roundsBefore: number, latest: Round | undefined) {
  return {
    heldOn: recordedAt ? dayIn(await academyZone(), recordedAt) : await today(),
    uniform: latest?.uniform ?? ('gi' as const),
    ruleSet: latest?.ruleSet ?? 'no-score',
    occasion: 'sparring' as const,
    plannedMinutes: latest ? (latest.plannedSeconds === undefined ? '' : String(latest.plannedSeconds / 60)) : '5',
    firstNumber: roundsBefore + 1,
    theme: '',
  };
}

export type Cutting = NonNullable<Awaited<ReturnType<typeof loadCutting>>>;
