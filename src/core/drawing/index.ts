export * from './stroke';
