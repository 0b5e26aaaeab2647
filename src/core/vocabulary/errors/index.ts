import type { CatalogueError } from '../types';
import { attackingTurtleErrors } from './attackingTurtle';
import { backControlErrors } from './backControl';
import { closedGuardErrors } from './closedGuard';
import { halfGuardErrors } from './halfGuard';
import { legEntanglementsErrors } from './legEntanglements';
import { mountErrors } from './mount';
import { openGuardErrors } from './openGuard';
import { passingErrors } from './passing';
import { pinsFromTopErrors } from './pinsFromTop';
import { standingErrors } from './standing';
import { submissionHoldsErrors } from './submissionHolds';
import { turtleFromBelowErrors } from './turtleFromBelow';
import { underThePinErrors } from './underThePin';
import { wholeRoundErrors } from './wholeRound';

export const errors: readonly CatalogueError[] = [
  ...standingErrors,
  ...passingErrors,
  ...closedGuardErrors,
  ...openGuardErrors,
  ...submissionHoldsErrors,
  ...halfGuardErrors,
  ...legEntanglementsErrors,
  ...pinsFromTopErrors,
  ...underThePinErrors,
  ...mountErrors,
  ...attackingTurtleErrors,
  ...turtleFromBelowErrors,
  ...backControlErrors,
  ...wholeRoundErrors,
];
