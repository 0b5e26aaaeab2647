export * from './kappa';
export * from './matchEvents';
