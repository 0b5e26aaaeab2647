import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { arbitraryMarks, span } from '../../../tests/support/arbitraryRound';
import { checkLink, type Mark, proposeLinks, readRound } from './index';

const round = { startSeconds: 0, endSeconds: 300 };
const flat = (atSeconds: number, ledTo: readonly string[] = []): Mark => ({
  kind: 'error',
  id: `flat${atSeconds}`,
  atSeconds,
  errorId: 'err-half-flat',
  athlete: 'a',
  ledTo,
});
const pass = (atSeconds: number, athlete: 'a' | 'b' = 'b', stage: 'entry' | 'finished' = 'finished'): Mark => ({
  kind: 'attempt',
  id: `pass${atSeconds}`,
  atSeconds,
  techniqueId: 'crossface-half-pass',
  athlete,
  stage,
});
const half: Mark = { kind: 'position', id: 'half', atSeconds: 5, positionId: 'half-guard', holder: 'b' };
const proposed = (...marks: readonly Mark[]) =>
  proposeLinks(readRound(round, [half, ...marks])).map((one) => [one.fromId, one.toId]);

describe('what an error may have led to', () => {
  it('is the opponent’s success soon after it', () => {
    expect(proposed(flat(20), pass(28))).toEqual([['flat20', 'pass28']]);
  });
  it('is the technique, not the position that only says where it ended', () => {
    const move: Mark = {
      kind: 'attempt',
      id: 'move',
      atSeconds: 28,
      techniqueId: 'mount-from-quarter-guard',
      athlete: 'b',
      stage: 'finished',
    };
    const mount: Mark = { kind: 'position', id: 'mount', atSeconds: 29, positionId: 'mount', holder: 'b' };
    expect(proposed(flat(20), move, mount)).toEqual([['flat20', 'move']]);
    expect(proposed(flat(20), mount)).toEqual([['flat20', 'mount']]);
  });
  it('is nothing too late, nothing of one’s own, nothing that only began, and nothing where it is said already', () => {
    expect(proposed(flat(20), pass(51))).toEqual([]);
    expect(proposed(flat(20), pass(28, 'a'))).toEqual([]);
    expect(proposed(flat(20), pass(28, 'b', 'entry'))).toEqual([]);
    expect(proposed(flat(20, ['pass28']), pass(28))).toEqual([]);
    expect(proposed({ ...flat(20), verdict: 'no-fault' } as Mark, pass(28))).toEqual([]);
  });
  it('is counted in live time: a stoppage in between takes none', () => {
    const stop: Mark = { kind: 'stoppage', id: 'stop', atSeconds: 22, endSeconds: 62 };
    expect(proposed(flat(20), stop, pass(66))).toEqual([['flat20', 'pass66']]);
  });
  it('may be one’s own attempt that failed of it, as a threat makes room and a concession is taken', () => {
    const high: Mark = {
      kind: 'error',
      id: 'high',
      atSeconds: 20,
      errorId: 'err-armbar-head-free',
      athlete: 'b',
      ledTo: [],
    };
    const armbar = (end: 'escaped' | undefined): Mark => ({
      kind: 'attempt',
      id: 'armbar',
      atSeconds: 22,
      techniqueId: 'armbar',
      athlete: 'b',
      stage: 'locked',
      ...(end ? { end } : {}),
    });
    expect(proposed(high, armbar('escaped'))).toEqual([['high', 'armbar']]);
    expect(proposed(high, armbar(undefined))).toEqual([]);
    expect(proposed(armbar(undefined), pass(28))).toEqual([['armbar', 'pass28']]);
    expect(proposed(armbar(undefined), pass(28, 'a'))).toEqual([]);
    const given: Mark = {
      kind: 'grip',
      id: 'given',
      atSeconds: 20,
      gripId: 'underhook',
      athlete: 'a',
      outcome: 'lost',
      verdict: 'concession',
    };
    expect(proposed(given, pass(28))).toEqual([['given', 'pass28']]);
  });
  it('is always a link that may be made', () => {
    fc.assert(
      fc.property(arbitraryMarks, (marks) => {
        for (const { fromId, toId } of proposeLinks(readRound(span, marks)))
          expect(checkLink(marks, fromId, toId)).toEqual({ ok: true, value: true });
      }),
      { numRuns: 100 },
    );
  });
});
