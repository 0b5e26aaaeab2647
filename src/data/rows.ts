import type { QueryResultRow } from 'pg';
import type { z } from 'zod';
import type { Database } from './client';

/** Every row of a statement, each checked and turned into a domain value by its schema. */
export async function listRows<Schema extends z.ZodType>(
  database: Database,
  schema: Schema,
  text: string,
  values: readonly unknown[] = [],
): Promise<z.output<Schema>[]> {
  const result = await database.query<QueryResultRow>(text, [...values]);
  return result.rows.map((row) => schema.parse(row));
}

/** The first row, or undefined when there is none. */
export async function findRow<Schema extends z.ZodType>(
  database: Database,
  schema: Schema,
  text: string,
  values: readonly unknown[] = [],
): Promise<z.output<Schema> | undefined> {
  return (await listRows(database, schema, text, values))[0];
}

/** Runs a statement and says how many rows it touched. */
export async function runStatement(database: Database, text: string, values: readonly unknown[] = []): Promise<number> {
  const result = await database.query(text, [...values]);
  return result.rowCount ?? 0;
}
