import { framesPerSecond } from '@/core/clock';
import { pool } from '@/data/client';
import { countFootage, listFootagePiece, type ShelfFile } from '@/data/footage/footage';
import { listRoundsOfFootage, type Round } from '@/data/rounds/rounds';
import { requireCoach } from '../accounts/currentCoach';
import { academyZone, today } from '../kernel/academyTime';
import { uuidIn } from '../kernel/isUuid';
import { notShownRounds } from '../people/whoIsShown';
import { lookingOf } from './loadProgress';

/** Files shown at once. @source own decision: some weeks of sessions */
const SHOWN = 60;

/** A piece of the shelf with the rounds that were cut out of each file; `after` is the last file of the piece before. */
export async function loadFootage(after?: string) {
  await requireCoach();
  const zone = await academyZone();
  const [files, count] = await Promise.all([
    listFootagePiece(pool(), SHOWN, zone, uuidIn(after)),
    countFootage(pool()),
  ]);
  const rounds = await listRoundsOfFootage(
    pool(),
    files.rows.map((file) => file.id),
  );
  const notShown = await notShownRounds(
    pool(),
    rounds.map((round) => round.id),
    await today(),
  );
  return { ...files, rows: files.rows.map((file) => lineOf(file, rounds, notShown)), count };
}

const lineOf = (file: ShelfFile, rounds: readonly Round[], notShown: ReadonlyMap<string, string>) => ({
  id: file.id,
  day: file.day,
  name: file.originalName,
  durationSeconds: file.durationSeconds,
  width: file.width,
  height: file.height,
  framesPerSecond: framesPerSecond(file.frameRate),
  videoCodec: file.videoCodec,
  recordedAt: file.recordedAt,
  filmstrip: file.filmstrip,
  damagedAboutSeconds: file.damage?.aboutSeconds ?? [],
  looking: lookingOf(file),
  rounds: rounds
    .filter((round) => round.footageId === file.id)
    .map((round) => ({
      ...{ id: round.id, markCount: round.markCount, notShown: notShown.get(round.id) },
      ...{ startSeconds: round.startSeconds, endSeconds: round.endSeconds },
      a: { name: round.a.name, toldApartBy: round.a.toldApartBy },
      b: { name: round.b.name, toldApartBy: round.b.toldApartBy },
    })),
});
