export * from './matchConcept';
export * from './nextCalls';
export * from './phraseMark';
export * from './readCall';
export * from './vocabularyIndex';
