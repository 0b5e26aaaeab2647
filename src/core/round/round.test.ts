import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { arbitraryMarks, span } from '../../../tests/support/arbitraryRound';
import { spanSeconds } from '../clock';
import { findRuleSet } from '../scoring';
import {
  type AttemptMark,
  checkLink,
  checkMark,
  countTransitions,
  descendantIds,
  type ErrorMark,
  findIntervalAt,
  listContradictions,
  type Mark,
  outlineMarks,
  readChains,
  readRound,
  stateAfterAttempt,
  summariseAthlete,
  swapAthletes,
  TAP_DAMAGE,
  tideAt,
  tideOf,
} from './index';

const position = (atSeconds: number, positionId: string, holder?: 'a' | 'b', id = `p${atSeconds}`): Mark => ({
  kind: 'position',
  id,
  atSeconds,
  positionId,
  holder,
});
const attempt = (
  atSeconds: number,
  techniqueId: string,
  athlete: 'a' | 'b',
  stage: AttemptMark['stage'],
  rest: Partial<AttemptMark> = {},
): AttemptMark => ({
  kind: 'attempt',
  id: `t${atSeconds}`,
  atSeconds,
  techniqueId,
  athlete,
  stage,
  ...rest,
});
const error = (atSeconds: number, athlete: 'a' | 'b', ledTo: string[] = [], id = `e${atSeconds}`): ErrorMark => ({
  kind: 'error',
  id,
  atSeconds,
  errorId: 'err-half-flat',
  athlete,
  punished: 'yes',
  ledTo,
});

describe('laws of reading a round', () => {
  it('intervals tile the round, and live ones the live time', () => {
    fc.assert(
      fc.property(arbitraryMarks, (marks) => {
        const { intervals, liveSeconds } = readRound(span, marks);
        let cursor = span.startSeconds;
        for (const interval of intervals) {
          expect(interval.startSeconds).toBe(cursor);
          expect(interval.endSeconds).toBeGreaterThan(cursor);
          cursor = interval.endSeconds;
        }
        expect(cursor).toBe(span.endSeconds);
        const live = intervals
          .filter((one) => one.state.kind !== 'stopped')
          .reduce((sum, one) => sum + spanSeconds(one), 0);
        expect(liveSeconds).toBeCloseTo(live, 9);
      }),
    );
  });

  it('the order in which marks were written changes nothing', () => {
    fc.assert(
      fc.property(arbitraryMarks, fc.infiniteStream(fc.nat()), (marks, draws) => {
        const shuffled = marks
          .map((mark) => ({ mark, draw: draws.next().value! }))
          .sort((one, other) => one.draw - other.draw)
          .map((one) => one.mark);
        const one = readRound(span, marks);
        const other = readRound(span, shuffled);
        expect(other).toEqual(one);
        expect(tideOf(other)).toEqual(tideOf(one));
        expect(listContradictions(other)).toEqual(listContradictions(one));
      }),
    );
  });

  it('exchanging the athletes negates the tide and exchanges their figures', () => {
    fc.assert(
      fc.property(arbitraryMarks, (marks) => {
        const reading = readRound(span, marks);
        const swapped = readRound(span, marks.map(swapAthletes));
        const tide = tideOf(reading);
        const mirrored = tideOf(swapped);
        expect(mirrored.area).toBeCloseTo(-tide.area, 6);
        expect(mirrored.steps.map((step) => step.value + 0)).toEqual(tide.steps.map((step) => -step.value + 0));
        expect(summariseAthlete(swapped, 'b')).toEqual(summariseAthlete(reading, 'a'));
        const damage = [...readChains(reading, tide).damageByRoot].map(([id, one]) => [id, one.total]);
        for (const [id, total] of damage)
          expect(readChains(swapped, mirrored).damageByRoot.get(id as string)?.total).toBeCloseTo(total as number, 6);
      }),
    );
  });

  it('the tide stays within its bounds and its area is the sum of its steps', () => {
    fc.assert(
      fc.property(arbitraryMarks, (marks) => {
        const tide = tideOf(readRound(span, marks));
        for (const step of tide.steps) expect(Math.abs(step.value)).toBeLessThanOrEqual(6);
        expect(tide.steps.reduce((sum, step) => sum + step.value * spanSeconds(step), 0)).toBeCloseTo(tide.area, 6);
      }),
    );
  });

  it('marked time of an athlete is the marked time of the round', () => {
    fc.assert(
      fc.property(arbitraryMarks, (marks) => {
        const reading = readRound(span, marks);
        const marked = reading.intervals
          .filter((one) => one.state.kind === 'position')
          .reduce((sum, one) => sum + spanSeconds(one), 0);
        const summary = summariseAthlete(reading, 'a');
        expect(summary.positions.reduce((sum, one) => sum + one.liveSeconds, 0)).toBeCloseTo(marked, 6);
        expect(summary.onTopRatio).toBeGreaterThanOrEqual(0);
        expect(summary.onTopRatio + summariseAthlete(reading, 'b').onTopRatio).toBeLessThanOrEqual(1 + 1e-9);
      }),
    );
  });
});

describe('reading a round', () => {
  it('lets a finished pass move the state, and a marked position have the last word', () => {
    const marks = [position(10, 'half-guard', 'b'), attempt(40, 'crossface-half-pass', 'b', 'finished')];
    expect(findIntervalAt(readRound(span, marks), 41)?.state).toEqual({
      kind: 'position',
      positionId: 'side-control',
      holder: 'b',
    });
    const corrected = readRound(span, [...marks, position(40, 'mount', 'b')]);
    expect(findIntervalAt(corrected, 41)?.state).toMatchObject({ positionId: 'mount' });
  });

  it('puts the right athlete on top after each kind of technique (common practice)', () => {
    const ledToBy = (id: string, athlete: 'a' | 'b' = 'a') => stateAfterAttempt(attempt(20, id, athlete, 'finished'));
    expect(ledToBy('scissor-sweep')).toEqual({ kind: 'position', positionId: 'mount', holder: 'a' });
    expect(ledToBy('closed-guard-pull')).toEqual({ kind: 'position', positionId: 'closed-guard', holder: 'a' });
    expect(ledToBy('bridge-and-roll')).toEqual({ kind: 'position', positionId: 'closed-guard', holder: 'b' });
    expect(ledToBy('elbow-escape')).toEqual({ kind: 'position', positionId: 'half-guard', holder: 'b' });
    expect(ledToBy('turtle-back-take')).toEqual({ kind: 'position', positionId: 'back-control', holder: 'a' });
    expect(ledToBy('technical-stand-up')).toEqual({ kind: 'position', positionId: 'standing-neutral' });
    expect(ledToBy('hitchhiker-escape')).toBeUndefined();
    expect(ledToBy('hip-escape')).toBeUndefined();
    expect(ledToBy('armbar')).toBeUndefined();
  });

  it('stops time in a stoppage and knows nothing after it', () => {
    const reading = readRound(span, [
      position(10, 'mount', 'a'),
      { kind: 'stoppage', id: 's', atSeconds: 100, endSeconds: 130 },
    ]);
    expect(reading.liveSeconds).toBe(270);
    expect(findIntervalAt(reading, 110)?.state.kind).toBe('stopped');
    expect(findIntervalAt(reading, 140)?.state.kind).toBe('unmarked');
    expect(tideOf(reading).mean).toBeCloseTo((4 * 90) / 270, 9);
  });

  it('raises the tide for a submission that is alive, whoever is on top, and clips it', () => {
    const marks = [
      position(10, 'mount', 'a'),
      attempt(50, 'armbar', 'a', 'locked', { endSeconds: 60 }),
      attempt(55, 'buggy-choke', 'b', 'control', { endSeconds: 58 }),
    ];
    const tide = tideOf(readRound(span, marks));
    expect(tideAt(tide, 20)).toBe(4);
    expect(tideAt(tide, 52)).toBe(6);
    expect(tideAt(tide, 56)).toBe(5);
    expect(tideAt(tide, 61)).toBe(4);
  });

  it('adds up time, entries and the longest hold', () => {
    const marks = [
      position(10, 'half-guard', 'b'),
      position(40, 'side-control', 'b'),
      position(100, 'half-guard', 'b'),
      position(110, 'mount', 'a'),
    ];
    const reading = readRound(span, marks);
    const half = summariseAthlete(reading, 'a').positions.find((one) => one.positionId === 'half-guard');
    expect(half).toEqual({ positionId: 'half-guard', role: 'bottom', liveSeconds: 40, entries: 2, longestSeconds: 30 });
    expect(summariseAthlete(reading, 'a').onTopRatio).toBeCloseTo(200 / 300, 9);
    expect(countTransitions(reading)[0]).toMatchObject({ count: 1 });
  });
});

describe('contradictions', () => {
  const codes = (marks: Mark[]) => listContradictions(readRound(span, marks)).map((one) => one.code);
  it('are found and never mended', () => {
    expect(codes([position(10, 'side-control', 'a'), attempt(30, 'knee-slice', 'a', 'finished')])).toEqual([
      'already-past',
    ]);
    expect(codes([position(10, 'mount', 'b'), attempt(30, 'mounted-triangle', 'a', 'control')])).toEqual([
      'attack-from-below',
    ]);
    expect(codes([position(10, 'half-guard', 'a'), attempt(30, 'scissor-sweep', 'a', 'entry')])).toEqual([
      'sweep-from-top',
    ]);
    expect(codes([position(10, 'mount', 'a', 'x'), position(10, 'mount', 'b', 'y')])).toEqual(['both-on-top']);
    expect(codes([attempt(30, 'armbar', 'a', 'entry', { endSeconds: 20 })])).toEqual(['ends-before-start']);
    expect(codes([position(400, 'mount', 'a')])).toEqual(['outside-round']);
    expect(codes([attempt(30, 'armbar', 'a', 'finished'), position(40, 'mount', 'a')])).toEqual(['finish-without-end']);
    expect(codes([attempt(30, 'armbar', 'a', 'finished'), position(40, 'standing-neutral')])).toEqual([]);
    expect(codes([position(10, 'half-guard', 'b'), attempt(30, 'knee-slice', 'b', 'finished')])).toEqual([]);
  });
});

describe('marks that cannot be stored', () => {
  it('say why', () => {
    expect(checkMark(position(400, 'mount', 'a'), span)).toEqual([
      { code: 'outside-round', atSeconds: 400, round: span },
    ]);
    expect(checkMark(position(310, 'mount', 'a'), span)).toEqual([]);
    expect(checkMark(attempt(30, 'armbar', 'a', 'entry', { endSeconds: 20 }), span)).toEqual([
      { code: 'ends-before-start', endSeconds: 20 },
    ]);
    expect(checkMark(position(30, 'flying-carpet', 'a'), span)).toEqual([
      { code: 'unknown-concept', conceptId: 'flying-carpet' },
    ]);
    expect(checkMark({ kind: 'note', id: 'n', atSeconds: 30, note: 'x'.repeat(10_000) }, span)).toEqual([
      { code: 'note-too-long', characters: 10_000, most: 4000 },
    ]);
    expect(checkMark({ kind: 'note', id: 'n', atSeconds: 30, note: '  ' }, span)).toEqual([{ code: 'empty-note' }]);
  });
});

describe('chains of cause and cost', () => {
  it('refuse links back in time, circles and missing marks', () => {
    const marks = [error(20, 'a', ['e30']), error(30, 'a')];
    expect(checkLink(marks, 'e30', 'e20')).toMatchObject({ problem: { code: 'back-in-time' } });
    expect(checkLink(marks, 'e20', 'e20')).toMatchObject({ problem: { code: 'cycle' } });
    const level = [error(20, 'a', ['y'], 'x'), error(20, 'a', [], 'y')];
    expect(checkLink(level, 'y', 'x')).toMatchObject({ problem: { code: 'cycle' } });
    expect(checkLink(marks, 'e20', 'gone')).toMatchObject({ problem: { code: 'target-missing' } });
    expect(checkLink(marks, 'e20', 'e30').ok).toBe(true);
  });

  it('charge points and the tide lost until it is back, per minute', () => {
    // Level before is −1 (half guard below); −3 under side control for 60 s; back at −1 afterwards: 2 × 60 ÷ 60 = 2.
    const marks = [
      position(10, 'half-guard', 'b'),
      error(40, 'a', ['t50', 'p50']),
      attempt(50, 'crossface-half-pass', 'b', 'finished'),
      position(50, 'side-control', 'b'),
      position(110, 'half-guard', 'b'),
    ];
    const reading = readRound(span, marks);
    const damage = readChains(reading, tideOf(reading)).damageByRoot.get('e40');
    expect(damage?.points).toBe(3);
    expect(damage?.tideLoss).toBeCloseTo(2, 9);
    expect(damage?.total).toBeCloseTo(5, 9);
  });

  it('charge what the rules of the round give for it', () => {
    const marks = [
      position(10, 'half-guard', 'b'),
      error(40, 'a', ['p50', 'p110']),
      position(50, 'mount', 'b'),
      position(110, 'back-control', 'b'),
    ];
    const reading = readRound(span, marks);
    const points = (id: string) =>
      readChains(reading, tideOf(reading), findRuleSet(id)?.points?.points).damageByRoot.get('e40')?.points;
    // Main gi federation: mount 4, back 4; where only the second half counts: mount 2, back 3 (both rule books, from memory). Without points: the usual ones.
    expect([points('points-gi'), points('points-second-half'), points('no-score')]).toEqual([8, 5, 8]);
  });

  it('count a tap as eight, unless it was not by technique', () => {
    const chain = (tapCause?: AttemptMark['tapCause']) => {
      const marks = [
        position(10, 'mount', 'b'),
        error(40, 'a', ['t50']),
        attempt(50, 'armbar', 'b', 'finished', { tapCause }),
      ];
      const reading = readRound(span, marks);
      return readChains(reading, tideOf(reading)).damageByRoot.get('e40');
    };
    expect(chain()).toMatchObject({ tapped: true });
    expect(chain()!.total).toBeGreaterThanOrEqual(8);
    expect(chain('injury')).toMatchObject({ tapped: false });
  });

  it('end at a tap or a restart: what is lost after play began anew was not lost by the error before it', () => {
    const chain = (...after: Mark[]) => {
      const marks = [
        position(10, 'mount', 'a'),
        error(40, 'a', ['t50']),
        attempt(50, 'armbar', 'b', 'finished'),
        ...after,
      ];
      const reading = readRound(span, marks);
      return readChains(reading, tideOf(reading)).damageByRoot.get('e40')!;
    };
    // Level before is +4 (mount); standing afterwards is level, and stays below it to the end of the round: a tap is a tap.
    const tapped = chain(position(60, 'standing'));
    expect(tapped.total).toBeLessThan(TAP_DAMAGE + 2);
    expect(chain(position(60, 'standing'), position(200, 'closed-guard', 'b')).total).toBeCloseTo(tapped.total, 9);
    const stopped = (next: Mark) => {
      const marks = [
        position(10, 'mount', 'a'),
        error(40, 'a', ['p45']),
        position(45, 'half-guard', 'b'),
        { kind: 'stoppage', id: 's', atSeconds: 60, endSeconds: 70 } as const,
        next,
      ];
      const reading = readRound(span, marks);
      return readChains(reading, tideOf(reading)).damageByRoot.get('e40')!.tideLoss;
    };
    // A pause after which they go on where they were ends nothing.
    expect(stopped(position(70, 'standing'))).toBeLessThan(stopped(position(70, 'half-guard', 'b')));
  });

  it('share a consequence among several first causes, so that nothing counts twice', () => {
    const marks = [
      position(10, 'half-guard', 'b'),
      error(30, 'a', ['t50']),
      error(40, 'a', ['t50']),
      attempt(50, 'crossface-half-pass', 'b', 'finished'),
      position(110, 'half-guard', 'b'),
    ];
    const reading = readRound(span, marks);
    const { damageByRoot } = readChains(reading, tideOf(reading));
    expect(damageByRoot.get('e30')?.points).toBe(1.5);
    expect(damageByRoot.get('e40')?.points).toBe(1.5);
    expect(damageByRoot.get('e30')!.tideLoss + damageByRoot.get('e40')!.tideLoss).toBeCloseTo(2, 9);
  });

  it('find symptoms through several links, and among marks of one instant', () => {
    fc.assert(
      fc.property(arbitraryMarks, (marks) => {
        const reading = readRound(span, marks);
        const expected = new Set(
          reading.marks.flatMap((mark) =>
            mark.kind === 'error'
              ? [...descendantIds(marks, mark.id)].filter((id) =>
                  marks.some((one) => one.id === id && one.kind === 'error' && one.athlete === mark.athlete),
                )
              : [],
          ),
        );
        expect(new Set(readChains(reading, tideOf(reading)).symptomIds)).toEqual(expected);
      }),
    );
    const level = [
      error(20, 'a', ['y'], 'z'),
      error(20, 'b', ['x'], 'y'),
      error(20, 'a', ['w'], 'x'),
      error(30, 'b', [], 'w'),
    ];
    const reading = readRound(span, level);
    expect([...readChains(reading, tideOf(reading)).symptomIds].sort()).toEqual(['w', 'x']);
  });

  it('give symptoms nothing of their own and outline them under their cause', () => {
    const marks = [error(20, 'a', ['e30']), error(30, 'a', ['t40']), attempt(40, 'toreando', 'b', 'finished')];
    const reading = readRound(span, marks);
    const chains = readChains(reading, tideOf(reading));
    expect([...chains.symptomIds]).toEqual(['e30']);
    expect([...chains.damageByRoot.keys()]).toEqual(['e20']);
    expect(outlineMarks(marks).map((one) => one.depth)).toEqual([0, 1, 2]);
  });
});
