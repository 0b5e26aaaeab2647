import {
  boundedPiece,
  type ClipPiece,
  FASTEST,
  LONGEST_FREEZE_SECONDS,
  MOST_FREEZES,
  MOST_PIECES,
  SLOWEST,
} from '../clip';
import type { Span } from '../clock';
import type { Stroke } from '../drawing';
import { LEAD_IN_SECONDS, LEAD_OUT_SECONDS } from './reel';

/** The picture stands still at a moment of a piece. */
export interface ReelFreeze {
  /** Seconds from the moment of the piece, before it or after it. */
  readonly fromMoment: number;
  readonly forSeconds: number;
  /** Drawn for this reel; without it, at the moment itself, what is drawn on its mark. */
  readonly drawing?: readonly Stroke[];
}

/** One moment of a saved reel and how it is shown. Its place is that of its mark today, else the second that was chosen. */
export interface SavedPiece {
  readonly id: string;
  readonly roundId: string;
  readonly markId?: string;
  /** Media time of the moment. */
  readonly atSeconds: number;
  /** Footage before the moment and after it. */
  readonly beforeSeconds: number;
  readonly afterSeconds: number;
  readonly speed: number;
  readonly freezes: readonly ReelFreeze[];
  readonly caption: string;
  readonly sound: boolean;
  /** The score and the tide stand in the corner. */
  readonly reading: boolean;
}

export interface SavedReel {
  readonly pieces: readonly SavedPiece[];
  /** Counted down to one, each caption a reason. */
  readonly isRanked: boolean;
}

export const MOST_CAPTION = 300;
/** Footage before and after a moment. @source own decision: two minutes are a round of their own */
export const MOST_AROUND_SECONDS = 120;
/** Where a picture is stopped, unless somebody says for how long. @source own decision */
export const USUAL_FREEZE_SECONDS = 2;

/** A moment as it is taken into a reel. */
export const newPiece = (piece: Pick<SavedPiece, 'id' | 'roundId' | 'markId' | 'atSeconds'>): SavedPiece => ({
  ...piece,
  ...{ beforeSeconds: LEAD_IN_SECONDS, afterSeconds: LEAD_OUT_SECONDS, speed: 1, freezes: [], caption: '' },
  ...{ sound: true, reading: false },
});

/** Those of the pieces whose mark, or second of a round, the reel does not have yet. */
export function piecesNotIn(reel: SavedReel, pieces: readonly SavedPiece[]): readonly SavedPiece[] {
  const placeOf = ({ roundId, markId, atSeconds }: SavedPiece) => markId ?? `${roundId} ${atSeconds.toFixed(1)}`;
  const there = new Set(reel.pieces.map(placeOf));
  return pieces.filter((one) => {
    const place = placeOf(one);
    const isNew = !there.has(place);
    there.add(place);
    return isNew;
  });
}

/** The stretch of footage that a piece shows, within its round; at least a fifth of a second, so that it can be seen. */
export function spanOfPiece(piece: SavedPiece, round: Span): Span {
  const at = Math.min(Math.max(piece.atSeconds, round.startSeconds), round.endSeconds);
  const startSeconds = Math.max(round.startSeconds, at - piece.beforeSeconds);
  return {
    startSeconds,
    endSeconds: Math.min(round.endSeconds, Math.max(startSeconds + 0.2, at + piece.afterSeconds)),
  };
}

export type ReelEdit =
  | { readonly edit: 'move'; readonly at: number; readonly by: 1 | -1 }
  | { readonly edit: 'drop'; readonly at: number }
  | { readonly edit: 'begin-here' | 'end-here' | 'stop-here'; readonly at: number; readonly seconds: number }
  | { readonly edit: 'stop-for'; readonly at: number; readonly freeze: number; readonly forSeconds: number }
  | { readonly edit: 'go-on'; readonly at: number; readonly freeze: number }
  | { readonly edit: 'draw'; readonly at: number; readonly freeze: number; readonly drawing: readonly Stroke[] }
  | {
      readonly edit: 'change';
      readonly at: number;
      readonly change: Partial<Pick<SavedPiece, 'speed' | 'caption' | 'sound' | 'reading'>>;
    }
  | { readonly edit: 'add'; readonly pieces: readonly SavedPiece[] }
  | { readonly edit: 'rank'; readonly isRanked: boolean };

const within = (value: number, least: number, most: number): number => Math.min(most, Math.max(least, value));

/** A piece after one edit that is about it; the same object where the edit cannot be made. */
function editPiece(piece: SavedPiece, edit: ReelEdit): SavedPiece {
  switch (edit.edit) {
    case 'begin-here':
      // What begins after its moment begins at it.
      return { ...piece, beforeSeconds: within(piece.atSeconds - edit.seconds, 0, MOST_AROUND_SECONDS) };
    case 'end-here':
      return { ...piece, afterSeconds: within(edit.seconds - piece.atSeconds, 0, MOST_AROUND_SECONDS) };
    case 'stop-here': {
      const fromMoment = edit.seconds - piece.atSeconds;
      const isThere = piece.freezes.some((one) => Math.abs(one.fromMoment - fromMoment) < 0.02);
      if (isThere || piece.freezes.length >= MOST_FREEZES) return piece;
      const freezes = [...piece.freezes, { fromMoment, forSeconds: USUAL_FREEZE_SECONDS }];
      return { ...piece, freezes: freezes.sort((one, other) => one.fromMoment - other.fromMoment) };
    }
    case 'stop-for':
      return {
        ...piece,
        freezes: piece.freezes.map((one, at) =>
          at === edit.freeze ? { ...one, forSeconds: within(edit.forSeconds, 0.2, LONGEST_FREEZE_SECONDS) } : one,
        ),
      };
    case 'draw':
      return {
        ...piece,
        freezes: piece.freezes.map((one, at) => (at === edit.freeze ? { ...one, drawing: edit.drawing } : one)),
      };
    case 'go-on':
      return { ...piece, freezes: piece.freezes.filter((_, at) => at !== edit.freeze) };
    case 'change': {
      const { caption = piece.caption, speed = piece.speed } = edit.change;
      return {
        ...piece,
        ...edit.change,
        caption: caption.slice(0, MOST_CAPTION),
        speed: within(speed, SLOWEST, FASTEST),
      };
    }
    default:
      return piece;
  }
}

/** A reel after one edit; an edit that cannot be made leaves it as it is. */
export function editReel(reel: SavedReel, edit: ReelEdit): SavedReel {
  const { pieces } = reel;
  switch (edit.edit) {
    case 'rank':
      return { ...reel, isRanked: edit.isRanked };
    case 'add':
      return { ...reel, pieces: [...pieces, ...edit.pieces].slice(0, MOST_PIECES) };
    case 'drop':
      return { ...reel, pieces: pieces.filter((_, at) => at !== edit.at) };
    case 'move': {
      const to = edit.at + edit.by;
      const moved = pieces[edit.at];
      if (!moved || to < 0 || to >= pieces.length) return reel;
      const rest = pieces.filter((_, at) => at !== edit.at);
      return { ...reel, pieces: [...rest.slice(0, to), moved, ...rest.slice(to)] };
    }
    default: {
      const piece = pieces[edit.at];
      const edited = piece && editPiece(piece, edit);
      if (!edited || edited === piece) return reel;
      return { ...reel, pieces: pieces.map((one, at) => (at === edit.at ? edited : one)) };
    }
  }
}

/** The words below a piece: its caption, and in a ranked reel its place, counted down to one. */
export const captionOf = (reel: SavedReel, at: number): string => {
  const caption = reel.pieces[at]?.caption ?? '';
  if (!reel.isRanked) return caption;
  const place = `${reel.pieces.length - at}.`;
  return caption ? `${place} ${caption}` : place;
};

/** What is drawn on a picture that stands still: its own, or that of the mark, which belongs to the mark's own picture. */
export const drawingOf = ({ fromMoment, drawing }: ReelFreeze, ofMark: readonly Stroke[]): readonly Stroke[] =>
  drawing ?? (Math.abs(fromMoment) < 0.1 ? ofMark : []);

/** A piece as the recipe of a clip; `readings` are those of its round, `drawing` what is drawn at its moment. */
export function clipPieceOf(
  reel: SavedReel,
  at: number,
  round: Span & { readonly footageId: string },
  drawing: ClipPiece['freezes'][number]['drawing'],
  readings: ClipPiece['readings'],
): ClipPiece | undefined {
  const piece = reel.pieces[at];
  if (!piece) return undefined;
  const span = spanOfPiece(piece, round);
  return boundedPiece({
    ...{ ...span, footageId: round.footageId, speed: piece.speed, sound: piece.sound, caption: captionOf(reel, at) },
    freezes: piece.freezes.map((freeze) => ({
      ...{ atSeconds: piece.atSeconds + freeze.fromMoment, forSeconds: freeze.forSeconds },
      drawing: drawingOf(freeze, drawing),
    })),
    readings: piece.reading ? readings.filter((one) => one.atSeconds <= span.endSeconds) : [],
  });
}
