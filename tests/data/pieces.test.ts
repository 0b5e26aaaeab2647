import { randomUUID } from 'node:crypto';
import { beforeEach, describe, expect, it } from 'vitest';
import { z } from 'zod';
import { addDays } from '@/core/kernel';
import type { Mark } from '@/core/round';
import { pool } from '@/data/client';
import { searchMarks } from '@/data/language/occurrences';
import { listPeoplePiece } from '@/data/people/people';
import { listRounds } from '@/data/rounds/rounds';
import { findRow, listRows, type Piece, readRows, UnreadableRow } from '@/data/rows';
import { applyChanges } from '@/server/marks/applyChanges';
import { placeOfRound } from '@/server/marks/marksPlace';
import { emptyDatabase, seedCoach, seedPerson, seedRound } from '../support/seed';

beforeEach(emptyDatabase);

/** All rows of a list, piece by piece. */
async function readAll<Row>(piece: (after?: string) => Promise<Piece<Row>>): Promise<{ rows: Row[]; pieces: number }> {
  const rows: Row[] = [];
  let pieces = 0;
  for (let after: string | undefined; pieces === 0 || after !== undefined; pieces += 1) {
    const { rows: some, more } = await piece(after);
    rows.push(...some);
    after = more;
  }
  return { rows, pieces };
}

describe('a list that is longer than its page', () => {
  it('of rounds goes on where it was cut, newest first, with nothing lost or doubled', async () => {
    const [ana, iris] = [await seedPerson('Ana'), await seedPerson('Iris')];
    for (let index = 0; index < 23; index += 1)
      await seedRound(ana, iris, addDays('2026-11-20', -Math.floor(index / 4)));
    const { rows, pieces } = await readAll((after) => listRounds(pool(), {}, 5, after));
    expect([rows.length, new Set(rows.map((one) => one.id)).size, pieces]).toEqual([23, 23, 5]);
    expect(rows.map((one) => one.heldOn)).toEqual([...rows.map((one) => one.heldOn)].sort().reverse());
    // A place that is none begins at the newest.
    expect((await listRounds(pool(), {}, 5, "'; drop table round --")).rows[0]?.id).toBe(rows[0]?.id);
    expect((await listRounds(pool(), { personIds: [ana, iris], fromDay: '2026-11-19' }, 99)).rows).toHaveLength(8);
  });

  it('of people goes on by name, also where several are called the same', async () => {
    for (let index = 0; index < 12; index += 1) await seedPerson(index % 3 === 0 ? 'Timo' : `Person ${index}`);
    const { rows } = await readAll((after) => listPeoplePiece(pool(), 5, after));
    expect([rows.length, new Set(rows.map((one) => one.id)).size]).toEqual([12, 12]);
  });

  it('of found marks goes on through rounds and moments', async () => {
    const coach = await seedCoach();
    const [ana, iris] = [await seedPerson('Ana'), await seedPerson('Iris')];
    for (let day = 0; day < 3; day += 1) {
      const round = await seedRound(ana, iris, addDays('2026-11-20', -day));
      const marks = Array.from(
        { length: 7 },
        (_, at): Mark => ({ kind: 'note', id: randomUUID(), atSeconds: 20 + Math.floor(at / 2), note: 'far elbow' }),
      );
      await applyChanges(
        pool(),
        placeOfRound(round),
        marks.map((mark) => ({ changeId: randomUUID(), mark, removed: false })),
        coach,
      );
    }
    const { rows } = await readAll((after) => searchMarks(pool(), { noteWords: ['elbow', 'far'] }, 4, after));
    expect([rows.length, new Set(rows.map((one) => one.mark.id)).size]).toEqual([21, 21]);
  });
});

describe('a row that does not fit', () => {
  const shape = z.object({ id: z.number(), name: z.string() });
  const text = "select * from (values (1, 'one'), (2, null), (3, 'three')) as rows (id, name)";

  it('is left out and counted, and takes no list down', async () => {
    expect(await readRows(pool(), shape, text)).toEqual({
      rows: [
        { id: 1, name: 'one' },
        { id: 3, name: 'three' },
      ],
      unreadable: 1,
    });
    expect(await listRows(pool(), shape, text)).toHaveLength(2);
  });

  it('that was asked for by itself is no absence', async () => {
    await expect(findRow(pool(), shape, `${text} where id = 2`)).rejects.toThrow(UnreadableRow);
    expect(await findRow(pool(), shape, `${text} where id = 9`)).toBeUndefined();
  });
});
