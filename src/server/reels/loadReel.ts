import type { Reading } from '@/core/clip';
import type { FrameRate, Span } from '@/core/clock';
import type { Stroke } from '@/core/drawing';
import { shortNamesOf } from '@/core/kernel';
import { spanOfMoment, unpackReel } from '@/core/reel';
import { houseNameOf } from '@/core/vocabulary';
import { pool } from '@/data/client';
import { listFootageByIds } from '@/data/footage/footage';
import { listFoundMarks } from '@/data/language/occurrences';
import { listRoundsByIds } from '@/data/rounds/rounds';
import { requireCoach } from '../accounts/currentCoach';
import { type Looking, lookingOf } from '../footage/loadProgress';
import { describeFound } from '../language/foundMarks';
import { houseOf } from '../language/loadHouse';
import { listBlindRounds } from '../reviews/blindness';

/** One moment of a reel with the footage that shows it; without footage it can only be read. */
export interface ReelPiece extends Span {
  readonly key: string;
  readonly roundId: string;
  readonly markId?: string;
  readonly heldOn: string;
  readonly atSeconds: number;
  readonly roundSeconds: number;
  /** First names. */
  readonly names: readonly [string, string];
  /** What the mark says; empty where no mark stands for the moment. */
  readonly words: string;
  readonly footage?: { readonly id: string; readonly frameRate: FrameRate; readonly looking: Looking };
  /** The round that it lies in. */
  readonly round: Span;
  /** What is drawn on the picture of its mark. */
  readonly drawing: readonly Stroke[];
  /** Score and tide as they change, where they are to be seen. */
  readonly readings: readonly Reading[];
}
/** Where a moment lies, before its footage is known. */
type MomentPlace = Pick<ReelPiece, 'roundId' | 'markId' | 'atSeconds' | 'words'>;
export interface Reel {
  readonly pieces: readonly ReelPiece[];
  /** Moments whose mark or round is gone, or whose round this coach reviews blind. */
  readonly left: number;
}

/** The moments of a reel, in its order, as they are marked today. */
export async function loadReel(packed: string): Promise<Reel> {
  const coach = await requireCoach();
  const moments = unpackReel(packed);
  const [blind, house, found] = await Promise.all([
    listBlindRounds(coach.id),
    houseOf(pool()),
    listFoundMarks(
      pool(),
      moments.flatMap((one) => ('markId' in one ? one.markId : [])),
    ),
  ]);
  const drawings = new Map(found.map((one) => [one.mark.id, one.mark.drawing ?? []]));
  const marks = new Map(found.map((one) => [one.mark.id, describeFound(one, (id) => houseNameOf(house, id))]));
  const places = moments.flatMap((one): MomentPlace[] => {
    if (!('markId' in one)) return [{ ...one, words: '' }];
    const mark = marks.get(one.markId);
    return mark ? [{ ...mark, atSeconds: mark.mediaSeconds }] : [];
  });
  const rounds = new Map(
    (await listRoundsByIds(pool(), [...new Set(places.map((one) => one.roundId))])).map((one) => [one.id, one]),
  );
  const files = await listFootageByIds(pool(), [
    ...new Set([...rounds.values()].flatMap((one) => one.footageId ?? [])),
  ]);
  const footage = new Map(
    files.map((one) => [one.id, { id: one.id, frameRate: one.frameRate, looking: lookingOf(one) }]),
  );
  const pieces = places.flatMap(({ roundId, markId, atSeconds, words }): ReelPiece[] => {
    const round = rounds.get(roundId);
    if (!round || blind.includes(roundId)) return [];
    const [a = '', b = ''] = shortNamesOf([round.a.name, round.b.name]);
    return [
      {
        key: markId ?? `${roundId} ${atSeconds}`,
        ...{ roundId, markId, words, atSeconds, names: [a, b], heldOn: round.heldOn },
        roundSeconds: atSeconds - round.startSeconds,
        ...spanOfMoment(atSeconds, round),
        ...{ round: { startSeconds: round.startSeconds, endSeconds: round.endSeconds }, readings: [] },
        drawing: (markId && drawings.get(markId)) || [],
        footage: round.footageId === undefined ? undefined : footage.get(round.footageId),
      },
    ];
  });
  return { pieces, left: moments.length - pieces.length };
}
