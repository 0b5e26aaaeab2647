import type { FrameRate, Span } from '@/core/clock';
import { findLulls } from '@/core/footage';
import type { RuleSet } from '@/core/scoring';
import { pool } from '@/data/client';
import { findFootage } from '@/data/footage/footage';
import { findSignals } from '@/data/footage/signals';
import { listMarks, type StoredMark } from '@/data/marks/marks';
import { listClocks, type StoredClock } from '@/data/rounds/clocks';
import { findRound, type Round } from '@/data/rounds/rounds';
import { requireCoach } from '../accounts/currentCoach';
import { type Looking, lookingOf } from '../footage/loadProgress';
import { isUuid } from '../kernel/isUuid';
import { withMerges } from '../language/loadHouse';
import { type Language, loadLanguage } from '../language/loadLanguage';
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
  readonly weightUnit: 'kg' | 'lb';
}

export async function loadReview(roundId: string): Promise<ReviewPage | undefined> {
  const coach = await requireCoach();
  const round = isUuid(roundId) ? await findRound(pool(), roundId) : undefined;
  if (!round) return undefined;
  const footage = round.footageId ? await findFootage(pool(), round.footageId) : undefined;
  const language = await loadLanguage(pool(), round.id);
  const [marks, clocks, signals, ruleSet] = await Promise.all([
    listMarks(pool(), round.id),
    listClocks(pool(), round.id),
    footage && findSignals(pool(), footage.id),
    ruleSetOf(pool(), round.ruleSet),
  ]);
  return {
    clocks,
    lulls: signals ? findLulls({ perSecond: signals.motionPerSecond, values: signals.motion }, round) : [],
    round,
    ruleSet,
    footage: footage && { id: footage.id, frameRate: footage.frameRate, looking: lookingOf(footage) },
    marks: marks.map((stored) => ({ ...stored, mark: withMerges(language.house, stored.mark) })),
    language,
    reactionLeadSeconds: coach.reactionLeadSeconds,
    weightUnit: coach.weightUnit,
  };
}
