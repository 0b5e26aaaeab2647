import { pool } from '@/data/client';
import { type Clip, findClip, listRoundsOfClips } from '@/data/clips/clips';
import { isUuid } from '../kernel/isUuid';
import { listBlindRounds } from '../reviews/blindness';

/** A clip that is there, for a coach; undefined for one that is gone, not made yet, or of a round that they review blind. */
export async function findServableClip(id: string, coachId: string): Promise<Clip | undefined> {
  const clip = isUuid(id) ? await findClip(pool(), id) : undefined;
  if (clip?.state !== 'ready') return undefined;
  const [rounds, blind] = await Promise.all([listRoundsOfClips(pool(), [clip.id]), listBlindRounds(coachId)]);
  return rounds.some((one) => blind.includes(one.roundId)) ? undefined : clip;
}
