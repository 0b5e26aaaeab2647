import type { ReactNode } from 'react';
import type { KeyPress } from '@/ui/keys/keyEntry';
import type { ReviewDeskParts } from '../useReviewDesk';

/** Something that opens beside the footage in place of the ledger. A new one is a folder here and a line in the registry. */
export interface PanelDefinition<Id extends string> {
  readonly id: Id;
  /** The key that opens it, how that key is written, and what the sheet of keys says. */
  readonly key: { readonly shown: string; readonly matches: (press: KeyPress) => boolean; readonly does: string };
  /** Whether its key also closes it. */
  readonly toggles: boolean;
  /** Why it cannot be opened for this round; absent where it always can. */
  readonly refuse?: (desk: ReviewDeskParts) => string | undefined;
  readonly Component: (props: { readonly desk: ReviewDeskParts }) => ReactNode;
}

export const definePanel = <const Id extends string>(panel: PanelDefinition<Id>): PanelDefinition<Id> => panel;
