export * from './compareBoard';
export * from './overtime';
export * from './overtimeRecord';
export * from './ruleSets';
export * from './rules';
export * from './scoreRound';
export * from './whatIsAsked';
