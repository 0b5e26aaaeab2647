import { createHash, randomBytes } from 'node:crypto';

/** A word that nobody can guess: 256 random bits, fit for a cookie or an address. */
export const newToken = (): string => randomBytes(32).toString('base64url');

/** What is stored of a token: who reads the database cannot use it. */
export const hashToken = (token: string): Buffer => createHash('sha256').update(token).digest();

/** The hash of a token as it came in from outside; undefined for what cannot be one of ours. */
export const hashOfSent = (token: string | undefined): Buffer | undefined =>
  token && token.length < 200 ? hashToken(token) : undefined;
