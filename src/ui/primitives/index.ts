export * from './Button';
export * from './Checkbox';
export * from './Choice';
export * from './Dialog';
export * from './FileDrop';
export * from './Progress';
export * from './Select';
export * from './TextField';
