const MOST_BYTES = 5 * 1024 * 1024;
const MOST_COLUMNS = 400;

/** UTF-8, else what spreadsheets of one country write. */
function decode(bytes: ArrayBuffer): string {
  try {
    return new TextDecoder('utf-8', { fatal: true }).decode(bytes);
  } catch {
    return new TextDecoder('windows-1252').decode(bytes);
  }
}

/** The text of a file that somebody chose; a sentence where it is none. `what` names what was expected, such as "list of students". */
export async function readTextFile(file: File, what: string): Promise<{ readonly text: string } | string> {
  if (file.size > MOST_BYTES) return `This file is larger than any ${what}. Save the sheet as CSV, then choose that.`;
  const bytes = await file.arrayBuffer();
  if (new Uint8Array(bytes.slice(0, 2)).join() === '80,75')
    return 'This is a spreadsheet’s own format. Save the sheet as CSV (“Save as …”), then choose that file.';
  const text = decode(bytes).replace(/^\uFEFF/, '');
  if (text.includes('\0')) return 'This is no text. Save the sheet as CSV, then choose that file.';
  return text.trim() === '' ? 'This file is empty.' : { text };
}

/** A text as a table, whatever parts its columns. */
export async function tableOf(text: string): Promise<readonly (readonly string[])[]> {
  const { default: Papa } = await import('papaparse');
  return Papa.parse<string[]>(text, { skipEmptyLines: 'greedy' }).data.map((row) => row.slice(0, MOST_COLUMNS));
}
