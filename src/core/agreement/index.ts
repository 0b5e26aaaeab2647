export * from './differences';
export * from './kappa';
export * from './matchEvents';
export * from './states';
