import { ageOn, dayIn, momentAt, type WeightUnit } from '@/core/kernel';
import {
  type AcademyClass,
  type AskedPlan,
  findAskedPlan,
  findClass,
  findLatestPlan,
  listAttendees,
  listClassesFrom,
  listPastClasses,
  type StoredPlan,
} from '@/data/classes/classes';
import { pool } from '@/data/client';
import { type Academy, getAcademy } from '@/data/people/academy';
import { countPeople, listPeople, type Person } from '@/data/people/people';
import type { Piece } from '@/data/rows';
import { requireCoach } from '../accounts/currentCoach';
import { academyZone, today } from '../kernel/academyTime';
import { isUuid, uuidIn } from '../kernel/isUuid';

export interface ClassPage {
  readonly academyClass: AcademyClass;
  readonly people: readonly (Person & { readonly age?: number })[];
  readonly chances: Readonly<Record<string, number>>;
  readonly stored?: StoredPlan;
  /** A plan that was asked for after the stored one and is not there yet, or why it will not be. */
  readonly asked?: AskedPlan;
  readonly academy: Academy;
  readonly weightUnit: WeightUnit;
}

export async function loadClass(classId: string): Promise<ClassPage | undefined> {
  const coach = await requireCoach();
  const academyClass = isUuid(classId) ? await findClass(pool(), classId) : undefined;
  if (!academyClass) return undefined;
  const [people, attendance, stored, asked, academy] = await Promise.all([
    listPeople(pool()),
    listAttendees(pool(), classId),
    findLatestPlan(pool(), classId),
    findAskedPlan(pool(), classId),
    getAcademy(pool()),
  ]);
  const day = dayIn(academy.timeZone, academyClass.startsAt);
  return {
    academyClass,
    people: people.map((person) => ({ ...person, age: person.bornOn ? ageOn(person.bornOn, day) : undefined })),
    chances: Object.fromEntries(attendance.map((one) => [one.personId, one.chance])),
    stored,
    asked: asked?.state === 'ready' ? undefined : asked,
    academy,
    weightUnit: coach.weightUnit,
  };
}

/** Classes behind that are shown at once. @source own decision: about two months of an academy with a class each day */
const SHOWN_PAST = 40;

/** Every class ahead, and a piece of those behind; `after` is the last class of the piece before. */
export async function loadClasses(after?: string): Promise<{
  readonly upcoming: readonly AcademyClass[];
  readonly past: Piece<AcademyClass>;
  readonly people: number;
}> {
  await requireCoach();
  // A class of today stands ahead until the day is over.
  const from = momentAt(await academyZone(), `${await today()}T00:00`);
  const [upcoming, past, people] = await Promise.all([
    listClassesFrom(pool(), from),
    listPastClasses(pool(), from, SHOWN_PAST, uuidIn(after)),
    countPeople(pool()),
  ]);
  return { upcoming, past, people };
}
