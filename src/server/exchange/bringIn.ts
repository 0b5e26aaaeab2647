import { createHash } from 'node:crypto';
import { createWriteStream } from 'node:fs';
import { mkdir, rm } from 'node:fs/promises';
import { Transform } from 'node:stream';
import { pipeline } from 'node:stream/promises';
import { isDeepStrictEqual } from 'node:util';
import type pg from 'pg';
import { inTransaction } from '@/data/client';
import {
  deleteImportRows,
  holdImport,
  type ImportCounts,
  insertImportRows,
  listImportRows,
  setImportState,
} from '@/data/exchange/imports';
import {
  deletePackageRow,
  findSameFilms,
  insertPackageRows,
  listCoachIds,
  type PackageRow,
  pairRows,
  updatePackageRow,
} from '@/data/exchange/packageRows';
import {
  listPackageColumns,
  type PackageColumn,
  type PackageTable,
  packageTables,
} from '@/data/exchange/packageTables';
import { askForRounds } from '@/data/projections/roundFigures';
import { listRoundsByIds } from '@/data/rounds/rounds';
import { settleFile } from '../footage/durable';
import { storedPath } from '../footage/storage';
import { footageFolder } from '../kernel/environment';
import { filmSize } from '../store/films';
import { rowShapes } from './packageShape';
import type { OpenPackage } from './readPackage';

type Counts = Record<string, ImportCounts>;
type Kind = keyof ImportCounts;

/** A row of a package beside the row that is here. */
interface Compared {
  readonly kind: Exclude<Kind, 'bad'>;
  /** As it would be written. */
  readonly theirs: PackageRow;
  readonly ours: PackageRow | undefined;
  /** The columns that it speaks of. */
  readonly columns: readonly string[];
}

/** Which of two rows of one key is the later one: by its version, else by when it was changed. */
function isNewer(theirs: PackageRow, ours: PackageRow): boolean {
  if (typeof theirs.version === 'number' && typeof ours.version === 'number') return theirs.version > ours.version;
  return String(theirs.changed_at ?? '') > String(ours.changed_at ?? '');
}

function kindOf(theirs: PackageRow, ours: PackageRow | undefined, columns: readonly string[]): Compared['kind'] {
  if (!ours) return 'fresh';
  if (columns.every((column) => isDeepStrictEqual(theirs[column], ours[column]))) return 'same';
  return isNewer(theirs, ours) ? 'newer' : 'conflict';
}

/** Goes through a package table by table, a thousand rows at a time, and tells of each row how it stands to what is here. */
async function* comparePackage(
  database: pg.Pool | pg.PoolClient,
  opened: OpenPackage,
  count: (table: string, kind: Kind) => void,
): AsyncGenerator<{ readonly table: PackageTable; readonly rows: readonly Compared[] }> {
  const columns = await listPackageColumns(database);
  const shapes = rowShapes(columns);
  const coaches = await listCoachIds(database);
  // A film that is here already under another id stands for theirs.
  const films = new Map<string, string>();
  for (const table of packageTables) {
    const own = columns.get(table.name) ?? [];
    const shape = shapes.get(table.name);
    const bad = () => count(table.name, 'bad');
    for await (const raw of opened.rowsOf(table.name, bad)) {
      const whole: PackageRow[] = [];
      for (const row of raw) {
        const read = shape?.safeParse(row);
        if (read?.success && hasCoaches(row, own, coaches)) whole.push(withFilm(read.data, films));
        else bad();
      }
      const fitting =
        table.name === 'footage'
          ? await withoutSameFilms(database, whole, films, () => count('footage', 'same'))
          : whole;
      if (fitting.length === 0) continue;
      const pairs = await pairRows(database, table, fitting);
      const rows = pairs.map(({ theirs, ours }, at): Compared => {
        const told = Object.keys(fitting[at] ?? {}).filter(
          (one) => !own.some((column) => column.isCoach && column.name === one && column.isNullable),
        );
        const kind = kindOf(theirs, ours ?? undefined, told);
        count(table.name, kind);
        return { kind, theirs, ours: ours ?? undefined, columns: told };
      });
      yield { table, rows };
    }
  }
}

const hasCoaches = (row: PackageRow, columns: readonly PackageColumn[], coaches: ReadonlySet<string>): boolean =>
  columns.every((one) => !one.isCoach || one.isNullable || coaches.has(String(row[one.name])));

const withFilm = (row: PackageRow, films: ReadonlyMap<string, string>): PackageRow => {
  const here = typeof row.footage_id === 'string' ? films.get(row.footage_id) : undefined;
  return here === undefined ? row : { ...row, footage_id: here };
};

async function withoutSameFilms(
  database: pg.Pool | pg.PoolClient,
  rows: readonly PackageRow[],
  films: Map<string, string>,
  onSame: () => void,
): Promise<readonly PackageRow[]> {
  const here = await findSameFilms(
    database,
    rows.map((row) => String(row.sha256)),
  );
  return rows.filter((row) => {
    const known = here.get(String(row.sha256));
    if (known === undefined || known === row.id) return true;
    films.set(String(row.id), known);
    onSame();
    return false;
  });
}

function counter(): { readonly counts: Counts; readonly count: (table: string, kind: Kind) => void } {
  const counts: Counts = {};
  return {
    counts,
    count: (table, kind) => {
      counts[table] ??= { fresh: 0, newer: 0, same: 0, conflict: 0, bad: 0 };
      counts[table][kind] += 1;
    },
  };
}

/** How many rows of each table are new here, newer there, the same, different on both sides, or cannot be read. Writes nothing. */
export async function countPackage(database: pg.Pool, opened: OpenPackage): Promise<Counts> {
  const { counts, count } = counter();
  for await (const _ of comparePackage(database, opened, count));
  return counts;
}

/**
 * Brings in what is new and what is newer in a package, all of it or nothing, and notes what every row was before. Where both sides changed a row, ours stays
 * unless `takesTheirs`.
 */
export async function bringIn(
  database: pg.Pool,
  importId: string,
  opened: OpenPackage,
  takesTheirs: boolean,
): Promise<void> {
  await inTransaction(database, async (client) => {
    const run = await holdImport(client, importId);
    if (run?.state !== 'compared' && run?.state !== 'working') return;
    const { counts, count } = counter();
    let place = 0;
    for await (const { table, rows } of comparePackage(client, opened, count)) {
      const done: { row: PackageRow; before?: PackageRow }[] = [];
      for (const group of byColumns(rows.filter((one) => one.kind === 'fresh'))) {
        const put = await insertPackageRows(client, table, group.columns, group.rows);
        done.push(...put.map((row) => ({ row })));
      }
      for (const { kind, theirs, ours, columns } of rows) {
        if (kind !== 'newer' && !(kind === 'conflict' && takesTheirs)) continue;
        await updatePackageRow(client, table, columns, theirs);
        done.push({ row: theirs, before: ours });
      }
      if (done.length > 0) await insertImportRows(client, importId, place, table.name, done);
      place += done.length;
    }
    await setImportState(client, importId, 'done', counts);
  });
}

/** Rows that speak of the same columns, so that what a row does not speak of gets its usual value. */
function byColumns(rows: readonly Compared[]): readonly { columns: readonly string[]; rows: readonly PackageRow[] }[] {
  const groups = new Map<string, { columns: readonly string[]; rows: PackageRow[] }>();
  for (const { theirs, columns } of rows) {
    const key = columns.join(' ');
    const group = groups.get(key) ?? { columns, rows: [] };
    group.rows.push(theirs);
    groups.set(key, group);
  }
  return [...groups.values()];
}

/** Lays the films of a package that have no file here yet where they belong; each must be what its row says. Gives those that are here now. */
export async function layFilms(
  opened: OpenPackage,
  films: readonly { readonly id: string; readonly storageName: string; readonly sha256: string }[],
  signal: AbortSignal,
): Promise<readonly string[]> {
  await mkdir(footageFolder(), { recursive: true });
  const laid: string[] = [];
  for (const { id, storageName, sha256 } of films) {
    if ((await filmSize(storageName)) !== undefined) continue;
    const stream = await opened.filmOf(storageName);
    if (!stream) continue;
    const part = `${storedPath(storageName)}.part`;
    const digest = createHash('sha256');
    const seen = new Transform({
      transform(chunk: Buffer, _encoding, done) {
        digest.update(chunk);
        done(undefined, chunk);
      },
    });
    try {
      await pipeline(stream, seen, createWriteStream(part, { flush: true }), { signal });
      if (digest.digest('hex') !== sha256) continue;
      await settleFile(part, storedPath(storageName));
      laid.push(id);
    } finally {
      await rm(part, { force: true });
    }
  }
  return laid;
}

const AT_ONCE = 500;

/** Takes back all that an import brought, in one step. Undefined when something of it was changed or used since: then nothing is taken back. Else the films that are gone from the shelf. */
export async function takeBack(database: pg.Pool, importId: string): Promise<readonly string[] | undefined> {
  try {
    return await inTransaction(database, async (client) => {
      const run = await holdImport(client, importId);
      if (run?.state !== 'done') throw new ChangedSince();
      const touched = new Set<string>();
      const films: string[] = [];
      const columns = await listPackageColumns(client);
      for (let before = 2_147_483_647; ; ) {
        const rows = await listImportRows(client, importId, before, AT_ONCE);
        for (const one of rows) {
          const table = packageTables.find(({ name }) => name === one.table_name);
          if (!table) continue;
          const own = (columns.get(table.name) ?? []).map((column) => column.name);
          const [pair] = await pairRows(client, table, [one.row]);
          const told = own.filter((column) => column in one.row);
          if (!pair?.ours || !told.every((column) => isDeepStrictEqual(pair.theirs[column], pair.ours?.[column])))
            throw new ChangedSince();
          if (one.before)
            await updatePackageRow(
              client,
              table,
              own.filter((column) => column in (one.before ?? {})),
              one.before,
            );
          else {
            await deletePackageRow(client, table, one.row);
            if (table.name === 'footage') films.push(String(one.row.storage_name));
          }
          if (typeof one.row.round_id === 'string') touched.add(one.row.round_id);
        }
        before = rows.at(-1)?.place ?? 0;
        if (rows.length < AT_ONCE) break;
      }
      // Taking a row away asks for no figures by itself.
      await askForRounds(
        client,
        (await listRoundsByIds(client, [...touched])).map((one) => one.id),
      );
      await deleteImportRows(client, importId);
      await setImportState(client, importId, 'undone');
      return films;
    });
  } catch (error) {
    // Class 23: something else hangs on what would go.
    const { code } = error as { readonly code?: string };
    if (error instanceof ChangedSince || code?.startsWith('23')) return undefined;
    throw error;
  }
}

class ChangedSince extends Error {}
