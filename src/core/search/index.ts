export * from './found';
export * from './readQuery';
