import { z } from 'zod';
import type { Database } from '../client';
import { findRow, listRows, runStatement } from '../rows';

const filmRow = z
  .object({ storage_name: z.string(), byte_length: z.number() })
  .transform((row) => ({ storageName: row.storage_name, byteLength: row.byte_length }));
/** A film's file in the store elsewhere. */
export type FilmElsewhere = z.output<typeof filmRow>;

export const findElsewhere = (database: Database, storageName: string) =>
  findRow(database, filmRow, 'select storage_name, byte_length from film_elsewhere where storage_name = $1', [
    storageName,
  ]);

/** Every film that lies elsewhere, those first that nobody used for longest. */
export const listElsewhere = (database: Database) =>
  listRows(database, filmRow, 'select storage_name, byte_length from film_elsewhere order by used_at, storage_name');

/** Films on the shelf that do not lie elsewhere yet, the oldest first. */
export const listOnlyHere = (database: Database) =>
  listRows(
    database,
    filmRow,
    `select f.storage_name, f.byte_length from footage f
     where not exists (select 1 from film_elsewhere e where e.storage_name = f.storage_name) order by f.uploaded_at, f.id`,
  );

export const insertElsewhere = (database: Database, { storageName, byteLength }: FilmElsewhere) =>
  runStatement(
    database,
    'insert into film_elsewhere (storage_name, byte_length) values ($1, $2) on conflict (storage_name) do update set byte_length = $2, put_at = now()',
    [storageName, byteLength],
  );

export const noteUsed = (database: Database, storageName: string) =>
  runStatement(database, 'update film_elsewhere set used_at = now() where storage_name = $1', [storageName]);

export const deleteElsewhere = (database: Database, storageName: string) =>
  runStatement(database, 'delete from film_elsewhere where storage_name = $1', [storageName]);
