export * from './callHabits';
export { holderOf, type MarkDraft } from './draftOf';
export * from './matchConcept';
export * from './nextCalls';
export * from './phraseMark';
export * from './readCall';
export * from './vocabularyIndex';
export { likenessOf } from './wordLikeness';
export { stemOf, wordsOf } from './words';
