export * from './found';
export { type SearchedHow, searchedFields } from './readHow';
export * from './readPartner';
export * from './readQuery';
export * from './readTime';
export * from './sequence';
