import { firstNameOf } from '@/core/kernel';
import { chooseWorkOn, listChanged, type RecurringError } from '@/core/patterns';
import type { SharedStudent } from '@/core/reviewing';
import { cueOf, houseNameOf } from '@/core/vocabulary';
import { pool } from '@/data/client';
import { getAcademy } from '@/data/people/academy';
import { findPerson } from '@/data/people/people';
import { listSharedClosings, type ShareLink } from '@/data/sharing/links';
import { loadPatterns } from '../figures/records';
import { today } from '../kernel/academyTime';
import { loadHouse } from '../language/loadHouse';
import { loadSharedReview } from './sharedReview';

/** What a student's own page shows; undefined while the academy gives none. */
export async function loadSharedStudent(link: ShareLink): Promise<SharedStudent | undefined> {
  const [academy, person, day, house] = await Promise.all([
    getAcademy(pool()),
    findPerson(pool(), link.personId),
    today(),
    loadHouse(),
  ]);
  if (link.kind !== 'student' || !academy.studentPages || !person) return undefined;
  const { errors } = await loadPatterns(pool(), person, day);
  const closings = await listSharedClosings(pool(), person.id);
  const reviews = (await Promise.all(closings.map((id) => loadSharedReview(link, id)))).filter(
    (one) => one !== undefined,
  );
  const isBetter = ({ change }: RecurringError) => change.kind === 'gone' || change.kind === 'less';
  return {
    ...{ academyName: academy.name, firstName: firstNameOf(person.name) },
    reviews: reviews.sort((one, other) => (one.lastDay < other.lastDay ? 1 : -1)),
    workOn: chooseWorkOn(errors).map(({ errorId }) => ({
      ...{ title: houseNameOf(house, errorId), cue: cueOf(house, errorId) },
    })),
    changed: listChanged(errors).map((one) => ({
      ...{ title: houseNameOf(house, one.errorId), isBetter: isBetter(one) },
    })),
  };
}
