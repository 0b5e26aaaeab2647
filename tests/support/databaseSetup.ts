import { mkdtemp, rm } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import path from 'node:path';
import type { TestProject } from 'vitest/node';
import { ensureDatabase, startCluster, testCluster } from '../../bin/cluster';
import type { TestPlace } from './ownDatabase';

/** A real PostgreSQL for the tests: their own throw-away cluster, and for each of their workers a fresh database and a folder for files. */
export default async function setup({ config }: TestProject): Promise<() => Promise<void>> {
  const cluster = await startCluster(testCluster);
  const places: TestPlace[] = [];
  for (let worker = 1; worker <= config.maxWorkers; worker += 1)
    places.push({
      databaseUrl: await ensureDatabase(cluster, `owl_tests_${process.pid}_${worker}`),
      folder: await mkdtemp(path.join(tmpdir(), 'owl-tests-')),
    });
  process.env.OWL_TEST_PLACES = JSON.stringify(places);
  // What stands back would starve beside the other checks.
  process.env.OWL_STAND_BACK = '0';
  process.env.OWL_MOST_UPLOAD_BYTES = String(20 * 1024 * 1024);
  return async () => {
    for (const { folder } of places) await rm(folder, { recursive: true, force: true });
  };
}
