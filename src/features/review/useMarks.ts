'use client';

import { useEffect, useState, useSyncExternalStore } from 'react';
import type { HeldMark } from '@/session/marksState';
import type { MarksAddress } from '@/sync/marksAddress';
import { openMarks } from '@/sync/openMarks';

/** The marks of a round on this page: what is there now, how it is kept, and the verbs that change it. */
export function useMarks(address: MarksAddress, stored: readonly HeldMark[], coachId: string) {
  const [{ session, keeping, start }] = useState(() => openMarks(address, stored, coachId));
  useEffect(() => start(), [start]);
  const state = useSyncExternalStore(session.subscribe, session.get, session.get);
  return { ...session, state, keeping: useSyncExternalStore(keeping.subscribe, keeping.get, keeping.get) };
}
