import type { Cell } from '@/terms/csv';

/** A table as it stands on the page. */
export interface ShownTable {
  readonly name: string;
  readonly head: readonly string[];
  readonly rows: readonly (readonly Cell[])[];
}

const textOf = (element: Element): string => (element.textContent ?? '').replace(/\s+/g, ' ').trim();

/** A figure on its own becomes a number, so that a program can reckon with it; "3 of 8", "2:41" and "61 kg" stay what they are. */
const cellOf = (text: string): Cell => (/^[−-]?\d+(\.\d+)?$/.test(text) ? Number(text.replace('−', '-')) : text);

const cellsOf = (row: HTMLTableRowElement): readonly string[] =>
  [...row.cells].flatMap((cell) => [textOf(cell), ...Array.from({ length: cell.colSpan - 1 }, () => '')]);

function nameOf(table: HTMLTableElement): string {
  const told = table.getAttribute('aria-label') ?? (table.caption && textOf(table.caption));
  const heading = table.closest('section')?.querySelector('h2, h3');
  return told || (heading && textOf(heading)) || 'Table';
}

/** Every table of the page that shows something, in its order; names that come twice are numbered. */
export function tablesOfPage(page: ParentNode): readonly ShownTable[] {
  const counts = new Map<string, number>();
  return [...page.querySelectorAll('table')].flatMap((table) => {
    const head = table.tHead?.rows[0] ? cellsOf(table.tHead.rows[0]) : [];
    const rows = [...table.tBodies].flatMap((body) => [...body.rows]).map((row) => cellsOf(row).map(cellOf));
    if (rows.length === 0) return [];
    const name = nameOf(table);
    const count = (counts.get(name) ?? 0) + 1;
    counts.set(name, count);
    return [{ name: count > 1 ? `${name} ${count}` : name, head, rows }];
  });
}
