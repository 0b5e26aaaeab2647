import type { PartnerGroup } from '@/core/patterns';

/** Kinds of partners as they are read. */
export const partnerGroupWords: Readonly<Record<PartnerGroup, string>> = {
  higher: 'a belt higher and more',
  same: 'about the same belt',
  lower: 'a belt lower and more',
  heavier: 'a tenth heavier and more',
  near: 'about the same weight',
  lighter: 'a tenth lighter and more',
  taller: 'a hand taller and more',
  shorter: 'a hand shorter and more',
};
