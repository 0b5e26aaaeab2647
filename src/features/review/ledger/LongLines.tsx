'use client';

import { useVirtualizer } from '@tanstack/react-virtual';
import { type RefObject, useEffect, useRef } from 'react';
import { LedgerList, type LinesProps, listNames } from './LedgerList';

const LINE_PIXELS = 26;

/** The lines of a long ledger, of which only those in sight are laid out. */
export function LongLines({ count, shownIndex, selectedId, lineAt }: LinesProps) {
  const list = useRef<HTMLOListElement>(null);
  const lines = useVirtualizer({
    count,
    getScrollElement: () => (list as RefObject<HTMLOListElement>).current,
    estimateSize: () => LINE_PIXELS,
    overscan: 12,
    initialRect: { width: 460, height: 600 },
  });
  // biome-ignore lint/correctness/useExhaustiveDependencies: a new choice, a new mark or a new moment is what scrolls
  useEffect(() => {
    if (shownIndex >= 0) lines.scrollToIndex(shownIndex, { align: 'auto' });
  }, [shownIndex, selectedId, count]);
  return (
    <LedgerList ref={list} {...listNames} data-marks={count}>
      <li role="presentation" style={{ height: lines.getTotalSize(), position: 'relative' }}>
        <ol role="presentation" style={{ listStyle: 'none', margin: 0, padding: 0 }}>
          {lines
            .getVirtualItems()
            .map(({ index, start }) => lineAt(index, { index, of: count, top: start, measure: lines.measureElement }))}
        </ol>
      </li>
    </LedgerList>
  );
}
