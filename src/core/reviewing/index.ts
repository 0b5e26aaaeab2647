export * from './chooseRounds';
export * from './reviewPace';
export * from './roundWorth';
