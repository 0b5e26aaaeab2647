'use client';

import { LedgerPanel } from './ledger/LedgerPanel';
import { panels } from './panels/registry';
import type { ReviewDesk } from './useReviewActs';

/** What stands at the right of the footage: the panel that is open, else the ledger. */
export function ReviewPanel({ desk }: { readonly desk: ReviewDesk }) {
  const open = panels.find((one) => one.id === desk.panel && !('refuse' in one && one.refuse?.(desk)));
  return open ? <open.Component desk={desk} /> : <LedgerPanel desk={desk} />;
}
