import { present } from '../../kernel';
import type { Drill, DrillCourse } from '../types';
import { anyDrills } from './any';
import { backDrills } from './back';
import { closedGuardDrills } from './closedGuard';
import { frontHeadlockDrills } from './frontHeadlock';
import { halfGuardDrills } from './halfGuard';
import { legEntanglementDrills } from './legEntanglement';
import { mountDrills } from './mount';
import { drillNames } from './names';
import { openGuardDrills } from './openGuard';
import { passingOpenGuardDrills } from './passingOpenGuard';
import { sidePinDrills } from './sidePin';
import { standingDrills } from './standing';
import { submissionHoldDrills } from './submissionHold';
import { turtleDrills } from './turtle';

const courses: readonly DrillCourse[] = [...standingDrills, ...openGuardDrills, ...passingOpenGuardDrills, ...closedGuardDrills, ...halfGuardDrills, ...anyDrills, ...legEntanglementDrills, ...submissionHoldDrills, ...sidePinDrills, ...mountDrills, ...turtleDrills, ...backDrills, ...frontHeadlockDrills];

/** Every drill of the catalogue. */
export const drills: readonly Drill[] = courses.map((course) => ({ ...course, name: present(drillNames[course.id]) }));
