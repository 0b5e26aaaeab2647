/** Stands in the `Server-Timing` header of a kept page: the one header of its own answer that a page can read. */
export const keptSign = 'kept';

/** Whether this page came from what was kept on this machine, since the server was away: what it says may be out of date. */
export function openedFromKept(): boolean {
  const [opening] = performance.getEntriesByType?.('navigation') ?? [];
  if (!opening || new URL(opening.name).pathname !== location.pathname) return false;
  return (opening as PerformanceNavigationTiming).serverTiming.some(({ name }) => name === keptSign);
}
