export * from './ageClass';
export * from './gap';
export * from './history';
export * from './weightClasses';
