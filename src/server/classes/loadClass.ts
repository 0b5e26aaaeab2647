import { ageOn, dayIn, momentAt, type WeightUnit } from '@/core/kernel';
import { findCalendarAddress } from '@/data/classes/calendarAddresses';
import {
  type AcademyClass,
  type AskedPlan,
  findAskedPlan,
  findClass,
  findLatestPlan,
  listAttendees,
  listClassesFrom,
  listPastClasses,
  listPlanVersions,
  type PlanVersion,
  type StoredPlan,
} from '@/data/classes/classes';
import { listHolidays } from '@/data/classes/holidays';
import { type ClassNote, findClassNote, listCame, listDrilledIn } from '@/data/classes/log';
import { type ClassRun, findLatestRun, findReadyRun } from '@/data/classes/runs';
import { listUnits } from '@/data/classes/units';
import { pool } from '@/data/client';
import { type Academy, getAcademy } from '@/data/people/academy';
import { countPeople, listPeople, listPeopleByIds, type Person } from '@/data/people/people';
import type { Piece } from '@/data/rows';
import { requireCoach } from '../accounts/currentCoach';
import { noteTouched } from '../accounts/noteTouched';
import { academyZone, today } from '../kernel/academyTime';
import { isUuid, uuidIn } from '../kernel/isUuid';

/** Who came to a class, and what was drilled in it. */
export interface ClassLog {
  readonly came: Readonly<Record<string, boolean>>;
  readonly howItWas: Readonly<Record<string, { readonly struggled: boolean; readonly hurt: string }>>;
  /** In which of two groups those were who came; 0 is all of the class. */
  readonly groupOf: Readonly<Record<string, number>>;
  readonly drilled: Readonly<Record<string, number>>;
  readonly note: ClassNote;
}

export interface ClassPage {
  readonly academyClass: AcademyClass;
  readonly people: readonly (Person & { readonly age?: number })[];
  readonly chances: Readonly<Record<string, number>>;
  /** What became of it; undefined before it begins. */
  readonly log?: ClassLog;
  readonly stored?: StoredPlan;
  /** Its plans, the newest first. */
  readonly versions: readonly PlanVersion[];
  /** A plan that was asked for after the stored one and is not there yet, or why it will not be. */
  readonly asked?: AskedPlan;
  readonly academy: Academy;
  readonly weightUnit: WeightUnit;
  /** Titles of the curriculum's units. */
  readonly units: readonly string[];
}

/** Earlier plans that can be taken again. @source own decision: what can be told apart in a list */
const SHOWN_VERSIONS = 12;

export async function loadClass(classId: string): Promise<ClassPage | undefined> {
  const coach = await requireCoach();
  const academyClass = isUuid(classId) ? await findClass(pool(), classId) : undefined;
  if (!academyClass) return undefined;
  noteTouched({ coachId: coach.id, did: 'saw', kind: 'class', about: academyClass.id });
  const hasBegun = Date.parse(academyClass.startsAt) <= Date.now();
  const [people, attendance, log, stored, asked, academy, versions, units] = await Promise.all([
    listPeople(pool()),
    listAttendees(pool(), classId),
    hasBegun ? loadLog(classId) : undefined,
    findLatestPlan(pool(), classId),
    findAskedPlan(pool(), classId),
    getAcademy(pool()),
    listPlanVersions(pool(), classId, SHOWN_VERSIONS),
    listUnits(pool()),
  ]);
  const day = dayIn(academy.timeZone, academyClass.startsAt);
  return {
    academyClass,
    people: people.map((person) => ({ ...person, age: person.bornOn ? ageOn(person.bornOn, day) : undefined })),
    chances: Object.fromEntries(attendance.map((one) => [one.personId, one.chance])),
    log,
    stored,
    versions,
    asked: asked?.state === 'ready' ? undefined : asked,
    academy,
    weightUnit: coach.weightUnit,
    units: units.map((one) => one.title),
  };
}

export async function loadLog(classId: string): Promise<ClassLog> {
  const [came, drilled, note] = await Promise.all([
    listCame(pool(), classId),
    listDrilledIn(pool(), classId),
    findClassNote(pool(), classId),
  ]);
  return {
    came: Object.fromEntries(came.map((one) => [one.personId, one.came])),
    howItWas: Object.fromEntries(came.map(({ personId, struggled, hurt }) => [personId, { struggled, hurt }])),
    groupOf: Object.fromEntries(came.map(({ personId, group }) => [personId, group])),
    note: note ?? { words: '', hazards: '', version: 0 },
    drilled: Object.fromEntries(drilled.map((one) => [one.drillId, one.minutes])),
  };
}

/** Classes behind that are shown at once. @source own decision: about two months of an academy with a class each day */
const SHOWN_PAST = 40;

/** Every class ahead, and a piece of those behind; `after` is the last class of the piece before. */
export async function loadClasses(after?: string): Promise<{
  readonly upcoming: readonly AcademyClass[];
  readonly past: Piece<AcademyClass>;
  readonly people: number;
  /** The run that was asked for last, and the last one that came to something. */
  readonly run: { readonly latest?: ClassRun; readonly ready?: ClassRun };
  readonly names: Readonly<Record<string, string>>;
  /** Days without classes, from today on. */
  readonly holidays: readonly { readonly day: string; readonly title: string }[];
  /** What decides the theme of a class that nobody set, and whether there is a curriculum that could. */
  readonly planFirst: Academy['planFirst'];
  readonly hasUnits: boolean;
  /** This coach's address for a calendar program: the days on which it was made and last read. */
  readonly calendar?: { readonly madeOn: string; readonly lastReadOn?: string };
}> {
  const coach = await requireCoach();
  // A class of today stands ahead until the day is over.
  const day = await today();
  const zone = await academyZone();
  const from = momentAt(zone, `${day}T00:00`);
  const [upcoming, past, people, latest, ready, holidays, address, academy, units] = await Promise.all([
    listClassesFrom(pool(), from),
    listPastClasses(pool(), from, SHOWN_PAST, uuidIn(after)),
    countPeople(pool()),
    findLatestRun(pool()),
    findReadyRun(pool()),
    listHolidays(pool(), day),
    findCalendarAddress(pool(), coach.id),
    getAcademy(pool()),
    listUnits(pool()),
  ]);
  const named = await listPeopleByIds(
    pool(),
    (ready?.content?.gains ?? []).map((one) => one.personId),
  );
  return {
    ...{ upcoming, past, people, holidays, run: { latest, ready } },
    ...{ planFirst: academy.planFirst, hasUnits: units.length > 0 },
    calendar: address && {
      madeOn: dayIn(zone, address.madeAt),
      lastReadOn: address.lastReadAt && dayIn(zone, address.lastReadAt),
    },
    names: Object.fromEntries(named.map((one) => [one.id, one.name])),
  };
}
