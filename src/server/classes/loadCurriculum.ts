import { inTurn } from '@/core/planning';
import { adultEquivalent, type Belt } from '@/core/vocabulary';
import { listTaughtTo, listUnits, type Unit } from '@/data/classes/units';
import { pool } from '@/data/client';
import { listPeople, type Person } from '@/data/people/people';
import { requireCoach } from '../accounts/currentCoach';
import { academyZone, today } from '../kernel/academyTime';
import { lastDayOf } from './unitsAhead';

/** A unit with when it was taught, and how many of those who wear its belt had any of it. */
export interface UnitTaught extends Unit {
  readonly lastDay?: string;
  readonly hadIt: number;
  readonly wearIt: number;
}

export interface CurriculumPage {
  /** In the academy's order. */
  readonly units: readonly UnitTaught[];
  /** What comes next for each belt: never taught before taught, then the longest ago. */
  readonly next: readonly { readonly belt: Belt; readonly unitId: string }[];
  readonly today: string;
}

/** What the academy teaches, what of it was taught to whom, and what comes next. */
export async function loadCurriculum(): Promise<CurriculumPage> {
  await requireCoach();
  const [units, people, zone, day] = await Promise.all([listUnits(pool()), listPeople(pool()), academyZone(), today()]);
  const conceptIds = [...new Set(units.flatMap((one) => one.conceptIds))];
  const taught = await listTaughtTo(pool(), conceptIds, zone);
  const students = people.filter((one) => one.standing === 'student');
  const shown = units.map((unit): UnitTaught => {
    const wearers = new Set(wearersOf(students, unit.belt).map((one) => one.id));
    const had = taught.flatMap((one) =>
      unit.conceptIds.includes(one.conceptId) && one.personId && wearers.has(one.personId) ? one.personId : [],
    );
    return { ...unit, lastDay: lastDayOf(unit, taught), hadIt: new Set(had).size, wearIt: wearers.size };
  });
  const byBelt = new Map<Belt, string>();
  for (const { belt, id } of inTurn(shown)) if (!byBelt.has(belt)) byBelt.set(belt, id);
  return {
    units: shown,
    next: [...byBelt].map(([belt, unitId]) => ({ belt, unitId })),
    today: day,
  };
}

const wearersOf = (students: readonly Person[], belt: Belt) =>
  students.filter((one) => adultEquivalent(one.belt) === belt);
