import type { WeightUnit } from '@/core/kernel';
import { pool } from '@/data/client';
import { listPeoplePiece, type Person } from '@/data/people/people';
import { listStandings, type Standing } from '@/data/projections/people';
import { findFiguresDue } from '@/data/projections/roundFigures';
import type { Piece } from '@/data/rows';
import { requireCoach } from '../accounts/currentCoach';
import { uuidIn } from '../kernel/isUuid';
import type { FiguresDue } from './loadStudent';

/** People shown at once. @source own decision: what can be looked through in one list */
const SHOWN_PEOPLE = 75;

export type StudentLine = Person & Pick<Standing, 'rounds' | 'lastHeldOn' | 'top'>;

/** A piece of everybody by name, each with how they stand; `after` is the last person of the piece before. */
export async function loadStudents(after?: string): Promise<{
  readonly people: Piece<StudentLine>;
  readonly figuresDue: FiguresDue;
  readonly weightUnit: WeightUnit;
}> {
  const coach = await requireCoach();
  const [people, figuresDue] = await Promise.all([
    listPeoplePiece(pool(), SHOWN_PEOPLE, uuidIn(after)),
    findFiguresDue(pool(), undefined),
  ]);
  const standings = new Map(
    (
      await listStandings(
        pool(),
        people.rows.map((person) => person.id),
      )
    ).map((one) => [one.personId, one]),
  );
  const lineOf = (person: Person): StudentLine => {
    const { rounds = 0, lastHeldOn, top } = standings.get(person.id) ?? {};
    return { ...person, rounds, lastHeldOn, top };
  };
  return { people: { ...people, rows: people.rows.map(lineOf) }, figuresDue, weightUnit: coach.weightUnit };
}
