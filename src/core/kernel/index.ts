export * from './calendarDate';
export * from './result';
export * from './units';
