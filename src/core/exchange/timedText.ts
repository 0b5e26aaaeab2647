/** Words that stand from one moment of a film to another. */
export interface Cue {
  readonly startSeconds: number;
  readonly endSeconds: number;
  readonly text: string;
  readonly id?: string;
}

const pad = (value: number, length = 2): string => String(value).padStart(length, '0');

/** Hours, minutes, seconds and milliseconds, as both formats write them but for the mark before the last. */
function stamp(seconds: number, mark: '.' | ','): string {
  const ms = Math.round(Math.max(0, seconds) * 1000);
  const whole = Math.floor(ms / 1000);
  return `${pad(Math.floor(whole / 3600))}:${pad(Math.floor(whole / 60) % 60)}:${pad(whole % 60)}${mark}${pad(ms % 1000, 3)}`;
}

/** One line of text that neither format can mistake for something else. */
const plain = (text: string): string => text.replace(/\s+/g, ' ').replaceAll('-->', '→').trim();

const escaped = (text: string): string =>
  plain(text).replaceAll('&', '&amp;').replaceAll('<', '&lt;').replaceAll('>', '&gt;');

const inOrder = (cues: readonly Cue[]): readonly Cue[] =>
  [...cues]
    .filter((one) => plain(one.text) !== '' && one.endSeconds > one.startSeconds)
    .sort((one, other) => one.startSeconds - other.startSeconds || one.endSeconds - other.endSeconds);

/** WebVTT (W3C Candidate Recommendation, 2019): for `<track>` beside a film, as captions or as chapters. Times in seconds of the film. */
export function toVtt(cues: readonly Cue[]): string {
  const blocks = inOrder(cues).map(({ id, startSeconds, endSeconds, text }) =>
    [...(id ? [plain(id)] : []), `${stamp(startSeconds, '.')} --> ${stamp(endSeconds, '.')}`, escaped(text)].join('\n'),
  );
  return `${['WEBVTT', ...blocks].join('\n\n')}\n`;
}

/** SubRip, as players read it: numbered from one, a comma before the milliseconds, lines ended by CR LF. There is no standard: common practice. */
export const toSrt = (cues: readonly Cue[]): string =>
  inOrder(cues)
    .map(
      ({ startSeconds, endSeconds, text }, at) =>
        `${at + 1}\r\n${stamp(startSeconds, ',')} --> ${stamp(endSeconds, ',')}\r\n${plain(text)}\r\n`,
    )
    .join('\r\n');
