import { isHead } from '@/core/roster';
import { readTextFile, tableOf } from '@/forms/readTable';

export interface List {
  /** What the columns are called; undefined where the first row is somebody. */
  readonly head?: readonly string[];
  readonly rows: readonly (readonly string[])[];
}

/** A list of students as a table of texts; a sentence where it is none. */
export async function readList(file: File): Promise<List | string> {
  const read = await readTextFile(file, 'list of students');
  if (typeof read === 'string') return read;
  const rows = await tableOf(read.text);
  const [first, ...rest] = rows;
  if (!first) return 'This file is empty.';
  return isHead(first) ? { head: first, rows: rest } : { rows };
}
