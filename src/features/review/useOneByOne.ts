import { useCallback, useRef } from 'react';

/** Runs pieces of work in the order in which they were asked for, each after the one before is over: a quick undo must not overtake what it undoes. */
export function useOneByOne(): <Outcome>(work: () => Promise<Outcome>) => Promise<Outcome> {
  const last = useRef<Promise<unknown>>(Promise.resolve());
  return useCallback((work) => {
    const next = last.current.then(work);
    last.current = next.catch(() => undefined);
    return next;
  }, []);
}
