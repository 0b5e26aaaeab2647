export * from './reel';
