export * from './drilled';
export * from './lessonEffect';
export * from './lessonsDone';
export * from './refitKappa';
