import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { arbitraryMarks, span } from '../../../tests/support/arbitraryRound';
import { findRuleSet, readOvertimeRecord, scoreRound } from '../scoring';
import {
  checkLink,
  checkMark,
  type ErrorMark,
  listContradictions,
  type Mark,
  outlineMarks,
  proposeLinks,
  readChains,
  readRound,
  tideOf,
} from './index';

const error = (id: string, atSeconds: number, ledTo: readonly string[] = []): ErrorMark => ({
  kind: 'error',
  id,
  atSeconds,
  errorId: 'err-half-flat',
  athlete: 'a',
  punished: 'yes',
  ledTo,
});
const stop = (id: string, atSeconds: number, endSeconds: number): Mark => ({
  kind: 'stoppage',
  id,
  atSeconds,
  endSeconds,
});
const readAll = (marks: readonly Mark[]) => {
  const reading = readRound(span, marks);
  const tide = tideOf(reading);
  const chains = readChains(reading, tide);
  return { reading, tide, chains, doubts: listContradictions(reading), outline: outlineMarks(reading.marks) };
};

describe('rounds that nobody should have marked so', () => {
  it('refuse a circle of causes and a link back in time', () => {
    const marks = [error('1', 20, ['2']), error('2', 20, ['3']), error('3', 20), error('4', 50)];
    expect(checkLink(marks, '3', '1')).toMatchObject({ ok: false, problem: { code: 'cycle' } });
    expect(checkLink(marks, '1', '1')).toMatchObject({ ok: false, problem: { code: 'cycle' } });
    expect(checkLink(marks, '4', '1')).toMatchObject({ ok: false, problem: { code: 'back-in-time' } });
    expect(checkLink(marks, '4', 'gone')).toMatchObject({ ok: false, problem: { code: 'target-missing' } });
  });
  it('are read all the same when a circle has come in by another way', () => {
    const { chains } = readAll([error('1', 20, ['2']), error('2', 20, ['1']), error('3', 30, ['3'])]);
    expect([...chains.damageByRoot.values()].every((one) => Number.isFinite(one.total))).toBe(true);
  });
  it('count overlapping stoppages once', () => {
    const { reading } = readAll([stop('1', 20, 60), stop('2', 40, 80), stop('3', 50, 55), stop('4', 80, 90)]);
    expect(reading.liveSeconds).toBe(300 - 70);
    expect(readAll([stop('1', 0, 9999)]).reading.liveSeconds).toBe(0);
  });
  it('hold 300 marks in one second, and all at the same instant', () => {
    const crowd = Array.from({ length: 300 }, (_, at) => error(`m${at}`, 50 + (at % 10) / 10));
    const { chains, outline } = readAll(crowd);
    expect(outline).toHaveLength(300);
    expect(chains.damageByRoot.size).toBe(300);
    const together = Array.from({ length: 300 }, (_, at) => error(`m${at}`, 50));
    expect(readAll(together).outline).toHaveLength(300);
    expect(proposeLinks(readRound(span, together)).length).toBeLessThanOrEqual(300);
  });
  it('name an end before its start, marks outside, and two athletes on top', () => {
    const mount: Mark = { kind: 'position', id: 'p', atSeconds: 20, positionId: 'mount', holder: 'a' };
    const codes = (marks: readonly Mark[]) => readAll(marks).doubts.map((one) => one.code);
    expect(codes([stop('s', 50, 40)])).toContain('ends-before-start');
    expect(codes([{ ...mount, atSeconds: 5000 }])).toContain('outside-round');
    expect(codes([mount, { ...mount, id: 'q', holder: 'b' }])).toContain('both-on-top');
    expect(checkMark(stop('s', 50, 40), span)).toMatchObject([{ code: 'ends-before-start' }]);
    expect(
      checkMark({ kind: 'turn', id: 't', atSeconds: 50, athlete: 'a', from: 'back', endSeconds: 40 }, span),
    ).toMatchObject([{ code: 'ends-before-start' }]);
    expect(checkMark({ kind: 'measure', id: 'm', atSeconds: 50, endSeconds: 9000 }, span)).toMatchObject([
      { code: 'outside-round' },
    ]);
  });
  it('never break reading, scoring, chains or overtime, whatever lies in them', () => {
    const rules = findRuleSet('points-gi')!.points!;
    const overtime = findRuleSet('submission-only')!.overtime!;
    const turn = fc.record({
      kind: fc.constant('turn' as const),
      id: fc.uuid(),
      athlete: fc.constantFrom('a' as const, 'b' as const),
      from: fc.constantFrom('back' as const, 'arm' as const),
      atSeconds: fc.integer({ min: 0, max: 400 }),
      endSeconds: fc.option(fc.integer({ min: 0, max: 400 }), { nil: undefined }),
      end: fc.option(fc.constantFrom('escaped' as const, 'tapped' as const, 'ran-out' as const), { nil: undefined }),
      clockSeconds: fc.option(fc.integer({ min: 0, max: 300 }), { nil: undefined }),
    });
    fc.assert(
      fc.property(arbitraryMarks, fc.array(turn, { maxLength: 8 }), (marks, turns) => {
        const all: Mark[] = [...marks, ...turns];
        const { reading, chains } = readAll(all);
        expect(scoreRound(reading, rules, 300).events.every((one) => Number.isFinite(one.atSeconds))).toBe(true);
        expect([...chains.damageByRoot.values()].every((one) => Number.isFinite(one.total) && one.total >= 0)).toBe(
          true,
        );
        const record = readOvertimeRecord(all, overtime);
        expect(record === undefined).toBe(turns.length === 0);
        if (record) expect(record.reading.totals.a).toBeGreaterThanOrEqual(0);
      }),
      { numRuns: 120 },
    );
  });
});
