'use client';

import { useMemo, useState } from 'react';
import type { Contradiction, Mark, outlineMarks } from '@/core/round';
import { everything, filterMarks, type LedgerFilter } from './ledgerFilter';

/** The filter of the ledger and what it lets through. A filtered ledger is flat: half a chain would mislead. */
export function useLedgerFilter(
  marks: readonly Mark[],
  outline: ReturnType<typeof outlineMarks>,
  contradictions: readonly Contradiction[],
  wordOf: (conceptId: string) => string,
) {
  const [filter, setFilter] = useState<LedgerFilter>(everything);
  const [open, setOpen] = useState(false);
  const shown = useMemo(
    () => filterMarks(marks, filter, contradictions, wordOf),
    [marks, filter, contradictions, wordOf],
  );
  const lines = useMemo(
    () => (shown === marks ? outline : shown.map((mark) => ({ mark, depth: 0 }))),
    [shown, marks, outline],
  );
  return { filter, setFilter, shown, lines, open, setOpen };
}
