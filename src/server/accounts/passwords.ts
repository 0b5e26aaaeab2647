import { hash, verify } from '@node-rs/argon2';

/** argon2id, 19 MiB, 2 passes, 1 lane. @source OWASP Password Storage Cheat Sheet (from memory) */
const cost = { memoryCost: 19_456, timeCost: 2, parallelism: 1 } as const;

export const hashPassword = (password: string): Promise<string> => hash(password, cost);

let decoy: Promise<string> | undefined;

/** Compares in the same time whether or not the account exists. */
export async function passwordMatches(storedHash: string | undefined, password: string): Promise<boolean> {
  decoy ??= hashPassword('no account has this password');
  const matches = await verify(storedHash ?? (await decoy), password).catch(() => false);
  return storedHash !== undefined && matches;
}
