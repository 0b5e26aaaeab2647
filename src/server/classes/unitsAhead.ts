import { inTurn, type PlannedUnit, type Theme, themeOfUnit } from '@/core/planning';
import { adultEquivalent, type Belt, drillOf } from '@/core/vocabulary';
import { type AcademyClass, listAttendees, listClassesFrom } from '@/data/classes/classes';
import { listTaughtTo, listUnits, type TaughtTo, type Unit } from '@/data/classes/units';
import type { Database } from '@/data/client';
import { getAcademy } from '@/data/people/academy';
import { listPeopleByIds } from '@/data/people/people';
import { houseOf } from '../language/loadHouse';

/** The unit whose turn it is in a class, and what the class is about by it. */
export interface UnitOfClass {
  readonly unit: Pick<PlannedUnit, 'id' | 'title'>;
  readonly theme: Theme;
}

/** When any entry of a unit was last taught; undefined when never. */
export const lastDayOf = (unit: Unit, taught: readonly TaughtTo[]): string | undefined =>
  taught
    .filter((one) => unit.conceptIds.includes(one.conceptId))
    .map((one) => one.day)
    .sort()
    .at(-1);

/**
 * The units of the classes ahead where the academy goes by its curriculum: each class that nobody set a theme for takes the next unit of the belt that most of
 * those who are expected wear; when all had their turn, it goes round. Units without a lesson in the library are passed over. Empty where errors decide.
 */
export async function unitsAhead(database: Database): Promise<ReadonlyMap<string, UnitOfClass>> {
  const academy = await getAcademy(database);
  if (academy.planFirst !== 'curriculum') return new Map();
  const [units, house, classes] = [
    await listUnits(database),
    await houseOf(database),
    await listClassesFrom(database, new Date().toISOString()),
  ];
  const taught = await listTaughtTo(database, [...new Set(units.flatMap((one) => one.conceptIds))], academy.timeZone);
  const queues = new Map<Belt, UnitOfClass[]>();
  for (const unit of inTurn(units.map((one) => ({ ...one, lastDay: lastDayOf(one, taught) })))) {
    const theme = themeOfUnit(unit, (id) => drillOf(house, id));
    if (theme)
      queues.set(unit.belt, [...(queues.get(unit.belt) ?? []), { unit: { id: unit.id, title: unit.title }, theme }]);
  }
  const found = new Map<string, UnitOfClass>();
  for (const one of classes) {
    const queue = one.setTheme ? undefined : queues.get(await beltOfClass(database, one));
    const next = queue?.shift();
    if (!next) continue;
    found.set(one.id, next);
    queue?.push(next);
  }
  return found;
}

/** The belt that most of those who are expected wear, by how likely each comes; white where nobody is. */
async function beltOfClass(database: Database, { id }: AcademyClass): Promise<Belt> {
  const attendees = await listAttendees(database, id);
  const people = await listPeopleByIds(
    database,
    attendees.map((one) => one.personId),
  );
  const weight = new Map<Belt, number>([['white', 0]]);
  for (const { id: personId, belt } of people) {
    const worn = adultEquivalent(belt);
    const chance = attendees.find((one) => one.personId === personId)?.chance ?? 0;
    weight.set(worn, (weight.get(worn) ?? 0) + chance);
  }
  return [...weight].reduce((best, one) => (one[1] > best[1] ? one : best))[0];
}
