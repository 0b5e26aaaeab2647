import { beforeEach, expect, it } from 'vitest';
import { pool } from '@/data/client';
import { insertWorker, notePool, queueTask, unlockDeadTasks } from '@/data/footage/queue';
import { emptyDatabase } from '../support/seed';

beforeEach(async () => {
  await emptyDatabase();
  await pool().query('delete from worker');
  await pool().query('delete from graphile_worker._private_jobs');
});

it('what a dead process had taken from the queue is given back, what a living one holds is not', async () => {
  await insertWorker(pool(), 1);
  await insertWorker(pool(), 2);
  await notePool(pool(), 1, 'pool-of-the-living');
  await notePool(pool(), 2, 'pool-of-the-dead');
  for (const [key, holder] of [
    ['one', 'pool-of-the-living'],
    ['two', 'pool-of-the-dead'],
    ['three', 'pool-of-nobody'],
  ] as const) {
    await queueTask(pool(), 'look', {}, key);
    await pool().query(
      "update graphile_worker._private_jobs set locked_at = now() - interval '5 minutes', locked_by = $2 where key = $1",
      [key, holder],
    );
  }
  await pool().query("update worker set seen_at = now() - interval '5 minutes' where number = 2");
  await unlockDeadTasks(pool());
  const { rows } = await pool().query('select key from graphile_worker.jobs where locked_at is not null');
  expect(rows.map((row) => row.key)).toEqual(['one']);
});
