import type { CaptionWay, ClipPiece, ClipRecipe } from '@/core/clip';
import { LEAD_IN_SECONDS, LEAD_OUT_SECONDS } from '@/core/reel';
import { conceptIdOf, linksOf, type Mark } from '@/core/round';
import { type HouseWords, houseNameOf } from '@/core/vocabulary';
import type { Database } from '@/data/client';
import { type FoundMark, listFoundMarks } from '@/data/language/occurrences';
import { listRoundsByIds } from '@/data/rounds/rounds';

/** The picture stands still where something was drawn for so long, and where nothing was, long enough to see what is meant. @source own decision */
const DRAWN_SECONDS = 3;
const PAUSED_SECONDS = 1.2;
/** What a moment led to is shown with it when it comes this soon. @source own decision: later it is a moment of its own */
const MOST_AFTER_SECONDS = 15;
const AFTER_CONSEQUENCE_SECONDS = 2;

export interface MomentsAsRecipe {
  readonly recipe: ClipRecipe;
  readonly roundIds: readonly string[];
}

/**
 * Marked moments as a clip: each seen coming, paused at its mark with what is drawn there, and followed to what it led to where that comes soon. Moments that
 * are gone or not filmed are left out; undefined when none is left.
 */
export async function recipeOfMoments(
  database: Database,
  house: HouseWords,
  markIds: readonly string[],
  captions: CaptionWay,
): Promise<MomentsAsRecipe | undefined> {
  const found = new Map((await listFoundMarks(database, markIds)).map((one) => [one.mark.id, one]));
  const ordered = markIds.flatMap((id) => found.get(id) ?? []).filter((one) => one.footageId !== undefined);
  const roundIds = [...new Set(ordered.map((one) => one.roundId))];
  const rounds = new Map((await listRoundsByIds(database, roundIds)).map((one) => [one.id, one]));
  const consequences = new Map(
    (await listFoundMarks(database, [...new Set(ordered.flatMap((one) => linksOf(one.mark)))])).map((one) => [
      one.mark.id,
      one.mark,
    ]),
  );
  const pieces = ordered.flatMap((one) => {
    const round = rounds.get(one.roundId);
    return round ? [pieceOf(one, round, consequences, house)] : [];
  });
  return pieces.length > 0 ? { recipe: { pieces, captions }, roundIds } : undefined;
}

function pieceOf(
  { mark, footageId = '' }: FoundMark,
  round: { readonly startSeconds: number; readonly endSeconds: number },
  consequences: ReadonlyMap<string, Mark>,
  house: HouseWords,
): ClipPiece {
  const at = Math.min(Math.max(mark.atSeconds, round.startSeconds), round.endSeconds);
  const led = linksOf(mark).flatMap((id) => consequences.get(id)?.atSeconds ?? []);
  const soon = led.filter((one) => one > at && one <= at + MOST_AFTER_SECONDS);
  const wanted = Math.max(at + LEAD_OUT_SECONDS, ...soon.map((one) => one + AFTER_CONSEQUENCE_SECONDS));
  const conceptId = conceptIdOf(mark);
  return {
    footageId,
    startSeconds: Math.max(round.startSeconds, at - LEAD_IN_SECONDS),
    endSeconds: Math.min(round.endSeconds, wanted),
    speed: 1,
    freezes: [
      { atSeconds: at, forSeconds: mark.drawing ? DRAWN_SECONDS : PAUSED_SECONDS, drawing: mark.drawing ?? [] },
    ],
    // Names of entries only: what a coach wrote beside a mark is for coaches.
    caption: conceptId ? houseNameOf(house, conceptId) : '',
    sound: true,
    readings: [],
  };
}
