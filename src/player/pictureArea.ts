import type { Zoom } from './zoom';

export interface Size {
  readonly width: number;
  readonly height: number;
}
export interface Point {
  readonly x: number;
  readonly y: number;
}
/** A box in shares of the picture, 0 to 1. */
export interface PictureBox extends Point, Size {}

/** How large the whole picture stands in its frame, before looking closer. */
function shownSize(frame: Size, picture: Size): Size {
  const fit = Math.min(frame.width / picture.width, frame.height / picture.height);
  return { width: picture.width * fit, height: picture.height * fit };
}

/** The point of the picture (in shares of it, 0 to 1, held at its edges) under a point of the frame (in pixels). */
export function pointOfPicture(frame: Size, picture: Size, zoom: Zoom, at: Point): Point {
  const shown = shownSize(frame, picture);
  const share = (position: number, length: number, middle: number, size: number): number => {
    const fromMiddle = (position - length / 2) / zoom.scale + (middle - 0.5) * length;
    return Math.min(1, Math.max(0, fromMiddle / size + 0.5));
  };
  return {
    x: share(at.x, frame.width, zoom.x, shown.width),
    y: share(at.y, frame.height, zoom.y, shown.height),
  };
}

/** Where a point of the picture stands in the frame, in pixels; the inverse of `pointOfPicture` within the picture. */
export function pointOfFrame(frame: Size, picture: Size, zoom: Zoom, at: Point): Point {
  const shown = shownSize(frame, picture);
  const position = (share: number, length: number, middle: number, size: number): number =>
    ((share - 0.5) * size - (middle - 0.5) * length) * zoom.scale + length / 2;
  return {
    x: position(at.x, frame.width, zoom.x, shown.width),
    y: position(at.y, frame.height, zoom.y, shown.height),
  };
}

/** The box between two of its corners, in any order. */
export const boxBetween = (one: Point, other: Point): PictureBox => ({
  x: Math.min(one.x, other.x),
  y: Math.min(one.y, other.y),
  width: Math.abs(one.x - other.x),
  height: Math.abs(one.y - other.y),
});
