export * from './markLine';
export * from './roundCues';
export * from './timedText';
export * from './webAnnotation';
