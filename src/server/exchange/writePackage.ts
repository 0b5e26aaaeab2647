import { createWriteStream } from 'node:fs';
import { mkdir, rename, rm } from 'node:fs/promises';
import path from 'node:path';
import { Readable } from 'node:stream';
import { pipeline } from 'node:stream/promises';
import type pg from 'pg';
import { ZipFile } from 'yazl';
import { type Database, inOneState } from '@/data/client';
import { type PackageRow, type RowScope, readPackageRows } from '@/data/exchange/packageRows';
import { listPackageColumns, packageTables } from '@/data/exchange/packageTables';
import { listRoundsOfFootage } from '@/data/rounds/rounds';
import { today } from '../kernel/academyTime';
import { notShownRounds } from '../people/whoIsShown';
import { bringFilmHere, filmSize } from '../store/films';
import { jsonSchemaOf, type PackageManifest } from './packageShape';

export interface PackageOptions {
  readonly database: pg.Pool;
  /** Where the ZIP is to lie; there whole or not at all. */
  readonly file: string;
  readonly scope: RowScope;
  readonly about: PackageManifest['scope'];
  /** The films themselves too. */
  readonly films: boolean;
  readonly signal: AbortSignal;
}

/** What of somebody travels in a package that is about somebody else. */
const OF_OTHERS = new Set(['id', 'name', 'standing', 'belt', 'stripes', 'version', 'created_at']);

/** Writes a package: one state of the academy's rows as lines of JSON, with their schema, and the films if wanted. */
export async function writePackage(options: PackageOptions): Promise<PackageManifest> {
  const { database, file, scope, about, films, signal } = options;
  await mkdir(path.dirname(file), { recursive: true });
  const part = `${file}.part`;
  try {
    const manifest = await inOneState(database, async (client) => {
      const columns = await listPackageColumns(client);
      const zip = new ZipFile();
      const written = pipeline(zip.outputStream, createWriteStream(part, { flush: true, mode: 0o600 }), { signal });
      // What fails while it is written, or is stopped, ends whatever waits for a table to be read: nobody reads it any more.
      const broken = written.then(() => new Promise<never>(() => undefined));
      broken.catch(() => undefined);
      const tables: Record<string, number> = {};
      const stored: { readonly id: string; readonly name: string }[] = [];
      for (const table of packageTables) {
        tables[table.name] = 0;
        const lines = async function* () {
          for await (const rows of readPackageRows(client, table, columns.get(table.name) ?? [], scope)) {
            tables[table.name] = (tables[table.name] ?? 0) + rows.length;
            if (table.name === 'footage')
              stored.push(...rows.map((row) => ({ id: String(row.id), name: String(row.storage_name) })));
            yield `${rows.map((row) => JSON.stringify(shownOf(table.name, row, scope))).join('\n')}\n`;
          }
        };
        const stream = Readable.from(lines());
        await Promise.race([addWhole(zip, stream, `tables/${table.name}.jsonl`), broken]).finally(() =>
          stream.destroy(),
        );
      }
      const held = films
        ? await filmsNotShown(
            client,
            stored.map((one) => one.id),
          )
        : new Set<string>();
      for (const { id, name } of films ? stored : [])
        if (!held.has(id) && (await filmSize(name)) !== undefined)
          zip.addFile(await bringFilmHere(name, signal), `films/${name}`, { compress: false });
      const made: PackageManifest = {
        ...{ format: 'unhurried-owl-package', version: 1, madeAt: new Date().toISOString() },
        ...{ scope: about, tables, films },
      };
      zip.addBuffer(Buffer.from(JSON.stringify(jsonSchemaOf(columns), null, 1)), 'schema.json');
      zip.addBuffer(Buffer.from(JSON.stringify(made, null, 1)), 'manifest.json');
      zip.end();
      await written;
      return made;
    });
    await rename(part, file);
    return manifest;
  } finally {
    await rm(part, { force: true });
  }
}

/** Films with a round that shows somebody who is not to be shown: they leave no house, also not within a package. */
async function filmsNotShown(database: Database, footageIds: readonly string[]): Promise<ReadonlySet<string>> {
  const rounds = await listRoundsOfFootage(database, footageIds);
  const roundIds = rounds.map((round) => round.id);
  const held = await notShownRounds(database, roundIds, await today());
  return new Set(rounds.flatMap((round) => (held.has(round.id) && round.footageId ? [round.footageId] : [])));
}

/** Adds a stream and waits until it is read to its end: tables share one connection, and are read one after the other. */
const addWhole = (zip: ZipFile, stream: Readable, name: string): Promise<void> =>
  new Promise((resolve, reject) => {
    stream.once('end', resolve).once('error', reject);
    zip.addReadStream(stream, name);
  });

function shownOf(table: string, row: PackageRow, scope: RowScope): PackageRow {
  if (table !== 'person' || scope === 'everything' || scope.personIds.includes(String(row.id))) return row;
  return Object.fromEntries(Object.entries(row).filter(([name]) => OF_OTHERS.has(name)));
}
