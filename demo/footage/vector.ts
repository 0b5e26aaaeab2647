/** Metres: x to the right of the picture, y up, z away from the camera. */
export type Vector = readonly [x: number, y: number, z: number];

export const add = (one: Vector, other: Vector): Vector => [one[0] + other[0], one[1] + other[1], one[2] + other[2]];
export const subtract = (one: Vector, other: Vector): Vector => [
  one[0] - other[0],
  one[1] - other[1],
  one[2] - other[2],
];
export const scale = (one: Vector, factor: number): Vector => [one[0] * factor, one[1] * factor, one[2] * factor];
export const lengthOf = (one: Vector): number => Math.hypot(...one);
export const dot = (one: Vector, other: Vector): number => one[0] * other[0] + one[1] * other[1] + one[2] * other[2];
export const mix = (one: Vector, other: Vector, share: number): Vector =>
  add(scale(one, 1 - share), scale(other, share));
export const cross = (one: Vector, other: Vector): Vector => [
  one[1] * other[2] - one[2] * other[1],
  one[2] * other[0] - one[0] * other[2],
  one[0] * other[1] - one[1] * other[0],
];

export function normalise(one: Vector): Vector {
  const length = lengthOf(one);
  return length < 1e-6 ? [0, 1, 0] : scale(one, 1 / length);
}
