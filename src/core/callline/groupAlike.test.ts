import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { groupAlike } from './groupAlike';

describe('what is alike', () => {
  it('stands together, whatever small words and endings it has', () => {
    const groups = groupAlike(
      ['hips floating off the partner', 'the hips float off her partner', 'looks at the scoreboard', 'hips floating'],
      (one) => one,
    );
    expect(groups).toEqual([
      ['hips floating off the partner', 'the hips float off her partner', 'hips floating'],
      ['looks at the scoreboard'],
    ]);
  });

  it('loses nothing and puts nothing in two places', () => {
    fc.assert(
      fc.property(fc.array(fc.string()), (texts) => {
        const items = texts.map((text, at) => ({ text, at }));
        const all = groupAlike(items, (one) => one.text).flat();
        expect(all.map((one) => one.at).sort((a, b) => a - b)).toEqual(items.map((one) => one.at));
      }),
    );
  });
});
