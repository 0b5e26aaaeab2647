'use client';

import { useCallback, useEffect, useMemo, useReducer, useRef, useState } from 'react';
import { z } from 'zod';
import { type Cut, type CutAction, type CutLimits, createCutReducer, firstCuts } from './cutReducer';

const kept = z.array(
  z.object({
    key: z.string(),
    startSeconds: z.number(),
    endSeconds: z.number(),
    state: z.enum(['proposed', 'confirmed']),
    reason: z.enum(['bell-to-bell', 'bell-to-early-bell', 'bell-to-stillness', 'movement-only']).optional(),
    confidenceRatio: z.number().optional(),
    plannedSeconds: z.number().optional(),
  }),
);

/** Storage may be forbidden or full: then an unfinished cut only lasts as long as the page. */
function readKept(name: string): readonly Cut[] | undefined {
  try {
    return kept.safeParse(JSON.parse(localStorage.getItem(name) ?? 'null')).data;
  } catch {
    return undefined;
  }
}

function keep(name: string, cuts: readonly Cut[]): void {
  try {
    localStorage.setItem(name, JSON.stringify(cuts));
  } catch {
    // See above.
  }
}

/** The cuts of a file, as proposed or as they were left on this machine; kept here until they are rounds. */
export function useCuts(footageId: string, proposals: Parameters<typeof firstCuts>[0], limits: CutLimits) {
  const name = `owl-cuts-${footageId}`;
  const reduce = useMemo(() => createCutReducer(limits), [limits]);
  const [state, dispatch] = useReducer(reduce, undefined, () => firstCuts(proposals, limits.kept));
  const [restored, setRestored] = useState(false);
  const touched = useRef(false);

  useEffect(() => {
    const cuts = readKept(name);
    if (cuts && cuts.length > 0) {
      touched.current = true;
      dispatch({ kind: 'restore', cuts });
    }
    setRestored(true);
  }, [name]);

  // Proposals that come while the page is open take the place of what nobody has touched.
  useEffect(() => {
    if (restored && !touched.current) dispatch({ kind: 'restore', cuts: firstCuts(proposals, limits.kept).cuts });
  }, [proposals, limits.kept, restored]);

  useEffect(() => {
    if (touched.current) keep(name, state.cuts);
  }, [name, state.cuts]);

  const act = useCallback((action: CutAction) => {
    if (!['choose', 'step-choice'].includes(action.kind)) touched.current = true;
    dispatch(action);
  }, []);
  return { state, act };
}
