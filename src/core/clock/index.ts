export * from './displayedClock';
export * from './duration';
export * from './frames';
export * from './liveTime';
export * from './reactionLead';
