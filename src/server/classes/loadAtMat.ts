import type { ClassPlan } from '@/core/planning';
import {
  type AcademyClass,
  findClass,
  findLatestPlan,
  listAttendees,
  listClassesBetween,
} from '@/data/classes/classes';
import { pool } from '@/data/client';
import { listPeople } from '@/data/people/people';
import { requireCoach } from '../accounts/currentCoach';
import { isUuid } from '../kernel/isUuid';
import { type ClassLog, loadLog } from './loadClass';

const DAY_MS = 86_400_000;
/** How far back and ahead a helper sees classes. @source own decision: what is still logged from memory, and what is prepared */
const DAYS_BACK = 14;
const DAYS_AHEAD = 7;

/** The classes around today, for whoever runs or logs them. */
export async function loadMatClasses(): Promise<readonly AcademyClass[]> {
  await requireCoach('helper');
  const at = (days: number) => new Date(Date.now() + days * DAY_MS).toISOString();
  return listClassesBetween(pool(), at(-DAYS_BACK), at(DAYS_AHEAD));
}

/** A class as it is run and logged: names, the plan, what became of it, and nothing of what keeps happening to whom unless a coach looks. */
export interface MatClass {
  readonly academyClass: AcademyClass;
  readonly people: readonly { readonly id: string; readonly name: string }[];
  readonly expectedIds: readonly string[];
  readonly plan?: ClassPlan;
  /** Undefined before it begins. */
  readonly log?: ClassLog;
  readonly isForHelper: boolean;
}

export async function loadMatClass(classId: string): Promise<MatClass | undefined> {
  const { role } = await requireCoach('helper');
  const academyClass = isUuid(classId) ? await findClass(pool(), classId) : undefined;
  if (!academyClass) return undefined;
  const hasBegun = Date.parse(academyClass.startsAt) <= Date.now();
  const [people, attendees, stored, log] = await Promise.all([
    listPeople(pool()),
    listAttendees(pool(), classId),
    findLatestPlan(pool(), classId),
    hasBegun ? loadLog(classId) : undefined,
  ]);
  const isForHelper = role === 'helper';
  return {
    ...{ academyClass, log, isForHelper },
    people: people.map(({ id, name }) => ({ id, name })),
    expectedIds: attendees.map((one) => one.personId),
    plan: stored && (isForHelper ? withoutReasons(stored.plan) : stored.plan),
  };
}

/** A plan without whose errors asked for its lessons. */
const withoutReasons = (plan: ClassPlan): ClassPlan => ({
  ...plan,
  blocks: bare(plan.blocks),
  groups: plan.groups?.map((group) => ({ ...group, blocks: bare(group.blocks) })),
});
const bare = (blocks: ClassPlan['blocks']): ClassPlan['blocks'] => blocks.map((block) => ({ ...block, reasons: [] }));
