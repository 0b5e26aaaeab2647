import { clockIn } from '@/core/kernel';

/** What a page says while figures are on their way; where they are long in coming, from when those are that it shows. */
export function figuresDueWords(rounds: number, since: string | undefined, nowMs: number, timeZone: string): string {
  const what = rounds === 1 ? 'One round is still being worked out' : `${rounds} rounds are still being worked out`;
  const waitedMs = since === undefined ? 0 : nowMs - Date.parse(since);
  if (since === undefined || waitedMs < 60_000) return `${what}; this page shows them when they are.`;
  return `${what}: these are the figures of ${clockIn(timeZone, since)}.`;
}
