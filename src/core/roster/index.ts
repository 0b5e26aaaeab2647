export * from './columns';
export * from './matchRoster';
export * from './readBelt';
export * from './readRoster';
