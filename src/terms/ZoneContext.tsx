'use client';

import { createContext, type ReactNode, useContext } from 'react';

const ZoneContext = createContext('UTC');

/** Gives every screen below it the academy's time zone. */
export function ZoneProvider({ timeZone, children }: { readonly timeZone: string; readonly children: ReactNode }) {
  return <ZoneContext.Provider value={timeZone}>{children}</ZoneContext.Provider>;
}

/** The time zone in which every time of day is shown and read. */
export const useZone = (): string => useContext(ZoneContext);
