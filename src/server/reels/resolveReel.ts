import type { Reading } from '@/core/clip';
import { shortNamesOf } from '@/core/kernel';
import type { SavedPiece, SavedReel } from '@/core/reel';
import { type Mark, readRound, tideAt, tideOf } from '@/core/round';
import { scoreAt, scoreRound } from '@/core/scoring';
import type { Database } from '@/data/client';
import { type Footage, listFootageByIds } from '@/data/footage/footage';
import { type FoundMark, listFoundMarks } from '@/data/language/occurrences';
import { listRoundsByIds, type Round } from '@/data/rounds/rounds';
import { loadHouse } from '../language/loadHouse';
import { marksByRound } from '../rounds/marksByRound';
import { ruleSetOf } from '../rounds/ruleSetOf';

/** A piece of a saved reel with what it shows today. */
export interface ResolvedPiece {
  readonly piece: SavedPiece;
  readonly round: Round;
  readonly footage?: Footage;
  readonly found?: FoundMark;
  /** Score and tide of its round as they change; only where the piece shows them. */
  readonly readings: readonly Reading[];
}

/** Every piece of a reel as it is today: at its mark, where that is still there; pieces whose round is gone are undefined in their place. */
export async function resolveReel(
  database: Database,
  { pieces }: SavedReel,
  isNamed = true,
): Promise<readonly (ResolvedPiece | undefined)[]> {
  const found = new Map(
    (
      await listFoundMarks(
        database,
        pieces.flatMap((one) => one.markId ?? []),
      )
    ).map((one) => [one.mark.id, one]),
  );
  const rounds = new Map(
    (await listRoundsByIds(database, [...new Set(pieces.map((one) => one.roundId))])).map((one) => [one.id, one]),
  );
  const footageIds = [...new Set([...rounds.values()].flatMap((one) => one.footageId ?? []))];
  const files = new Map((await listFootageByIds(database, footageIds)).map((one) => [one.id, one]));
  const read = [...new Set(pieces.filter((one) => one.reading).map((one) => one.roundId))].flatMap(
    (id) => rounds.get(id) ?? [],
  );
  const readings = await readingsOf(database, read, isNamed);
  return pieces.map((piece) => {
    const round = rounds.get(piece.roundId);
    if (!round) return undefined;
    const mark = piece.markId ? found.get(piece.markId) : undefined;
    return {
      piece: mark ? { ...piece, atSeconds: mark.mark.atSeconds } : piece,
      ...{ round, found: mark, footage: round.footageId ? files.get(round.footageId) : undefined },
      readings: piece.reading ? (readings.get(round.id) ?? []) : [],
    };
  });
}

const roundedTide = (tide: number): string => {
  const rounded = Math.round(tide);
  return rounded === 0 ? '0' : rounded > 0 ? `+${rounded}` : `−${-rounded}`;
};

/** Score and tide of rounds wherever they change. */
async function readingsOf(
  database: Database,
  rounds: readonly Round[],
  isNamed: boolean,
): Promise<ReadonlyMap<string, readonly Reading[]>> {
  const readings = new Map<string, readonly Reading[]>();
  if (rounds.length === 0) return readings;
  const marks = await marksByRound(database, await loadHouse(), rounds);
  for (const round of rounds) {
    const rules = await ruleSetOf(database, round.ruleSet);
    readings.set(round.id, readingsOfRound(round, marks.get(round.id) ?? [], rules?.points, isNamed));
  }
  return readings;
}

function readingsOfRound(
  round: Round,
  marks: readonly Mark[],
  rules: Parameters<typeof scoreRound>[1] | undefined,
  isNamed: boolean,
) {
  const reading = readRound(round, marks);
  const tide = tideOf(reading);
  const score = rules && scoreRound(reading, rules, round.plannedSeconds ?? round.endSeconds - round.startSeconds);
  const [a = '', b = ''] = shortNamesOf([round.a.name, round.b.name]);
  const moments = [
    ...new Set([
      round.startSeconds,
      ...tide.steps.map((step) => step.startSeconds),
      ...(score?.events.map((event) => event.atSeconds) ?? []),
    ]),
  ].sort((one, other) => one - other);
  const texts = moments.map((atSeconds): Reading => {
    const points = score && scoreAt(score, atSeconds);
    const sum = points ? `${points.a.points} – ${points.b.points}` : '';
    const board = sum && (isNamed ? `${a} ${sum} ${b} · ` : `${sum} · `);
    const whose = isNamed ? ` for ${a}` : '';
    return { atSeconds, text: `${board}tide ${roundedTide(tideAt(tide, atSeconds))}${whose}`.slice(0, 60) };
  });
  return texts.filter((one, at) => one.text !== texts[at - 1]?.text);
}
