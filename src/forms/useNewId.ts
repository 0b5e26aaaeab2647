'use client';

import { useCallback, useRef } from 'react';

/**
 * The id of the thing that a form is about to make: made by the page, so that sending the form again after its answer was lost makes nothing twice. `renew`
 * once it is made, for the next one.
 */
export function useNewId(): { readonly id: () => string; readonly renew: () => void } {
  const made = useRef<string>(undefined);
  const id = useCallback(() => {
    made.current ??= crypto.randomUUID();
    return made.current;
  }, []);
  const renew = useCallback(() => {
    made.current = undefined;
  }, []);
  return { id, renew };
}
