export { toldAsides } from './asides';
export { toldAttempts } from './attempts';
export { toldChances } from './chances';
export { toldErrors } from './errors';
export { toldGrips } from './grips';
export { toldPositions } from './positions';
export { toldStops } from './stops';
export { toldStrengths } from './strengths';
