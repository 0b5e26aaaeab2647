import type { Span } from '../clock';

/** A moment of a reel: a mark, or a second of a round's footage where no mark stands for it. */
export type ReelMoment =
  | { readonly markId: string }
  | {
      readonly roundId: string;
      /** Seconds of the footage. */
      readonly atSeconds: number;
    };

/** Moments of one reel. @source own decision: eight minutes of footage, and an address that every browser and server takes */
export const MOST_MOMENTS = 60;
/** Footage before a moment, so that it is seen coming, and after it, so that its price is seen. @source own decision */
export const LEAD_IN_SECONDS = 3;
export const LEAD_OUT_SECONDS = 5;

const bare = (id: string): string => id.replaceAll('-', '');
const withDashes = (hex: string): string =>
  [hex.slice(0, 8), hex.slice(8, 12), hex.slice(12, 16), hex.slice(16, 20), hex.slice(20)].join('-');

/** Moments as a piece of an address: the first `MOST_MOMENTS`, to a tenth of a second. */
export const packReel = (moments: readonly ReelMoment[]): string =>
  moments
    .slice(0, MOST_MOMENTS)
    .map((one) =>
      'markId' in one ? `m${bare(one.markId)}` : `r${bare(one.roundId)}.${Math.round(one.atSeconds * 10)}`,
    )
    .join('~');

/** What such an address names, in its order, each once; what cannot be read is left out, and so is all beyond `MOST_MOMENTS`. */
export function unpackReel(text: string): ReelMoment[] {
  const parts = [...new Set(text.split('~', MOST_MOMENTS))];
  return parts.flatMap((part): ReelMoment[] => {
    const [, kind, hex, tenths] = /^([mr])([0-9a-f]{32})(?:\.(\d{1,7}))?$/.exec(part) ?? [];
    if (kind === 'm' && hex && tenths === undefined) return [{ markId: withDashes(hex) }];
    if (kind === 'r' && hex && tenths !== undefined)
      return [{ roundId: withDashes(hex), atSeconds: Number(tenths) / 10 }];
    return [];
  });
}

/** The footage that shows a moment: from a little before to a little after, within its round. */
export const spanOfMoment = (atSeconds: number, round: Span): Span => {
  const at = Math.min(Math.max(atSeconds, round.startSeconds), round.endSeconds);
  return {
    startSeconds: Math.max(round.startSeconds, at - LEAD_IN_SECONDS),
    endSeconds: Math.min(round.endSeconds, at + LEAD_OUT_SECONDS),
  };
};
