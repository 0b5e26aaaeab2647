import type pg from 'pg';
import { learnCalls } from '@/core/callline';
import { type RoundFigures, roundFigures } from '@/core/figures';
import { beltGap, weightGap } from '@/core/partner';
import { resultOf } from '@/core/patterns';
import {
  type Athlete,
  conceptIdOf,
  countTransitions,
  gapInWords,
  type Mark,
  opponentOf,
  type PointsTable,
  readRound,
  reasonApart,
} from '@/core/round';
import type { HouseWords } from '@/core/vocabulary';
import { inTransaction } from '@/data/client';
import { getHouseWords } from '@/data/language/houseWords';
import { listMarksForFigures } from '@/data/marks/marks';
import { type FiguredRound, holdRound, replaceRoundFigures } from '@/data/projections/roundFigures';
import { findRound, type Round } from '@/data/rounds/rounds';
import { withMerges } from '../language/loadHouse';
import { ruleSetOf } from '../rounds/ruleSetOf';

/** Works out what a round says today and keeps it for every page. Harmless to repeat; nothing for a round that is gone. */
export async function figureRound(database: pg.Pool, roundId: string): Promise<void> {
  // Read before the round is held: a merge that comes after this asks for the round again.
  const house = await getHouseWords(database);
  await inTransaction(database, async (client) => {
    // Marks are read after the round is held: of two who work at once, the one who writes last has read last.
    if (!(await holdRound(client, roundId))) return;
    const round = await findRound(client, roundId);
    if (!round) return;
    const rules = await ruleSetOf(client, round.ruleSet);
    await replaceRoundFigures(
      client,
      figuresOfRound(round, await listMarksForFigures(client, roundId), house, rules?.points?.points),
    );
  });
}

interface CountedMark {
  readonly mark: Mark;
  readonly changedAt: string;
}

/** What is kept of a round, from its marks and the points of the rules that it is judged by. */
export function figuresOfRound(
  round: Round,
  stored: readonly CountedMark[],
  house: HouseWords,
  table: PointsTable | undefined,
): FiguredRound {
  const marks = stored.map(({ mark }) => withMerges(house, mark));
  const uses = new Map<string, number>();
  for (const { mark } of stored) {
    const id = conceptIdOf(mark);
    if (id !== undefined) uses.set(id, (uses.get(id) ?? 0) + 1);
  }
  // Rounds that nobody has marked yet say nothing, and those that are held apart say nothing of sparring: neither is exposure.
  const says = marks.length > 0 && reasonApart(round.circumstances) === undefined;
  return {
    roundId: round.id,
    numberInSession: round.numberInSession,
    markCount: marks.length,
    lastMarkedAt: stored.reduce<string | undefined>(
      (last, { changedAt }) => (last === undefined || changedAt > last ? changedAt : last),
      undefined,
    ),
    athletes: says
      ? (['a', 'b'] as const).map((slot) => {
          const figures = figuresOfAthlete(round, slot, marks, table);
          return { slot, figures, personId: round[slot].personId, result: resultOf(figures) };
        })
      : [],
    lesson: learnCalls([
      { span: round, uniform: round.uniform, people: { a: round.a.personId, b: round.b.personId }, marks },
    ]),
    transitions: countTransitions(readRound(round, marks)),
    uses: new Map([...uses].sort(([one], [other]) => (one < other ? -1 : 1))),
  };
}

/** What a round says about one athlete. */
export function figuresOfAthlete(
  round: Round,
  athlete: Athlete,
  marks: readonly Mark[],
  table: PointsTable | undefined,
): RoundFigures {
  const { [athlete]: own, [opponentOf(athlete)]: other } = round;
  return roundFigures({
    ...{ roundId: round.id, heldOn: round.heldOn, span: round, athlete, marks, table },
    ...{ uniform: round.uniform, occasion: round.occasion, theme: round.theme },
    beltGap: beltGap(own, other),
    ...{ partnerId: other.personId, numberInSession: round.numberInSession },
    weightGap: weightGapIn(round, athlete),
    heightGap:
      own.condition.heightCm === undefined || other.condition.heightCm === undefined
        ? undefined
        : own.condition.heightCm - other.condition.heightCm,
  });
}

/** The gap of what both weigh, else of what was said of their sizes. */
function weightGapIn(round: Round, athlete: Athlete): number | undefined {
  const { [athlete]: own, [opponentOf(athlete)]: other } = round;
  if (own.weightKg !== undefined && other.weightKg !== undefined)
    return weightGap(own.weightKg, other.weightKg).ratioOfLighter;
  const said = gapInWords(round.circumstances);
  return said === undefined ? undefined : athlete === 'a' ? said : -said;
}
