export * from './compareBoard';
export * from './overtime';
export * from './ruleSets';
export * from './rules';
export * from './scoreRound';
