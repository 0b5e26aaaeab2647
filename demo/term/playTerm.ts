import { createHash } from 'node:crypto';
import type { CalendarDate } from '../../src/core/kernel';
import type { Mark } from '../../src/core/marks';
import { adultEquivalent } from '../../src/core/vocabulary';
import { demoId } from '../academy/marksOfRound';
import type { DemoPerson } from '../academy/people';
import { callStages } from './callStages';
import { type Draws, drawsFrom } from './draws';
import { habitRate, habitsOf } from './habits';
import { type Player, playRound } from './playRound';
import { type TermRound, termRounds } from './schedule';

/** The term is the same in every demo but for its days. */
const SEED = 26;

export interface PlayedRound {
  readonly round: TermRound;
  readonly marks: readonly Mark[];
}

/** Rounds of the term that were filmed: the newest of two students, so that what keeps happening to them can be seen. */
export const filmedTermRounds: readonly string[] = [
  'term-22-3-1',
  'term-23-6-1',
  'term-24-6-3',
  'term-25-6-3',
  'term-23-6-2',
  'term-24-6-4',
  'term-25-3-4',
];

/** Every round of the term with its marks, and the draws with which all else of the term is drawn after them. */
export function playTerm(today: CalendarDate): { readonly rounds: readonly PlayedRound[]; readonly draws: Draws } {
  const draws = drawsFrom(SEED);
  const drawsOfStages = drawsFrom(SEED + 1);
  const rounds = termRounds(today, draws).map((round) => {
    const span = spanOfTermRound(round);
    const marks = playRound(
      {
        ...span,
        uniform: round.uniform,
        players: { a: playerOf(round.a, round.week), b: playerOf(round.b, round.week) },
        idOf: (place) => demoId(round.key, String(place)),
      },
      draws,
    );
    return { round, marks: callStages(marks, span.endSeconds, drawsOfStages) };
  });
  return { rounds, draws };
}

/** Films of the term begin with their round. */
export const spanOfTermRound = (round: TermRound) => ({ startSeconds: 0, endSeconds: round.seconds });

function playerOf(person: DemoPerson, week: number): Player {
  const { favourites = [], side, lingers } = habitsOf[person.key] ?? {};
  return {
    belt: adultEquivalent(person.belt),
    weightKg: person.weightKg,
    favourites,
    lingers,
    leftShare: side === undefined ? 0.5 : side.side === 'left' ? side.share : 1 - side.share,
    rateOf: (errorId) => habitRate(person.key, errorId, week),
  };
}

/** Stages that somebody called between the beginning of an attempt and its outcome are not drawn. */
function asDrawn(mark: Mark): Mark[] {
  if (mark.kind === 'position') return [mark];
  if (mark.kind !== 'attempt') return [];
  const { controlSeconds, lockedSeconds, endSeconds, ...drawn } = mark;
  return [drawn];
}

/** What a film shows, as a short text: when it is another than the film was drawn from, the film is to be drawn anew. */
export const digestOfMarks = (marks: readonly Mark[]): string =>
  createHash('sha256')
    .update(JSON.stringify(marks.flatMap(asDrawn)))
    .digest('hex')
    .slice(0, 16);
