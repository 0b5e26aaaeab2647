import { toldBackTakes } from './backTakes';
import { toldEscapes } from './escapes';
import { toldGuardPulls } from './guardPulls';
import { toldLegEntries } from './legEntries';
import { toldPasses } from './passes';
import { toldSubmissions } from './submissions';
import { toldSweeps } from './sweeps';
import { toldTakedowns } from './takedowns';

/** How people who talk over a round tell of what is tried and done, seldom by its name, a sentence a line, by technique id. @source common practice, written down by the makers */
export const toldAttempts: Readonly<Record<string, string>> = {
  ...toldTakedowns,
  ...toldGuardPulls,
  ...toldPasses,
  ...toldSweeps,
  ...toldEscapes,
  ...toldBackTakes,
  ...toldLegEntries,
  ...toldSubmissions,
};
