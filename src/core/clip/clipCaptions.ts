import { type FrameRate, framesPerSecond } from '../clock';
import type { ClipRecipe } from './clipRecipe';
import { placesOfPieces, timelineOf } from './clipTimeline';

/** A caption in the clip's own time, in seconds. */
export interface TimedCaption {
  readonly fromSeconds: number;
  readonly toSeconds: number;
  readonly text: string;
}

/** What is written below the pieces of a clip, in order; pieces without words are absent. */
export function captionsOf(recipe: ClipRecipe, rate: FrameRate): TimedCaption[] {
  const perSecond = framesPerSecond(rate);
  return [...placesOfPieces(timelineOf(recipe, rate))].flatMap(([piece, { firstFrame, endFrame }]) => {
    const text = recipe.pieces[piece]?.caption.trim() ?? '';
    return text ? [{ fromSeconds: firstFrame / perSecond, toSeconds: endFrame / perSecond, text }] : [];
  });
}

const two = (value: number): string => String(value).padStart(2, '0');

/** A time of WebVTT, hours and all. @source W3C WebVTT, section 4.2.2: `HH:MM:SS.mmm` */
const vttTime = (seconds: number): string => {
  const all = Math.round(seconds * 1000);
  const [hours, minutes, rest] = [Math.floor(all / 3_600_000), Math.floor(all / 60_000) % 60, (all % 60_000) / 1000];
  return `${two(hours)}:${two(minutes)}:${rest.toFixed(3).padStart(6, '0')}`;
};

/** Text that means itself in a cue: no tags, no end of the cue. @source W3C WebVTT, section 4.2.2 */
const vttText = (text: string): string =>
  text
    .replaceAll('&', '&amp;')
    .replaceAll('<', '&lt;')
    .replaceAll('>', '&gt;')
    .replace(/\s*[\r\n]+\s*/g, '\n');

/** Captions as a WebVTT file. */
export const toWebVtt = (captions: readonly TimedCaption[]): string =>
  [
    'WEBVTT',
    ...captions.map(
      ({ fromSeconds, toSeconds, text }) => `${vttTime(fromSeconds)} --> ${vttTime(toSeconds)}\n${vttText(text)}`,
    ),
  ]
    .join('\n\n')
    .concat('\n');
