import { describe, expect, it } from 'vitest';
import { cautionAboveBelt } from './index';

describe('a lock above the belt', () => {
  // The main gi federation's rule book, from memory: toe holds and knee bars from brown, heel hooks never in the gi, wrist locks from blue.
  it('has its caution, in the cloth in which it is not allowed', () => {
    expect(cautionAboveBelt('inside-heel-hook', ['black', 'black'], 'gi')).toContain('knee');
    expect(cautionAboveBelt('inside-heel-hook', ['black', 'brown'], 'no-gi')).toBeUndefined();
    expect(cautionAboveBelt('inside-heel-hook', ['black', 'purple'], 'no-gi')).toContain('knee');
    expect(cautionAboveBelt('wrist-lock', ['white', 'black'], 'gi')).toContain('wrist');
    expect(cautionAboveBelt('wrist-lock', ['blue', 'blue'], 'gi')).toBeUndefined();
  });
  it('has none for what everybody may do, for belts that are not known, for what is no submission', () => {
    expect(cautionAboveBelt('armbar', ['white', 'white'], 'gi')).toBeUndefined();
    expect(cautionAboveBelt('wrist-lock', [undefined, 'black'], 'gi')).toBeUndefined();
    expect(cautionAboveBelt('knee-slice', ['white', 'white'], 'gi')).toBeUndefined();
    expect(cautionAboveBelt('no-such-thing', ['white'], 'gi')).toBeUndefined();
  });
  it('is for children, too, where it is not for them', () =>
    expect(cautionAboveBelt('straight-ankle-lock', ['grey', 'grey'], 'gi')).toContain('under 16'));
});
