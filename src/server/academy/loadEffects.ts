import { pool } from '@/data/client';
import { type KeptEffect, listLessonEffects, listWaitingRounds } from '@/data/projections/lessonEffects';

/** Rounds that are named for one lesson. @source own decision: more is not done in one evening */
const SHOWN_WAITING = 3;

export interface EffectWithWaiting extends Omit<KeptEffect, 'personIds'> {
  /** Rounds of those who drilled it, held since, that nobody has marked yet: they would tell more. */
  readonly waiting: readonly { readonly roundId: string; readonly name: string }[];
}

/** What happened to errors after lessons, of one drill or of all, with the rounds that would tell more where too little was seen. */
export async function loadEffects(withoutRoundIds: readonly string[], drillId?: string): Promise<EffectWithWaiting[]> {
  const effects = await listLessonEffects(pool(), drillId);
  const personIds = [...new Set(effects.flatMap((one) => one.personIds))];
  const waiting = personIds.length > 0 ? await listWaitingRounds(pool(), personIds, withoutRoundIds) : [];
  return effects.map(({ personIds: own, ...one }) => ({
    ...one,
    waiting: waiting
      .filter(({ personId, day }) => day > one.since && own.includes(personId))
      .slice(0, SHOWN_WAITING)
      .map(({ roundId, name }) => ({ roundId, name })),
  }));
}
