import { describe, expect, it } from 'vitest';
import { differsIn, kappaWords, shareWords } from './agreementView';

describe('agreement in words', () => {
  it('gives kappa with its band, and says when there can be none', () => {
    const kappa = (value: number | undefined, count = 60) =>
      kappaWords({ observed: 0.75, expected: 0.5, kappa: value, count });
    expect(kappa(0.5)).toBe('0.50: moderate. The same position in 75 % of 60 seconds.');
    expect(kappa(-0.1)).toContain('none beyond chance');
    expect(kappa(1)).toContain('almost perfect');
    expect(kappa(undefined)).toContain('no disagreement was possible');
    expect(kappa(undefined, 0)).toContain('No second of the round');
    expect([shareWords(undefined), shareWords(2 / 3)]).toEqual(['–', '67 %']);
  });
  it('says in what two marks differ', () => {
    const difference = { key: 'x', atSeconds: 1 };
    expect(differsIn({ ...difference, in: ['presence'] })).toBe('');
    expect(differsIn({ ...difference, in: ['what', 'stage'] })).toBe('named otherwise, another stage');
  });
});
