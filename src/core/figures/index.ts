export * from './exposure';
export * from './roundFigures';
export * from './version';
