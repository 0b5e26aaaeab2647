export * from './attendee';
export * from './benefit';
export * from './chooseDrills';
export * from './eligibility';
export * from './linearModel';
export * from './order';
export * from './pairs';
export * from './planClass';
