import { execFile } from 'node:child_process';
import { createHash } from 'node:crypto';
import { mkdtemp, readFile, rm, stat, writeFile } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { promisify } from 'node:util';
import type pg from 'pg';
import { addDays } from '../src/core/kernel';
import { insertFootage } from '../src/data/footage/footage';
import { queueTask } from '../src/data/footage/queue';
import { putWork } from '../src/data/footage/work';
import { insertAthlete, insertRound } from '../src/data/rounds/rounds';
import { probeFootage } from '../src/server/footage/probe';
import { demoId } from './academy/marksOfRound';
import { people } from './academy/people';
import { allRounds } from './academy/rounds';
import { LEAD_IN_SECONDS } from './academy/types';
import { openMat } from './academy/waiting';

const run = promisify(execFile);

/** Puts the session film together from the demo's films, on the shelf, with its rounds: some cut out and waiting for a review, some not cut yet. */
export async function loadOpenMat(pool: pg.Pool, films: string, folder: string, day: string): Promise<void> {
  const scratch = await mkdtemp(path.join(tmpdir(), 'owl-open-mat-'));
  const id = demoId('footage', openMat.key);
  const storageName = `${id}.mp4`;
  const target = path.join(folder, 'footage', storageName);
  try {
    const list = path.join(scratch, 'list.txt');
    await writeFile(list, openMat.pieces.map(({ film }) => `file '${path.join(films, `${film}.mp4`)}'`).join('\n'));
    await run('ffmpeg', ['-v', 'error', '-y', '-f', 'concat', '-safe', '0', '-i', list, '-c', 'copy', target]);
  } finally {
    await rm(scratch, { recursive: true, force: true });
  }
  const facts = await probeFootage(target);
  if (!facts.ok) throw new Error(`loadOpenMat: the session film is ${facts.problem.code}`);
  const sha256 = createHash('sha256')
    .update(await readFile(target))
    .digest('hex');
  const byteLength = (await stat(target)).size;
  const recordedAt = new Date(`${addDays(day, -openMat.daysAgo)}T19:30:00`).toISOString();
  const file = { id, originalName: openMat.fileName, storageName, byteLength, sha256, ...facts.value, recordedAt };
  await insertFootage(pool, file, undefined);
  await putWork(pool, id, 'look');
  await queueTask(pool, 'look', { footageId: id }, `look:${id}`);
  let at = 0;
  for (const [index, piece] of openMat.pieces.entries()) {
    const film = allRounds.find((round) => round.key === piece.film)!;
    const startSeconds = at + LEAD_IN_SECONDS;
    if (piece.cut) await loadPiece(pool, piece, index + 1, film, id, startSeconds, addDays(day, -openMat.daysAgo));
    const length = await probeFootage(path.join(films, `${piece.film}.mp4`));
    at += length.ok ? length.value.durationSeconds : 0;
  }
}

async function loadPiece(
  pool: pg.Pool,
  piece: (typeof openMat.pieces)[number],
  numberInSession: number,
  film: (typeof allRounds)[number],
  footageId: string,
  startSeconds: number,
  heldOn: string,
): Promise<void> {
  const id = demoId('round', `${openMat.key}-${numberInSession}`);
  const { uniform, seconds } = film;
  const round = { id, footageId, heldOn, uniform, ruleSet: 'no-score', plannedSeconds: seconds, theme: '' };
  const place = { numberInSession, startSeconds, endSeconds: startSeconds + seconds, occasion: 'sparring' as const };
  await insertRound(pool, { ...round, ...place }, undefined);
  for (const slot of ['a', 'b'] as const) {
    const { belt, stripes, weightKg, key } = people.find((one) => one.key === piece[slot].key)!;
    const entry = { personId: demoId('person', key), belt, stripes, weightKg, weightSource: 'stated' as const };
    await insertAthlete(pool, id, slot, { ...entry, toldApartBy: piece[slot].toldApartBy });
  }
}
