import { hash, verify } from '@node-rs/argon2';

/** argon2id, 19 MiB, 2 passes, 1 lane. @source OWASP Password Storage Cheat Sheet (from memory) */
const cost = { memoryCost: 19_456, timeCost: 2, parallelism: 1 } as const;

/** Hashes at once: each takes a core and 19 MiB, and everybody else needs some of both. */
const MOST_AT_ONCE = 2;
/** Whoever finds so many before them is told to come again, instead of making all wait. */
const MOST_WAITING = 40;

/** Too many want to sign in at this moment. */
export class TooBusy extends Error {}

let running = 0;
const waiting: (() => void)[] = [];

async function inTurn<Value>(work: () => Promise<Value>): Promise<Value> {
  if (running >= MOST_AT_ONCE) {
    if (waiting.length >= MOST_WAITING) throw new TooBusy('more sign-ins than can be looked at');
    await new Promise<void>((resolve) => waiting.push(resolve));
  } else running += 1;
  try {
    return await work();
  } finally {
    const next = waiting.shift();
    if (next) next();
    else running -= 1;
  }
}

export const hashPassword = (password: string): Promise<string> => inTurn(() => hash(password, cost));

let decoy: Promise<string> | undefined;

/** Compares in the same time whether or not the account exists. */
export async function passwordMatches(storedHash: string | undefined, password: string): Promise<boolean> {
  decoy ??= hashPassword('no account has this password');
  const compared = storedHash ?? (await decoy);
  const matches = await inTurn(() => verify(compared, password).catch(() => false));
  return storedHash !== undefined && matches;
}
