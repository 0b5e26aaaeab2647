export * from './readQuery';
