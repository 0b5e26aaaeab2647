export * from './consent';
export * from './withoutNames';
