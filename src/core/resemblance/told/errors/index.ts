import { toldAny } from './any';
import { toldBack } from './back';
import { toldClosedGuard } from './closedGuard';
import { toldFrontHeadlock } from './frontHeadlock';
import { toldHalfGuard } from './halfGuard';
import { toldKneeOnBelly } from './kneeOnBelly';
import { toldLegEntanglement } from './legEntanglement';
import { toldMount } from './mount';
import { toldOpenGuard } from './openGuard';
import { toldSidePin } from './sidePin';
import { toldStanding } from './standing';
import { toldSubmissionHold } from './submissionHold';
import { toldTurtle } from './turtle';
import { toldUnnamed } from './unnamed';

/**
 * How people who talk over a round tell of faults, a sentence a line, by error id; `''` stands for faults that no entry names. From these the reader learns which
 * words tell of what: see `../resemblance`. @source common practice, written down by the makers
 */
export const toldErrors: Readonly<Record<string, string>> = {
  ...toldStanding,
  ...toldOpenGuard,
  ...toldAny,
  ...toldHalfGuard,
  ...toldClosedGuard,
  ...toldLegEntanglement,
  ...toldSidePin,
  ...toldSubmissionHold,
  ...toldTurtle,
  ...toldKneeOnBelly,
  ...toldMount,
  ...toldFrontHeadlock,
  ...toldBack,
  ...toldUnnamed,
};
