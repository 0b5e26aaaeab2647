/** Failed tries of the last minutes that count for one sign-in: how many, and how long ago the latest was. */
export interface Failures {
  readonly count: number;
  readonly secondsSinceLast: number;
}

export interface GuessHistory {
  /** With this name from this place. */
  readonly byPair: Failures;
  /** With this name from anywhere. */
  readonly byName: Failures;
  /** With any name from this place. */
  readonly byAddress: Failures;
}

/** Failures further back do not count. */
export const WINDOW_MINUTES = 15;
/** Slips of somebody who knows the password. @source NIST SP 800-63B, 5.2.2, asks for a limit of at most 100 in a row; own decision: far fewer before it slows */
const FREE_BY_PAIR = 5;
const MOST_WAIT_SECONDS = WINDOW_MINUTES * 60;
/** Far more than a coach’s slips from several places: somebody guesses from many of them. */
const FREE_BY_NAME = 30;
/** A class shares one address: it may forget many passwords in an evening. */
const FREE_BY_ADDRESS = 40;
const CROWD_WAIT_SECONDS = 10;

/**
 * Seconds until the next try with this name from this place may be looked at; 0 for at once. It grows with each failure from one place, and stays short where
 * only others failed: nobody can keep a coach out from somewhere else.
 */
export function guessDelay({ byPair, byName, byAddress }: GuessHistory): number {
  const left = (wait: number, { secondsSinceLast }: Failures) => Math.max(0, Math.ceil(wait - secondsSinceLast));
  const pairWait =
    byPair.count >= FREE_BY_PAIR ? Math.min(MOST_WAIT_SECONDS, 2 ** Math.min(20, byPair.count - FREE_BY_PAIR)) : 0;
  return Math.max(
    left(pairWait, byPair),
    byName.count >= FREE_BY_NAME ? left(CROWD_WAIT_SECONDS, byName) : 0,
    byAddress.count >= FREE_BY_ADDRESS ? left(CROWD_WAIT_SECONDS, byAddress) : 0,
  );
}

/** "1 second", "about 3 minutes". */
export function waitWords(seconds: number): string {
  if (seconds < 90) return seconds === 1 ? '1 second' : `${seconds} seconds`;
  return `about ${Math.ceil(seconds / 60)} minutes`;
}
