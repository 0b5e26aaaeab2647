import { useCallback, useEffect, useRef, useState } from 'react';

/** Runs pieces of work in the order in which they were asked for, each after the one before is over: a quick undo must not overtake what it undoes. */
export type OneByOne = <Outcome>(work: () => Promise<Outcome>) => Promise<Outcome>;

/** Changes of the round itself (its pictures, clocks, end), which need the server at once, unlike marks: one by one; while one is under way, leaving the page is asked about. */
export function useCardChanges(): { readonly oneByOne: OneByOne; readonly isKeeping: boolean } {
  const last = useRef<Promise<unknown>>(Promise.resolve());
  const [underWay, setUnderWay] = useState(0);
  const oneByOne: OneByOne = useCallback((work) => {
    setUnderWay((count) => count + 1);
    const next = last.current.then(work);
    last.current = next.catch(() => undefined).then(() => setUnderWay((count) => count - 1));
    return next;
  }, []);
  const isKeeping = underWay > 0;
  useEffect(() => {
    if (!isKeeping) return;
    const ask = (event: BeforeUnloadEvent) => event.preventDefault();
    window.addEventListener('beforeunload', ask);
    return () => window.removeEventListener('beforeunload', ask);
  }, [isKeeping]);
  return { oneByOne, isKeeping };
}
