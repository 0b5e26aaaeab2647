import type { Mark } from '@/core/round';
import { type OvertimeRecord, type OvertimeRules, readOvertimeRecord } from '@/core/scoring';
import { pool } from '@/data/client';
import { findFootage } from '@/data/footage/footage';
import { listMarks } from '@/data/marks/marks';
import { listClocks, type StoredClock } from '@/data/rounds/clocks';
import { findRound, type Round } from '@/data/rounds/rounds';
import { requireCoach } from '../accounts/currentCoach';
import { isUuid } from '../kernel/isUuid';
import { requireSight } from '../reviews/blindness';
import { ruleSetOf } from './ruleSetOf';

export interface OvertimePage {
  readonly round: Round;
  readonly ruleSetName: string;
  readonly rules?: OvertimeRules;
  readonly record?: OvertimeRecord;
  readonly footageName?: string;
  readonly clocks: readonly StoredClock[];
  readonly marks: readonly Mark[];
}

/** The overtime of a round with everything that its evidence sheet shows. */
export async function loadOvertime(roundId: string): Promise<OvertimePage | undefined> {
  const coach = await requireCoach();
  const round = isUuid(roundId) ? await findRound(pool(), roundId) : undefined;
  if (!round) return undefined;
  await requireSight(round.id, coach.id);
  const ruleSet = await ruleSetOf(pool(), round.ruleSet);
  const marks = (await listMarks(pool(), round.id)).map((stored) => stored.mark);
  const rules = ruleSet?.overtime;
  const footage = round.footageId ? await findFootage(pool(), round.footageId) : undefined;
  return {
    ...{ round, rules, marks },
    clocks: rules ? await listClocks(pool(), round.id) : [],
    ruleSetName: ruleSet?.name ?? '',
    record: rules && readOvertimeRecord(marks, rules),
    footageName: footage?.originalName,
  };
}
