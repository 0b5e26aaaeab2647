export * from './found';
export { type SearchedHow, searchedFields } from './readHow';
export * from './readQuery';
