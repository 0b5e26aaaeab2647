import type { Span } from '../clock';
import type { Stroke } from '../drawing';

/** The picture stands still at a moment, with what is drawn on it. */
export interface Freeze {
  /** Media time, in seconds. */
  readonly atSeconds: number;
  readonly forSeconds: number;
  readonly drawing: readonly Stroke[];
}

/** A reading that stands in the corner of the picture from a moment on: the score, say. */
export interface Reading {
  /** Media time, in seconds. */
  readonly atSeconds: number;
  readonly text: string;
}

/** One stretch of footage as it is to be shown. */
export interface ClipPiece extends Span {
  readonly footageId: string;
  /** 1 is as it happened, 0.5 half as fast. */
  readonly speed: number;
  /** In any order; those outside of the stretch are left out. */
  readonly freezes: readonly Freeze[];
  /** Empty for none. */
  readonly caption: string;
  readonly sound: boolean;
  /** In order of time. */
  readonly readings: readonly Reading[];
}

export const captionWays = ['burned', 'beside'] as const;
/** Captions drawn into the picture, or as a WebVTT file beside it. */
export type CaptionWay = (typeof captionWays)[number];

/** All that decides what a rendered clip shows: two equal recipes make the same file. */
export interface ClipRecipe {
  readonly pieces: readonly ClipPiece[];
  readonly captions: CaptionWay;
}

/** Bounds of a piece. @source own decision: slower than a tenth is a row of stills, faster than twice shows nothing */
export const SLOWEST = 0.1;
export const FASTEST = 2;
export const LONGEST_FREEZE_SECONDS = 20;
export const MOST_FREEZES = 8;
/** @source own decision: half an hour is a seminar, and five hundred megabytes */
export const MOST_CLIP_SECONDS = 1800;
/** Pieces of one reel. @source own decision: more is no choice any more */
export const MOST_PIECES = 200;

const within = (value: number, least: number, most: number): number => Math.min(most, Math.max(least, value));

/** The piece with everything inside its bounds: freezes sorted, inside the stretch, at most `MOST_FREEZES`, one at each moment. */
export function boundedPiece(piece: ClipPiece): ClipPiece {
  const { startSeconds, endSeconds } = piece;
  const freezes = piece.freezes
    .filter((one) => one.atSeconds >= startSeconds && one.atSeconds <= Math.max(startSeconds, endSeconds))
    .map((one) => ({ ...one, forSeconds: within(one.forSeconds, 0, LONGEST_FREEZE_SECONDS) }))
    .filter((one) => one.forSeconds > 0)
    .sort((one, other) => one.atSeconds - other.atSeconds)
    .filter((one, at, all) => one.atSeconds !== all[at - 1]?.atSeconds)
    .slice(0, MOST_FREEZES);
  return { ...piece, speed: within(piece.speed, SLOWEST, FASTEST), freezes };
}

/** How long a piece is looked at, its freezes counted; 0 for one without length and freezes. */
export function secondsOfPiece(piece: ClipPiece): number {
  const { startSeconds, endSeconds, speed, freezes } = boundedPiece(piece);
  return Math.max(0, endSeconds - startSeconds) / speed + freezes.reduce((sum, one) => sum + one.forSeconds, 0);
}

export const secondsOfRecipe = (recipe: ClipRecipe): number =>
  recipe.pieces.reduce((sum, piece) => sum + secondsOfPiece(piece), 0);
