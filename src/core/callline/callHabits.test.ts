import { describe, expect, it } from 'vitest';
import { marksOfRound, roundSpan } from '../../../demo/academy/marksOfRound';
import { allRounds } from '../../../demo/academy/rounds';
import { conceptIdOf, type Mark } from '../round';
import {
  buildVocabularyIndex,
  guessCalls,
  type HabitRound,
  learnCalls,
  listNextCalls,
  momentsOf,
  noHabits,
  readCall,
} from './index';

const rounds: HabitRound[] = allRounds.map((round) => ({
  span: roundSpan(round),
  uniform: round.uniform,
  marks: marksOfRound(round),
  people: { a: round.a.key, b: round.b.key },
}));
const isSaid = (mark: Mark) => (call: { conceptId: string; athlete?: string }) =>
  call.conceptId === conceptIdOf(mark) &&
  (mark.kind === 'position' || ('athlete' in mark && call.athlete === mark.athlete));

describe('likely next calls', () => {
  it('are shares that never exceed one, best first, and need nothing learned', () => {
    for (const habits of [noHabits, learnCalls(rounds)]) {
      for (const { context } of momentsOf(rounds[0]!)) {
        const guesses = guessCalls(habits, context, 'gi', 200);
        expect(guesses.length).toBeGreaterThan(3);
        expect(guesses.reduce((sum, one) => sum + one.probability, 0)).toBeLessThanOrEqual(1 + 1e-9);
        for (let at = 1; at < guesses.length; at += 1)
          expect(guesses[at]!.probability).toBeLessThanOrEqual(guesses[at - 1]!.probability);
      }
    }
  });

  it('do not depend on the order in which rounds are learned', () => {
    const forward = learnCalls(rounds);
    const backward = learnCalls([...rounds].reverse());
    for (const { context } of momentsOf(rounds[1]!))
      expect(guessCalls(backward, context, 'gi')).toEqual(guessCalls(forward, context, 'gi'));
  });

  it('come true more often after the academy’s other rounds than from the catalogue alone', () => {
    let learned = 0;
    let plain = 0;
    let all = 0;
    for (const round of rounds) {
      const habits = learnCalls(rounds.filter((one) => one !== round));
      for (const { context, mark } of momentsOf(round)) {
        all += 1;
        if (guessCalls(habits, context, round.uniform).some(isSaid(mark))) learned += 1;
        if (guessCalls(noHabits, context, round.uniform).some(isSaid(mark))) plain += 1;
      }
    }
    console.info(
      `next calls among five: ${((100 * learned) / all).toFixed(1)} % learned, ${((100 * plain) / all).toFixed(1)} % from the graph`,
    );
    expect(learned / all).toBeGreaterThanOrEqual(0.7);
    expect(plain).toBeLessThan(learned);
  });

  it('read back as the marks that they name, also missed chances', () => {
    const index = buildVocabularyIndex();
    const missed: Mark = { kind: 'chance', id: 'c', atSeconds: 30, techniqueId: 'armbar', athlete: 'b' };
    const mount: Mark = { kind: 'position', id: 'p', atSeconds: 20, positionId: 'mount', holder: 'b' };
    const taught = learnCalls([
      { span: { startSeconds: 0, endSeconds: 60 }, uniform: 'gi', marks: [mount, missed], people: { a: 'x', b: 'y' } },
    ]);
    const state = { kind: 'position', positionId: 'mount', holder: 'b' } as const;
    const calls = listNextCalls(taught, { state, last: mount }, 'gi', { a: 'ana', b: 'marek' });
    const text = calls.find((one) => one.text.includes('missed'))?.text ?? '';
    const { draft } = readCall(text, index, {
      uniform: 'gi',
      state,
      calledBy: { a: ['ana'], b: ['marek'] },
      atSeconds: 30,
      roundStartSeconds: 0,
    });
    expect(draft).toMatchObject({ kind: 'chance', techniqueId: 'armbar', athlete: 'b' });
  });
});
