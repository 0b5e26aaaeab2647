import { formatClock } from '@/core/clock';
import { momentWords } from '@/terms/dayWords';

/** One image with small pictures in rows, `everySeconds` apart. */
export interface Filmstrip {
  readonly posterName?: string;
  readonly everySeconds: number;
  readonly count: number;
  readonly columns: number;
  readonly width: number;
  readonly height: number;
}

export interface FootageLine {
  readonly id: string;
  /** On which its rounds were held, or else it was filmed. */
  readonly day: string;
  readonly name: string;
  readonly durationSeconds: number;
  readonly width: number;
  readonly height: number;
  readonly framesPerSecond: number;
  readonly videoCodec: string;
  readonly recordedAt?: string;
  readonly filmstrip?: Filmstrip;
  /** Places where the film itself is damaged. */
  readonly damagedAboutSeconds: readonly number[];
  readonly looking: { readonly original: boolean; readonly copy: boolean; readonly copyWanted: boolean };
  readonly rounds: readonly RoundOnFilm[];
}

/** A round where it lies on its file. */
export interface RoundOnFilm {
  readonly id: string;
  readonly a: InKit;
  readonly b: InKit;
  readonly startSeconds: number;
  readonly endSeconds: number;
  readonly markCount: number;
  /** Why nothing of it is shown to anybody but coaches. */
  readonly notShown?: string;
}

/** Somebody, and by what they are told apart on the film: "blue gi". */
export interface InKit {
  readonly name: string;
  readonly toldApartBy: string;
}

/** Files by the day of their rounds, in the order in which they come. */
export function byDay(
  lines: readonly FootageLine[],
): readonly (readonly [day: string, films: readonly FootageLine[]])[] {
  const days = new Map<string, FootageLine[]>();
  for (const line of lines) days.set(line.day, [...(days.get(line.day) ?? []), line]);
  return [...days];
}

/** What of an evening still needs a coach: "2 rounds to review, one file not cut yet"; undefined where nothing does. */
export function waitingWords(films: readonly FootageLine[]): string | undefined {
  const uncut = films.filter((film) => film.rounds.length === 0).length;
  const unmarked = films.flatMap((film) => film.rounds).filter((round) => round.markCount === 0).length;
  const words = [
    unmarked === 0 ? '' : unmarked === 1 ? 'one round to review' : `${unmarked} rounds to review`,
    uncut === 0 ? '' : uncut === 1 ? 'one file not cut yet' : `${uncut} files not cut yet`,
  ].filter(Boolean);
  return words.length > 0 ? words.join(', ') : undefined;
}

/** Pictures of a film so many a row, evenly over its length: when each was taken. */
export const momentsOfRow = (durationSeconds: number, count: number): number[] =>
  Array.from({ length: count }, (_, at) => (durationSeconds * at) / count);

/** Colours of kits by the words that name them. */
const kitColors: Readonly<Record<string, string>> = {
  white: '#f7f4ea',
  blue: '#2f57a6',
  navy: '#22345e',
  black: '#22221f',
  grey: '#8d8d86',
  gray: '#8d8d86',
  green: '#35633f',
  red: '#a8392f',
  pink: '#cf7f93',
  purple: '#5e3b7d',
  plum: '#6d2f4f',
  violet: '#5e3b7d',
  brown: '#6a4a2c',
  orange: '#c8752a',
  yellow: '#d8b53c',
};

/** The colour that "blue gi, no stripes" names first; undefined where none is named. */
export const kitColor = (toldApartBy: string): string | undefined =>
  toldApartBy
    .toLowerCase()
    .split(/[^a-z]+/)
    .map((word) => kitColors[word])
    .find((found) => found !== undefined);

/** Where the picture of a moment lies in the strip. */
export function frameOfStrip(strip: Filmstrip, atSeconds: number): { readonly column: number; readonly row: number } {
  const index = Math.min(strip.count - 1, Math.max(0, Math.floor(atSeconds / strip.everySeconds)));
  return { column: index % strip.columns, row: Math.floor(index / strip.columns) };
}

/** "24 Nov, 18:30 · 1280×720, 30 pictures a second", and what stands in the way of looking at it. */
export function pictureWords(line: FootageLine, timeZone: string): string {
  const rate = Number(line.framesPerSecond.toFixed(2));
  const filmed = line.recordedAt ? `filmed ${momentWords(line.recordedAt, timeZone)} · ` : '';
  const shape = `${filmed}${line.width}×${line.height}, ${rate} pictures a second`;
  const { original, copy, copyWanted } = line.looking;
  if (copy) return `${shape} · with a copy for looking`;
  if (!original) return `${shape} · ${line.videoCodec.toUpperCase()}, shown when its copy is made`;
  return copyWanted ? `${shape} · steps smoothly when its copy is made` : shape;
}

/** Where a film is damaged, and what to do; undefined for one that is whole, as far as anybody has looked. */
export function damageWords(aboutSeconds: readonly number[]): string | undefined {
  if (aboutSeconds.length === 0) return undefined;
  const places = aboutSeconds.slice(0, 4).map(formatClock).join(', ');
  const more = aboutSeconds.length > 4 ? ' and further on' : '';
  return `The film is damaged at about ${places}${more}: its picture may freeze or smear there. If the phone or camera still has it, copy it again.`;
}
