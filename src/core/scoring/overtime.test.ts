import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { Athlete } from '../round';
import {
  compareAnnounced,
  compareOfficial,
  escapeTimeFromClock,
  findRuleSet,
  type OvertimeReading,
  type OvertimeTurn,
  readOvertime,
} from './index';

const rules = findRuleSet('submission-only')!.overtime!;

/** Turns one after the other, a minute apart: seconds, with "t" for a tap and "x" for no escape. */
function turnsOf(...said: readonly string[]): OvertimeTurn[] {
  let at = 0;
  return said.map((text, index) => {
    const escaper: Athlete = index % 2 === 0 ? 'a' : 'b';
    const seconds = text === 'x' ? 120 : Number.parseFloat(text);
    const end = text === 'x' ? ('ran-out' as const) : text.endsWith('t') ? ('tapped' as const) : ('escaped' as const);
    const turn = { escaper, from: 'back' as const, startSeconds: at, endSeconds: at + seconds, end };
    at += seconds + 60;
    return turn;
  });
}
const read = (...said: readonly string[]): OvertimeReading => {
  const reading = readOvertime(turnsOf(...said), rules);
  if (!reading.ok) throw new Error(reading.problem.code);
  return reading.value;
};

describe('overtime by escape time (common practice)', () => {
  it('adds up escape times; the smaller total wins when nobody is submitted', () => {
    const whole = read('19', '31', '40', '22', '15', '30');
    expect(whole.totals).toEqual({ a: 74, b: 83 });
    expect(whole).toMatchObject({ winner: 'a', decidedBy: 'escape-time', undecided: false });
    expect(whole.lead).toEqual({ athlete: 'a', seconds: 9 });
    expect(whole.turns.map((turn) => turn.totals.a)).toEqual([19, 19, 59, 59, 74, 74]);
  });
  it('counts a turn without an escape with its full length, a tap with nothing', () => {
    expect(read('x', '30').totals).toEqual({ a: 120, b: 30 });
    expect(read('10', '20', '50t').totals).toEqual({ a: 10, b: 20 });
  });
  it('reads 1:41 on a clock that counts down from 2:00 as 19 s', () => {
    expect(escapeTimeFromClock(101, rules)).toBe(19);
  });
  it('is over when the first escaped and the second is tapped, and when only the first was tapped', () => {
    expect(read('10', '30t')).toMatchObject({ winner: 'a', decidedBy: 'submission' });
    expect(read('10t').winner).toBeUndefined();
    expect(read('10t', '30')).toMatchObject({ winner: 'b', decidedBy: 'submission' });
    // Both were tapped: whoever did it faster.
    expect(read('40t', '25t')).toMatchObject({ winner: 'a' });
    expect(read('25t', '40t')).toMatchObject({ winner: 'b' });
    expect(read('25t', '25t')).toMatchObject({ winner: undefined, undecided: true });
  });
  it('leaves equal totals undecided', () => {
    expect(read('10', '20', '20', '10', '5', '5')).toMatchObject({
      winner: undefined,
      undecided: true,
      lead: undefined,
    });
  });
  it('says what the next athlete needs in the last turn: the other’s total less their own', () => {
    // Before the last turn b has 53, a 74: b wins below 21 s, ties at 21.
    const last = read('19', '31', '40', '22', '15').next!;
    expect(last).toMatchObject({
      escaper: 'b',
      winCertainBelow: 21,
      winPossibleBelow: 21,
      alwaysWins: false,
      cannotWin: false,
    });
    expect(read('x', '10', 'x', '10', 'x').next).toMatchObject({ alwaysWins: true });
    expect(read('5', 'x', '5', 'x', '5').next).toMatchObject({ escaper: 'b', cannotWin: true });
  });
  it('starts a new round of turns with whoever began the one before', () => {
    expect(read('19', '31').next?.escaper).toBe('a');
    expect(read('19').next?.escaper).toBe('b');
    expect(read().next).toBeUndefined();
  });
  it('is never wrong about what is certain or impossible, however the rest goes', () => {
    const seconds = fc.integer({ min: 1, max: 120 });
    fc.assert(
      fc.property(fc.array(seconds, { minLength: 6, maxLength: 6 }), fc.integer({ min: 1, max: 5 }), (times, known) => {
        const said = times.map(String);
        const next = read(...said.slice(0, known)).next!;
        const { winner } = read(...said);
        const own = times[known]!;
        if (next.winCertainBelow !== undefined && own < next.winCertainBelow) expect(winner).toBe(next.escaper);
        if (next.alwaysWins) expect(winner).toBe(next.escaper);
        if (next.cannotWin || (next.winPossibleBelow !== undefined && own >= next.winPossibleBelow))
          expect(winner).not.toBe(next.escaper);
      }),
    );
  });
  it('counts later turns of both that are known when an earlier one is not', () => {
    // a's second turn was not filmed to its end. a has 19 + 15, b 31 + 22 + 30: a wins below 49.
    const turns = turnsOf('19', '31', '40', '22', '15', '30').map((turn, at) =>
      at === 2 ? { ...turn, endSeconds: turn.startSeconds, end: 'unknown' as const } : turn,
    );
    const reading = readOvertime(turns, rules);
    if (!reading.ok) throw new Error(reading.problem.code);
    expect(reading.value).toMatchObject({ winner: undefined, undecided: false, totals: { a: 34, b: 83 } });
    expect(reading.value.next).toMatchObject({
      escaper: 'a',
      winCertainBelow: 49,
      winPossibleBelow: 49,
      levelUpTo: 49,
    });
    // The other was tapped after 22 s in the turn that answers it: an escape wins, or lasting longer.
    const tapped = turnsOf('19', '31', '40', '22t').map((turn, at) =>
      at === 2 ? { ...turn, endSeconds: turn.startSeconds, end: 'unknown' as const } : turn,
    );
    const answered = readOvertime(tapped, rules);
    expect(answered.ok && answered.value.next).toMatchObject({ escaper: 'a', wonByLasting: 22 });
  });
  it('says of each turn what was needed when it began', () => {
    const { turns } = read('19', '31', '40', '22', '15', '30');
    expect(turns[0]?.needed).toBeUndefined();
    expect(turns[5]?.needed).toMatchObject({ escaper: 'b', winCertainBelow: 21 });
  });
  it('takes what counts as level from the rules', () => {
    const loose = { ...rules, equalWithinSeconds: 1 };
    const level = readOvertime(turnsOf('10', '20', '20', '10', '5', '6'), loose);
    expect(level.ok && level.value).toMatchObject({ undecided: true, winner: undefined, lead: undefined });
    const decided = readOvertime(turnsOf('10', '20', '20', '10', '5', '6.1'), loose);
    expect(decided.ok && decided.value).toMatchObject({ winner: 'a' });
    const taps = readOvertime(turnsOf('25t', '25.8t'), loose);
    expect(taps.ok && taps.value).toMatchObject({ undecided: true });
    const last = readOvertime(turnsOf('19', '31', '40', '22', '15'), loose);
    expect(last.ok && last.value.next).toMatchObject({ winCertainBelow: 20, winPossibleBelow: 20, levelUpTo: 22 });
  });
  it('adds up to the tenth, so that the turns of a sheet give its sums', () => {
    expect(read('19.46', '31.04', '10.06').totals).toEqual({ a: 29.6, b: 31 });
  });
  it('answers an announced margin or winner alone', () => {
    const reading = read('19', '31', '40', '22', '15', '49');
    expect(compareAnnounced(reading, { marginSeconds: 13 })).toMatchObject({
      winner: 'a',
      marginSeconds: 28,
      marginDiffers: true,
      winnerDiffers: false,
    });
    expect(compareAnnounced(reading, { winner: 'b' })).toMatchObject({ winnerDiffers: true, marginDiffers: false });
    expect(compareAnnounced(reading, { winner: 'a', marginSeconds: 28.4 })).toMatchObject({
      winnerDiffers: false,
      marginDiffers: false,
    });
    expect(compareAnnounced(read('10', '20t'), { winner: 'a', marginSeconds: 9 })).toMatchObject({
      marginSeconds: undefined,
      winnerDiffers: false,
      marginDiffers: false,
    });
    expect(compareAnnounced(read('10'), { winner: 'b' }).winnerDiffers).toBe(false);
  });
  it('after a tap the other wins by escaping or by lasting longer, whatever the sums say', () => {
    // The sums are hopeless for b, and say nothing here.
    const next = read('5', 'x', '40t').next;
    expect(next).toMatchObject({ escaper: 'b', wonByLasting: 40, alwaysWins: false, cannotWin: false });
    const turn = fc
      .tuple(fc.integer({ min: 1, max: 119 }), fc.constantFrom('', 't', 'x'))
      .map(([seconds, how]) => (how === 'x' ? 'x' : `${seconds}${how}`));
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 119 }), turn, (lasted, answer) => {
        const { winner } = read(`${lasted}t`, answer);
        const isTapped = answer.endsWith('t');
        const own = Number.parseFloat(answer);
        if (!isTapped || own > lasted) expect(winner).toBe('b');
        else expect(winner).toBe(own < lasted ? 'a' : undefined);
      }),
    );
  });
  it('refuses what cannot be, and says which turn', () => {
    const problem = (turns: readonly OvertimeTurn[]) => {
      const reading = readOvertime(turns, rules);
      return reading.ok ? undefined : reading.problem;
    };
    const [one, two] = turnsOf('10', '20');
    expect(problem([{ ...one!, endSeconds: -5 }])).toEqual({ code: 'ends-before-start', turn: 0 });
    expect(problem([two!, one!])).toEqual({ code: 'out-of-order', turn: 1 });
    expect(problem([one!, { ...two!, escaper: 'a' }])).toEqual({ code: 'same-athlete-again', turn: 1 });
    expect(problem(turnsOf('1', '1', '1', '1', '1', '1', '1'))).toEqual({ code: 'too-many-turns', turn: 6 });
    expect(problem(turnsOf('1', '2t', '5'))).toEqual({ code: 'after-the-end', turn: 2 });
  });
  it('proves a wrong official sum, turn by turn', () => {
    const reading = read('19', '31', '40', '22', '15', '30');
    expect(compareOfficial(reading, [19, 31, 40, 22, 15, 30])).toMatchObject({ differences: [] });
    const wrong = compareOfficial(reading, [19, 31, 49, 22, 15, 30]);
    expect(wrong.differences).toEqual([{ turn: 2, measuredSeconds: 40, officialSeconds: 49 }]);
    expect(wrong.officialTotals).toEqual({ a: 83, b: 83 });
  });
});
