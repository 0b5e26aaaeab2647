import { toldAnywhere } from './anywhere';
import { toldPinsAndHolds } from './pinsAndHolds';
import { toldStandingAndGuards } from './standingAndGuards';
import { toldUnnamed } from './unnamed';

/** How people who talk over a round tell of what is done well, a sentence a line, by strength id; `''` where no entry names it. @source common practice, written down by the makers */
export const toldStrengths: Readonly<Record<string, string>> = {
  ...toldStandingAndGuards,
  ...toldAnywhere,
  ...toldPinsAndHolds,
  ...toldUnnamed,
};
