import { cpSync, existsSync, mkdirSync, renameSync } from 'node:fs';
import path from 'node:path';
import pg from 'pg';
import { adminAddress, ensureDatabase, startCluster, testCluster } from '../../bin/cluster';
import { loadDemo } from '../../demo/loadDemo';

const project = path.resolve(import.meta.dirname, '../..');

async function asAdmin<T>(address: string, work: (admin: pg.Client) => Promise<T>): Promise<T> {
  const admin = new pg.Client({ connectionString: address });
  await admin.connect();
  return work(admin).finally(() => admin.end());
}

/**
 * A fresh database with the demo in it and its files in `folder`: the demo is loaded once a run (`OWL_TEST_RUN`,
 * see playwright.config.ts) and copied by PostgreSQL for every file of tests, which takes a second instead of twenty.
 */
export async function copyDemo(name: string, folder: string, withTerm: boolean): Promise<string> {
  const run = process.env.OWL_TEST_RUN;
  const cluster = await startCluster(testCluster);
  if (run === undefined) {
    const databaseUrl = await ensureDatabase(cluster, name);
    await loadDemo(databaseUrl, folder, () => undefined, { withTerm });
    return databaseUrl;
  }
  const template = `owl_template_${withTerm ? 'term' : 'demo'}_${run}`;
  const files = path.join(project, 'test-results', template);
  await asAdmin(adminAddress(cluster), async (admin) => {
    // Two workers begin at once: the second waits for what the first loads.
    await admin.query('select pg_advisory_lock(hashtext($1))', [template]);
    const { rowCount } = await admin.query('select 1 from pg_database where datname = $1', [template]);
    if (rowCount === 0 || !existsSync(files)) {
      const making = `${template}_making`;
      const makingFiles = `${files}-making`;
      mkdirSync(makingFiles, { recursive: true });
      await loadDemo(await ensureDatabase(cluster, making), makingFiles, () => undefined, { withTerm });
      renameSync(makingFiles, files);
      await admin.query(`alter database ${pg.escapeIdentifier(making)} rename to ${pg.escapeIdentifier(template)}`);
    }
    await admin.query(`create database ${pg.escapeIdentifier(name)} template ${pg.escapeIdentifier(template)}`);
  });
  cpSync(files, folder, { recursive: true });
  return ensureDatabase(cluster, name);
}
