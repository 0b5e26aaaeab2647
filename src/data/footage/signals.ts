import { z } from 'zod';
import type { Database } from '../client';
import { findRow, runStatement } from '../rows';

export const burstShape = z.object({
  startSeconds: z.number(),
  endSeconds: z.number(),
  hertz: z.number(),
  tonality: z.number(),
});

const signalRow = z
  .object({
    loudness_per_second: z.number(),
    loudness: z.instanceof(Buffer),
    motion_per_second: z.number(),
    motion: z.instanceof(Buffer),
    bursts: z.array(burstShape),
  })
  .transform((row) => ({
    loudnessPerSecond: row.loudness_per_second,
    /** One byte a step, 0 silent to 255 full scale. */
    loudness: new Uint8Array(row.loudness),
    motionPerSecond: row.motion_per_second,
    /** One byte a step: mean absolute difference of luma, in eighths of a level, 255 at most. */
    motion: new Uint8Array(row.motion),
    bursts: row.bursts,
  }));
export type FootageSignals = z.output<typeof signalRow>;

export const findSignals = (database: Database, footageId: string) =>
  findRow(
    database,
    signalRow,
    'select loudness_per_second, loudness, motion_per_second, motion, bursts from footage_signal where footage_id = $1',
    [footageId],
  );

export const saveSignals = (database: Database, footageId: string, signals: FootageSignals) =>
  runStatement(
    database,
    `insert into footage_signal (footage_id, loudness_per_second, loudness, motion_per_second, motion, bursts)
     values ($1, $2, $3, $4, $5, $6)
     on conflict (footage_id) do update set loudness_per_second = $2, loudness = $3, motion_per_second = $4, motion = $5, bursts = $6`,
    [
      footageId,
      signals.loudnessPerSecond,
      Buffer.from(signals.loudness),
      signals.motionPerSecond,
      Buffer.from(signals.motion),
      JSON.stringify(signals.bursts),
    ],
  );
