import type { PictureBox } from './pictureArea';

/** Where a box stands that is placed by keys: a figure in the middle of the picture. */
export const firstBox: PictureBox = { x: 0.4, y: 0.3, width: 0.2, height: 0.5 };

const STEP = 0.02;
const LEAST = 0.04;
const steps: Readonly<Record<string, readonly [x: number, y: number]>> = {
  ArrowLeft: [-STEP, 0],
  ArrowRight: [STEP, 0],
  ArrowUp: [0, -STEP],
  ArrowDown: [0, STEP],
};

/** The box after an arrow: moved, or with Shift made larger and smaller; it stays within the picture. Undefined for another key. */
export function boxAfterKey(box: PictureBox, key: string, shift: boolean): PictureBox | undefined {
  const step = steps[key];
  if (!step) return undefined;
  const [x, y] = step;
  if (shift)
    return {
      ...box,
      width: within(box.width + x, LEAST, 1 - box.x),
      height: within(box.height + y, LEAST, 1 - box.y),
    };
  return { ...box, x: within(box.x + x, 0, 1 - box.width), y: within(box.y + y, 0, 1 - box.height) };
}

const within = (value: number, least: number, most: number): number => Math.min(most, Math.max(least, value));
