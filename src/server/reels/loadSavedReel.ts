import { shortNamesOf } from '@/core/kernel';
import { type SavedReel, spanOfPiece } from '@/core/reel';
import { houseNameOf } from '@/core/vocabulary';
import { pool } from '@/data/client';
import { findReel, listReels } from '@/data/reels/reels';
import { requireCoach } from '../accounts/currentCoach';
import { lookingOf } from '../footage/loadProgress';
import { today } from '../kernel/academyTime';
import { isUuid } from '../kernel/isUuid';
import { qrOf } from '../kernel/qrOf';
import { describeFound } from '../language/foundMarks';
import { loadHouse } from '../language/loadHouse';
import { whoIsShown, whyNotShown } from '../people/whoIsShown';
import { listBlindRounds } from '../reviews/blindness';
import { pageAddress } from '../sharing/linkAddress';
import type { ReelPiece } from './loadReel';
import { resolveReel } from './resolveReel';

/** A saved reel: what is kept of it, and each of its pieces with the footage that shows it today, in the same places. */
export async function loadSavedReel(reelId: string) {
  const coach = await requireCoach();
  const reel = isUuid(reelId) ? await findReel(pool(), reelId) : undefined;
  if (!reel) return undefined;
  const [house, blind, resolved] = await Promise.all([
    loadHouse(),
    listBlindRounds(coach.id),
    resolveReel(pool(), reel.content),
  ]);
  const isSeen = resolved.map((one) => one !== undefined && !blind.includes(one.round.id));
  // What is gone, or is reviewed blind, is not on the page and stays in the reel.
  const content: SavedReel = {
    ...reel.content,
    pieces: resolved.flatMap((one, at) => (one && isSeen[at] ? [one.piece] : [])),
  };
  const pieces = resolved.flatMap((one, at): ReelPiece[] => {
    if (!one || !isSeen[at]) return [];
    const { piece, round, footage, found, readings } = one;
    const [a = '', b = ''] = shortNamesOf([round.a.name, round.b.name]);
    return [
      {
        ...{
          key: piece.id,
          roundId: round.id,
          markId: found?.mark.id,
          heldOn: round.heldOn,
          atSeconds: piece.atSeconds,
        },
        ...{ roundSeconds: piece.atSeconds - round.startSeconds, names: [a, b] as const, ...spanOfPiece(piece, round) },
        round: { startSeconds: round.startSeconds, endSeconds: round.endSeconds },
        words: found ? describeFound(found, (id) => houseNameOf(house, id)).words : '',
        drawing: found?.mark.drawing ?? [],
        readings,
        footage: footage && { id: footage.id, frameRate: footage.frameRate, looking: lookingOf(footage) },
      },
    ];
  });
  const roundIds = [...new Set(pieces.map((one) => one.roundId))];
  const problem = whyNotShown(await whoIsShown(pool(), roundIds, await today()));
  const remote = await pageAddress(`/reels/${reel.id}/remote`);
  return {
    ...{ ...reel, content, pieces, problem, left: reel.content.pieces.length - pieces.length },
    remote: { address: remote, qr: await qrOf(remote) },
  };
}

const SHOWN_REELS = 40;

/** The saved reels, the one that was changed last first. */
export async function loadReels(after: string | undefined) {
  await requireCoach();
  const piece = await listReels(pool(), SHOWN_REELS, isUuid(after ?? '') ? after : undefined);
  return {
    ...piece,
    rows: piece.rows.map(({ id, name, content, changedAt, changedByName }) => ({
      ...{ id, name, changedAt, changedByName, moments: content.pieces.length, isRanked: content.isRanked },
      seconds: content.pieces.reduce((sum, one) => sum + (one.beforeSeconds + one.afterSeconds) / one.speed, 0),
    })),
  };
}

/** What a reel is called; undefined when it is gone. */
export async function findReelName(reelId: string): Promise<string | undefined> {
  await requireCoach();
  return isUuid(reelId) ? (await findReel(pool(), reelId))?.name : undefined;
}

/** Whether there is such a reel, for a coach: the line on which it is told what a phone presses. */
export const isReel = async (reelId: string): Promise<boolean> =>
  isUuid(reelId) && (await findReel(pool(), reelId)) !== undefined;

export { hear as hearReel, startHearing } from '@/data/notices';
