import { isHead } from '@/core/roster';

export interface List {
  /** What the columns are called; undefined where the first row is somebody. */
  readonly head?: readonly string[];
  readonly rows: readonly (readonly string[])[];
}

const MOST_BYTES = 5 * 1024 * 1024;
const MOST_COLUMNS = 60;

/** UTF-8, else what spreadsheets of one country write. */
function decode(bytes: ArrayBuffer): string {
  try {
    return new TextDecoder('utf-8', { fatal: true }).decode(bytes);
  } catch {
    return new TextDecoder('windows-1252').decode(bytes);
  }
}

/** A list of students as a table of texts, whatever parts its columns; a sentence where it is none. */
export async function readList(file: File): Promise<List | string> {
  if (file.size > MOST_BYTES)
    return 'This file is larger than any list of students. Save the sheet as CSV, then choose that.';
  const bytes = await file.arrayBuffer();
  if (new Uint8Array(bytes.slice(0, 2)).join() === '80,75')
    return 'This is a spreadsheet’s own format. Save the sheet as CSV (“Save as …”), then choose that file.';
  const text = decode(bytes);
  if (text.includes('\0')) return 'This is no text. Save the sheet as CSV, then choose that file.';
  const { default: Papa } = await import('papaparse');
  const { data } = Papa.parse<string[]>(text.replace(/^\uFEFF/, ''), { skipEmptyLines: 'greedy' });
  const rows = data.map((row) => row.slice(0, MOST_COLUMNS));
  const [first, ...rest] = rows;
  if (!first) return 'This file is empty.';
  return isHead(first) ? { head: first, rows: rest } : { rows };
}
