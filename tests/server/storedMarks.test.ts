import { randomUUID } from 'node:crypto';
import fc from 'fast-check';
import { beforeEach, describe, expect, it } from 'vitest';
import { type Mark, markKinds, markSchema, storedMark, storedMarkSchema, swapAthletes } from '@/core/round';
import { pool } from '@/data/client';
import { listMarks } from '@/data/marks/marks';
import { figureRound } from '@/server/figures/figureRound';
import { arbitraryMarks } from '../support/arbitraryRound';
import { emptyDatabase, flatError, putMarks, seedCoach, seedPerson, seedRound } from '../support/seed';

describe('the shape of a mark', () => {
  it('is one for the wire and the store, for every kind', () => {
    fc.assert(
      fc.property(arbitraryMarks, (marks) => {
        for (const mark of marks) {
          const plain = JSON.parse(JSON.stringify(mark));
          expect(markSchema.parse(plain)).toEqual(plain);
          expect(storedMarkSchema.parse(JSON.parse(JSON.stringify(storedMark(mark))))).toEqual(plain);
          // What was stored before shapes had numbers has the first.
          expect(storedMarkSchema.parse(plain)).toEqual(plain);
          expect(swapAthletes(swapAthletes(mark))).toEqual(mark);
        }
      }),
      { numRuns: 60 },
    );
    expect(Object.entries(markKinds).every(([name, one]) => one.kind === name)).toBe(true);
    const ranks = Object.values(markKinds).map((one) => one.rank);
    expect(new Set(ranks).size).toBe(ranks.length);
  });

  it('of a later program is not guessed at', () => {
    const note = { kind: 'note', id: randomUUID(), atSeconds: 1, note: 'x' };
    expect(storedMarkSchema.safeParse({ ...note, shape: 2 }).success).toBe(false);
    expect(markSchema.safeParse({ ...note, kind: 'telepathy' }).success).toBe(false);
  });
});

describe('a stored mark that cannot be read', () => {
  beforeEach(emptyDatabase);

  it('is left out, and everything else is there and counts', async () => {
    const coach = await seedCoach();
    const round = await seedRound(await seedPerson('Ana'), await seedPerson('Iris'));
    const marks = [flatError(20), flatError(40)] as const;
    await putMarks(round, coach, ...marks);
    await pool().query(`update mark set content = content - 'athlete' where id = $1`, [marks[0].id]);
    expect((await listMarks(pool(), round.id)).map((one) => one.mark.id)).toEqual([marks[1].id]);
    await figureRound(pool(), round.id);
    const { rows } = await pool().query('select mark_count from round_figured where round_id = $1', [round.id]);
    expect(rows).toEqual([{ mark_count: 1 }]);
    // A change of it is refused alone, and holds up no other.
    const note: Mark = { kind: 'note', id: randomUUID(), atSeconds: 60, note: 'x' };
    expect(await putMarks(round, coach, { ...marks[0], atSeconds: 25 }, note)).toMatchObject([
      { status: 'refused', problems: [{ code: 'not-readable' }] },
      { status: 'stored' },
    ]);
  });
});
