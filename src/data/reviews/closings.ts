import { z } from 'zod';
import type { Database } from '../client';
import { findRow, runStatement } from '../rows';

/** What a review closes: one athlete of a round, somebody's days (an evening, a visit), or the academy's. Days are included on both sides. */
export type ClosingAbout =
  | { readonly kind: 'round'; readonly roundId: string; readonly slot: 'a' | 'b' }
  | { readonly kind: 'days'; readonly personId: string; readonly firstDay: string; readonly lastDay: string }
  | { readonly kind: 'academy'; readonly firstDay: string; readonly lastDay: string };

const closingRow = z
  .object({
    id: z.string(),
    kind: z.enum(['round', 'days', 'academy']),
    round_id: z.string().nullable(),
    slot: z.enum(['a', 'b']).nullable(),
    person_id: z.string().nullable(),
    first_day: z.string(),
    last_day: z.string(),
  })
  .transform((row) => ({
    id: row.id,
    kind: row.kind,
    roundId: row.round_id ?? undefined,
    slot: row.slot ?? undefined,
    /** Whom it is for; absent for the academy. */
    personId: row.person_id ?? undefined,
    firstDay: row.first_day,
    lastDay: row.last_day,
  }));
export type Closing = z.output<typeof closingRow>;

const placeOf = (about: ClosingAbout): { readonly text: string; readonly values: readonly string[] } => {
  switch (about.kind) {
    case 'round':
      return { text: "kind = 'round' and round_id = $1 and slot = $2", values: [about.roundId, about.slot] };
    case 'days':
      return {
        text: "kind = 'days' and person_id = $1 and first_day = $2 and last_day = $3",
        values: [about.personId, about.firstDay, about.lastDay],
      };
    case 'academy':
      return { text: "kind = 'academy' and first_day = $1 and last_day = $2", values: [about.firstDay, about.lastDay] };
  }
};

const select = `select a.closing_id as id, a.kind, a.round_id, a.slot, a.person_id, a.first_day::text as first_day, a.last_day::text as last_day
  from closing_about a`;

export const findClosing = (database: Database, id: string) =>
  findRow(database, closingRow, `${select} where a.closing_id = $1`, [id]);

/** The id under which this is closed; undefined while nobody has signed it. */
export async function findClosingId(database: Database, about: ClosingAbout): Promise<string | undefined> {
  const { text, values } = placeOf(about);
  return (await findRow(database, z.object({ id: z.string() }), `select id from closing where ${text}`, values))?.id;
}

/** The id under which this is closed, made when it is not there yet. */
export async function putClosing(database: Database, about: ClosingAbout): Promise<string> {
  const value = {
    ...{ roundId: null, slot: null, personId: null, firstDay: null, lastDay: null },
    ...about,
  };
  await runStatement(
    database,
    'insert into closing (kind, round_id, slot, person_id, first_day, last_day) values ($1, $2, $3, $4, $5, $6) on conflict do nothing',
    [value.kind, value.roundId, value.slot, value.personId, value.firstDay, value.lastDay],
  );
  const id = await findClosingId(database, about);
  if (!id) throw new Error('putClosing: a closing that was put is not there');
  return id;
}
