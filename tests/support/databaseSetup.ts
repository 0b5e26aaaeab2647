import { mkdtemp, rm } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { ensureDatabase, startCluster, testCluster } from '../../bin/cluster';

/** A real PostgreSQL for the tests: their own throw-away cluster, a fresh database, and a folder for files. */
export default async function setup(): Promise<() => Promise<void>> {
  const cluster = await startCluster(testCluster);
  process.env.OWL_DATABASE_URL = await ensureDatabase(cluster, `owl_tests_${process.pid}`);
  const folder = await mkdtemp(path.join(tmpdir(), 'owl-tests-'));
  process.env.OWL_DATA_FOLDER = folder;
  process.env.OWL_MOST_UPLOAD_BYTES = String(20 * 1024 * 1024);
  return async () => {
    await rm(folder, { recursive: true, force: true });
  };
}
