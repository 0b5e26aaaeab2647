import { add, dot, lengthOf, mix, normalise, scale, subtract, type Vector } from './vector';

/** A posture by its ends; elbows and knees follow from the lengths of the bones. */
export interface Posture {
  readonly pelvis: Vector;
  readonly chest: Vector;
  readonly head: Vector;
  readonly handLeft: Vector;
  readonly handRight: Vector;
  readonly footLeft: Vector;
  readonly footRight: Vector;
  /** Direction from the left to the right shoulder. */
  readonly across: Vector;
  /** Towards where the knees and elbows point. */
  readonly kneeLeft: Vector;
  readonly kneeRight: Vector;
  readonly elbowLeft: Vector;
  readonly elbowRight: Vector;
}

export interface Limb {
  readonly root: Vector;
  readonly joint: Vector;
  readonly end: Vector;
}

export interface Body {
  readonly pelvis: Vector;
  readonly chest: Vector;
  readonly head: Vector;
  readonly shoulders: readonly [Vector, Vector];
  readonly hips: readonly [Vector, Vector];
  readonly arms: readonly [Limb, Limb];
  readonly legs: readonly [Limb, Limb];
}

const UPPER_ARM = 0.3;
const FOREARM = 0.3;
const THIGH = 0.43;
const SHIN = 0.43;
const HALF_SHOULDERS = 0.19;
const HALF_HIPS = 0.11;

/** Two bones from a root towards a target, bending towards the pole; a target out of reach is brought near. */
function bend(root: Vector, target: Vector, pole: Vector, first: number, second: number): Limb {
  const reach = subtract(target, root);
  const distance = Math.min(Math.max(lengthOf(reach), 0.08), (first + second) * 0.995);
  const direction = normalise(reach);
  const along = (first ** 2 - second ** 2 + distance ** 2) / (2 * distance);
  const height = Math.sqrt(Math.max(0, first ** 2 - along ** 2));
  const away = subtract(pole, root);
  const sideways = normalise(subtract(away, scale(direction, dot(away, direction))));
  return {
    root,
    joint: add(add(root, scale(direction, along)), scale(sideways, height)),
    end: add(root, scale(direction, distance)),
  };
}

/** The whole body of a posture. */
export function buildBody(posture: Posture): Body {
  const across = normalise(posture.across);
  const shoulders: [Vector, Vector] = [
    add(posture.chest, scale(across, -HALF_SHOULDERS)),
    add(posture.chest, scale(across, HALF_SHOULDERS)),
  ];
  const hips: [Vector, Vector] = [
    add(posture.pelvis, scale(across, -HALF_HIPS)),
    add(posture.pelvis, scale(across, HALF_HIPS)),
  ];
  return {
    pelvis: posture.pelvis,
    chest: posture.chest,
    head: posture.head,
    shoulders,
    hips,
    arms: [
      bend(shoulders[0], posture.handLeft, posture.elbowLeft, UPPER_ARM, FOREARM),
      bend(shoulders[1], posture.handRight, posture.elbowRight, UPPER_ARM, FOREARM),
    ],
    legs: [
      bend(hips[0], posture.footLeft, posture.kneeLeft, THIGH, SHIN),
      bend(hips[1], posture.footRight, posture.kneeRight, THIGH, SHIN),
    ],
  };
}

const keys = [
  'pelvis',
  'chest',
  'head',
  'handLeft',
  'handRight',
  'footLeft',
  'footRight',
  'across',
  'kneeLeft',
  'kneeRight',
  'elbowLeft',
  'elbowRight',
] as const;

/** A posture between two others. */
export function mixPostures(one: Posture, other: Posture, share: number): Posture {
  return Object.fromEntries(keys.map((key) => [key, mix(one[key], other[key], share)])) as unknown as Posture;
}

/** The same posture with each end moved a little: breathing, pushing, pulling. */
export function stirPosture(posture: Posture, stir: (key: string) => Vector): Posture {
  return Object.fromEntries(
    keys.map((key) => [key, key === 'across' ? posture[key] : add(posture[key], stir(key))]),
  ) as unknown as Posture;
}
