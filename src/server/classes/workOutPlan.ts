import type pg from 'pg';
import { addDays, ageOn } from '@/core/kernel';
import type { RecurringError } from '@/core/patterns';
import {
  type Attendee,
  type ClassPlan,
  type ClassProblem,
  type DrillLock,
  isAbout,
  listCandidates,
  type Need,
  type PlanNumbers,
  pairKey,
  soreJointsIn,
  taughtHere,
  withKappas,
  withSigned,
} from '@/core/planning';
import { adultEquivalent, drillsOf, isChildBelt, standardIdOf } from '@/core/vocabulary';
import {
  type AcademyClass,
  beginPlan,
  endPlan,
  findClass,
  findLatestPlan,
  listAttendees,
  listClassesBefore,
} from '@/data/classes/classes';
import type { Database } from '@/data/client';
import { type Academy, getAcademy } from '@/data/people/academy';
import { listDoNotPair, listPeopleByIds, type Person } from '@/data/people/people';
import { listKappas } from '@/data/projections/lessonEffects';
import { listFirstPoints } from '@/data/reviews/signedReviews';
import { listRecentHurts } from '@/data/rounds/hurts';
import { loadPatterns } from '../figures/records';
import { houseOf } from '../language/loadHouse';
import { planApart } from './planApart';
import { type UnitOfClass, unitsAhead } from './unitsAhead';

/** Works out a plan that was asked for and keeps what it became. Harmless to repeat; nothing for one that was overtaken or is done. */
export async function workOutPlan(
  database: pg.Pool,
  classId: string,
  version: number,
  today: string,
  signal: AbortSignal,
): Promise<void> {
  const asked = await beginPlan(database, classId, version);
  const academyClass = asked && (await findClass(database, classId));
  if (!academyClass) return;
  const unit = (await unitsAhead(database)).get(classId);
  const planned = await planApart(await gatherProblem(database, academyClass, asked.locks, today, { unit }), signal);
  await endPlan(
    database,
    classId,
    version,
    planned.ok
      ? {
          state: 'ready',
          plan: await withLearned(database, planned.value),
        }
      : { state: 'failed', problem: planned.problem },
  );
}

/** A plan that says which of its drills count with what earlier lessons taught, not with the catalogue's κ. */
export async function withLearned(database: Database, plan: ClassPlan): Promise<ClassPlan> {
  const chosen = new Set(plan.drills.map((one) => one.drillId));
  return { ...plan, learned: (await listKappas(database)).filter((one) => chosen.has(one.drillId)) };
}

/** People as planning sees them, kept while several classes are gathered: the same person is worked out once. */
export type KnownNeeds = Map<string, Promise<readonly Need[]>>;

/** Everything that a plan of a class is made from: who comes and what keeps happening to them, the academy's limits, the drills, the classes before. */
export async function gatherProblem(
  database: Database,
  academyClass: AcademyClass,
  locks: readonly DrillLock[],
  today: string,
  { knownNeeds = new Map(), unit }: { readonly knownNeeds?: KnownNeeds; readonly unit?: UnitOfClass } = {},
): Promise<ClassProblem> {
  const attendance = await listAttendees(database, academyClass.id);
  const personIds = attendance.map((one) => one.personId);
  const academy = await getAcademy(database);
  const { planNumbers: numbers } = academy;
  const [people, doNotPair, past, house, hurts, kappas] = [
    await listPeopleByIds(database, personIds),
    await listDoNotPair(database),
    await loadPastPlans(database, academyClass, numbers),
    await houseOf(database),
    await listRecentHurts(database, personIds, addDays(today, -numbers.hurtDays)),
    await listKappas(database),
  ];
  const hurtOf = new Map(hurts.map((one) => [one.personId, `${one.hurt} (${one.saidIn} of ${one.heldOn})`]));
  const known = new Map(people.map((person) => [person.id, person]));
  const attendees: Attendee[] = [];
  for (const { personId, chance } of attendance) {
    const person = known.get(personId);
    if (!person) continue;
    const needs = knownNeeds.get(person.id) ?? loadNeeds(database, person, today, academy);
    knownNeeds.set(person.id, needs);
    attendees.push(toAttendee(person, chance, await needs, academyClass.startsAt, hurtOf.get(person.id)));
  }
  const drills = taughtHere(withKappas(drillsOf(house), kappas), numbers);
  // A unit that nobody here may do leaves the class to the errors: only a theme that the coach set is insisted on.
  const isFit = listCandidates(drills, attendees, academyClass.uniform, new Set()).some(({ drill }) =>
    isAbout(drill, unit?.theme),
  );
  return {
    minutes: academyClass.minutes,
    uniform: academyClass.uniform,
    pairsOnMats: academyClass.pairsOnMats,
    coaches: academyClass.coaches,
    attendees,
    limits: { liveWeightGapRatio: academy.liveWeightGapRatio, minorsWithAdults: academy.minorsWithAdults, doNotPair },
    locks,
    theme: academyClass.setTheme ?? (isFit ? unit?.theme : undefined),
    fromUnit: isFit && !academyClass.setTheme ? unit?.unit : undefined,
    ownBlocks: academyClass.ownBlocks,
    keptPairs: academyClass.keptPairs,
    drills,
    numbers,
    restingDrillIds: new Set(past[0]?.drills.map((one) => one.drillId) ?? []),
    recentPairs: new Set(past.slice(0, numbers.recentClasses).flatMap(pairsOf)),
  };
}

async function loadPastPlans(
  database: Database,
  academyClass: AcademyClass,
  { recentClasses }: PlanNumbers,
): Promise<ClassPlan[]> {
  // The last one also says which drills rest.
  const before = await listClassesBefore(database, academyClass.startsAt, Math.max(1, recentClasses));
  const plans = await Promise.all(before.map((one) => findLatestPlan(database, one.id)));
  return plans.flatMap((one) => (one ? [one.plan] : []));
}

const pairsOf = (plan: ClassPlan): string[] =>
  plan.pairings.flatMap((pairing) =>
    [...pairing.groups, ...(pairing.untilPlayed ?? []).map((one) => one.personIds)].flatMap((group) =>
      group.flatMap((one, index) => group.slice(index + 1).map((other) => pairKey(one, other))),
    ),
  );

function toAttendee(
  person: Person,
  chance: number,
  needs: readonly Need[],
  startsAt: string,
  hurt: string | undefined,
): Attendee {
  const day = startsAt.slice(0, 10);
  return {
    personId: person.id,
    belt: adultEquivalent(person.belt),
    age: person.bornOn ? ageOn(person.bornOn, day) : undefined,
    childBelt: isChildBelt(person.belt),
    hurt: [hurt, person.injuryNote].filter(Boolean).join('; ') || undefined,
    sore: soreJointsIn([hurt, person.injuryNote].filter(Boolean).join('; ')),
    weightKg: person.weightKg,
    chance,
    injured: person.injuredUntil !== undefined && person.injuredUntil >= day,
    needs,
  };
}

/** What somebody needs: what keeps happening to them, with what was signed lately before it. */
async function loadNeeds(
  database: Database,
  person: Person,
  today: string,
  { timeZone, planNumbers }: Academy,
): Promise<Need[]> {
  const { errors } = await loadPatterns(database, person, today);
  const signed = await listFirstPoints(database, person.id, addDays(today, -planNumbers.signedDays), timeZone);
  return withSigned(needsOf(errors.filter((one) => one.status !== 'gone')), signed.map(asStandard), planNumbers);
}

/** An academy's own error stands for the one that it is a kind of. */
const asStandard = <Point extends { readonly errorId: string }>(point: Point): Point => ({
  ...point,
  errorId: standardIdOf(point.errorId),
});

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
