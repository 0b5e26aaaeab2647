import type { Posture } from './body';
import type { Vector } from './vector';

/** The two athletes of a position: who is over (on top, attacking) and who is under. */
export interface PairPosture {
  readonly over: Posture;
  readonly under: Posture;
}

interface Sketch {
  readonly pelvis: Vector;
  readonly chest: Vector;
  readonly head: Vector;
  readonly hands: readonly [Vector, Vector];
  readonly feet: readonly [Vector, Vector];
  readonly across: Vector;
  readonly knees: readonly [Vector, Vector];
  readonly elbows?: readonly [Vector, Vector];
}

function posture(sketch: Sketch): Posture {
  const [x, y, z] = sketch.chest;
  const elbows = sketch.elbows ?? [
    [x, y - 0.6, z],
    [x, y - 0.6, z],
  ];
  return {
    pelvis: sketch.pelvis,
    chest: sketch.chest,
    head: sketch.head,
    handLeft: sketch.hands[0],
    handRight: sketch.hands[1],
    footLeft: sketch.feet[0],
    footRight: sketch.feet[1],
    across: sketch.across,
    kneeLeft: sketch.knees[0],
    kneeRight: sketch.knees[1],
    elbowLeft: elbows[0]!,
    elbowRight: elbows[1]!,
  };
}

const flip = ([x, y, z]: Vector): Vector => [-x, y, z];

/** The mirror image, left and right exchanged so that it is still a person. */
function mirror(one: Posture): Posture {
  const across = flip(one.across);
  return {
    pelvis: flip(one.pelvis),
    chest: flip(one.chest),
    head: flip(one.head),
    handLeft: flip(one.handRight),
    handRight: flip(one.handLeft),
    footLeft: flip(one.footRight),
    footRight: flip(one.footLeft),
    across: [-across[0], -across[1], -across[2]],
    kneeLeft: flip(one.kneeRight),
    kneeRight: flip(one.kneeLeft),
    elbowLeft: flip(one.elbowRight),
    elbowRight: flip(one.elbowLeft),
  };
}

const FACING_RIGHT: Vector = [0, 0, -1];
const FACING_LEFT: Vector = [0, 0, 1];

const stance = posture({
  pelvis: [-0.62, 0.86, 0],
  chest: [-0.42, 1.28, 0],
  head: [-0.3, 1.55, 0],
  hands: [
    [-0.08, 1.12, 0.2],
    [-0.02, 1.0, -0.2],
  ],
  feet: [
    [-0.38, 0.06, 0.22],
    [-0.9, 0.06, -0.22],
  ],
  across: FACING_RIGHT,
  knees: [
    [0.2, 0.5, 0.3],
    [0.1, 0.5, -0.3],
  ],
});

const clinch = posture({
  pelvis: [-0.46, 0.86, 0],
  chest: [-0.22, 1.26, 0],
  head: [-0.06, 1.5, 0.08],
  hands: [
    [0.2, 1.42, 0.14],
    [0.14, 1.08, -0.24],
  ],
  feet: [
    [-0.25, 0.06, 0.24],
    [-0.85, 0.06, -0.2],
  ],
  across: FACING_RIGHT,
  knees: [
    [0.3, 0.5, 0.3],
    [0.1, 0.5, -0.3],
  ],
});

const onBack = (
  feet: readonly [Vector, Vector],
  hands: readonly [Vector, Vector],
  knees: readonly [Vector, Vector],
  lift = 0,
) =>
  posture({
    pelvis: [0.02, 0.15 + lift, 0],
    chest: [0.46, 0.17, 0],
    head: [0.76, 0.24, 0],
    hands,
    feet,
    across: FACING_LEFT,
    knees,
    elbows: [
      [0.5, 0.2, -0.8],
      [0.5, 0.2, 0.8],
    ],
  });

const kneelingInGuard = posture({
  pelvis: [-0.42, 0.36, 0],
  chest: [-0.22, 0.76, 0],
  head: [-0.12, 1.04, 0],
  hands: [
    [0.16, 0.36, 0.16],
    [0.16, 0.36, -0.16],
  ],
  feet: [
    [-0.78, 0.06, 0.2],
    [-0.78, 0.06, -0.2],
  ],
  across: FACING_RIGHT,
  knees: [
    [0.4, -0.3, 0.5],
    [0.4, -0.3, -0.5],
  ],
});

const closedGuard: PairPosture = {
  over: kneelingInGuard,
  under: onBack(
    [
      [-0.6, 0.5, -0.08],
      [-0.62, 0.46, 0.1],
    ],
    [
      [-0.06, 0.62, -0.12],
      [-0.02, 0.5, 0.14],
    ],
    [
      [-0.1, 0.9, -0.9],
      [-0.1, 0.9, 0.9],
    ],
  ),
};

const openGuard: PairPosture = {
  over: posture({
    pelvis: [-0.72, 0.82, 0],
    chest: [-0.44, 1.12, 0],
    head: [-0.24, 1.34, 0],
    hands: [
      [-0.06, 0.78, 0.24],
      [-0.06, 0.74, -0.24],
    ],
    feet: [
      [-0.52, 0.06, 0.24],
      [-1.08, 0.06, -0.18],
    ],
    across: FACING_RIGHT,
    knees: [
      [0.2, 0.5, 0.3],
      [0, 0.5, -0.3],
    ],
  }),
  under: onBack(
    [
      [-0.5, 0.76, -0.18],
      [-0.46, 0.66, 0.18],
    ],
    [
      [-0.1, 0.74, -0.2],
      [-0.06, 0.7, 0.2],
    ],
    [
      [0.1, 0.9, -0.4],
      [0.1, 0.9, 0.4],
    ],
    0.05,
  ),
};

const seatedGuard: PairPosture = {
  over: posture({
    pelvis: [-0.66, 0.5, 0],
    chest: [-0.36, 0.84, 0],
    head: [-0.14, 1.02, 0.06],
    hands: [
      [0.12, 0.5, 0.2],
      [0.1, 0.62, -0.22],
    ],
    feet: [
      [-0.95, 0.06, 0.22],
      [-0.5, 0.06, -0.3],
    ],
    across: FACING_RIGHT,
    knees: [
      [0, -0.2, 0.4],
      [0.3, 0.6, -0.4],
    ],
  }),
  under: posture({
    pelvis: [0.3, 0.15, 0],
    chest: [0.34, 0.58, 0],
    head: [0.27, 0.88, 0],
    hands: [
      [-0.12, 0.66, -0.18],
      [-0.1, 0.6, 0.18],
    ],
    feet: [
      [-0.24, 0.12, -0.16],
      [-0.2, 0.12, 0.16],
    ],
    across: FACING_LEFT,
    knees: [
      [0, 1, -0.7],
      [0, 1, 0.7],
    ],
  }),
};

const halfGuard: PairPosture = {
  over: posture({
    pelvis: [-0.08, 0.4, 0.02],
    chest: [0.34, 0.5, 0],
    head: [0.66, 0.52, -0.14],
    hands: [
      [0.86, 0.12, 0.26],
      [0.5, 0.16, -0.36],
    ],
    feet: [
      [-0.72, 0.06, 0.12],
      [-0.56, 0.06, -0.4],
    ],
    across: FACING_RIGHT,
    knees: [
      [0, -0.4, 0.2],
      [0.3, 0.3, -1],
    ],
  }),
  under: posture({
    pelvis: [0.12, 0.16, 0.02],
    chest: [0.52, 0.2, 0.04],
    head: [0.82, 0.24, 0.06],
    hands: [
      [0.3, 0.5, -0.26],
      [0.36, 0.42, 0.2],
    ],
    feet: [
      [-0.46, 0.16, -0.02],
      [-0.5, 0.12, 0.16],
    ],
    across: [0, 0.25, 0.95],
    knees: [
      [-0.1, 0.8, -0.5],
      [-0.1, 0.5, 0.6],
    ],
  }),
};

const supine = (hands: readonly [Vector, Vector], bent = true) =>
  posture({
    pelvis: [-0.12, 0.14, 0],
    chest: [0.34, 0.16, 0],
    head: [0.66, 0.2, 0],
    hands,
    feet: bent
      ? [
          [-0.62, 0.06, -0.2],
          [-0.72, 0.06, 0.18],
        ]
      : [
          [-0.9, 0.06, -0.16],
          [-0.9, 0.06, 0.16],
        ],
    across: FACING_LEFT,
    knees: [
      [-0.4, 1, -0.3],
      [-0.5, 1, 0.3],
    ],
    elbows: [
      [0.3, 0.1, -0.6],
      [0.3, 0.1, 0.6],
    ],
  });

const sideControl: PairPosture = {
  over: posture({
    pelvis: [0.14, 0.36, 0.62],
    chest: [0.24, 0.42, 0.14],
    head: [0.36, 0.5, -0.16],
    hands: [
      [0.78, 0.14, -0.18],
      [-0.24, 0.22, -0.3],
    ],
    feet: [
      [0.44, 0.06, 1.3],
      [-0.2, 0.06, 1.26],
    ],
    across: [-1, 0, 0],
    knees: [
      [0.6, -0.2, 0.8],
      [-0.4, -0.2, 0.7],
    ],
    elbows: [
      [0.9, 0.2, 0.3],
      [-0.5, 0.2, 0.2],
    ],
  }),
  under: supine([
    [0.2, 0.42, -0.16],
    [0.46, 0.44, 0.2],
  ]),
};

const kneeOnBelly: PairPosture = {
  over: posture({
    pelvis: [0.06, 0.74, 0.3],
    chest: [0.16, 1.12, 0.16],
    head: [0.22, 1.4, 0.06],
    hands: [
      [0.5, 0.42, -0.02],
      [-0.16, 0.42, -0.06],
    ],
    feet: [
      [0.78, 0.06, 0.62],
      [-0.26, 0.3, 0.42],
    ],
    across: [-1, 0, 0.1],
    knees: [
      [1, 0.7, 0],
      [0.2, 0.4, -0.9],
    ],
  }),
  under: supine([
    [0.06, 0.48, -0.1],
    [0.3, 0.46, 0.16],
  ]),
};

const mount: PairPosture = {
  over: posture({
    pelvis: [0.06, 0.42, 0],
    chest: [0.26, 0.8, 0],
    head: [0.38, 1.07, 0],
    hands: [
      [0.62, 0.24, 0.26],
      [0.6, 0.28, -0.24],
    ],
    feet: [
      [-0.36, 0.06, 0.32],
      [-0.36, 0.06, -0.32],
    ],
    across: FACING_RIGHT,
    knees: [
      [0.6, -0.2, 0.9],
      [0.6, -0.2, -0.9],
    ],
  }),
  under: supine([
    [0.28, 0.4, -0.14],
    [0.3, 0.4, 0.14],
  ]),
};

const curled = posture({
  pelvis: [-0.28, 0.4, 0],
  chest: [0.16, 0.4, 0],
  head: [0.42, 0.26, 0],
  hands: [
    [0.46, 0.06, 0.14],
    [0.46, 0.06, -0.14],
  ],
  feet: [
    [-0.66, 0.06, 0.14],
    [-0.66, 0.06, -0.14],
  ],
  across: FACING_RIGHT,
  knees: [
    [0.3, -0.4, 0.2],
    [0.3, -0.4, -0.2],
  ],
  elbows: [
    [0, -0.2, 0.2],
    [0, -0.2, -0.2],
  ],
});

const turtle: PairPosture = {
  over: posture({
    pelvis: [-0.5, 0.62, 0.42],
    chest: [-0.1, 0.8, 0.2],
    head: [0.16, 0.94, 0.06],
    hands: [
      [0.2, 0.34, 0.26],
      [0.08, 0.3, -0.2],
    ],
    feet: [
      [-0.98, 0.06, 0.62],
      [-0.5, 0.06, 0.5],
    ],
    across: [0.35, 0, -0.95],
    knees: [
      [-0.2, 0.2, 1],
      [0.4, 0.2, 0.6],
    ],
  }),
  under: curled,
};

const frontHeadlock: PairPosture = {
  over: posture({
    pelvis: [1.08, 0.5, 0],
    chest: [0.66, 0.66, 0],
    head: [0.36, 0.72, 0.08],
    hands: [
      [0.42, 0.32, -0.14],
      [0.3, 0.3, 0.16],
    ],
    feet: [
      [1.7, 0.06, -0.24],
      [1.66, 0.06, 0.24],
    ],
    across: FACING_LEFT,
    knees: [
      [1.3, -0.3, -0.3],
      [1.3, -0.3, 0.3],
    ],
  }),
  under: curled,
};

const backControl: PairPosture = {
  over: posture({
    pelvis: [-0.36, 0.16, 0.02],
    chest: [-0.36, 0.58, 0.02],
    head: [-0.24, 0.88, 0.1],
    hands: [
      [0.16, 0.6, 0.06],
      [0.14, 0.46, -0.12],
    ],
    feet: [
      [0.4, 0.2, 0.24],
      [0.4, 0.22, -0.24],
    ],
    across: FACING_RIGHT,
    knees: [
      [0, 0.9, 0.9],
      [0, 0.9, -0.9],
    ],
    elbows: [
      [-0.2, 0.3, 0.8],
      [-0.2, 0.2, -0.8],
    ],
  }),
  under: posture({
    pelvis: [0.02, 0.15, 0],
    chest: [-0.02, 0.54, 0],
    head: [0.06, 0.84, -0.02],
    hands: [
      [0.16, 0.66, 0.1],
      [0.18, 0.58, -0.1],
    ],
    feet: [
      [0.76, 0.06, 0.14],
      [0.68, 0.06, -0.14],
    ],
    across: FACING_RIGHT,
    knees: [
      [0.5, 1, 0.2],
      [0.5, 1, -0.2],
    ],
    elbows: [
      [0.2, 0, 0.5],
      [0.2, 0, -0.5],
    ],
  }),
};

const backFlat: PairPosture = {
  over: {
    ...turtle.over,
    pelvis: [-0.3, 0.42, 0.04],
    chest: [0.16, 0.5, 0.02],
    head: [0.46, 0.56, 0.04],
    handLeft: [0.4, 0.24, 0.22],
    handRight: [0.4, 0.2, -0.22],
    footLeft: [-0.7, 0.1, 0.26],
    footRight: [-0.7, 0.1, -0.26],
    across: FACING_RIGHT,
  },
  under: {
    ...curled,
    pelvis: [-0.22, 0.18, 0],
    chest: [0.24, 0.18, 0],
    head: [0.54, 0.2, 0],
    footLeft: [-0.98, 0.06, 0.16],
    footRight: [-0.98, 0.06, -0.16],
  },
};

const triangle: PairPosture = {
  // The one below attacks: `over` of the hold is the athlete on the back.
  over: posture({
    pelvis: [0.06, 0.3, 0],
    chest: [0.42, 0.16, 0],
    head: [0.7, 0.26, 0],
    hands: [
      [0.06, 0.62, -0.12],
      [0.02, 0.6, 0.1],
    ],
    feet: [
      [-0.34, 0.66, 0.2],
      [-0.3, 0.74, -0.22],
    ],
    across: FACING_LEFT,
    knees: [
      [-0.1, 1.1, -0.7],
      [-0.2, 1, 0.6],
    ],
  }),
  under: posture({
    pelvis: [-0.58, 0.4, 0],
    chest: [-0.22, 0.6, 0],
    head: [0, 0.66, 0.02],
    hands: [
      [0.3, 0.36, 0.06],
      [0.2, 0.16, -0.34],
    ],
    feet: [
      [-0.95, 0.06, 0.2],
      [-0.95, 0.06, -0.2],
    ],
    across: FACING_RIGHT,
    knees: [
      [0, -0.3, 0.4],
      [0, -0.3, -0.4],
    ],
  }),
};

const armLock: PairPosture = {
  over: posture({
    pelvis: [0.36, 0.18, 0.4],
    chest: [0.4, 0.3, 0.82],
    head: [0.42, 0.5, 1.06],
    hands: [
      [0.34, 0.42, 0.56],
      [0.4, 0.44, 0.56],
    ],
    feet: [
      [0.68, 0.22, -0.34],
      [0.14, 0.24, -0.36],
    ],
    across: [-1, 0, 0],
    knees: [
      [0.8, 0.9, 0],
      [0.1, 0.9, 0],
    ],
  }),
  under: supine([
    [0.1, 0.42, -0.1],
    [0.36, 0.46, 0.56],
  ]),
};

const legs: PairPosture = {
  over: posture({
    pelvis: [0.42, 0.15, 0],
    chest: [0.62, 0.5, 0],
    head: [0.66, 0.8, 0],
    hands: [
      [0.16, 0.36, -0.16],
      [0.14, 0.32, 0.1],
    ],
    feet: [
      [-0.28, 0.34, -0.12],
      [-0.2, 0.2, 0.2],
    ],
    across: FACING_LEFT,
    knees: [
      [0, 0.9, -0.5],
      [0, 0.8, 0.6],
    ],
  }),
  under: posture({
    pelvis: [-0.5, 0.15, 0.06],
    chest: [-0.66, 0.52, 0.06],
    head: [-0.64, 0.82, 0.06],
    hands: [
      [-0.1, 0.4, 0.2],
      [-0.86, 0.06, -0.3],
    ],
    feet: [
      [0.32, 0.28, 0.06],
      [0.06, 0.06, -0.34],
    ],
    across: FACING_RIGHT,
    knees: [
      [0, 0.9, 0.3],
      [-0.1, 0.9, -0.6],
    ],
  }),
};

const pair = (one: Posture): PairPosture => ({ over: one, under: mirror(one) });

const byPosition: Readonly<Record<string, PairPosture>> = {
  'standing-neutral': pair(stance),
  'standing-clinch': pair(clinch),
  'knee-on-belly': kneeOnBelly,
  'seated-guard': seatedGuard,
  'butterfly-guard': seatedGuard,
  'back-no-hooks': backFlat,
  'belly-down': backFlat,
  'triangle-control': triangle,
  triangle,
  'armbar-control': armLock,
  armbar: armLock,
};

const byFamily: Readonly<Record<string, PairPosture>> = {
  standing: pair(clinch),
  scramble: seatedGuard,
  'closed-guard': closedGuard,
  'open-guard': openGuard,
  'half-guard': halfGuard,
  'leg-entanglement': legs,
  'side-pin': sideControl,
  'knee-on-belly': kneeOnBelly,
  mount,
  back: backControl,
  turtle,
  'front-headlock': frontHeadlock,
  'submission-hold': triangle,
};

/** The pair's posture in a position (or a drawn submission), by its id or else by its family. */
export const pairPosture = (id: string, family: string): PairPosture =>
  byPosition[id] ?? byFamily[family] ?? byPosition['standing-neutral']!;
export const hasOwnPosture = (id: string): boolean => id in byPosition;
