import type pg from 'pg';
import { chooseWorkOn, errorIdsOf, listRecurringErrors, monthsOf, sumsOf } from '@/core/patterns';
import { inTransaction } from '@/data/client';
import { findPerson } from '@/data/people/people';
import { askForEffects } from '@/data/projections/lessonEffects';
import { replaceStanding } from '@/data/projections/people';
import { loadCohort, recordOf } from './records';

/** Adds up somebody's rounds of the window as of a day: their line in the list of students, and the sums with which others are compared. */
export const figurePerson = (database: pg.Pool, personId: string, today: string): Promise<void> =>
  inTransaction(database, async (client) => {
    const person = await findPerson(client, personId);
    if (!person) return;
    const record = await recordOf(client, person, today);
    const errors = listRecurringErrors(record, await loadCohort(client, personId, errorIdsOf(record)), today);
    const [first] = chooseWorkOn(errors);
    await replaceStanding(
      client,
      {
        personId,
        asOf: today,
        rounds: record.rounds.length,
        lastHeldOn: record.rounds.at(-1)?.heldOn,
        top: first
          ? { errorId: first.errorId, count: first.count, status: first.status, months: monthsOf(first.history) }
          : undefined,
      },
      sumsOf(record.rounds, today),
    );
    await askForEffects(client);
  });
