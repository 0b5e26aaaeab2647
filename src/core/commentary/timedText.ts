import { isStorableText, present } from '../kernel';
import type { Cue } from './cue';
import { undoRolling } from './rolling';

export type TimedTextProblem =
  | { readonly code: 'binary' }
  | { readonly code: 'too-large'; readonly mostBytes: number }
  | { readonly code: 'empty' }
  | { readonly code: 'no-times' }
  /** A table in which nothing looks like times, or nothing like words. */
  | { readonly code: 'no-columns' };

/** What was strange but did not stop the reading; nothing of it is lost. */
export type TimedTextRemark =
  | { readonly code: 'without-time'; readonly line: number; readonly text: string }
  /** It looks like a time and is none: minutes and seconds go to 59. The line counts as words. */
  | { readonly code: 'no-such-time'; readonly line: number; readonly text: string }
  | { readonly code: 'ends-before-start'; readonly line: number }
  | { readonly code: 'out-of-order'; readonly line: number }
  | { readonly code: 'guessed-encoding'; readonly encoding: string }
  /** The columns of a table that were taken, by what they are called, else by their number. */
  | { readonly code: 'from-columns'; readonly time: string; readonly words: string };

export interface TimedText {
  /** In order of time. */
  readonly cues: readonly Cue[];
  readonly remarks: readonly TimedTextRemark[];
}

/** Largest commentary in bytes: ten hours of talk at 150 words a minute, with times and markup (own decision). */
export const MOST_COMMENTARY_BYTES = 1_500_000;

/** Longest text of one cue in characters; longer ones are cut into pieces that share its time. */
const MOST_CUE_CHARACTERS = 4000;

/** Speech runs on for about this long when nothing says when it ended. */
const USUAL_CUE_SECONDS = 4;

/** A line of notes has fewer words, a block of speech more. @source own decision */
const MOST_LINE_WORDS = 24;

/** Words a second of somebody who talks slowly; a block of speech lasts no longer. @source common practice: commentators speak 130 to 190 words a minute */
const SLOW_WORDS_A_SECOND = 1.9;

/** Also the separators that editors and chat programs put in; a dot does not match them. @source The Unicode Standard, 5.8 "Newline Guidelines" */
const LINE_END = /\r\n|[\r\n\v\f\u0085\u2028\u2029]/;
const TIME = String.raw`(?:(\d{1,3}):)?(\d{1,3}):(\d{2})(?:[.,](\d{1,3}))?`;
const arrowLine = new RegExp(String.raw`^\s*${TIME}\s*-{1,2}>\s*${TIME}(?:\s.*)?$`);
const plainLine = new RegExp(String.raw`^\s*[[(]?${TIME}[\])]?\s*[-–:]?\s*(.*)$`);

/** The text of a file: UTF-8, UTF-16 with a mark, else Windows Latin 1, which is then remarked. Binary files are refused. */
export function decodeCommentary(
  bytes: Uint8Array,
): { readonly text: string; readonly remark?: TimedTextRemark } | TimedTextProblem {
  if (bytes.length === 0) return { code: 'empty' };
  if (bytes.length > MOST_COMMENTARY_BYTES) return { code: 'too-large', mostBytes: MOST_COMMENTARY_BYTES };
  const wide =
    bytes[0] === 0xff && bytes[1] === 0xfe
      ? 'utf-16le'
      : bytes[0] === 0xfe && bytes[1] === 0xff
        ? 'utf-16be'
        : undefined;
  if (wide) {
    const text = new TextDecoder(wide).decode(bytes);
    return isStorableText(text) ? { text } : { code: 'binary' };
  }
  if (bytes.includes(0)) return { code: 'binary' };
  try {
    return { text: new TextDecoder('utf-8', { fatal: true }).decode(bytes) };
  } catch {
    const text = new TextDecoder('windows-1252').decode(bytes);
    // Text has few control characters; a picture or a film has many.
    const odd = text.match(/\p{Cc}/gu)?.filter((one) => !'\n\r\t'.includes(one)).length ?? 0;
    if (odd > text.length / 100) return { code: 'binary' };
    return { text, remark: { code: 'guessed-encoding', encoding: 'Windows Latin 1' } };
  }
}

/** Seconds of a time; undefined for one that no clock shows. @source W3C WebVTT, timestamps: minutes and seconds from 00 to 59 */
function secondsOf([hours, minutes = '', seconds = '', fraction = '0']: readonly (string | undefined)[]):
  | number
  | undefined {
  if (Number(seconds) > 59 || (hours !== undefined && Number(minutes) > 59)) return undefined;
  // Whole thousandths first: adding fractions of seconds would leave dust in the last digits.
  const thousandths =
    Number(hours ?? 0) * 3_600_000 +
    Number(minutes) * 60_000 +
    Number(seconds) * 1000 +
    Number(fraction.padEnd(3, '0'));
  return thousandths / 1000;
}

/**
 * Reads WebVTT, SubRip and plain lines that begin with a time ("[2:05] …", with or without hours and fractions), whichever it is.
 * @source W3C WebVTT (cue blocks, notes, tags); SubRip and plain text are common practice without a standard
 */
export function parseTimedText(text: string): TimedText | TimedTextProblem {
  const lines = text.replace(/^\uFEFF/, '').split(LINE_END);
  const hasArrows = lines.some((line) => arrowLine.test(line));
  const { cues, remarks } = hasArrows ? readBlocks(lines) : readPlain(lines);
  if (cues.length === 0) return { code: text.trim() === '' ? 'empty' : 'no-times' };
  const ordered = cues
    .map((cue, at) => ({ cue, at }))
    .sort((one, other) => one.cue.startSeconds - other.cue.startSeconds || one.at - other.at);
  for (const [at, cue] of cues.entries())
    if (at > 0 && cue.startSeconds < present(cues[at - 1]).startSeconds)
      remarks.push({ code: 'out-of-order', line: cue.line });
  return { cues: undoRolling(ordered.map(({ cue }) => cue)).flatMap(cutLong), remarks };
}

interface Collected {
  readonly cues: Cue[];
  readonly remarks: TimedTextRemark[];
}

function readBlocks(lines: readonly string[]): Collected {
  const cues: Cue[] = [];
  const remarks: TimedTextRemark[] = [];
  let open: { startSeconds: number; endSeconds: number; line: number; texts: string[] } | undefined;
  let skipping = false;
  const close = () => {
    if (open && open.texts.length > 0) cues.push({ ...open, text: plainText(open.texts.join(' ')) });
    open = undefined;
  };
  for (const [at, line] of lines.entries()) {
    const match = arrowLine.exec(line);
    const startSeconds = match ? secondsOf(match.slice(1, 5)) : undefined;
    const endSeconds = match ? secondsOf(match.slice(5, 9)) : undefined;
    if (startSeconds !== undefined && endSeconds !== undefined) {
      close();
      if (endSeconds < startSeconds) remarks.push({ code: 'ends-before-start', line: at + 1 });
      open = { startSeconds, endSeconds: Math.max(startSeconds, endSeconds), line: at + 1, texts: [] };
      skipping = false;
    } else if (line.trim() === '') {
      close();
      skipping = false;
    } else if (match) remarks.push({ code: 'no-such-time', line: at + 1, text: line.trim().slice(0, 200) });
    else if (open) open.texts.push(line.trim());
    else if (/^(WEBVTT|NOTE|STYLE|REGION)\b/.test(line)) skipping = true;
    // A single line before a time is the cue's name or number, and says nothing.
    else if (!skipping && !arrowLine.test(lines[at + 1] ?? ''))
      remarks.push({ code: 'without-time', line: at + 1, text: line.trim().slice(0, 200) });
  }
  close();
  return { cues, remarks };
}

function readPlain(lines: readonly string[]): Collected {
  const cues: Cue[] = [];
  // Joined at the end: a text of which only the first line bears a time would be copied once for each of its lines.
  const more: { readonly cue: number; readonly text: string }[] = [];
  const remarks: TimedTextRemark[] = [];
  for (const [at, line] of lines.entries()) {
    if (line.trim() === '') continue;
    const match = plainLine.exec(line);
    const startSeconds = match ? secondsOf(match.slice(1, 5)) : undefined;
    if (match && startSeconds === undefined)
      remarks.push({ code: 'no-such-time', line: at + 1, text: line.trim().slice(0, 200) });
    if (match && startSeconds !== undefined) {
      cues.push({ startSeconds, endSeconds: startSeconds, text: plainText(present(match[5])), line: at + 1 });
      continue;
    }
    // A line without a time goes on with the one before.
    if (cues.length > 0) more.push({ cue: cues.length - 1, text: line.trim() });
    else remarks.push({ code: 'without-time', line: at + 1, text: line.trim().slice(0, 200) });
  }
  const texts = cues.map((cue) => [cue.text]);
  for (const { cue, text } of more) texts[cue]?.push(text);
  for (const [at, cue] of cues.entries()) cues[at] = { ...cue, text: (texts[at] ?? []).join(' ') };
  const ends = [...cues].sort((one, other) => one.startSeconds - other.startSeconds);
  const endOf = new Map(
    ends.map((cue, at) => {
      const next = ends[at + 1]?.startSeconds ?? Number.POSITIVE_INFINITY;
      const spoken = Math.max(USUAL_CUE_SECONDS, cue.text.split(/\s+/).length / SLOW_WORDS_A_SECOND);
      return [cue, Math.max(cue.startSeconds, Math.min(next, cue.startSeconds + spoken))] as const;
    }),
  );
  const lineOf = (text: string) => (text.split(/\s+/).length <= MOST_LINE_WORDS ? { isLine: true as const } : {});
  return { cues: cues.map((cue) => ({ ...cue, ...lineOf(cue.text), endSeconds: present(endOf.get(cue)) })), remarks };
}

const plainText = (text: string): string =>
  text
    .replace(/<[^<>]{0,200}>/g, '')
    .replace(/\{\\[^{}]{0,50}\}/g, '')
    .replace(/&amp;/g, '&')
    .replace(/&lt;/g, '<')
    .replace(/&gt;/g, '>')
    .replace(/&nbsp;/g, ' ')
    .trim();

function cutLong(cue: Cue): Cue[] {
  if (cue.text.length <= MOST_CUE_CHARACTERS) return [cue];
  const pieces: Cue[] = [];
  for (let at = 0; at < cue.text.length; at += MOST_CUE_CHARACTERS)
    pieces.push({ ...cue, text: cue.text.slice(at, at + MOST_CUE_CHARACTERS) });
  return pieces;
}
