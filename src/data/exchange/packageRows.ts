import pg from 'pg';
import { z } from 'zod';
import type { Database } from '../client';
import { listRows, runStatement } from '../rows';
import type { PackageColumn, PackageTable } from './packageTables';

const AT_ONCE = 1000;
const rowShape = z.object({ row: z.record(z.string(), z.unknown()) });
export type PackageRow = Record<string, unknown>;
const name = (text: string): string => pg.escapeIdentifier(text);

/** Which rows: all, or those of some rounds and some people. */
export type RowScope = 'everything' | { readonly roundIds: readonly string[]; readonly personIds: readonly string[] };

const isIn = (table: PackageTable, scope: RowScope): boolean => scope === 'everything' || table.ofRounds !== undefined;

/** The rows of a table that belong to a package, a thousand at a time; within a transaction, so that all tables are of one state. */
export async function* readPackageRows(
  client: pg.PoolClient,
  table: PackageTable,
  columns: readonly PackageColumn[],
  scope: RowScope,
): AsyncGenerator<readonly PackageRow[]> {
  if (!isIn(table, scope)) return;
  const told = columns.filter((one) => !one.isCoach || !one.isNullable).map((one) => `t.${name(one.name)}`);
  const cursor = name(`package_${table.name}`);
  const isAll = scope === 'everything';
  // Both are named in every statement, so that PostgreSQL knows what they are.
  const given = isAll ? '' : ', (select $1::uuid[] as rounds, $2::uuid[] as people) given';
  await client.query(
    `declare ${cursor} no scroll cursor for select to_jsonb(x) as row from (
       select ${told.join(', ')} from ${name(table.name)} t${given} where ${isAll ? 'true' : table.ofRounds}
       order by ${table.key.map((one) => `t.${name(one)}`).join(', ')}) x`,
    isAll ? [] : [scope.roundIds, scope.personIds],
  );
  for (;;) {
    const rows = await listRows(client, rowShape, `fetch ${AT_ONCE} from ${cursor}`);
    if (rows.length > 0) yield rows.map((one) => one.row);
    if (rows.length < AT_ONCE) break;
  }
  await client.query(`close ${cursor}`);
}

const ofRecords = (table: string): string => `jsonb_populate_recordset(null::${name(table)}, $1::jsonb)`;
const sameKey = (table: PackageTable): string =>
  table.key.map((one) => `t.${name(one)} = r.${name(one)}`).join(' and ');

const pairShape = z.object({
  theirs: z.record(z.string(), z.unknown()),
  ours: z.record(z.string(), z.unknown()).nullable(),
});
export type RowPair = z.output<typeof pairShape>;

/** Each given row as this database writes it, in order, with the row that is here under the same key. */
export const pairRows = (database: Database, table: PackageTable, rows: readonly PackageRow[]): Promise<RowPair[]> =>
  listRows(
    database,
    pairShape,
    `select to_jsonb(r) - 'ordinality' as theirs, to_jsonb(t) as ours
     from ${ofRecords(table.name)} with ordinality r left join ${name(table.name)} t on ${sameKey(table)} order by r.ordinality`,
    [JSON.stringify(rows)],
  );

/** Puts rows in that are not there; gives those that were put in. Rows that something else forbids (the same film under another id, say) stay out. */
export async function insertPackageRows(
  database: Database,
  table: PackageTable,
  columns: readonly string[],
  rows: readonly PackageRow[],
): Promise<readonly PackageRow[]> {
  const list = columns.map(name).join(', ');
  const put = await listRows(
    database,
    rowShape,
    `insert into ${name(table.name)} as t (${list}) select ${columns.map((one) => `r.${name(one)}`).join(', ')} from ${ofRecords(table.name)} r
     on conflict do nothing returning to_jsonb(t) as row`,
    [JSON.stringify(rows)],
  );
  return put.map((one) => one.row);
}

/** Makes rows that are here as they are given, in these columns. */
export const updatePackageRow = (
  database: Database,
  table: PackageTable,
  columns: readonly string[],
  row: PackageRow,
) =>
  runStatement(
    database,
    `update ${name(table.name)} t set ${columns.map((one) => `${name(one)} = r.${name(one)}`).join(', ')} from ${ofRecords(table.name)} r where ${sameKey(table)}`,
    [JSON.stringify([row])],
  );

export const deletePackageRow = (database: Database, table: PackageTable, row: PackageRow) =>
  runStatement(database, `delete from ${name(table.name)} t using ${ofRecords(table.name)} r where ${sameKey(table)}`, [
    JSON.stringify([row]),
  ]);

/** Which of these coaches are here. */
export const listCoachIds = async (database: Database): Promise<ReadonlySet<string>> =>
  new Set((await listRows(database, z.object({ id: z.string() }), 'select id from coach')).map((one) => one.id));

/** Under which ids films of the same content are here. */
export const findSameFilms = async (database: Database, digests: readonly string[]) =>
  new Map(
    (
      await listRows(
        database,
        z.object({ id: z.string(), sha256: z.string() }),
        "select id, '\\x' || encode(sha256, 'hex') as sha256 from footage where '\\x' || encode(sha256, 'hex') = any($1)",
        [digests],
      )
    ).map((one) => [one.sha256, one.id]),
  );
