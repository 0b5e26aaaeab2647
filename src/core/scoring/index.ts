export * from './ruleSets';
