import type { Drill } from '../vocabulary';
import { leastMinutesOf, mostMinutesOf } from './benefit';
import type { DrillLock } from './choiceProblem';
import { drillMinutesIn, mostThemesIn } from './classShape';
import { type Candidate, listCandidates } from './eligibility';
import { type PlanNumbers, usualNumbers } from './numbers';
import type { RunClass } from './runProblem';
import { fitsTheme, isAbout, themesAmong } from './themes';

/** One class of a run with what may be taught in it. */
export interface Room {
  readonly one: RunClass;
  readonly candidates: readonly Candidate[];
  readonly byId: ReadonlyMap<string, Candidate>;
  /** For all lessons together. */
  readonly minutes: number;
  readonly matShare: number;
  readonly mostThemes: number;
  readonly mostLessons: number;
  /** Lessons that the coach keeps, with their minutes. */
  readonly locked: readonly { readonly candidate: Candidate; readonly minutes: number }[];
}

export function roomOf(one: RunClass, drills: readonly Drill[], numbers: PlanNumbers = usualNumbers): Room {
  const dropped = new Set(one.locks.filter((lock) => lock.kind === 'drop').map((lock) => lock.drillId));
  const kept = new Set(one.locks.filter((lock) => lock.kind === 'keep').map((lock) => lock.drillId));
  const wanted = one.attendees.flatMap((attendee) => attendee.needs.filter((need) => need.priority > 0));
  const needed = new Set(wanted.map((need) => need.errorId));
  const isOfUse = (drill: Drill) => isAbout(drill, one.theme) || drill.targetErrorIds.some((id) => needed.has(id));
  const candidates = listCandidates(drills, one.attendees, one.uniform, new Set()).filter(
    ({ drill }) => !dropped.has(drill.id) && (kept.has(drill.id) || (fitsTheme(drill, one.theme) && isOfUse(drill))),
  );
  const pairs = Math.max(1, Math.floor(one.attendees.length / 2));
  const byId = new Map(candidates.map((candidate) => [candidate.drill.id, candidate]));
  const keeps = one.locks.filter((lock): lock is Extract<DrillLock, { kind: 'keep' }> => lock.kind === 'keep');
  const locked = keeps.flatMap(({ drillId, minutes }) => {
    const candidate = byId.get(drillId);
    return candidate ? [{ candidate, minutes: clampMinutes(candidate.drill, minutes) }] : [];
  });
  return {
    ...{
      one,
      candidates,
      byId,
      locked,
      minutes: Math.max(0, drillMinutesIn(one.minutes, numbers) - (one.ownMinutes ?? 0)),
    },
    mostLessons: one.isKept ? locked.length : numbers.mostLessons,
    matShare: Math.min(1, Math.max(1, one.pairsOnMats) / pairs),
    mostThemes: Math.max(
      mostThemesIn(one.minutes, numbers),
      themesAmong(locked.map(({ candidate }) => candidate.drill)).length,
    ),
  };
}

const clampMinutes = (drill: Drill, minutes: number): number =>
  Math.min(mostMinutesOf(drill), Math.max(leastMinutesOf(drill), Math.round(minutes)));
