import { describe, expect, it } from 'vitest';
import { type AttemptMark, type Mark, readRound } from '../round';
import { backChances, chanceFigures } from './index';

let count = 0;
const nextId = () => {
  count += 1;
  return `m${count}`;
};
const attempt = (techniqueId: string, patch: Partial<AttemptMark> = {}): AttemptMark => ({
  kind: 'attempt',
  id: nextId(),
  atSeconds: 20,
  techniqueId,
  athlete: 'a',
  stage: 'entry',
  ...patch,
});
const missed = (techniqueId: string): Mark => ({
  kind: 'chance',
  id: nextId(),
  atSeconds: 20,
  techniqueId,
  athlete: 'a',
});

describe('openings against attempts', () => {
  it('count missed chances and attempts together, each stage implying the earlier ones', () => {
    const marks = [
      missed('armbar'),
      attempt('armbar', { stage: 'locked', end: 'escaped', endSeconds: 30 }),
      attempt('triangle', { stage: 'finished', end: 'finished', endSeconds: 24 }),
    ];
    const [submissions] = chanceFigures(marks, 'a');
    expect(submissions).toMatchObject({
      techniqueClass: 'submissions',
      openings: 3,
      missed: 1,
      attempts: 2,
      reached: { entry: 2, control: 2, locked: 2, finished: 1 },
      successes: 1,
      medianSecondsToEnd: 7,
    });
    expect(submissions!.conversion!.ratio).toBe(0.5);
  });
  it('set apart what was declined, given lightly, or tapped for another reason', () => {
    const finish = { stage: 'finished', end: 'finished' } as const;
    const marks = [
      attempt('armbar', finish),
      attempt('armbar', { stage: 'locked', end: 'declined' }),
      attempt('armbar', { ...finish, tapCause: 'courtesy' }),
      attempt('armbar', { ...finish, tapCause: 'injury' }),
      attempt('armbar', { ...finish, unsure: true }),
    ];
    expect(chanceFigures(marks, 'a')).toMatchObject([{ attempts: 1, successes: 1, setApart: 4 }]);
  });
  it('give no figure for 0 of 0, and nothing of the other athlete', () => {
    expect(chanceFigures([missed('armbar')], 'a')[0]!.conversion).toBeUndefined();
    expect(chanceFigures([missed('armbar')], 'b')).toEqual([]);
  });
});

describe('chances at the back', () => {
  const at = (atSeconds: number, positionId: string, holder?: 'a' | 'b'): Mark => ({
    kind: 'position',
    id: nextId(),
    atSeconds,
    positionId,
    holder,
  });
  it('go from entry over hooks and ten seconds to the finish', () => {
    const marks = [
      at(0, 'standing-neutral'),
      at(10, 'back-no-hooks', 'a'),
      at(13, 'back-control', 'a'),
      attempt('rear-naked-choke', { atSeconds: 24, stage: 'finished', end: 'finished' }),
      at(25, 'standing-neutral'),
      at(40, 'back-no-hooks', 'a'),
      at(44, 'half-guard', 'b'),
      at(60, 'back-control', 'b'),
    ];
    const reading = readRound({ startSeconds: 0, endSeconds: 80 }, marks);
    expect(backChances(reading, 'a')).toEqual({ entries: 2, withHooks: 1, kept: 1, finished: 1 });
    expect(backChances(reading, 'b')).toEqual({ entries: 1, withHooks: 1, kept: 1, finished: 0 });
  });
});
