import { marksOfRound, roundSpan } from '../demo/academy/marksOfRound';
import { people } from '../demo/academy/people';
import { allRounds } from '../demo/academy/rounds';
import type { DemoRound } from '../demo/academy/types';
import {
  buildVocabularyIndex,
  type CallContext,
  type CallHabits,
  draftFromChoice,
  type HabitRound,
  learnCalls,
  listNextCalls,
  type MarkDraft,
  momentsOf,
  phraseMark,
  readCall,
} from '../src/core/callline';
import { type Athlete, conceptIdOf, type Mark } from '../src/core/round';
import type { BenchLine } from './line';

const index = buildVocabularyIndex();
const firstName = (key: string) =>
  people
    .find((one) => one.key === key)!
    .name.split(' ')[0]!
    .toLowerCase();

const asHabits = (round: DemoRound): HabitRound => ({
  span: roundSpan(round),
  uniform: round.uniform,
  marks: marksOfRound(round),
  people: { a: round.a.key, b: round.b.key },
});

/** Whether a draft says the same as a mark, how it went aside. */
function isSame(draft: MarkDraft | undefined, mark: Mark): boolean {
  if (draft?.kind !== mark.kind) return false;
  const made = { ...draft, id: mark.id } as Mark;
  if (conceptIdOf(made) !== conceptIdOf(mark)) return false;
  if (made.kind === 'position' && mark.kind === 'position') return made.holder === mark.holder;
  return !('athlete' in made && 'athlete' in mark) || made.athlete === mark.athlete;
}

/** Presses that say how it went: P and S on the mark, or a letter or two at the end of the call. */
function strokesOfHow(mark: Mark): number {
  let strokes = 0;
  if (mark.kind === 'error' && mark.punished) strokes += { yes: 1, partly: 2, no: 3, spared: 4 }[mark.punished];
  if (mark.kind === 'attempt') {
    strokes += { entry: 0, control: 1, locked: 2, finished: 2 }[mark.stage];
    if (mark.end && mark.end !== 'finished')
      strokes += { escaped: 2, abandoned: 3, declined: 9, interrupted: 12 }[mark.end];
  }
  if ('side' in mark && mark.side) strokes += 2;
  return strokes;
}

/** Fewest presses of a call, begun with an initial or with nobody, cut short or by its initials, until it says what is meant, or ↓ reaches it. */
function fewestLetters(mark: Mark, context: CallContext): number {
  const whole = phraseMark(mark, { a: 'a', b: 'b' });
  const nobody = whole.replace(/^[ab] /, '');
  const who = whole.slice(0, whole.length - nobody.length);
  const initials = nobody
    .split(/[ -]+/)
    .map((word) => word[0])
    .join('');
  let fewest = Number.POSITIVE_INFINITY;
  for (const text of [whole, nobody, who + initials, initials]) {
    for (let length = 1; length <= text.length && length < fewest; length += 1) {
      const part = text.slice(0, length);
      const reading = readCall(part, index, context);
      // What is doubtful is asked about: one more press.
      if (isSame(reading.draft, mark)) fewest = Math.min(fewest, length + (reading.doubtful ? 1 : 0));
      for (const [downs, { concept }] of reading.choices.slice(0, 6).entries()) {
        if (length + downs >= fewest) break;
        if (isSame(draftFromChoice(part, reading.conceptWords, concept, context), mark)) fewest = length + downs;
      }
    }
  }
  return fewest;
}

/** Presses for every mark of a round that was kept apart when the likely calls were learned: the shorter of a digit and of writing. */
function strokesOfRound(round: DemoRound, habits: CallHabits): number[] {
  const names: Readonly<Record<Athlete, string>> = { a: firstName(round.a.key), b: firstName(round.b.key) };
  return momentsOf(asHabits(round)).map(({ context: moment, mark }) => {
    const context: CallContext = {
      uniform: round.uniform,
      state: moment.state,
      calledBy: { a: ['a', names.a], b: ['b', names.b] },
      atSeconds: mark.atSeconds,
      roundStartSeconds: roundSpan(round).startSeconds,
    };
    const offered = listNextCalls(habits, moment, round.uniform, names);
    const byDigit = offered.some((one) => isSame(readCall(one.text, index, context).draft, mark))
      ? 2
      : Number.POSITIVE_INFINITY;
    const written = fewestLetters(mark, context) + 2;
    return Math.min(byDigit, written) + strokesOfHow(mark);
  });
}

export function measureKeyStrokes(): BenchLine[] {
  const rounds = allRounds.map(asHabits);
  const strokes = allRounds.flatMap((round, at) =>
    strokesOfRound(round, learnCalls(rounds.filter((_, other) => other !== at))),
  );
  const mean = strokes.reduce((sum, one) => sum + one, 0) / strokes.length;
  return [
    {
      what: `key strokes for 40 marks by somebody who knows the keys, simulated on ${strokes.length} marks of the invented demo, rounds left out one by one`,
      measured: `${Math.round(40 * mean)} (${mean.toFixed(1)} a mark)`,
      goal: '160',
    },
  ];
}
