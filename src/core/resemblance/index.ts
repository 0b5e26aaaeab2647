export * from './asTold';
export * from './fitsState';
export * from './resemblance';
