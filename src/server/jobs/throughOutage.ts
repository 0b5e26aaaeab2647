import { isOutage } from '@/data/outage';

const pause = (ms: number): Promise<void> => new Promise((resolve) => setTimeout(resolve, ms));

/** How long the database may be away before a step that is done but not recorded is given up. @source own decision: longer than any restart or upgrade */
const MOST_OUTAGE_MS = 15 * 60_000;
const FIRST_PAUSE_MS = 250;
const MOST_PAUSE_MS = 10_000;

/** Runs a statement that must not be lost: while the database is away it is tried again, with growing pauses. */
export async function throughOutage<Value>(statement: () => Promise<Value>): Promise<Value> {
  const beganAt = Date.now();
  for (let wait = FIRST_PAUSE_MS; ; wait = Math.min(MOST_PAUSE_MS, wait * 2)) {
    try {
      return await statement();
    } catch (error) {
      if (!isOutage(error) || Date.now() - beganAt > MOST_OUTAGE_MS) throw error;
      await pause(wait * (0.5 + Math.random() / 2));
    }
  }
}
