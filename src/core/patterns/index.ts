export * from './cohort';
export * from './cost';
export * from './habits';
export * from './recurring';
export * from './shrunkRate';
export * from './status';
export * from './studentRecord';
