const two = (value: number): string => String(value).padStart(2, '0');

/** Seconds as `m:ss`, or `h:mm:ss` from an hour on; cut, not rounded, to the whole second. Negative times carry a minus sign. */
export function formatClock(seconds: number): string {
  const whole = Math.floor(Math.abs(seconds) + 1e-6);
  const hours = Math.floor(whole / 3600);
  const minutes = Math.floor(whole / 60) % 60;
  const sign = seconds < 0 && whole > 0 ? '−' : '';
  return hours > 0 ? `${sign}${hours}:${two(minutes)}:${two(whole % 60)}` : `${sign}${minutes}:${two(whole % 60)}`;
}

/** `m:ss.t` with tenths, cut like `formatClock`. */
export function formatClockTenths(seconds: number): string {
  const tenths = Math.floor(Math.abs(seconds) * 10 + 1e-6);
  const sign = seconds < 0 && tenths > 0 ? '−' : '';
  return `${sign}${formatClock(Math.floor(tenths / 10))}.${tenths % 10}`;
}

/** Seconds of `ss`, `m:ss`, `h:mm:ss`, each with an optional decimal part; undefined for anything else. */
export function parseClock(text: string): number | undefined {
  const match = /^(?:(?:(\d{1,3}):)?(\d{1,4}):)?(\d{1,5}(?:[.,]\d{1,3})?)$/.exec(text.trim());
  if (!match) return undefined;
  const seconds = Number((match[3] ?? '0').replace(',', '.'));
  if (match[2] !== undefined && seconds >= 60) return undefined;
  if (match[1] !== undefined && Number(match[2]) >= 60) return undefined;
  return Number(match[1] ?? 0) * 3600 + Number(match[2] ?? 0) * 60 + seconds;
}
