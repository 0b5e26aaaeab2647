'use client';

import { useState } from 'react';
import type { ConceptKind, MarkDraft } from '@/core/callline';
import type { Mark } from '@/core/round';
import { kindOf } from '@/core/vocabulary';
import type { CallTies, MissingCall } from '../CallLine';

/** A call of which a word is missing: the word is made, then the call is marked with it. */
export function useMissingWord(
  commit: (draft: MarkDraft, editing: Mark | undefined, ties: CallTies) => void,
  say: (words: string) => void,
) {
  const [missing, setMissing] = useState<MissingCall>();
  return {
    missing,
    ask: setMissing,
    leave: () => setMissing(undefined),
    made: (id: string, name: string) => {
      const kind = kindOf(id);
      setMissing(undefined);
      if (!missing || !kind) return;
      if (kind === 'drill') return say(`“${name}” is a drill of ours now: plans and the Library have it.`);
      const concept = { id, name, kind: kind satisfies ConceptKind, families: [], uniform: 'both' as const };
      commit(missing.draftWith(concept), missing.editing, {});
    },
  };
}
