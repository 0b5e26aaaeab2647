export interface FootageLine {
  readonly id: string;
  readonly name: string;
  readonly durationSeconds: number;
  readonly width: number;
  readonly height: number;
  readonly framesPerSecond: number;
  readonly videoCodec: string;
  readonly rounds: readonly {
    readonly id: string;
    readonly a: string;
    readonly b: string;
    readonly markCount: number;
  }[];
}

/** Codecs that common browsers decode; others are kept but cannot be shown. */
const playable = new Set(['h264', 'vp8', 'vp9', 'av1']);
export const isPlayable = (videoCodec: string): boolean => playable.has(videoCodec);

/** "1280×720, 30 pictures a second", with a warning when browsers cannot show the codec. */
export function playableWord(line: Pick<FootageLine, 'width' | 'height' | 'framesPerSecond' | 'videoCodec'>): string {
  const rate = Number(line.framesPerSecond.toFixed(2));
  const shape = `${line.width}×${line.height}, ${rate} a second`;
  return isPlayable(line.videoCodec)
    ? shape
    : `${shape} · ${line.videoCodec.toUpperCase()}: kept, but browsers cannot show it. Film in H.264 ("most compatible").`;
}
