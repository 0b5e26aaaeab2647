import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { span as anySpan, arbitraryMarks } from '../../../tests/support/arbitraryRound';
import { type Athlete, type Mark, readRound, swapAthletes } from '../round';
import {
  compareBoard,
  findRuleSet,
  leaderOf,
  type PointsRules,
  type ScoreReading,
  scoreAt,
  scoreRound,
  winnerOf,
} from './index';

const gi = findRuleSet('points-gi')!.points!;
const secondHalf = findRuleSet('points-second-half')!.points!;
const round = { startSeconds: 0, endSeconds: 300 };

let next = 0;
const id = () => `m${next++}`;
const at = (atSeconds: number, positionId: string, holder?: Athlete): Mark => ({
  kind: 'position',
  id: id(),
  atSeconds,
  positionId,
  holder,
});
const did = (
  atSeconds: number,
  athlete: Athlete,
  techniqueId: string,
  stage: 'locked' | 'finished' = 'finished',
  endSeconds?: number,
): Mark => ({
  kind: 'attempt',
  id: id(),
  atSeconds,
  techniqueId,
  athlete,
  stage,
  ...(stage === 'finished' ? { end: 'finished' as const } : {}),
  ...(endSeconds === undefined ? {} : { endSeconds }),
});
const gave = (atSeconds: number, athlete: Athlete, ruling: 'advantage' | 'penalty'): Mark => ({
  kind: 'ruling',
  id: id(),
  atSeconds,
  athlete,
  ruling,
});
const score = (marks: readonly Mark[], rules: PointsRules = gi, planned = 300): ScoreReading =>
  scoreRound(readRound(round, marks), rules, planned);
const given = ({ events }: ScoreReading) =>
  events.map((one) => `${one.atSeconds} ${one.athlete} ${one.what} ${one.points}`);

// In guards with a better role below, the holder is the athlete below: `b` holds half guard means b is below here.
const halfGuardWithOnTop = (atSeconds: number, over: Athlete): Mark => at(atSeconds, 'half-guard', over);

describe('points of the main gi federation (its rule book, from memory)', () => {
  it('are 2 for a takedown, 2 for a sweep, 3 for a pass, 2 for the knee, 4 for mount and back, each held 3 s', () => {
    expect(given(score([at(0, 'standing-neutral'), did(10, 'a', 'double-leg')]))).toEqual(['13 a takedown 2']);
    expect(given(score([at(0, 'closed-guard', 'a'), did(10, 'a', 'scissor-sweep'), at(10, 'mount', 'a')]))).toEqual([
      '13 a mount 4',
      '13 a sweep 2',
    ]);
    expect(given(score([halfGuardWithOnTop(0, 'a'), at(10, 'side-control', 'a')]))).toEqual(['13 a pass 3']);
    expect(given(score([at(0, 'side-control', 'a'), at(10, 'knee-on-belly', 'a')]))).toEqual(['13 a knee-on-belly 2']);
    expect(given(score([at(10, 'back-control', 'a')]))).toEqual(['13 a back 4']);
  });
  it('run side by side: a pass straight to mount gives 3 and 4 at the same moment', () => {
    expect(given(score([halfGuardWithOnTop(0, 'a'), at(10, 'mount', 'a')]))).toEqual(['13 a mount 4', '13 a pass 3']);
  });
  it('need one unbroken stretch of at least 3.0 s', () => {
    const held = (seconds: number) => score([at(10, 'mount', 'a'), at(10 + seconds, 'closed-guard', 'b')]);
    expect(held(3).final.a.points).toBe(4);
    const short = held(2.9);
    expect(short.final.a.points).toBe(0);
    expect(short.lost).toMatchObject([{ what: 'mount', why: 'too-short' }]);
    expect(short.lost[0]!.heldSeconds).toBeCloseTo(2.9, 9);
    // The end of the round ends the stretch, too.
    expect(score([at(298, 'mount', 'a')]).final.a.points).toBe(0);
  });
  it('are not given under a live threat; the count begins at zero when it is over; one’s own attack does not end it', () => {
    const mount = at(10, 'mount', 'a');
    expect(given(score([mount, did(11, 'b', 'triangle', 'locked', 20)]))).toEqual(['23 a mount 4']);
    expect(given(score([mount, did(11, 'a', 'armbar', 'locked', 20)]))).toEqual(['13 a mount 4']);
    const lost = score([mount, did(11, 'b', 'triangle', 'locked', 20), at(22, 'closed-guard', 'b')]);
    expect(lost.lost).toMatchObject([{ what: 'mount', why: 'threatened', heldSeconds: 2 }]);
  });
  it('begin at zero after a stoppage', () => {
    const stop: Mark = { kind: 'stoppage', id: id(), atSeconds: 12, endSeconds: 20 };
    expect(given(score([at(10, 'mount', 'a'), stop, at(20, 'mount', 'a')]))).toEqual(['23 a mount 4']);
  });
  it('are not given twice without a guard or a neutral position in between', () => {
    const again = [at(10, 'mount', 'a'), at(20, 'side-control', 'a'), at(30, 'mount', 'a')];
    expect(given(score(again))).toEqual(['13 a mount 4']);
    expect(score(again).lost).toMatchObject([{ why: 'already-scored' }]);
    const guardBetween = [at(10, 'mount', 'a'), halfGuardWithOnTop(20, 'a'), at(30, 'mount', 'a')];
    expect(given(score(guardBetween))).toEqual(['13 a mount 4', '33 a mount 4', '33 a pass 3']);
    // The turtle is neither guard nor neutral.
    expect(
      score([at(10, 'back-control', 'a'), at(20, 'turtle', 'a'), at(30, 'back-control', 'a')]).final.a.points,
    ).toBe(4);
    // What did not score blocks nothing.
    expect(score([at(10, 'mount', 'a'), at(11, 'side-control', 'a'), at(30, 'mount', 'a')]).final.a.points).toBe(4);
  });
  it('give nothing for a reversal that does not start from a guard, nor for back control without hooks', () => {
    expect(given(score([at(0, 'mount', 'b'), did(10, 'a', 'bridge-and-roll')]))).toEqual(['3 b mount 4']);
    expect(given(score([at(10, 'body-triangle-back', 'a')]))).toEqual([]);
    expect(given(score([at(10, 'body-triangle-back', 'a')], { ...gi, bodyTriangleCounts: true }))).toEqual([
      '13 a back 4',
    ]);
  });
  it('know the ladder of penalties: a warning, an advantage, two points, out', () => {
    const fouls = (count: number) =>
      score(Array.from({ length: count }, (_, index) => gave(10 + index, 'a', 'penalty')));
    expect(fouls(1).final).toMatchObject({ a: { penalties: 1 }, b: { points: 0, advantages: 0 } });
    expect(fouls(2).final.b).toEqual({ points: 0, advantages: 1, penalties: 0 });
    // The advantage stays beside the points.
    expect(fouls(3).final.b).toEqual({ points: 2, advantages: 1, penalties: 0 });
    expect([fouls(4).disqualified, winnerOf(fouls(4))]).toEqual(['a', 'b']);
  });
  it('decide before advantages, these before penalties, then the referee; a tap before all', () => {
    const tally = (points: number, advantages: number, penalties: number) => ({ points, advantages, penalties });
    expect(leaderOf({ a: tally(2, 0, 0), b: tally(0, 9, 0) })).toBe('a');
    expect(leaderOf({ a: tally(2, 0, 0), b: tally(2, 1, 3) })).toBe('b');
    expect(leaderOf({ a: tally(2, 1, 1), b: tally(2, 1, 0) })).toBe('b');
    expect(leaderOf({ a: tally(2, 1, 1), b: tally(2, 1, 1) })).toBeUndefined();
    const tapped = score([at(10, 'mount', 'a'), did(60, 'b', 'triangle', 'finished', 64), at(70, 'mount', 'a')]);
    expect([tapped.final.a.points, tapped.submission?.atSeconds, winnerOf(tapped)]).toEqual([4, 64, 'b']);
  });
});

describe('points in the second half only (rules of the main submission-grappling federation, from memory)', () => {
  const late = (marks: readonly Mark[]) => score(marks, secondHalf, 300);
  it('give nothing that begins in the first half', () => {
    expect(late([at(100, 'mount', 'a')]).lost).toMatchObject([{ why: 'before-points' }]);
    expect(given(late([at(160, 'mount', 'a')]))).toEqual(['163 a mount 2']);
    expect(given(late([at(160, 'back-control', 'a')]))).toEqual(['163 a back 3']);
  });
  it('give 2 for a takedown, 4 when it ends past the guard, and −1 for pulling guard', () => {
    const standing = at(150, 'standing-neutral');
    const takedown = did(160, 'a', 'double-leg');
    expect(given(late([standing, takedown, at(160, 'closed-guard', 'b')]))).toEqual(['163 a takedown 2']);
    expect(given(late([standing, takedown, at(160, 'side-control', 'a')]))).toEqual(['163 a past-guard 4']);
    expect(given(late([at(150, 'closed-guard', 'a'), did(160, 'a', 'scissor-sweep'), at(160, 'mount', 'a')]))).toEqual([
      '163 a mount 2',
      '163 a past-guard 4',
    ]);
    expect(late([did(160, 'a', 'sit-guard-pull')]).final.a.points).toBe(-1);
    expect(late([did(100, 'a', 'sit-guard-pull')]).final.a.points).toBe(0);
  });
});

describe('any round', () => {
  const reading = (marks: readonly Mark[]) => scoreRound(readRound(anySpan, marks), gi, 300);
  it('has the same score with the athletes exchanged, and never gives before it was held', () => {
    fc.assert(
      fc.property(arbitraryMarks, (marks) => {
        const one = reading(marks);
        const other = reading(marks.map((mark) => swapAthletes(mark)));
        expect(other.final).toEqual({ a: one.final.b, b: one.final.a });
        for (const event of one.events)
          if (event.hold) expect(event.hold.endSeconds - event.hold.startSeconds).toBeCloseTo(gi.holdSeconds, 6);
        expect(scoreAt(one, anySpan.endSeconds)).toEqual(one.final);
        expect(scoreAt(one, anySpan.startSeconds - 1)).toMatchObject({ a: { points: 0 }, b: { points: 0 } });
      }),
      { numRuns: 150 },
    );
  });
});

describe('the official board', () => {
  const board = (atSeconds: number, a: number, b: number): Mark => ({
    kind: 'board',
    id: id(),
    atSeconds,
    score: { a: { points: a, advantages: 0, penalties: 0 }, b: { points: b, advantages: 0, penalties: 0 } },
  });
  const compare = (marks: readonly Mark[]) => compareBoard(marks, score(marks));
  it('is in agreement when it is only late, and where it says nothing else', () => {
    expect(
      compare([halfGuardWithOnTop(0, 'a'), at(10, 'side-control', 'a'), board(14, 0, 0), board(20, 3, 0)]),
    ).toEqual([]);
    expect(compare([at(10, 'mount', 'a')])).toEqual([]);
  });
  it('is told apart from the computed score, difference by difference, with what was held too short', () => {
    const marks = [
      halfGuardWithOnTop(0, 'a'),
      at(10, 'side-control', 'a'),
      board(20, 0, 0), // forgot the pass
      at(60, 'mount', 'b'),
      at(61.8, 'half-guard', 'b'),
      board(70, 0, 4), // gave a mount that was held 1.8 s
    ];
    const differences = compare(marks);
    expect(differences).toMatchObject([
      { athlete: 'a', field: 'points', onBoard: 0, computed: 3, events: [{ what: 'pass' }] },
      { athlete: 'b', field: 'points', onBoard: 4, computed: 0, lost: [{ what: 'mount', why: 'too-short' }] },
    ]);
    expect(differences[1]!.lost[0]!.heldSeconds).toBeCloseTo(1.8, 9);
  });
});
