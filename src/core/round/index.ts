export * from './chains';
export * from './checkMark';
export * from './contradictions';
export * from './mark';
export * from './readRound';
export * from './state';
export * from './summary';
export * from './tide';
