export * from './chooseRounds';
export * from './draftReview';
export * from './homework';
export * from './reviewPace';
export * from './roundWorth';
