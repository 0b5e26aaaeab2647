import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { arbitraryMarks, span } from '../../../tests/support/arbitraryRound';
import {
  causeOf,
  chainOf,
  type ErrorMark,
  listContradictions,
  listUnjudged,
  type Mark,
  proposeAgreed,
  readRound,
  repairOf,
  restrictionsInTheme,
  swapAthletes,
  thirdsOf,
  tideOf,
} from './index';

const error = (id: string, atSeconds: number, patch: Partial<ErrorMark> = {}): ErrorMark => ({
  kind: 'error',
  id,
  atSeconds,
  errorId: 'err-half-flat',
  athlete: 'a',
  ledTo: [],
  ...patch,
});

describe('what was agreed before the round', () => {
  const chance = (techniqueId: string, athlete: 'a' | 'b' = 'a'): Mark => ({
    kind: 'chance',
    id: techniqueId,
    atSeconds: 20,
    techniqueId,
    athlete,
  });
  const covered = (marks: readonly Mark[], ...restrictions: Parameters<typeof proposeAgreed>[1]) =>
    proposeAgreed(marks, restrictions, '').map((one) => one.markId);
  it('covers what it took away, and nothing else', () => {
    const marks = [chance('scissor-sweep'), chance('armbar'), error('e', 30)];
    expect(covered(marks, 'a-from-below')).toEqual(['scissor-sweep']);
    expect(covered(marks, 'b-from-below')).toEqual([]);
    expect(covered(marks, 'no-submissions')).toEqual(['armbar']);
    expect(covered(marks)).toEqual([]);
  });
  it('does not blame the partner who lets work, and asks about nothing that is settled', () => {
    const marks = [error('1', 20, { athlete: 'b' }), error('2', 30, { athlete: 'b', verdict: 'bait' }), error('3', 40)];
    expect(covered(marks, 'partner-lets-work')).toEqual(['1']);
  });
  it('is read out of the theme in the coach’s words', () => {
    expect(restrictionsInTheme('bottom only today')).toEqual(['a-from-below', 'b-from-below']);
    expect(restrictionsInTheme('half guard, no leg locks')).toEqual(['no-leg-locks']);
    expect(restrictionsInTheme('Let him work, from the knees')).toEqual(['from-knees', 'partner-lets-work']);
    expect(restrictionsInTheme('grips')).toEqual([]);
  });
});

describe('a chain walked backwards', () => {
  const marks: Mark[] = [
    error('root', 10, { ledTo: ['symptom'] }),
    error('symptom', 20, { ledTo: ['pass'] }),
    { kind: 'attempt', id: 'pass', atSeconds: 30, techniqueId: 'knee-slice', athlete: 'b', stage: 'finished' },
  ];
  it('goes from the consequence to the error behind it, and ends at the first cause', () => {
    expect(causeOf(marks, 'pass')?.id).toBe('symptom');
    expect(causeOf(marks, 'symptom')?.id).toBe('root');
    expect(causeOf(marks, 'root')).toBeUndefined();
    expect(chainOf(marks, 'root').map((mark) => mark.id)).toEqual(['root', 'symptom', 'pass']);
  });
  it('ends in every round, however its marks are linked', () => {
    fc.assert(
      fc.property(arbitraryMarks, (any) => {
        for (const mark of any) {
          let at: string | undefined = mark.id;
          for (let steps = 0; at !== undefined; steps += 1) {
            expect(steps).toBeLessThanOrEqual(any.length);
            at = causeOf(any, at)?.id;
          }
        }
      }),
      { numRuns: 60 },
    );
  });
});

describe('repairs', () => {
  const mended = (marks: readonly Mark[]) => {
    const reading = readRound(span, marks);
    const [doubt] = listContradictions(reading);
    const repair = doubt && repairOf(doubt, reading);
    if (!repair) return undefined;
    const after = marks.flatMap((mark) =>
      mark.id === repair.before.id ? (repair.after ? [repair.after] : []) : [mark],
    );
    return { code: repair.code, left: listContradictions(readRound(span, after)).length };
  };
  it('mend each contradiction in one step', () => {
    const mount: Mark = { kind: 'position', id: 'p', atSeconds: 20, positionId: 'mount', holder: 'a' };
    const pass: Mark = {
      kind: 'attempt',
      id: 't',
      atSeconds: 30,
      techniqueId: 'knee-slice',
      athlete: 'a',
      stage: 'entry',
    };
    expect(mended([mount, pass])).toEqual({ code: 'other-athlete', left: 0 });
    expect(mended([mount, { ...mount, id: 'q', holder: 'b' }])).toEqual({ code: 'drop-earlier', left: 0 });
    expect(mended([{ ...pass, endSeconds: 25 }])).toEqual({ code: 'end-at-start', left: 0 });
    expect(mended([{ ...pass, atSeconds: 5 }])).toEqual({ code: 'into-round', left: 0 });
    const armbar: Mark = { ...pass, techniqueId: 'armbar', stage: 'finished', end: 'finished' };
    expect(mended([armbar, { ...mount, atSeconds: 40 }])).toEqual({ code: 'escaped', left: 0 });
  });
  it('turn an error that nobody can have seen into a question', () => {
    const unseen: Mark = { kind: 'stoppage', id: 's', atSeconds: 40, endSeconds: 60, offCamera: true };
    expect(mended([unseen, error('e', 50)])).toEqual({ code: 'ask-about-it', left: 0 });
    expect(mended([unseen, error('e', 60)])).toBeUndefined();
  });
});

describe('a second pass', () => {
  it('finds errors without a judgement and attempts without an end', () => {
    const attempt: Mark = {
      kind: 'attempt',
      id: 't',
      atSeconds: 30,
      techniqueId: 'armbar',
      athlete: 'a',
      stage: 'locked',
    };
    const marks = [error('1', 10), error('2', 11, { punished: 'no' }), error('3', 12, { verdict: 'bait' }), attempt];
    expect(listUnjudged(marks)).toEqual([
      { markId: '1', asks: 'punished' },
      { markId: 't', asks: 'end' },
    ]);
    expect(listUnjudged([{ ...attempt, end: 'escaped' }])).toEqual([]);
  });
});

describe('thirds of a round', () => {
  it('add up to the round, and change sign with the athletes', () => {
    fc.assert(
      fc.property(arbitraryMarks, (marks) => {
        const reading = readRound(span, marks);
        const tide = tideOf(reading);
        const thirds = thirdsOf(reading, tide);
        const live = thirds.reduce((sum, third) => sum + third.liveSeconds, 0);
        expect(live).toBeCloseTo(reading.liveSeconds, 6);
        const area = thirds.reduce((sum, third) => sum + (third.meanTide ?? 0) * third.liveSeconds, 0);
        expect(area).toBeCloseTo(tide.area, 6);
        const swapped = readRound(span, marks.map(swapAthletes));
        const other = thirdsOf(swapped, tideOf(swapped));
        expect(other.map((third) => third.errors.a)).toEqual(thirds.map((third) => third.errors.b));
      }),
      { numRuns: 60 },
    );
  });
});
