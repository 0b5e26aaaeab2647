import { describe, expect, it } from 'vitest';
import { findRuleSet, type ScoreEvent, type ScoreReading, whatIsAsked } from '@/core/scoring';
import {
  askedWords,
  differenceWords,
  givenWords,
  holdWords,
  lostWords,
  outcomeWords,
  tallyWords,
  urgentWords,
} from './scoreView';

const names = { a: 'Ana', b: 'Marek' };
const event: ScoreEvent = {
  atSeconds: 23,
  athlete: 'a',
  what: 'pass',
  points: 3,
  advantages: 0,
  penalties: 0,
  hold: { startSeconds: 20, endSeconds: 23 },
};

describe('the score in words', () => {
  it('shows points, and advantages and penalties only where there are any', () => {
    expect(tallyWords({ points: 4, advantages: 0, penalties: 0 })).toBe('4');
    expect(tallyWords({ points: 0, advantages: 1, penalties: 2 })).toBe('0 (1 adv, 2 pen)');
    expect([givenWords(event), givenWords({ ...event, points: -1 })]).toEqual(['+3', '−1']);
    expect(holdWords(event, 10)).toBe('held 0:10.0 to 0:13.0');
  });
  it('says why something did not score', () => {
    const lost = { athlete: 'a' as const, what: 'mount' as const, atSeconds: 40, heldSeconds: 1.84 };
    expect(lostWords({ ...lost, why: 'too-short' })).toBe('held 1.8 s of 3');
    expect(lostWords({ ...lost, why: 'already-scored' })).toContain('no guard in between');
    const difference = {
      boardMarkId: 'x',
      atSeconds: 70,
      athlete: 'a' as const,
      field: 'points' as const,
      onBoard: 4,
      computed: 3,
      events: [event],
      lost: [{ ...lost, why: 'too-short' as const }],
    };
    expect(differenceWords(difference, names, 10)).toBe(
      'By 1:00 the board gave Ana 4 points, the marks give 3: guard pass at 0:13 (+3); mount at 0:30: held 1.8 s of 3.',
    );
    expect(differenceWords({ ...difference, events: [], lost: [] }, names, 10)).toContain('Nothing is marked');
  });
  it('says how it stands, and what the clock asks for near the end', () => {
    const tally = { points: 0, advantages: 0, penalties: 0 };
    const reading: ScoreReading = { events: [], lost: [], final: { a: tally, b: tally } };
    expect(outcomeWords(reading, undefined, names)).toContain('the referee would decide');
    expect(outcomeWords(reading, 'b', names)).toBe('Marek ahead');
    expect(outcomeWords({ ...reading, disqualified: 'a' }, 'b', names)).toContain('Ana disqualified');
    const rules = findRuleSet('points-gi')!.points!;
    const asked = (points: number, elapsed: number) =>
      whatIsAsked({ a: { ...tally, points }, b: tally }, rules, elapsed, 300);
    expect(askedWords(asked(2, 240), names)).toBe(
      '1:00 left: Ana may hold without stalling, Marek has to risk; for Marek guard pass or anything above turns it, knee on belly or sweep or takedown levels it.',
    );
    expect(askedWords(asked(3, 100), names)).toContain('3:20 left: Ana leads by 3; for Marek');
    expect(askedWords(asked(3, 100), names)).toContain('turns it, guard pass levels it');
    expect(askedWords(asked(9, 100), names)).toContain('no single action is enough');
    expect(askedWords(asked(2, 298), names)).toContain('only a submission helps');
    expect(askedWords(asked(0, 280), names)).toBe('0:20 left, level: the next thing that scores may decide.');
    expect(askedWords(asked(0, 300), names)).toBe('Time.');
    const late = findRuleSet('points-second-half')!.points!;
    expect(askedWords(whatIsAsked({ a: tally, b: tally }, late, 100, 300), names)).toContain('nothing counts yet');
    expect(urgentWords(asked(2, 240), names)).toBe('1:00 left: Ana may hold, Marek has to risk.');
    expect(urgentWords(asked(2, 100), names)).toBeUndefined();
  });
});
