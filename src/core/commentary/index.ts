export type { CalledBy } from './athletes';
export * from './readCommentary';
export * from './tie';
export * from './timedText';
