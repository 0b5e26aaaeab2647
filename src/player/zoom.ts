/** How close the picture is looked at: scale 1 shows all of it; x and y are the point in the middle, as shares of the picture. */
export interface Zoom {
  readonly scale: number;
  readonly x: number;
  readonly y: number;
}

export const wholePicture: Zoom = { scale: 1, x: 0.5, y: 0.5 };
const MOST_SCALE = 6;

/** The middle stays where the picture still fills the frame. */
function kept({ scale, x, y }: Zoom): Zoom {
  const reach = 0.5 / scale;
  const hold = (value: number) => Math.min(1 - reach, Math.max(reach, value));
  return { scale, x: hold(x), y: hold(y) };
}

/** Closer (factor above 1) or wider, so that the point under the pointer (shares of the frame) stays under it. */
export function zoomAt(zoom: Zoom, factor: number, frameX = 0.5, frameY = 0.5): Zoom {
  const scale = Math.min(MOST_SCALE, Math.max(1, zoom.scale * factor));
  const held = (middle: number, frame: number) => middle + (frame - 0.5) / zoom.scale - (frame - 0.5) / scale;
  return kept({ scale, x: held(zoom.x, frameX), y: held(zoom.y, frameY) });
}

/** Moves the picture with the pointer: shares of the frame. */
export const panBy = (zoom: Zoom, frameX: number, frameY: number): Zoom =>
  kept({ ...zoom, x: zoom.x - frameX / zoom.scale, y: zoom.y - frameY / zoom.scale });

/** The same as a style of the picture, whose own middle is its origin. */
export const transformOf = ({ scale, x, y }: Zoom): string =>
  scale === 1 ? 'none' : `scale(${scale}) translate(${(0.5 - x) * 100}%, ${(0.5 - y) * 100}%)`;
