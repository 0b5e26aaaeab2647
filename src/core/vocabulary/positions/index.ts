import type { Position } from '../types';
import { backPositions } from './back';
import { closedGuardPositions } from './closedGuard';
import { frontHeadlockPositions } from './frontHeadlock';
import { halfGuardPositions } from './halfGuard';
import { kneeOnBellyPositions } from './kneeOnBelly';
import { legEntanglementPositions } from './legEntanglement';
import { mountPositions } from './mount';
import { openGuardPositions } from './openGuard';
import { scramblePositions } from './scramble';
import { sidePinPositions } from './sidePin';
import { standingPositions } from './standing';
import { submissionHoldPositions } from './submissionHold';
import { turtlePositions } from './turtle';

export const positions: readonly Position[] = [
  ...standingPositions,
  ...scramblePositions,
  ...closedGuardPositions,
  ...openGuardPositions,
  ...halfGuardPositions,
  ...legEntanglementPositions,
  ...sidePinPositions,
  ...kneeOnBellyPositions,
  ...mountPositions,
  ...backPositions,
  ...turtlePositions,
  ...frontHeadlockPositions,
  ...submissionHoldPositions,
];
