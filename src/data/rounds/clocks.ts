import { z } from 'zod';
import type { Database } from '../client';
import { listRows, runStatement } from '../rows';

const tieShape = z.object({ mediaSeconds: z.number(), readingSeconds: z.number() });
const clockRow = z.object({
  id: z.string(),
  name: z.string(),
  counts: z.enum(['up', 'down']),
  pauses: z.boolean(),
  /** Whether it is set anew for each turn. */
  restarts: z.boolean(),
  ties: z.array(tieShape),
  version: z.number(),
});
/** A clock seen in a round's footage; it may still lack its second tie. */
export type StoredClock = z.output<typeof clockRow>;

export const listClocks = (database: Database, roundId: string) =>
  listRows(
    database,
    clockRow,
    `select id, name, counts, pauses, restarts, ties, version from round_clock where round_id = $1 order by created_at, id`,
    [roundId],
  );

export const insertClock = (database: Database, roundId: string, clock: Omit<StoredClock, 'version'>) =>
  runStatement(
    database,
    'insert into round_clock (id, round_id, name, counts, pauses, restarts, ties) values ($1, $2, $3, $4, $5, $6, $7) on conflict (id) do nothing',
    [clock.id, roundId, clock.name, clock.counts, clock.pauses, clock.restarts, JSON.stringify(clock.ties)],
  );

/** Changes a clock if nobody else did since its version; returns the rows touched (0 or 1). */
export const updateClock = (database: Database, roundId: string, clock: StoredClock) =>
  runStatement(
    database,
    `update round_clock set name = $3, counts = $4, pauses = $5, restarts = $6, ties = $7,
       version = version + 1
     where id = $1 and round_id = $2 and version = $8`,
    [
      ...[clock.id, roundId, clock.name, clock.counts, clock.pauses, clock.restarts],
      ...[JSON.stringify(clock.ties), clock.version],
    ],
  );

export const deleteClock = (database: Database, roundId: string, id: string) =>
  runStatement(database, 'delete from round_clock where id = $1 and round_id = $2', [id, roundId]);
