import { type CallHabits, newHabitSums } from '@/core/callline';
import { addDays } from '@/core/kernel';
import type { Database } from '@/data/client';
import { listLessons, listTaught } from '@/data/projections/roundFigures';
import type { Round } from '@/data/rounds/rounds';
import { today } from '../kernel/academyTime';

/** Rounds that teach the likely calls: the newest, of about a year. @source own decision */
const TEACHING_ROUNDS = 200;
const TEACHING_DAYS = 365;

/** The round that is reviewed, as far as it decides what its page is taught. */
export type TaughtRound = Pick<Round, 'id'> & Readonly<Record<'a' | 'b', Pick<Round['a'], 'personId'>>>;

/** The lessons that this process has read, added up: megabytes that change by one round at a time, and that each page of Review needs. */
interface Taught {
  readonly sums: ReturnType<typeof newHabitSums>;
  readonly known: Map<string, { readonly figuredAt: string; readonly lesson: CallHabits }>;
  /** The reading under way: one after another, so that none adds what another adds. */
  reading: Promise<void>;
}

const taughtBy = new WeakMap<Database, Taught>();

/** What the newest rounds teach about the next call of this one; a round does not teach itself. */
export async function habitsFor(database: Database, round: TaughtRound): Promise<CallHabits> {
  const taught = taughtBy.get(database) ?? { sums: newHabitSums(), known: new Map(), reading: Promise.resolve() };
  taughtBy.set(database, taught);
  const reading = taught.reading.catch(() => undefined).then(() => readLessons(database, taught));
  taught.reading = reading;
  await reading;
  return taught.sums.habitsFor([round.a.personId, round.b.personId], taught.known.get(round.id)?.lesson);
}

async function readLessons(database: Database, { sums, known }: Taught): Promise<void> {
  const listed = await listTaught(database, addDays(await today(), -TEACHING_DAYS), TEACHING_ROUNDS);
  const figuredAt = new Map(listed.map((one) => [one.roundId, one.figuredAt]));
  const missing = listed.filter((one) => known.get(one.roundId)?.figuredAt !== one.figuredAt);
  const lessons =
    missing.length > 0
      ? await listLessons(
          database,
          missing.map((one) => one.roundId),
        )
      : [];
  for (const [roundId, { figuredAt: then, lesson }] of known) {
    if (figuredAt.get(roundId) === then) continue;
    sums.remove(lesson);
    known.delete(roundId);
  }
  for (const { roundId, lesson } of lessons) {
    sums.add(lesson);
    // A lesson worked out anew between the two statements is newer than its moment says: read once more the next time.
    known.set(roundId, { figuredAt: figuredAt.get(roundId) ?? '', lesson });
  }
}
