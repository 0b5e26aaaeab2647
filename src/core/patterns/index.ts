export * from './cost';
export * from './exposure';
export * from './habits';
export * from './recurring';
export * from './roundFigures';
export * from './shrunkRate';
export * from './status';
