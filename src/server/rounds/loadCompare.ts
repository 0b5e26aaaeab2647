import type { FrameRate, Span } from '@/core/clock';
import { pool } from '@/data/client';
import { listFootage } from '@/data/footage/footage';
import { listAllClips } from '@/data/language/referenceClips';
import { listFilmedRounds } from '@/data/rounds/rounds';
import { requireCoach } from '../accounts/currentCoach';
import { type Looking, lookingOf } from '../footage/loadProgress';
import { houseOf } from '../language/loadHouse';

/** A piece of footage that can be laid beside another. */
export interface Comparable extends Span {
  readonly key: string;
  readonly kind: 'round' | 'clip';
  readonly roundId?: string;
  readonly personIds: readonly string[];
  readonly title: string;
  readonly conceptId?: string;
  readonly footage: { readonly id: string; readonly frameRate: FrameRate; readonly looking: Looking };
}

/** Everything that can be compared: filmed rounds, newest first, then the academy's reference clips. */
export async function loadCompare() {
  await requireCoach();
  const [rounds, clips, footage, house] = await Promise.all([
    listFilmedRounds(pool()),
    listAllClips(pool()),
    listFootage(pool(), 1000),
    houseOf(pool()),
  ]);
  const files = new Map(footage.map((one) => [one.id, one]));
  const pieceOf = (footageId: string | undefined) => {
    const file = footageId ? files.get(footageId) : undefined;
    return file && { id: file.id, frameRate: file.frameRate, looking: lookingOf(file) };
  };
  const pieces: Comparable[] = [];
  for (const round of rounds) {
    const { id, startSeconds, endSeconds, a, b, heldOn } = round;
    const file = pieceOf(round.footageId);
    const title = `${a.name} and ${b.name}, ${heldOn}`;
    const personIds = [a.personId, b.personId];
    if (file)
      pieces.push({ key: id, kind: 'round', roundId: id, personIds, title, startSeconds, endSeconds, footage: file });
  }
  for (const { id, conceptId, footageId, caption, startSeconds, endSeconds } of clips) {
    const file = pieceOf(footageId);
    const more = { title: caption, conceptId, personIds: [], startSeconds, endSeconds };
    if (file) pieces.push({ key: id, kind: 'clip', ...more, footage: file });
  }
  return { pieces, house };
}
