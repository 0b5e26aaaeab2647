import { errorsAsTold } from './errorsAsTold';
import { strengthsAsTold } from './strengthsAsTold';

/**
 * How errors and good things are told at length, by id: what the reader knows beside the short sayings. Apart from the catalogue, so that a page loads it when
 * it is up: give it to `buildVocabularyIndex`.
 */
export const sayingsAsTold: Readonly<Record<string, readonly string[]>> = { ...errorsAsTold, ...strengthsAsTold };
