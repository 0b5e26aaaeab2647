import { type Canvas, createCanvas, type SKRSContext2D } from '@napi-rs/canvas';
import type { Projection } from './drawBody';

export const WIDTH = 640;
export const HEIGHT = 360;

/** A tripod at head height, four and a half metres from the middle of the mat, looking a little down. */
export const project: Projection = ([x, y, z]) => {
  const cameraY = 1.55;
  const tilt = 0.2;
  const depth = z + 4.4;
  const height = y - cameraY;
  const forward = depth * Math.cos(tilt) - height * Math.sin(tilt);
  const up = depth * Math.sin(tilt) + height * Math.cos(tilt);
  const size = 600 / forward;
  return { x: WIDTH / 2 + x * size, y: HEIGHT * 0.52 - up * size, size, depth: forward };
};

const groundLine = (context: SKRSContext2D, from: readonly [number, number], to: readonly [number, number]) => {
  const one = project([from[0], 0, from[1]]);
  const other = project([to[0], 0, to[1]]);
  context.beginPath();
  context.moveTo(one.x, one.y);
  context.lineTo(other.x, other.y);
  context.stroke();
};

/** Wall, windows, mats with their joins: drawn once for the whole film. */
export function drawRoom(): Canvas {
  const canvas = createCanvas(WIDTH, HEIGHT);
  const context = canvas.getContext('2d');
  const horizon = project([0, 0, 4.2]).y;
  context.fillStyle = '#b9b2a2';
  context.fillRect(0, 0, WIDTH, horizon);
  context.fillStyle = '#a39b89';
  context.fillRect(0, horizon - 34, WIDTH, 34);
  context.fillStyle = '#8f8775';
  context.fillRect(0, horizon - 36, WIDTH, 3);
  for (const x of [34, 200]) {
    context.fillStyle = '#d6d8d2';
    context.fillRect(x, 8, 92, 44);
    context.strokeStyle = '#8d8674';
    context.lineWidth = 3;
    context.strokeRect(x, 8, 92, 44);
    context.beginPath();
    context.moveTo(x + 46, 8);
    context.lineTo(x + 46, 52);
    context.stroke();
  }
  context.fillStyle = '#5d7a73';
  context.fillRect(0, horizon, WIDTH, HEIGHT - horizon);
  context.fillStyle = '#6b8a80';
  const corners = [project([-2.6, 0, -1.6]), project([2.6, 0, -1.6]), project([2.6, 0, 2.2]), project([-2.6, 0, 2.2])];
  context.beginPath();
  for (const corner of corners) context.lineTo(corner.x, corner.y);
  context.closePath();
  context.fill();
  context.strokeStyle = 'rgba(30, 50, 46, 0.35)';
  context.lineWidth = 1;
  for (let x = -7; x <= 7; x += 1) groundLine(context, [x, -2.4], [x, 4.2]);
  for (let z = -2; z <= 4; z += 1) groundLine(context, [-8, z], [8, z]);
  return canvas;
}

const two = (value: number): string => String(value).padStart(2, '0');

/** The round timer on the wall: what is left of the round, as lit digits. */
export function drawWallClock(context: SKRSContext2D, secondsLeft: number, running: boolean): void {
  const whole = Math.max(0, Math.ceil(secondsLeft - 1e-6));
  context.fillStyle = '#1c211f';
  context.fillRect(476, 10, 136, 42);
  context.strokeStyle = '#4a4f4a';
  context.lineWidth = 3;
  context.strokeRect(476, 10, 136, 42);
  context.fillStyle = running ? '#e8b04a' : '#7fa08f';
  context.font = 'bold 32px "DejaVu Sans Mono", monospace';
  context.textAlign = 'center';
  context.textBaseline = 'middle';
  context.fillText(`${Math.floor(whole / 60)}:${two(whole % 60)}`, 544, 32);
}
