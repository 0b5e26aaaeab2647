export * from './backChances';
export * from './chances';
