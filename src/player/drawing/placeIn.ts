import type { PicturePoint } from '@/core/drawing';
import { type Point, pointOfFrame, pointOfPicture, type Size } from '../pictureArea';
import type { Zoom } from '../zoom';

/** Where the picture of a film lies in its frame, as it is looked at now. */
export function placeIn(frame: Size, video: HTMLVideoElement | null, zoom: Zoom) {
  const picture = { width: video?.videoWidth || frame.width || 1, height: video?.videoHeight || frame.height || 1 };
  const fit = Math.min(frame.width / picture.width, frame.height / picture.height) * zoom.scale;
  return {
    toFrame: ([x, y]: PicturePoint): Point => pointOfFrame(frame, picture, zoom, { x, y }),
    toPicture: (at: Point): PicturePoint => {
      const { x, y } = pointOfPicture(frame, picture, zoom, at);
      return [x, y];
    },
    shown: { width: picture.width * fit, height: picture.height * fit },
  };
}
