import type { SKRSContext2D } from '@napi-rs/canvas';
import type { Body, Limb } from './body';
import { cross, mix, normalise, subtract, type Vector } from './vector';

export interface Kit {
  readonly jacket: string;
  readonly trousers: string;
  /** Dark edge that keeps two bodies apart. */
  readonly edge: string;
  readonly skin: string;
  readonly hair: string;
  readonly belt: string;
  /** Without the gi: short sleeves, shorts, no belt on the body. */
  readonly gi: boolean;
}

export type Projection = (point: Vector) => {
  readonly x: number;
  readonly y: number;
  readonly size: number;
  readonly depth: number;
};

interface Part {
  readonly depth: number;
  readonly draw: (context: SKRSContext2D) => void;
}

/** A tapered limb between two points, round at both ends, with a dark edge and a soft light from above. */
function capsule(
  project: Projection,
  from: Vector,
  to: Vector,
  thickFrom: number,
  thickTo: number,
  fill: string,
  edge: string,
  lift = 0,
): Part {
  const one = project(from);
  const other = project(to);
  const depth = (one.depth + other.depth) / 2 - lift;
  return {
    depth,
    draw: (context) => {
      const angle = Math.atan2(other.y - one.y, other.x - one.x);
      const radiusOne = thickFrom * one.size;
      const radiusOther = thickTo * other.size;
      context.beginPath();
      context.arc(one.x, one.y, radiusOne, angle + Math.PI / 2, angle - Math.PI / 2);
      context.arc(other.x, other.y, radiusOther, angle - Math.PI / 2, angle + Math.PI / 2);
      context.closePath();
      context.fillStyle = fill;
      context.fill();
      context.strokeStyle = edge;
      context.lineWidth = 0.011 * one.size;
      context.stroke();
    },
  };
}

function limbParts(project: Projection, limb: Limb, kit: Kit, kind: 'arm' | 'leg'): Part[] {
  const cloth = kind === 'arm' ? kit.jacket : kit.trousers;
  const [thick, middle, thin] = kind === 'arm' ? [0.075, 0.062, 0.05] : [0.105, 0.082, 0.06];
  const wrist = mix(limb.joint, limb.end, 0.82);
  const bare = kit.gi
    ? mix(limb.joint, limb.end, kind === 'arm' ? 0.72 : 0.78)
    : kind === 'arm'
      ? limb.joint
      : mix(limb.root, limb.joint, 0.9);
  const parts = [
    capsule(project, limb.root, limb.joint, thick, middle, kit.gi || kind === 'arm' ? cloth : cloth, kit.edge),
    capsule(project, limb.joint, limb.end, middle * 0.8, thin * 0.8, kit.skin, kit.edge),
    capsule(project, wrist, limb.end, thin * 0.9, kind === 'arm' ? 0.055 : 0.06, kit.skin, kit.edge, 0.01),
  ];
  if (kit.gi) parts.push(capsule(project, limb.joint, bare, middle * 1.06, thin * 1.45, cloth, kit.edge, 0.005));
  return parts;
}

function torsoPart(project: Projection, body: Body, kit: Kit): Part {
  const chest = project(body.chest);
  const pelvis = project(body.pelvis);
  const corners = [body.shoulders[0], body.shoulders[1], body.hips[1], body.hips[0]].map(project);
  return {
    depth: (chest.depth + pelvis.depth) / 2,
    draw: (context) => {
      context.lineJoin = 'round';
      context.beginPath();
      for (const corner of corners) context.lineTo(corner.x, corner.y);
      context.closePath();
      context.strokeStyle = kit.edge;
      context.lineWidth = 0.225 * chest.size;
      context.stroke();
      context.strokeStyle = kit.jacket;
      context.lineWidth = 0.2 * chest.size;
      context.stroke();
      context.fillStyle = kit.jacket;
      context.fill();
      context.beginPath();
      context.lineCap = 'round';
      context.moveTo(chest.x, chest.y);
      context.lineTo(pelvis.x, pelvis.y);
      context.lineWidth = 0.26 * chest.size;
      context.strokeStyle = kit.jacket;
      context.stroke();
    },
  };
}

/** Collar and belt, on the side of the body that faces the camera. */
function clothPart(project: Projection, body: Body, kit: Kit): Part {
  const up = normalise(subtract(body.chest, body.pelvis));
  const across = normalise(subtract(body.shoulders[1], body.shoulders[0]));
  const facing = cross(up, across);
  const shows = facing[2] < 0.35;
  const chest = project(body.chest);
  const waist = mix(body.pelvis, body.chest, 0.3);
  const edges = [mix(body.hips[0], body.shoulders[0], 0.3), mix(body.hips[1], body.shoulders[1], 0.3)].map(project);
  const throat = project(mix(body.chest, body.head, 0.3));
  const knot = project([waist[0], waist[1], waist[2] - 0.08]);
  return {
    depth: chest.depth - 0.12,
    draw: (context) => {
      context.lineCap = 'round';
      if (!kit.gi) return;
      if (shows) {
        context.strokeStyle = kit.edge;
        context.globalAlpha = 0.55;
        context.lineWidth = 0.028 * chest.size;
        context.beginPath();
        context.moveTo(throat.x, throat.y);
        context.lineTo(knot.x, knot.y);
        context.stroke();
        context.globalAlpha = 1;
      }
      context.strokeStyle = kit.belt;
      context.lineWidth = 0.062 * chest.size;
      context.beginPath();
      const spread = 0.1 * chest.size;
      const angle = Math.atan2(edges[1]!.y - edges[0]!.y, edges[1]!.x - edges[0]!.x);
      context.moveTo(edges[0]!.x - Math.cos(angle) * spread * 0.6, edges[0]!.y - Math.sin(angle) * spread * 0.6);
      context.lineTo(edges[1]!.x + Math.cos(angle) * spread * 0.6, edges[1]!.y + Math.sin(angle) * spread * 0.6);
      context.stroke();
      context.lineWidth = 0.04 * chest.size;
      context.beginPath();
      context.moveTo(knot.x, knot.y);
      context.lineTo(knot.x + 0.05 * chest.size, knot.y + 0.16 * chest.size);
      context.moveTo(knot.x, knot.y);
      context.lineTo(knot.x - 0.06 * chest.size, knot.y + 0.14 * chest.size);
      context.stroke();
    },
  };
}

function headPart(project: Projection, body: Body, kit: Kit): Part[] {
  const head = project(body.head);
  const neck = capsule(project, body.chest, mix(body.chest, body.head, 0.9), 0.07, 0.06, kit.skin, kit.edge);
  const up = normalise(subtract(body.head, body.chest));
  return [
    { ...neck, depth: neck.depth + 0.01 },
    {
      depth: head.depth - 0.03,
      draw: (context) => {
        const radius = 0.115 * head.size;
        context.beginPath();
        context.arc(head.x, head.y, radius, 0, Math.PI * 2);
        context.fillStyle = kit.skin;
        context.fill();
        context.strokeStyle = kit.edge;
        context.lineWidth = 0.011 * head.size;
        context.stroke();
        // Hair on the crown: a half disc turned the way the neck points.
        const angle = Math.atan2(-up[1], up[0]);
        context.beginPath();
        context.arc(head.x, head.y, radius * 1.02, angle - 1.5, angle + 1.5);
        context.closePath();
        context.fillStyle = kit.hair;
        context.fill();
      },
    },
  ];
}

/** Every part of one body, to be drawn far to near together with the other's. */
export function bodyParts(project: Projection, body: Body, kit: Kit): Part[] {
  return [
    ...body.legs.flatMap((leg) => limbParts(project, leg, kit, 'leg')),
    ...body.arms.flatMap((arm) => limbParts(project, arm, kit, 'arm')),
    torsoPart(project, body, kit),
    clothPart(project, body, kit),
    ...headPart(project, body, kit),
  ];
}

/** Draws parts so that near ones cover far ones. */
export function drawParts(context: SKRSContext2D, parts: readonly Part[]): void {
  for (const part of [...parts].sort((one, other) => other.depth - one.depth)) part.draw(context);
}

/** A soft shadow on the mat under a body. */
export function drawShadow(context: SKRSContext2D, project: Projection, body: Body): void {
  for (const point of [body.pelvis, body.chest, ...body.legs.map((leg) => leg.end)]) {
    const ground = project([point[0], 0, point[2]]);
    context.fillStyle = 'rgba(20, 26, 24, 0.16)';
    context.beginPath();
    context.ellipse(ground.x, ground.y, 0.3 * ground.size, 0.09 * ground.size, 0, 0, Math.PI * 2);
    context.fill();
  }
}
