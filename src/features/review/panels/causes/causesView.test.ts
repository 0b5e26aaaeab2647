import { describe, expect, it } from 'vitest';
import { type Mark, readChains, readRound, tideOf } from '@/core/round';
import { damageWords, listCauses } from './causesView';

const marks: readonly Mark[] = [
  {
    kind: 'error',
    id: 'flat',
    atSeconds: 10,
    errorId: 'err-half-flat',
    athlete: 'a',
    punished: 'yes',
    ledTo: ['pass'],
  },
  {
    ...{ kind: 'attempt', id: 'pass', atSeconds: 20, techniqueId: 'crossface-half-pass', athlete: 'b' },
    ...{ stage: 'finished', end: 'finished' },
  } as Mark,
  { kind: 'error', id: 'late', atSeconds: 50, errorId: 'err-half-flat', athlete: 'a', punished: 'no', ledTo: [] },
  {
    kind: 'error',
    id: 'asked',
    atSeconds: 60,
    errorId: 'err-half-flat',
    athlete: 'a',
    punished: 'no',
    unsure: true,
    ledTo: [],
  },
];
const reading = readRound({ startSeconds: 0, endSeconds: 100 }, marks);
const chains = readChains(reading, tideOf(reading));

describe('causes and what they cost', () => {
  it('are the first causes that cost something, each with its chain', () => {
    const { causes } = listCauses(reading, chains, { a: {}, b: {} });
    expect(causes.map((one) => [one.mark.id, one.chain.map((mark) => mark.id)])).toEqual([['flat', ['pass']]]);
    expect(causes[0]!.damage.points).toBe(3);
  });
  it('keep apart what nobody punished: from the athlete’s own rounds, else severity 3 × 0.6 from the catalogue (house estimates)', () => {
    const { waiting } = listCauses(reading, chains, { a: {}, b: {} });
    expect(waiting.map((one) => one.mark.id)).toEqual(['late']);
    expect(waiting[0]!.latentDamage).toBeCloseTo(1.8, 9);
    expect(listCauses(reading, chains, { a: { 'err-half-flat': 4.2 }, b: {} }).waiting[0]!.latentDamage).toBe(4.2);
  });
  it('are told in words', () => {
    expect(damageWords({ points: 1, tideLoss: 0, tapped: false, total: 1 })).toBe('1 point given away');
    expect(damageWords({ points: 3, tideLoss: 1.25, tapped: true, total: 12.25 })).toBe(
      '3 points given away, 1.3 in placement lost, ended in a tap',
    );
    expect(damageWords({ points: 0, tideLoss: 0, tapped: false, total: 0 })).toBe('nothing lost yet');
  });
});
