import { type FrameRate, framesPerSecond } from '../clock';

/** What decides whether a browser can show a file and step through it. */
export interface PictureFacts {
  readonly videoCodec: string;
  readonly container: string;
  readonly pixelFormat: string;
  readonly width: number;
  readonly height: number;
  readonly frameRate: FrameRate;
  readonly variableRate: boolean;
  /** Longest run of pictures from one key frame to the next. */
  readonly mostKeyDistance: number;
}

export type ProxyReason =
  | 'codec-not-shown'
  | 'container-not-shown'
  | 'deep-colour'
  | 'large-picture'
  | 'fast-picture'
  | 'uneven-rate'
  | 'slow-steps';

const shownCodecs: ReadonlySet<string> = new Set(['h264', 'vp8', 'vp9', 'av1']);
const shownContainers = /mp4|mov|matroska|webm/;
/** Eight bits, chroma at half size: what browsers decode everywhere. */
const shownFormats: ReadonlySet<string> = new Set(['yuv420p', 'yuvj420p', 'nv12', 'unknown']);
const MOST_LINES = 1080;
const MOST_FRAMES_PER_SECOND = 61;
/** A step back decodes everything since the key frame before: about 60 million pixels are a third of a second on an ordinary machine. */
const MOST_STEP_PIXELS = 60_000_000;

/**
 * Why a file needs a copy for looking, worst reason first; empty when the original can be shown and stepped as it is.
 * @source codecs and containers: tried in Chromium; the limit for steps: own measurement (250 frames of 1280×720 take 0.9 s)
 */
export function proxyReasons(facts: PictureFacts): ProxyReason[] {
  const reasons: ProxyReason[] = [];
  if (!shownCodecs.has(facts.videoCodec)) reasons.push('codec-not-shown');
  if (!shownContainers.test(facts.container)) reasons.push('container-not-shown');
  if (!shownFormats.has(facts.pixelFormat)) reasons.push('deep-colour');
  if (Math.min(facts.width, facts.height) > MOST_LINES) reasons.push('large-picture');
  if (framesPerSecond(facts.frameRate) > MOST_FRAMES_PER_SECOND) reasons.push('fast-picture');
  if (facts.variableRate) reasons.push('uneven-rate');
  if (facts.mostKeyDistance * facts.width * facts.height > MOST_STEP_PIXELS) reasons.push('slow-steps');
  return reasons;
}

const unseen: ReadonlySet<ProxyReason> = new Set(['codec-not-shown', 'container-not-shown', 'deep-colour']);

/** Whether the original can be looked at right away, if not comfortably. */
export const canShowOriginal = (facts: PictureFacts): boolean => !proxyReasons(facts).some((one) => unseen.has(one));

const usualRates: readonly FrameRate[] = [
  { numerator: 24_000, denominator: 1001 },
  { numerator: 24, denominator: 1 },
  { numerator: 25, denominator: 1 },
  { numerator: 30_000, denominator: 1001 },
  { numerator: 30, denominator: 1 },
  { numerator: 50, denominator: 1 },
  { numerator: 60_000, denominator: 1001 },
  { numerator: 60, denominator: 1 },
];

/** The even rate that a copy gets: the usual rate next to the original's own mean, never above 60 a second. */
export function proxyRate(mean: FrameRate): FrameRate {
  const wanted = framesPerSecond(mean);
  const distance = (rate: FrameRate) => Math.abs(Math.log(framesPerSecond(rate) / wanted));
  return usualRates.reduce((best, rate) => (distance(rate) < distance(best) ? rate : best));
}
