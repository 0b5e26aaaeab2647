import type { TimedTextProblem, TimedTextRemark } from './timedText';

/** What columns with times are called, and columns with words. @source common practice: tables out of spreadsheets, editors of films and note-taking programs */
const timeHeading =
  /(^|[ _-])(time|timecode|timestamp|start|begin|from|in|seconds?|secs?|zeit|inicio|tiempo|temps|début|tempo)([ _-]|$)/i;
const wordHeading =
  /(^|[ _-])(text|words?|notes?|comments?|remarks?|labels?|description|what|calls?|marks?|tags?|said|events?|action|bemerkung|notas?|texto|comentario|commentaire)([ _-]|$)/i;
/** "1:02:03.5", "2:05", or seconds. */
const clockText = /^(?:(\d{1,3}):)?(\d{1,3}):([0-5]\d)(?:[.,](\d{1,3}))?$/;
const secondsText = /^\d{1,6}(?:[.,]\d{1,6})?$/;
/** The share of a column's cells that must be times for it to be one, where its heading does not say so. @source own decision: a note between the rows may stand there */
const MOST = 0.7;

const plain = (cell: string | undefined): string => (cell ?? '').replace(/\s+/g, ' ').trim();

/** A cell as seconds; undefined for what is no time. */
function secondsOfCell(cell: string): number | undefined {
  const clock = clockText.exec(cell);
  if (clock) {
    const [, hours = '0', minutes = '0', seconds = '0', fraction = '0'] = clock;
    return Number(hours) * 3600 + Number(minutes) * 60 + Number(seconds) + Number(`0.${fraction}`);
  }
  return secondsText.test(cell) ? Number(cell.replace(',', '.')) : undefined;
}

/** Whether numbers without a heading may be times: they never fall, and are not just the numbers of the rows. */
const runsOn = (values: readonly number[]): boolean =>
  values.every((value, at) => at === 0 || value >= (values[at - 1] ?? 0)) &&
  values.some((value, at) => at > 0 && value - (values[at - 1] ?? 0) !== 1);

/**
 * A table with a column of times and one of words as timed lines, "[0:02:05.5] ana passes", which are then read like any others. Which columns those are is
 * guessed by what they are called, else by what stands in them; rows without time or words say nothing.
 */
export function timedLinesOf(
  rows: readonly (readonly string[])[],
): { readonly text: string; readonly remark: TimedTextRemark } | TimedTextProblem {
  const width = Math.max(0, ...rows.map((row) => row.length));
  if (width === 0) return { code: 'empty' };
  const [first = []] = rows;
  const hasHead = first.every((cell) => secondsOfCell(plain(cell)) === undefined) && first.some((cell) => plain(cell));
  const body = hasHead ? rows.slice(1) : rows;
  const columns = Array.from({ length: width }, (_, at) => {
    const cells = body.map((row) => plain(row[at])).filter(Boolean);
    const times = cells.flatMap((cell) => secondsOfCell(cell) ?? []);
    const heading = hasHead ? plain(first[at]) : '';
    return {
      ...{ at, heading },
      isTimes: times.length > 0 && (timeHeading.test(heading) || times.length >= cells.length * MOST),
      isClock: cells.some((cell) => cell.includes(':')),
      runsOn: runsOn(times),
      meanLength: cells.reduce((sum, cell) => sum + cell.length, 0) / Math.max(1, body.length),
    };
  });
  const ofTimes = columns.filter((one) => one.isTimes);
  const time =
    ofTimes.find((one) => timeHeading.test(one.heading)) ??
    ofTimes.find((one) => one.isClock) ??
    ofTimes.find((one) => one.runsOn);
  const others = columns
    .filter((one) => !one.isTimes && one.meanLength > 0)
    .sort((one, other) => other.meanLength - one.meanLength);
  const words = others.find((one) => wordHeading.test(one.heading)) ?? others[0];
  if (!time || !words) return { code: 'no-columns' };
  const lines = body.flatMap((row) => {
    const seconds = secondsOfCell(plain(row[time.at]));
    const said = plain(row[words.at]);
    return seconds === undefined || said === '' ? [] : [`[${clockOf(seconds)}] ${said}`];
  });
  const named = (one: { at: number; heading: string }) => one.heading || `column ${one.at + 1}`;
  return { text: lines.join('\n'), remark: { code: 'from-columns', time: named(time), words: named(words) } };
}

/** "1:02:05.250": whole thousandths. */
function clockOf(seconds: number): string {
  const whole = Math.round(seconds * 1000);
  const part = (value: number, digits: number) => String(Math.floor(value)).padStart(digits, '0');
  return `${Math.floor(whole / 3_600_000)}:${part((whole / 60_000) % 60, 2)}:${part((whole / 1000) % 60, 2)}.${part(whole % 1000, 3)}`;
}
