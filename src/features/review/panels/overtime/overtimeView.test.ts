import { describe, expect, it } from 'vitest';
import type { TurnMark } from '@/core/round';
import { type OvertimeTurn, readOvertime, readOvertimeRecord } from '@/core/scoring';
import {
  findingWords,
  neededWords,
  officialWords,
  overtimeProblemWords,
  remarksOn,
  standingWords,
  totalWords,
  turnEndWords,
  withEnd,
} from './overtimeView';

const rules = { turnsEach: 3, turnSeconds: 120 };
const names = { a: 'Ana', b: 'Marek' };
const read = (...seconds: readonly (number | 'tap' | 'full')[]) => {
  const turns = seconds.map((one, at): OvertimeTurn => {
    const startSeconds = at * 200;
    const lasted = one === 'tap' ? 40 : one === 'full' ? 120 : one;
    const end = one === 'tap' ? 'tapped' : one === 'full' ? 'ran-out' : 'escaped';
    return { escaper: at % 2 === 0 ? 'a' : 'b', from: 'back', startSeconds, endSeconds: startSeconds + lasted, end };
  });
  const reading = readOvertime(turns, rules);
  if (!reading.ok) throw new Error(reading.problem.code);
  return reading.value;
};

describe('an overtime in words', () => {
  it('says how each turn ended and how it stands', () => {
    const reading = read(19.4, 'full', 'tap');
    expect(reading.turns.map(turnEndWords)).toEqual([
      'escaped after 0:19.4',
      'no escape: 2:00.0 count',
      'tapped after 0:40.0',
    ]);
    expect(standingWords(read(19, 31), names)).toBe('Ana leads by 12.0 s.');
    expect(standingWords(read(20, 20), names)).toBe('Level so far.');
    expect(standingWords(read('tap', 20), names)).toBe('Marek wins by submission.');
    expect(standingWords(read(10, 20, 10, 20, 10, 20), names)).toBe('Ana wins by escape time, by 30.0 s.');
    expect(standingWords(read(20, 20, 20, 20, 20, 20), names)).toContain('the referee decide');
  });
  it('says what the next athlete has to do', () => {
    const next = (...seconds: readonly (number | 'tap' | 'full')[]) => neededWords(read(...seconds).next!, names);
    expect(next(19, 31, 40, 22, 15)).toBe(
      'Marek escapes next: under 0:21.0 wins, exactly that is level, longer loses.',
    );
    expect(next('full', 10, 'full', 10, 'full')).toContain('wins on time even without an escape');
    expect(next(5, 'full', 5, 'full', 5)).toContain('only a submission helps');
    expect(next(19, 31)).toContain('any escape time can still win');
  });
  it('proves the officials’ figures wrong with the difference', () => {
    expect(officialWords({ turn: 2, measuredSeconds: 40, officialSeconds: 49 }, names, 'a')).toBe(
      'Turn 3: the officials gave Ana 0:49.0, the footage gives 0:40.0 (9.0 s too long).',
    );
    const total = { turn: 1, athlete: 'b' as const, measuredSeconds: 31, officialSeconds: 25 };
    expect(totalWords({ ...total, ownFiguresSeconds: 31 }, names)).toContain('the sum itself is wrong');
    expect(totalWords({ ...total, ownFiguresSeconds: 25 }, names)).toContain('the difference lies in a turn');
    expect(totalWords(total, names)).toContain('(6.0 s too short).');
  });
  it('asks for the end of a turn that was not marked', () => {
    const turns = [19, 31, 40, 22, 15, 30].map((lasted, at): OvertimeTurn => {
      const startSeconds = at * 200;
      const known = { escaper: at % 2 === 0 ? 'a' : 'b', from: 'back', startSeconds } as const;
      return at === 2
        ? { ...known, endSeconds: startSeconds, end: 'unknown' }
        : { ...known, endSeconds: startSeconds + lasted, end: 'escaped' };
    });
    const reading = readOvertime(turns, rules);
    if (!reading.ok) throw new Error(reading.problem.code);
    const { next, missingTurn } = reading.value;
    expect(neededWords(next!, names, missingTurn)).toBe(
      'Turn 3 has no end yet: Ana escapes: under 0:49.0 wins, exactly that is level, longer loses.',
    );
    expect(turnEndWords(reading.value.turns[2]!)).toBe('its end is not marked yet');
  });
  it('answers what was announced', () => {
    const turnAt = (at: number, lasted: number, more: Partial<TurnMark> = {}): TurnMark => ({
      ...{ kind: 'turn', id: `t${at}`, athlete: at % 2 === 0 ? 'a' : 'b', from: 'back', end: 'escaped' },
      ...{ atSeconds: at * 200, endSeconds: at * 200 + lasted },
      ...more,
    });
    const said = (announced: TurnMark['announced']) =>
      findingWords(
        readOvertimeRecord(
          [19, 31, 40, 22, 15, 49].map((lasted, at) => turnAt(at, lasted, at === 5 ? { announced } : {})),
          rules,
        )!,
        names,
      );
    expect(said({ marginSeconds: 13 })).toEqual(['They gave 13.0 s between the two, the footage says 28.0 s.']);
    expect(said({ winner: 'b' })).toEqual(['They announced Marek; by the footage Ana wins by 28.0 s.']);
    expect(said({ winner: 'a', marginSeconds: 28 })).toEqual([]);
  });
  it('gathers the remarks on a turn: its own, and the notes until the next begins', () => {
    const turn = {
      kind: 'turn',
      id: 't',
      athlete: 'a',
      from: 'back',
      atSeconds: 50,
      note: 'hips free is enough',
    } as const;
    const note = (atSeconds: number, text: string) => ({ kind: 'note', id: text, atSeconds, note: text }) as const;
    const notes = [note(49, 'before'), note(60, 'referee: escape at the second hook'), note(90, 'after')];
    expect(remarksOn(turn, 90, notes)).toEqual(['hips free is enough', 'referee: escape at the second hook']);
    expect(remarksOn({ ...turn, note: ' ' }, undefined, notes)).toHaveLength(2);
  });
  it('says what to do about every problem', () => {
    const codes = [
      'ends-before-start',
      'out-of-order',
      'same-athlete-again',
      'too-many-turns',
      'after-the-end',
    ] as const;
    for (const code of codes)
      expect(overtimeProblemWords({ code, turn: 1 })).toMatch(/^Turn 2 .+\. \S.+\.$|^Turn 2 .+: .+\. .+\.$/);
  });
  it('lets a turn that ran out last its full length', () => {
    const turn = { kind: 'turn', id: 't', athlete: 'a', from: 'back', atSeconds: 50 } as const;
    expect(withEnd(turn, 'ran-out', 120)).toMatchObject({ end: 'ran-out', endSeconds: 170 });
    expect(withEnd({ ...turn, endSeconds: 60 }, 'tapped', 120)).toMatchObject({ end: 'tapped', endSeconds: 60 });
  });
});
