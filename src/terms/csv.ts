import Papa from 'papaparse';

export type Cell = string | number | undefined;

/**
 * A table as CSV (RFC 4180: commas, CR LF, quotes doubled). A text that a spreadsheet would take for a formula is written with an apostrophe before it
 * (OWASP, CSV injection), numbers as they are. With a byte order mark where Excel is to see UTF-8.
 */
export const toCsv = (head: readonly string[], rows: readonly (readonly Cell[])[], withMark = false): string =>
  (withMark ? '\uFEFF' : '') +
  Papa.unparse(
    {
      fields: [...head],
      data: rows.map((row) => row.map((cell) => (typeof cell === 'string' ? defused(cell) : (cell ?? '')))),
    },
    { newline: '\r\n', header: head.length > 0 },
  ) +
  '\r\n';

const defused = (text: string): string => (/^\s*[=+\-@\t\r]/.test(text) ? `'${text}` : text);
