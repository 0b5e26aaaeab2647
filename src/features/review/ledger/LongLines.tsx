'use client';

import { useVirtualizer } from '@tanstack/react-virtual';
import { type RefObject, useRef } from 'react';
import { LedgerList, type LinesProps, listNames, useFollow } from './LedgerList';

const LINE_PIXELS = 26;

/** The lines of a long ledger, of which only those in sight are laid out. */
export function LongLines({ count, shownIndex, now, selectedId, lineAt }: LinesProps) {
  const list = useRef<HTMLOListElement>(null);
  const lines = useVirtualizer({
    count,
    getScrollElement: () => (list as RefObject<HTMLOListElement>).current,
    estimateSize: () => LINE_PIXELS,
    overscan: 12,
    initialRect: { width: 460, height: 600 },
  });
  useFollow({ count, shownIndex, now, selectedId }, (index) => lines.scrollToIndex(index, { align: 'auto' }));
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
