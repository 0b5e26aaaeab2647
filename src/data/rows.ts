import type { QueryResultRow } from 'pg';
import type { z } from 'zod';
import { log } from '../log/log';
import type { Database } from './client';

/** Rows that could be read, and how many could not: a list says so, and never fails for one of them. */
export interface ReadRows<Row> {
  readonly rows: Row[];
  readonly unreadable: number;
}

/** Every row of a statement, each checked and turned into a domain value by its schema. One that does not fit is logged and left out. */
export async function readRows<Schema extends z.ZodType>(
  database: Database,
  schema: Schema,
  text: string,
  values: readonly unknown[] = [],
): Promise<ReadRows<z.output<Schema>>> {
  const result = await database.query<QueryResultRow>(text, [...values]);
  return readEach(schema, result.rows, nameOf(text));
}

/** Rows that came as one value, each for itself like the rows of a statement; `query` names them in the log. */
export function readEach<Schema extends z.ZodType>(
  schema: Schema,
  sent: readonly QueryResultRow[],
  query: string,
): ReadRows<z.output<Schema>> {
  const rows: z.output<Schema>[] = [];
  let unreadable = 0;
  for (const row of sent) {
    const read = schema.safeParse(row);
    if (read.success) rows.push(read.data);
    else {
      unreadable += 1;
      log.error({ query, row: idOf(row), at: pathsOf(read.error) }, 'a stored row cannot be read');
    }
  }
  return { rows, unreadable };
}

/** The rows that can be read. */
export const listRows = async <Schema extends z.ZodType>(
  database: Database,
  schema: Schema,
  text: string,
  values: readonly unknown[] = [],
): Promise<z.output<Schema>[]> => (await readRows(database, schema, text, values)).rows;

/** A stored thing that was asked for by itself and does not fit its shape. */
export class UnreadableRow extends Error {
  override readonly name = 'UnreadableRow';
}

/** The first row, or undefined when there is none. Throws `UnreadableRow` where the row does not fit. */
export async function findRow<Schema extends z.ZodType>(
  database: Database,
  schema: Schema,
  text: string,
  values: readonly unknown[] = [],
): Promise<z.output<Schema> | undefined> {
  const { rows, unreadable } = await readRows(database, schema, text, values);
  if (rows.length === 0 && unreadable > 0) throw new UnreadableRow(`findRow: a row of “${nameOf(text)}” does not fit`);
  return rows[0];
}

/** A piece of a list in a fixed order. */
export interface Piece<Row> extends ReadRows<Row> {
  /** From where the next piece goes on; absent at the end of the list. */
  readonly more: string | undefined;
}

/** A piece of at most `most` rows: the statement must ask for one row more than that, which tells whether there are more. */
export async function readPiece<Schema extends z.ZodType>(
  database: Database,
  schema: Schema,
  text: string,
  values: readonly unknown[],
  most: number,
  placeOf: (row: z.output<Schema>) => string,
): Promise<Piece<z.output<Schema>>> {
  const { rows, unreadable } = await readRows(database, schema, text, values);
  const isCut = rows.length + unreadable > most;
  const shown = isCut ? rows.slice(0, most) : rows;
  const last = shown.at(-1);
  return { rows: shown, unreadable, more: isCut && last !== undefined ? placeOf(last) : undefined };
}

/** Runs a statement and says how many rows it touched. */
export async function runStatement(database: Database, text: string, values: readonly unknown[] = []): Promise<number> {
  const result = await database.query(text, [...values]);
  return result.rowCount ?? 0;
}

const nameOf = (text: string): string => text.replace(/\s+/g, ' ').trim().slice(0, 100);
const idOf = (row: QueryResultRow): unknown => row.id ?? row.round_id ?? row.person_id ?? row.class_id;
const pathsOf = (error: z.ZodError): string[] => error.issues.slice(0, 3).map((issue) => issue.path.join('.'));
