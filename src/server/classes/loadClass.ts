import { addDays, ageOn } from '@/core/kernel';
import {
  type AcademyClass,
  findClass,
  findLatestPlan,
  listAttendees,
  listClasses,
  type StoredPlan,
} from '@/data/classes/classes';
import { pool } from '@/data/client';
import { type Academy, getAcademy } from '@/data/people/academy';
import { listPeople, type Person } from '@/data/people/people';
import { requireCoach } from '../accounts/currentCoach';
import { today } from '../kernel/environment';
import { isUuid } from '../kernel/isUuid';

export interface ClassPage {
  readonly academyClass: AcademyClass;
  readonly people: readonly (Person & { readonly age?: number })[];
  readonly chances: Readonly<Record<string, number>>;
  readonly stored?: StoredPlan;
  readonly academy: Academy;
  readonly weightUnit: 'kg' | 'lb';
}

export async function loadClass(classId: string): Promise<ClassPage | undefined> {
  const coach = await requireCoach();
  const academyClass = isUuid(classId) ? await findClass(pool(), classId) : undefined;
  if (!academyClass) return undefined;
  const [people, attendance, stored, academy] = await Promise.all([
    listPeople(pool()),
    listAttendees(pool(), classId),
    findLatestPlan(pool(), classId),
    getAcademy(pool()),
  ]);
  const day = academyClass.startsAt.slice(0, 10);
  return {
    academyClass,
    people: people.map((person) => ({ ...person, age: person.bornOn ? ageOn(person.bornOn, day) : undefined })),
    chances: Object.fromEntries(attendance.map((one) => [one.personId, one.chance])),
    stored,
    academy,
    weightUnit: coach.weightUnit,
  };
}

export async function loadClasses(): Promise<{
  readonly upcoming: readonly AcademyClass[];
  readonly past: readonly AcademyClass[];
  readonly people: number;
}> {
  await requireCoach();
  const day = today();
  const all = await listClasses(pool(), addDays(day, -60));
  const people = (await listPeople(pool(), 1)).length;
  return {
    upcoming: all.filter((one) => one.startsAt.slice(0, 10) >= day),
    past: all.filter((one) => one.startsAt.slice(0, 10) < day).reverse(),
    people,
  };
}
