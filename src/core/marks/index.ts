export * from './athlete';
export * from './drawingSchema';
export * from './kinds';
export * from './mark';
export * from './parts';
export * from './storableText';
