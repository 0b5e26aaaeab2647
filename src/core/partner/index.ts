export * from './gap';
export * from './weightClasses';
