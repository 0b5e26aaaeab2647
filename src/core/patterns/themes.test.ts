import { describe, expect, it } from 'vitest';
import type { RoundFigures } from '../figures';
import { principlesOf, type RecurringError, themesOf } from './index';

const figures = (patch: Partial<RoundFigures>): RoundFigures => ({
  ...{ roundId: 'r', heldOn: '2026-11-20', beltGap: 0, weightGap: 0, startSeconds: 0, endSeconds: 300 },
  ...{ liveMinutes: 5, tideArea: 0, positions: [], occurrences: new Map(), exposures: new Map() },
  ...{ goods: [], stays: [], attempts: [], missed: [], grips: [], answers: [] },
  ...patch,
});
const attempt = (techniqueId: string, atSeconds: number, patch: Partial<RoundFigures['attempts'][number]> = {}) => ({
  ...{ markId: `${techniqueId} ${atSeconds}`, techniqueId, isOwn: true, atSeconds, stage: 'entry' as const },
  ...patch,
});

describe('the theme of the day', () => {
  const meanings = {
    'knee slice': { techniqueIds: ['knee-slice'], positionIds: [] },
    'half guard': { techniqueIds: [], positionIds: ['half-guard'] },
  };
  const meaningOf = (theme: string) => meanings[theme as keyof typeof meanings];
  it('is counted against own attempts, an academy’s own kinds of it among them', () => {
    const tried = figures({
      theme: 'Knee slice ',
      attempts: [
        attempt('knee-slice', 10, { stage: 'finished' }),
        attempt('knee-slice~long', 40),
        attempt('knee-slice', 60, { isOwn: false }),
        attempt('armbar', 90),
      ],
    });
    const found = themesOf([tried, figures({ roundId: 's', theme: 'knee slice' }), figures({})], meaningOf);
    expect(found).toMatchObject([{ theme: 'knee slice', rounds: 2, triedIn: 1, tries: 2, finished: 1 }]);
    expect(found[0]?.minutes).toBeUndefined();
    expect(found[0]?.moments.map((one) => [one.roundId, one.atSeconds])).toEqual([
      ['r', 10],
      ['r', 40],
    ]);
  });
  it('that is a position counts the time there and what was tried from there', () => {
    const there = figures({
      theme: 'half guard',
      stays: [{ positionId: 'half-guard', role: 'bottom', atSeconds: 30, seconds: 60, tide: -1 }],
      attempts: [attempt('armbar', 20), attempt('armbar', 30), attempt('armbar', 90)],
    });
    expect(themesOf([there, figures({ theme: 'half guard' })], meaningOf)).toMatchObject([
      { rounds: 2, triedIn: 1, tries: 1, minutes: 1 },
    ]);
  });
  it('whose words mean nothing is left out', () => {
    expect(themesOf([figures({ theme: 'zebra' }), figures({ theme: ' ' })], meaningOf)).toEqual([]);
  });
});

describe('principles', () => {
  const seen = (errorId: string, count: number, punished?: 'yes' | 'no') =>
    ({
      errorId,
      count,
      occurrences: Array.from({ length: count }, (_, at) => ({
        ...{ markId: `${errorId} ${at}`, roundId: 'r', heldOn: '2026-11-20', atSeconds: at * 10, punished },
        ...{ symptom: false, rootErrorIds: [] },
      })),
    }) as unknown as RecurringError;
  it('add up errors that are about the same, in order of time, and leave what one error says alone to that error', () => {
    // Both are about hips and frames in the catalogue.
    const alike = ['err-half-flat', 'err-flat-under-pin'];
    const found = principlesOf(alike.map((id, at) => seen(id, at + 2, at === 0 ? 'yes' : 'no')));
    const sum = found.find((each) => each.principle === 'hips');
    expect(sum?.errorIds).toEqual([alike[1], alike[0]]);
    expect(sum?.occurrences.map((each) => each.atSeconds)).toEqual([0, 0, 10, 10, 20]);
    expect(sum?.punishedShare).toBeCloseTo(2 / 5, 9);
    expect(principlesOf([seen('err-half-flat', 9)])).toEqual([]);
    expect(principlesOf([seen('err-half-flat', 1), seen('err-flat-under-pin', 1)])).toEqual([]);
  });
});
