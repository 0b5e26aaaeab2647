export * from './answerWords';
export * from './chooseRounds';
export * from './draftQuestions';
export * from './draftReview';
export * from './homework';
export * from './reviewPace';
export * from './roundToClose';
export * from './roundWorth';
