import type { Drill } from '../types';
import { anyDrills } from './any';
import { backDrills } from './back';
import { closedGuardDrills } from './closedGuard';
import { frontHeadlockDrills } from './frontHeadlock';
import { halfGuardDrills } from './halfGuard';
import { legEntanglementDrills } from './legEntanglement';
import { mountDrills } from './mount';
import { openGuardDrills } from './openGuard';
import { sidePinDrills } from './sidePin';
import { standingDrills } from './standing';
import { submissionHoldDrills } from './submissionHold';
import { turtleDrills } from './turtle';

export const drills: readonly Drill[] = [...standingDrills, ...openGuardDrills, ...closedGuardDrills, ...halfGuardDrills, ...anyDrills, ...legEntanglementDrills, ...submissionHoldDrills, ...sidePinDrills, ...mountDrills, ...turtleDrills, ...backDrills, ...frontHeadlockDrills];
