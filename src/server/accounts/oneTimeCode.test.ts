import { TOTP } from 'otpauth';
import { describe, expect, it } from 'vitest';
import { codeAddress, codeStep, newRecoveryCodes, plainRecoveryCode } from './oneTimeCode';

// The secret of the published vectors: the digits one to nought, twice.
const secret = Buffer.from('12345678901234567890', 'ascii');

describe('a one-time code', () => {
  // @source RFC 6238, appendix B (SHA-1); its eight digits end in the six that are shown here.
  it.each([
    [59, '94287082'],
    [1111111109, '07081804'],
    [1111111111, '14050471'],
    [1234567890, '89005924'],
    [2000000000, '69279037'],
    [20000000000, '65353130'],
  ])('is the published one at %d seconds', (seconds, published) => {
    expect(codeStep(secret, published.slice(-6), seconds * 1000)).toBe(Math.floor(seconds / 30));
  });

  it('is taken half a minute early or late, typed in groups or not, and no longer', () => {
    const at = (seconds: number) => codeStep(secret, '287 082', seconds * 1000);
    expect([at(0), at(29), at(59), at(89), at(90)]).toEqual([1, 1, 1, 1, undefined]);
    for (const wrong of ['', '28708', '2870822', 'abcdef', '٢٨٧٠٨٢', '287082\n287082'])
      expect(codeStep(secret, wrong, 59_000)).toBeUndefined();
  });

  it('comes from the address that an authenticator reads', () => {
    const { address, typed } = codeAddress(secret, 'ludo');
    expect(address).toMatch(/^otpauth:\/\/totp\/Unhurried%20Owl:ludo\?/);
    expect(new URL(address).searchParams.get('secret')).toBe('GEZDGNBVGY3TQOJQGEZDGNBVGY3TQOJQ');
    expect(typed.replaceAll(' ', '')).toBe('GEZDGNBVGY3TQOJQGEZDGNBVGY3TQOJQ');
    expect(new TOTP({ secret: typed.replaceAll(' ', '') }).generate({ timestamp: 59_000 })).toBe('287082');
  });
});

it('recovery codes are ten different ones, read however they are typed', () => {
  const codes = newRecoveryCodes();
  expect(new Set(codes.map(plainRecoveryCode)).size).toBe(10);
  expect(plainRecoveryCode(' ABCDE fghjk ')).toBe('abcdefghjk');
  for (const wrong of ['', 'abc', 'abcde-fghj!', 'a'.repeat(400)]) expect(plainRecoveryCode(wrong)).toBeUndefined();
});
