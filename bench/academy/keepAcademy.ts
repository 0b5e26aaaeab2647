import { execFileSync } from 'node:child_process';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import pg from 'pg';
import type { Cluster } from '../../bin/cluster';
import { ensureDatabase } from '../../bin/cluster';
import { say } from '../../bin/steps';
import { hashPassword } from '../../src/server/accounts/passwords';
import { dayOfServer } from '../../src/server/kernel/environment';
import { GENERATOR, generateAcademy } from './generate';

const columns: readonly (readonly [table: string, columns: string])[] = [
  ['person', 'id, name, standing, belt, stripes, weight_kg'],
  ['round', 'id, held_on, uniform, rule_set, planned_seconds, occasion, number_in_session, start_seconds, end_seconds'],
  ['round_athlete', 'round_id, slot, person_id, belt, stripes, weight_kg, weight_source'],
  ['mark', 'id, round_id, kind, at_seconds, content, change_id'],
  ['academy_class', 'id, title, starts_at, minutes, uniform, level, pairs_on_mats'],
  ['class_attendee', 'class_id, person_id, chance, came'],
  ['class_drilled', 'class_id, drill_id, minutes'],
];
export const BENCH_PASSWORD = 'a bench in the owl light';

/** The address of the great academy's database: generated and loaded once, kept for later runs of the same day and generator. */
export async function keepAcademy(cluster: Cluster): Promise<{ readonly address: string; readonly isNew: boolean }> {
  const name = `owl_academy_${GENERATOR}_${dayOfServer().replaceAll('-', '')}`;
  const address = await ensureDatabase(cluster, name);
  const client = new pg.Client({ connectionString: address });
  await client.connect();
  const { rowCount } = await client.query("select 1 from coach where sign_in_name = 'bench'");
  if (rowCount) {
    await client.end();
    return { address, isNew: false };
  }
  const folder = mkdtempSync(path.join(tmpdir(), 'owl-academy-'));
  say('generating an academy of a million marks …');
  await generateAcademy(folder, dayOfServer());
  // What is loaded at once is worked out at once afterwards: no task for each row.
  await client.query(
    'alter table mark disable trigger user; alter table round disable trigger user; alter table round_athlete disable trigger user',
  );
  for (const [table, list] of columns)
    execFileSync('psql', [
      '-q',
      address,
      '-c',
      `\\copy ${table} (${list}) from '${path.join(folder, `${table}.csv`)}' csv`,
    ]);
  await client.query(
    'alter table mark enable trigger user; alter table round enable trigger user; alter table round_athlete enable trigger user',
  );
  await client.query("insert into academy (name) values ('Bench') on conflict do nothing");
  await client.query('analyze');
  await client.query(
    "insert into coach (id, sign_in_name, display_name, role, password_hash) values (gen_random_uuid(), 'bench', 'Bench', 'head', $1)",
    [await hashPassword(BENCH_PASSWORD)],
  );
  await client.end();
  rmSync(folder, { recursive: true, force: true });
  return { address, isNew: true };
}
