'use client';

import { useCallback, useEffect, useMemo, useReducer, useRef, useState } from 'react';
import { z } from 'zod';
import { whyNot } from '@/forms/whyNot';
import { keepCuts } from '@/server/footage/cutsActions';
import { cutsInput, type KeptCut } from '@/server/footage/cutsInput';
import { type Cut, type CutAction, type CutLimits, createCutReducer, firstCuts } from './cutReducer';

const unsentShape = z.object({ version: z.number(), cuts: cutsInput });

/** Storage may be forbidden or full: then what the server did not take yet only lasts as long as the page. */
function readUnsent(name: string): z.output<typeof unsentShape> | undefined {
  try {
    return unsentShape.safeParse(JSON.parse(localStorage.getItem(name) ?? 'null')).data;
  } catch {
    return undefined;
  }
}

function keepUnsent(name: string, unsent: { version: number; cuts: readonly Cut[] } | undefined): void {
  try {
    if (unsent) localStorage.setItem(name, JSON.stringify(unsent));
    else localStorage.removeItem(name);
  } catch {
    // See above.
  }
}

const SETTLED_MS = 400;
const AGAIN_MS = 5000;
const AWAY = 'The server cannot be reached: these cuts are kept on this machine until it can.';
const ELSEWHERE = 'These cuts were changed on another machine meanwhile; what was done there is shown.';

/** The cuts of a file, as proposed or as they were left on whichever machine; kept on the server until they are rounds. */
export function useCuts(
  footageId: string,
  proposals: Parameters<typeof firstCuts>[0],
  limits: CutLimits,
  left: { readonly cuts: readonly KeptCut[]; readonly version: number } | undefined,
) {
  const name = `owl-cuts-${footageId}`;
  const reduce = useMemo(() => createCutReducer(limits), [limits]);
  const [state, dispatch] = useReducer(reduce, undefined, () =>
    left ? reduce(firstCuts([], limits.kept), { kind: 'restore', cuts: left.cuts }) : firstCuts(proposals, limits.kept),
  );
  const [trouble, setTrouble] = useState<string>();
  const touched = useRef(left !== undefined);
  const version = useRef(left?.version ?? 0);
  // What the server has, or has shown: only what differs from it is sent.
  const known = useRef<readonly Cut[]>(state.cuts);

  // What this machine could not send when it was here last goes on from the same version.
  useEffect(() => {
    const unsent = readUnsent(name);
    if (unsent?.version !== version.current) return keepUnsent(name, undefined);
    touched.current = true;
    dispatch({ kind: 'restore', cuts: unsent.cuts });
  }, [name]);

  // Proposals that come while the page is open take the place of what nobody has touched.
  useEffect(() => {
    if (touched.current) return;
    const { cuts } = firstCuts(proposals, limits.kept);
    known.current = cuts;
    dispatch({ kind: 'restore', cuts });
  }, [proposals, limits.kept]);

  const latest = useRef(state.cuts);
  const isSending = useRef(false);
  const timer = useRef<ReturnType<typeof setTimeout>>(undefined);
  const flush = useCallback(async () => {
    const cuts = latest.current;
    if (isSending.current || cuts === known.current) return;
    isSending.current = true;
    const outcome = await keepCuts(footageId, [...cuts], version.current).catch(() => undefined);
    isSending.current = false;
    if (outcome && !outcome.ok) return setTrouble(whyNot(outcome));
    if (outcome) {
      version.current = outcome.version;
      known.current = cuts;
      keepUnsent(name, undefined);
    }
    setTrouble(outcome ? (outcome.newer ? ELSEWHERE : undefined) : AWAY);
    if (outcome?.newer) dispatch({ kind: 'restore', cuts: outcome.newer });
    else if (latest.current !== known.current) timer.current = setTimeout(flush, outcome ? 0 : AGAIN_MS);
  }, [footageId, name]);

  useEffect(() => {
    latest.current = state.cuts;
    if (!touched.current || state.cuts === known.current) return;
    keepUnsent(name, { version: version.current, cuts: state.cuts });
    clearTimeout(timer.current);
    timer.current = setTimeout(flush, SETTLED_MS);
  }, [name, flush, state.cuts]);
  useEffect(() => () => clearTimeout(timer.current), []);

  const act = useCallback((action: CutAction) => {
    if (!['choose', 'step-choice'].includes(action.kind)) touched.current = true;
    dispatch(action);
  }, []);
  return { state, act, trouble };
}
