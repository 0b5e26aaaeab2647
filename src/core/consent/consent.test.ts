import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { addDays } from '../kernel';
import { type Consent, consentPurposes, holdsOn, isMinorShown, mayBeNamed, sharingProblem } from './consent';

const day = '2026-11-29';
const show = (more: Partial<Consent> = {}): Consent => ({
  ...{ purpose: 'show', byGuardian: false, givenOn: '2026-01-10' },
  ...more,
});
const adult = { age: 30, childBelt: false };
const minor = { age: 15, childBelt: false };
const consent: fc.Arbitrary<Consent> = fc.record(
  {
    purpose: fc.constantFrom(...consentPurposes),
    byGuardian: fc.boolean(),
    givenOn: fc.integer({ min: -400, max: 30 }).map((days) => addDays(day, days)),
    untilDay: fc.integer({ min: -30, max: 400 }).map((days) => addDays(day, days)),
    withdrawnOn: fc.integer({ min: -300, max: 300 }).map((days) => addDays(day, days)),
  },
  { requiredKeys: ['purpose', 'byGuardian', 'givenOn'] },
);

describe('consent', () => {
  it('holds from its day to its last one, and ends on the day of its withdrawal', () => {
    expect(holdsOn(show(), '2026-01-09')).toBe(false);
    expect(holdsOn(show(), '2026-01-10')).toBe(true);
    expect(holdsOn(show({ untilDay: day }), day)).toBe(true);
    expect(holdsOn(show({ untilDay: day }), addDays(day, 1))).toBe(false);
    expect(holdsOn(show({ withdrawnOn: day }), day)).toBe(false);
    expect(holdsOn(show({ withdrawnOn: day }), addDays(day, -1))).toBe(true);
  });
  it('of a guardian is needed for minors, also without a birthday where the belt is a child’s', () => {
    expect(sharingProblem({ ...minor, consents: [] }, day)).toBe('guardian-missing');
    expect(sharingProblem({ ...minor, consents: [show()] }, day)).toBe('guardian-missing');
    expect(sharingProblem({ ...minor, consents: [show({ byGuardian: true })] }, day)).toBeUndefined();
    expect(sharingProblem({ childBelt: true, consents: [] }, day)).toBe('guardian-missing');
    expect(sharingProblem({ childBelt: false, consents: [] }, day)).toBeUndefined();
    // A birthday says more than a belt.
    expect(isMinorShown({ age: 19, childBelt: true })).toBe(false);
    expect(isMinorShown({ age: 17, childBelt: false })).toBe(true);
  });
  it('that was withdrawn or has ended forbids showing, of filming as well, until it is given anew', () => {
    const withdrawn = show({ withdrawnOn: '2026-11-01' });
    expect(sharingProblem({ ...adult, consents: [] }, day)).toBeUndefined();
    expect(sharingProblem({ ...adult, consents: [withdrawn] }, day)).toBe('withdrawn');
    expect(sharingProblem({ ...adult, consents: [show({ untilDay: '2026-10-01' })] }, day)).toBe('ended');
    expect(sharingProblem({ ...adult, consents: [{ ...withdrawn, purpose: 'film' }] }, day)).toBe('withdrawn');
    expect(sharingProblem({ ...adult, consents: [{ ...withdrawn, purpose: 'name' }] }, day)).toBeUndefined();
    expect(sharingProblem({ ...adult, consents: [withdrawn, show({ givenOn: '2026-11-20' })] }, day)).toBeUndefined();
  });
  it('to be named is asked of everybody', () => {
    expect(mayBeNamed({ ...adult, consents: [show()] }, day)).toBe(false);
    expect(mayBeNamed({ ...adult, consents: [show({ purpose: 'name' })] }, day)).toBe(true);
    expect(mayBeNamed({ ...minor, consents: [show({ purpose: 'name' })] }, day)).toBe(false);
    expect(mayBeNamed({ ...minor, consents: [show({ purpose: 'name', byGuardian: true })] }, day)).toBe(true);
  });
  it('withdrawn on a day leaves nothing that could be shown from then on', () => {
    fc.assert(
      fc.property(fc.array(consent, { maxLength: 8 }), fc.boolean(), (consents, isMinor) => {
        const person = { ...(isMinor ? minor : adult), consents };
        const all = consents.map((one) => ({ ...one, withdrawnOn: one.givenOn > day ? one.givenOn : day }));
        const hasSaid = consents.some((one) => one.purpose !== 'name' && one.givenOn <= day);
        if (hasSaid || isMinor) expect(sharingProblem({ ...person, consents: all }, day)).toBeDefined();
        expect(mayBeNamed({ ...person, consents: all }, day)).toBe(false);
      }),
    );
  });
});
