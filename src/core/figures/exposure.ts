import { type Athlete, type AthleteSummary, placeOfRole, type RoundReading } from '../round';
import { type CatalogueError, type Exposure, findPosition, type Role, techniqueIsOf } from '../vocabulary';

/** Minutes for exposures in time, else times (entries, attempts). */
export type ExposureUnit = 'minutes' | 'times';

export const exposureUnit = (exposure: Exposure): ExposureUnit =>
  exposure.kind === 'time-in' || exposure.kind === 'live-time' ? 'minutes' : 'times';

/** Whether a role counts for an exposure: top as attacking, bottom as defending, `neutral` as any role. */
function roleCounts(asked: Role, actual: Role): boolean {
  return asked === 'neutral' || placeOfRole(asked) === placeOfRole(actual);
}

/**
 * How much chance an athlete had to make an error in one round: live minutes, entries or attempts, as the catalogue says for the error.
 * Never negative; 0 when nothing of the kind was marked.
 */
export function exposureOf(
  error: CatalogueError,
  reading: RoundReading,
  summary: AthleteSummary,
  athlete: Athlete,
): number {
  const { exposure } = error;
  if (exposure.kind === 'live-time') return reading.liveSeconds / 60;
  if ('family' in exposure) {
    const inFamily = summary.positions.filter(
      (one) =>
        (exposure.family === 'any' || findPosition(one.positionId)?.family === exposure.family) &&
        roleCounts(exposure.role, one.role),
    );
    return inFamily.reduce((sum, one) => sum + (exposure.kind === 'time-in' ? one.liveSeconds / 60 : one.entries), 0);
  }
  const { kind, of } = exposure;
  const isOwn = kind === 'attempts-of';
  return reading.marks.filter(
    (mark) =>
      mark.kind === 'attempt' &&
      !mark.unsure &&
      mark.verdict !== 'bait' &&
      (mark.athlete === athlete) === isOwn &&
      techniqueIsOf(mark.techniqueId, of),
  ).length;
}
