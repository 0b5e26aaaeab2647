export * from './clipCaptions';
export * from './clipOverlay';
export * from './clipPicture';
export * from './clipRecipe';
export * from './clipTimeline';
