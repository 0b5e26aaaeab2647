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
  readonly rounds: readonly {
    readonly id: string;
    readonly a: string;
    readonly b: string;
    readonly markCount: number;
  }[];
}

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
