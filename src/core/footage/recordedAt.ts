/**
 * The moment at which a recording began, as cameras and phones write it into file names: 20261124_183005, 2026-11-24 18.30.05,
 * 2026-11-24T18-30-05. In the local time of the camera, as an ISO date and time without a zone; undefined when no such moment is there.
 * @source common practice of phones and cameras
 */
export function recordedAtOf(fileName: string): string | undefined {
  const match = /(20\d\d)[-_.]?(\d\d)[-_.]?(\d\d)[T _-]{1,3}(\d\d)[-_.:hH]?(\d\d)[-_.:mM]?(\d\d)/.exec(fileName);
  if (!match) return undefined;
  const [year, month, day, hour, minute, second] = match.slice(1).map(Number) as [
    number,
    number,
    number,
    number,
    number,
    number,
  ];
  const date = new Date(Date.UTC(year, month - 1, day, hour, minute, second));
  const real = date.getUTCMonth() === month - 1 && date.getUTCDate() === day && hour < 24 && minute < 60 && second < 60;
  return real ? date.toISOString().slice(0, 19) : undefined;
}
