import type { CatalogueKind } from '@/core/vocabulary';

/** What the kinds of entries are called on the screen. */
export const kindNames: Readonly<Record<CatalogueKind, string>> = {
  position: 'position',
  grip: 'grip',
  attempt: 'technique',
  error: 'error',
  strength: 'well done',
  drill: 'drill',
};
