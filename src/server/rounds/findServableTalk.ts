import { pool } from '@/data/client';
import { findTalk, type Talk } from '@/data/rounds/talks';
import { isUuid } from '../kernel/isUuid';
import { listBlindRounds } from '../reviews/blindness';

/** A talk that this coach may hear: not one over a round that they are reviewing blind. */
export async function findServableTalk(id: string, coachId: string): Promise<Talk | undefined> {
  const talk = isUuid(id) ? await findTalk(pool(), id) : undefined;
  if (!talk) return undefined;
  const blind = await listBlindRounds(coachId);
  return blind.includes(talk.roundId) ? undefined : talk;
}
