export const MOTION_WIDTH = 96;
export const MOTION_HEIGHT = 54;
const PICTURE = MOTION_WIDTH * MOTION_HEIGHT;

/** Mean absolute difference of luma between grey pictures that follow each other, in eighths of a level, as bytes. */
export function createMotionMeter() {
  let picture: Buffer = Buffer.alloc(PICTURE);
  let before: Buffer | undefined;
  let filled = 0;
  const values: number[] = [];
  return {
    see: (chunk: Buffer) => {
      let at = 0;
      while (at < chunk.length) {
        const taken = Math.min(PICTURE - filled, chunk.length - at);
        chunk.copy(picture, filled, at, at + taken);
        filled += taken;
        at += taken;
        if (filled < PICTURE) continue;
        values.push(before ? differenceOf(before, picture) : 0);
        [before, picture] = [picture, before ?? Buffer.alloc(PICTURE)];
        filled = 0;
      }
    },
    count: () => values.length,
    finish: (): Uint8Array<ArrayBuffer> => Uint8Array.from(values),
  };
}

function differenceOf(one: Buffer, other: Buffer): number {
  let sum = 0;
  for (let index = 0; index < PICTURE; index += 1) sum += Math.abs(one[index]! - other[index]!);
  return Math.min(255, Math.round((sum / PICTURE) * 8));
}

const QUIETEST_DECIBELS = -60;

/** Loudness of every stretch of `size` samples: root mean square from −60 dB (0) to full scale (255). */
export function createLoudnessMeter(size: number) {
  const values: number[] = [];
  let sum = 0;
  let heard = 0;
  const close = () => {
    const decibels = 10 * Math.log10(sum / Math.max(1, heard) + 1e-12);
    values.push(Math.round(255 * Math.min(1, Math.max(0, 1 - decibels / QUIETEST_DECIBELS))));
    sum = 0;
    heard = 0;
  };
  return {
    hear: (samples: Float32Array) => {
      for (let index = 0; index < samples.length; index += 1) {
        sum += samples[index]! * samples[index]!;
        heard += 1;
        if (heard === size) close();
      }
    },
    finish: (): Uint8Array<ArrayBuffer> => {
      if (heard > 0) close();
      return Uint8Array.from(values);
    },
  };
}
