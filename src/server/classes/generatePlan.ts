import type pg from 'pg';
import { addDays, ageOn, fail, type Result, succeed } from '@/core/kernel';
import { listRecurringErrors, type RecurringError, type StudentRecord } from '@/core/patterns';
import {
  type Attendee,
  type ClassPlan,
  type ClassPlanProblem,
  type DrillLock,
  type Need,
  pairKey,
  planClass,
} from '@/core/planning';
import { adultEquivalent, drillsOf, isChildBelt, standardIdOf } from '@/core/vocabulary';
import {
  type AcademyClass,
  findLatestPlan,
  insertPlan,
  listAttendees,
  listClassesBefore,
} from '@/data/classes/classes';
import { getAcademy } from '@/data/people/academy';
import { listDoNotPair, listPeople, type Person } from '@/data/people/people';
import { listRecentHurts } from '@/data/rounds/hurts';
import { houseOf } from '../language/loadHouse';
import { loadRecords } from '../students/loadRecords';
import { createSolver } from './solver';

const RECENT_CLASSES = 4;
/** What a card says to be hurt is asked about for so long. @source own decision: most strains of the mat pass in two weeks; an injury has its own day on the person */
const HURT_DAYS = 14;

/** Plans a class from what keeps happening to those expected, and keeps the plan as its next version. */
export async function generatePlan(
  database: pg.Pool,
  academyClass: AcademyClass,
  locks: readonly DrillLock[],
  coachId: string | undefined,
  today: string,
): Promise<Result<{ version: number; plan: ClassPlan }, ClassPlanProblem>> {
  const [people, attendance, academy, doNotPair, past] = await Promise.all([
    listPeople(database),
    listAttendees(database, academyClass.id),
    getAcademy(database),
    listDoNotPair(database),
    loadPastPlans(database, academyClass),
  ]);
  const { records } = await loadRecords(database, people, today);
  const hurts = new Map(
    (
      await listRecentHurts(
        database,
        attendance.map((one) => one.personId),
        addDays(today, -HURT_DAYS),
      )
    ).map((one) => [one.personId, `${one.hurt} (card of ${one.heldOn})`]),
  );
  const attendees = attendance.flatMap(({ personId, chance }) => {
    const person = people.find((one) => one.id === personId);
    return person ? [toAttendee(person, chance, records, today, academyClass.startsAt, hurts.get(person.id))] : [];
  });
  const planned = planClass(
    {
      minutes: academyClass.minutes,
      uniform: academyClass.uniform,
      pairsOnMats: academyClass.pairsOnMats,
      attendees,
      limits: { liveWeightGapRatio: academy.liveWeightGapRatio, minorsWithAdults: academy.minorsWithAdults, doNotPair },
      locks,
      drills: drillsOf(await houseOf(database)),
      restingDrillIds: new Set(past[0]?.drills.map((one) => one.drillId) ?? []),
      recentPairs: new Set(past.flatMap(pairsOf)),
    },
    await createSolver(),
  );
  if (!planned.ok) return fail(planned.problem);
  const version = ((await findLatestPlan(database, academyClass.id))?.version ?? 0) + 1;
  await insertPlan(database, academyClass.id, version, planned.value, locks, coachId);
  return succeed({ version, plan: planned.value });
}

async function loadPastPlans(database: pg.Pool, academyClass: AcademyClass): Promise<ClassPlan[]> {
  const before = await listClassesBefore(database, academyClass.startsAt, RECENT_CLASSES);
  const plans = await Promise.all(before.map((one) => findLatestPlan(database, one.id)));
  return plans.flatMap((one) => (one ? [one.plan] : []));
}

const pairsOf = (plan: ClassPlan): string[] =>
  plan.pairings.flatMap((pairing) =>
    pairing.groups.flatMap((group) =>
      group.flatMap((one, index) => group.slice(index + 1).map((other) => pairKey(one, other))),
    ),
  );

function toAttendee(
  person: Person,
  chance: number,
  records: readonly StudentRecord[],
  today: string,
  startsAt: string,
  hurt: string | undefined,
): Attendee {
  const record = records.find((one) => one.personId === person.id);
  const recurring = record ? listRecurringErrors(record, records, today) : [];
  const day = startsAt.slice(0, 10);
  return {
    personId: person.id,
    belt: adultEquivalent(person.belt),
    age: person.bornOn ? ageOn(person.bornOn, day) : undefined,
    childBelt: isChildBelt(person.belt),
    hurt: [hurt, person.injuryNote].filter(Boolean).join('; ') || undefined,
    weightKg: person.weightKg,
    chance,
    injured: person.injuredUntil !== undefined && person.injuredUntil >= day,
    needs: needsOf(recurring.filter((one) => one.status !== 'gone')),
  };
}

/** What the student needs by standard error: an academy's own error is answered by the drills of the one that it is a kind of. */
function needsOf(recurring: readonly RecurringError[]): Need[] {
  const needs = new Map<string, Need>();
  for (const one of recurring) {
    const errorId = standardIdOf(one.errorId);
    const known = needs.get(errorId);
    const dates = one.occurrences.map((occurrence) => occurrence.heldOn);
    needs.set(errorId, {
      errorId,
      priority: (known?.priority ?? 0) + one.priority,
      count: (known?.count ?? 0) + one.count,
      lastSeenOn: [known?.lastSeenOn ?? '', ...dates].sort().at(-1) || undefined,
      markIds: [...(known?.markIds ?? []), ...one.occurrences.map((occurrence) => occurrence.markId)],
    });
  }
  return [...needs.values()];
}
