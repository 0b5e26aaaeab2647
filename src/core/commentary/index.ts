export type { CalledBy } from './athletes';
export * from './certainty';
export type { Cue } from './cue';
export type { CommentaryContext, Proposal } from './hearing';
export * from './readCommentary';
export * from './talkTrack';
export * from './tie';
export * from './timedTable';
export * from './timedText';
