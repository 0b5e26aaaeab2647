export { toldAttempts } from './attempts';
export { toldErrors } from './errors';
export { toldAsides, toldChances, toldStops } from './others';
export { toldGrips, toldPositions } from './places';
export { toldStrengths } from './strengths';
