'use client';

import { useEffect, useState } from 'react';

/** Keys work from here on: before, the page is only a picture of itself that the server drew. */
export function useReady(): boolean {
  const [ready, setReady] = useState(false);
  useEffect(() => setReady(true), []);
  return ready;
}
