'use server';

import { listRecurringErrors } from '@/core/patterns';
import type { Athlete } from '@/core/round';
import { pool } from '@/data/client';
import { listPeople } from '@/data/people/people';
import { findRound } from '@/data/rounds/rounds';
import { requireCoach } from '../accounts/currentCoach';
import { today } from '../kernel/environment';
import { isUuid } from '../kernel/isUuid';
import { loadRecords } from '../students/loadRecords';

/** What one more of each error would cost either athlete of a round against somebody one belt up, from their own rounds. Empty where nothing is known. */
export async function loadLatentDamage(roundId: string): Promise<Record<Athlete, Record<string, number>>> {
  await requireCoach();
  const round = isUuid(roundId) ? await findRound(pool(), roundId) : undefined;
  if (!round) return { a: {}, b: {} };
  const { records } = await loadRecords(pool(), await listPeople(pool()), today());
  const latentOf = (personId: string) => {
    const own = records.find((one) => one.personId === personId);
    const found = own ? listRecurringErrors(own, records, today()) : [];
    return Object.fromEntries(found.map((one) => [one.errorId, one.factors.cost.latentDamage]));
  };
  return { a: latentOf(round.a.personId), b: latentOf(round.b.personId) };
}
