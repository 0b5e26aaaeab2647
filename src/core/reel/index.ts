export * from './reel';
export * from './savedReel';
