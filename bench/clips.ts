import { randomUUID } from 'node:crypto';
import { copyFileSync, mkdirSync, statSync } from 'node:fs';
import path from 'node:path';
import { type ClipPiece, secondsOfRecipe } from '../src/core/clip';
import type { Footage } from '../src/data/footage/footage';
import { renderClip } from '../src/server/clips/renderClip';
import { probeFootage } from '../src/server/footage/probe';
import { ffmpeg, h264 } from '../tests/support/films';
import type { BenchLine } from './line';

const MOMENTS = 8;

/** How long a reel of 720 lines takes to render, against how long it plays: eight moments of a noisy film, each with a stop and a drawing, words in the picture. */
export async function measureClips(scratch: string): Promise<BenchLine[]> {
  process.env.OWL_DATA_FOLDER = path.join(scratch, 'clips');
  const folder = path.join(scratch, 'clips', 'footage');
  mkdirSync(folder, { recursive: true });
  const film = path.join(scratch, 'clips.mp4');
  ffmpeg(
    ...['-f', 'lavfi', '-i', 'testsrc2=s=1280x720:r=30:d=120,noise=alls=8:allf=t'],
    ...['-f', 'lavfi', '-i', 'sine=d=120', ...h264, '-c:a', 'aac', film],
  );
  const facts = await probeFootage(film);
  if (!facts.ok) throw new Error(`measureClips: ${facts.problem.code}`);
  const id = randomUUID();
  copyFileSync(film, path.join(folder, `${id}.mp4`));
  const footage: Footage = {
    ...{ id, originalName: 'clips.mp4', storageName: `${id}.mp4`, byteLength: statSync(film).size, sha256: '' },
    ...{
      ...facts.value,
      recordedAt: undefined,
      uploadedAt: '',
      proxy: undefined,
      filmstrip: undefined,
      damage: undefined,
    },
  };
  const pieces = Array.from({ length: MOMENTS }, (_, at): ClipPiece => {
    const startSeconds = 5 + at * 13.3;
    const drawing = [{ kind: 'ring' as const, centre: [0.5, 0.5] as [number, number], radius: 0.2 }];
    return {
      ...{ footageId: id, startSeconds, endSeconds: startSeconds + 8, speed: 1, sound: true, readings: [] },
      ...{ caption: 'The elbow leaves the knee', freezes: [{ atSeconds: startSeconds + 3, forSeconds: 2, drawing }] },
    };
  });
  const recipe = { pieces, captions: 'burned' as const };
  const began = performance.now();
  const made = await renderClip(
    randomUUID(),
    recipe,
    new Map([[id, footage]]),
    () => undefined,
    new AbortController().signal,
  );
  const took = (performance.now() - began) / 1000;
  if (!made.ok) throw new Error(`measureClips: ${made.problem.code}`);
  const plays = secondsOfRecipe(recipe);
  return [
    {
      what: `rendering a reel of ${MOMENTS} moments at 720 lines, ${plays.toFixed(0)} s long, against playing it`,
      measured: `${(took / plays).toFixed(2)} ×`,
      goal: 'at most 1 ×, on two cores',
    },
  ];
}
