import { type AnyBelt, anyBelts, beltName, isAdultBelt } from '@/core/vocabulary';

/** Stands for a belt that nobody stated: it is not white. */
export const NOT_SAID = 'not-said';

export const beltOptions: readonly { readonly value: string; readonly label: string }[] = [
  { value: NOT_SAID, label: 'not said' },
  ...anyBelts.map((belt) => ({ value: belt, label: isAdultBelt(belt) ? beltName(belt) : `${beltName(belt)} (child)` })),
];

export const readBelt = (value: string): AnyBelt | undefined => anyBelts.find((belt) => belt === value);
