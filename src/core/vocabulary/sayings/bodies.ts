export { doingsAsTold } from './doingsAsTold';
export { positionsAsTold } from './positionsAsTold';
