import { randomBytes, randomInt } from 'node:crypto';
import { Secret, TOTP } from 'otpauth';

/** @source RFC 6238, section 5.2: steps of 30 seconds; RFC 4226, section 5.3: at least six digits */
const STEP_SECONDS = 30;
const DIGITS = 6;
/** Steps before and after now whose codes are taken too. @source RFC 6238, section 5.2: at most one for the way there; one more for a phone's clock */
const WINDOW = 1;
/** @source RFC 4226, section 4, R6: 160 bits are recommended */
const SECRET_BYTES = 20;

export const newCodeSecret = (): Buffer => randomBytes(SECRET_BYTES);

const totpOf = (secret: Buffer, label = 'coach'): TOTP =>
  new TOTP({
    issuer: 'Unhurried Owl',
    label,
    secret: new Secret({ buffer: new Uint8Array(secret).buffer }),
    digits: DIGITS,
    period: STEP_SECONDS,
  });

/** The address by which an authenticator takes a secret, and the secret to be typed where it cannot read a picture. */
export function codeAddress(secret: Buffer, signInName: string): { readonly address: string; readonly typed: string } {
  const totp = totpOf(secret, signInName);
  return { address: totp.toString(), typed: totp.secret.base32.replace(/(.{4})(?=.)/g, '$1 ') };
}

/** The time step that a code is of, undefined where it is none of about now. Times in milliseconds. */
export function codeStep(secret: Buffer, code: string, nowMs: number): number | undefined {
  const token = code.replace(/\s/g, '');
  if (!/^\d{6}$/.test(token)) return undefined;
  const delta = totpOf(secret).validate({ token, timestamp: nowMs, window: WINDOW });
  return delta === null ? undefined : Math.floor(nowMs / 1000 / STEP_SECONDS) + delta;
}

/** Letters and digits that nobody mistakes for each other. */
const LETTERS = 'abcdefghjkmnpqrstuvwxyz23456789';
const RECOVERY_CODES = 10;

/** Codes to be written down, each for one time when the phone is lost: 49 bits each, which a door that slows down does not let anybody guess. */
export const newRecoveryCodes = (): string[] =>
  Array.from({ length: RECOVERY_CODES }, () =>
    [5, 5].map((length) => Array.from({ length }, () => LETTERS[randomInt(LETTERS.length)]).join('')).join('-'),
  );

/** A recovery code as it is compared, however it was typed; undefined for what cannot be one. */
export function plainRecoveryCode(typed: string): string | undefined {
  const plain = typed.toLowerCase().replace(/[\s-]/g, '');
  return /^[a-z2-9]{10}$/.test(plain) ? plain : undefined;
}
