export * from './passive';
export * from './reactions';
