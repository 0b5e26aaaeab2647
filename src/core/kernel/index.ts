export * from './calendarDate';
export * from './names';
export * from './present';
export * from './readDay';
export * from './result';
export * from './text';
export * from './units';
export * from './zone';
