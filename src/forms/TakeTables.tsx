'use client';

import { useState } from 'react';
import { styled } from 'styled-components';
import { Button } from '@/ui/primitives';
import { color, size, space } from '@/ui/tokens/tokens';
import { type ShownTable, tablesOfPage } from './tablesOfPage';

const Foot = styled.details`
  max-width: 1116px; margin: 0 auto; padding: ${space(4)} 0 ${space(8)}; font-size: ${size.small}; color: ${color.quiet};
  summary { cursor: pointer; width: fit-content; }
  ul { list-style: none; margin: ${space(2)} 0 0; padding: 0; display: flex; flex-wrap: wrap; gap: 0 ${space(4)}; }
  @media print { display: none; }
`;

/** The tables of the page as files for a spreadsheet, each with the figures that it shows now. */
export function TakeTables() {
  const [tables, setTables] = useState<readonly ShownTable[]>([]);
  return (
    <Foot onToggle={(event) => event.currentTarget.open && setTables(tablesOfPage(document))}>
      <summary>Tables of this page as files</summary>
      {tables.length === 0 ? <p>This page shows no table.</p> : null}
      <ul>
        {tables.map((table) => (
          <li key={table.name}>
            <Button look="plain" onPress={() => void save(table)}>
              {table.name} (CSV)
            </Button>
          </li>
        ))}
      </ul>
    </Foot>
  );
}

async function save({ name, head, rows }: ShownTable): Promise<void> {
  const { toCsv } = await import('@/terms/csv');
  // With the mark by which spreadsheets know the letters of names.
  const address = URL.createObjectURL(new Blob([toCsv(head, rows, true)], { type: 'text/csv' }));
  const link = document.createElement('a');
  link.href = address;
  link.download = `${name.replace(/[^\p{L}\p{N}]+/gu, '-')}.csv`;
  link.click();
  setTimeout(() => URL.revokeObjectURL(address), 10_000);
}
