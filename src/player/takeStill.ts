import type { PictureBox } from './pictureArea';

const LONGEST_SIDE = 160;

/** A small JPEG, in base64, of a part of what a video shows now; undefined when there is nothing to take. */
export function takeStill(video: HTMLVideoElement, box: PictureBox): string | undefined {
  const width = box.width * video.videoWidth;
  const height = box.height * video.videoHeight;
  if (width < 1 || height < 1) return undefined;
  const scale = Math.min(1, LONGEST_SIDE / Math.max(width, height));
  const canvas = document.createElement('canvas');
  canvas.width = Math.max(1, Math.round(width * scale));
  canvas.height = Math.max(1, Math.round(height * scale));
  const from = [box.x * video.videoWidth, box.y * video.videoHeight, width, height] as const;
  canvas.getContext('2d')?.drawImage(video, ...from, 0, 0, canvas.width, canvas.height);
  return canvas.toDataURL('image/jpeg', 0.8).split(',')[1];
}
