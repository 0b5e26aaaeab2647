const MEMORY_MS = 15_000;
const LEAST_MS = 1500;

/** Tells the seconds that are left from the pace of the last quarter of a minute; undefined until there is a pace. */
export function createPace(totalBytes: number) {
  let seen: readonly { readonly bytes: number; readonly atMs: number }[] = [];
  return (sentBytes: number, nowMs: number): number | undefined => {
    const last = seen.at(-1);
    // After a break the count starts lower, or elsewhere.
    if (last && (sentBytes < last.bytes || nowMs - last.atMs > MEMORY_MS)) seen = [];
    seen = [...seen.filter((one) => nowMs - one.atMs <= MEMORY_MS), { bytes: sentBytes, atMs: nowMs }];
    const first = seen[0]!;
    const bytes = sentBytes - first.bytes;
    return nowMs - first.atMs < LEAST_MS || bytes <= 0
      ? undefined
      : ((totalBytes - sentBytes) / bytes) * ((nowMs - first.atMs) / 1000);
  };
}
