import { framesPerSecond } from '@/core/clock';
import { pool } from '@/data/client';
import { type Footage, listFootage } from '@/data/footage/footage';
import { listRounds, type Round } from '@/data/rounds/rounds';
import { requireCoach } from '../accounts/currentCoach';
import { lookingOf } from './loadProgress';

export async function loadFootage() {
  await requireCoach();
  const [files, rounds] = await Promise.all([listFootage(pool()), listRounds(pool())]);
  return files.map((file) => lineOf(file, rounds));
}

const lineOf = (file: Footage, rounds: readonly Round[]) => ({
  id: file.id,
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
    .map((round) => ({ id: round.id, a: round.a.name, b: round.b.name, markCount: round.markCount })),
});
