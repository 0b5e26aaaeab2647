export * from './chooseRounds';
export * from './draftReview';
export * from './reviewPace';
export * from './roundWorth';
