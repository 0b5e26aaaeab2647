'use client';

import { createContext, type ReactNode, useContext, useMemo } from 'react';
import { type HouseWords, houseNameOf, plainHouse } from '@/core/vocabulary';

const HouseContext = createContext<HouseWords>(plainHouse);

/** Gives every screen below it the academy's words. */
export function HouseProvider({ house, children }: { readonly house: HouseWords; readonly children: ReactNode }) {
  return <HouseContext.Provider value={house}>{children}</HouseContext.Provider>;
}

export const useHouse = (): HouseWords => useContext(HouseContext);

/** What this academy calls an entry, whatever its kind. */
export function useWordOf(): (conceptId: string) => string {
  const house = useHouse();
  return useMemo(() => (conceptId: string) => houseNameOf(house, conceptId), [house]);
}
