import { pool } from '@/data/client';
import { countErasure } from '@/data/people/erasures';
import { findPerson } from '@/data/people/people';
import { requireCoach } from '../../accounts/currentCoach';
import { today } from '../../kernel/academyTime';
import { isUuid } from '../../kernel/isUuid';
import { findHolding } from './erase';

/** What there is of somebody, for whoever is to erase it; undefined for nobody, and for a coach who may not. */
export async function loadErasing(personId: string) {
  const coach = await requireCoach();
  const person = isUuid(personId) && coach.role === 'head' ? await findPerson(pool(), personId) : undefined;
  const counts = person && (await countErasure(pool(), person.id, person.name));
  if (!person || !counts) return undefined;
  return { person: { id: person.id, name: person.name }, counts, holding: await findHolding(await today()) };
}
