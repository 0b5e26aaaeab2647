import { sayingsAsTold } from '../vocabulary/sayings/asTold';
import { type Resemblance, resemblanceOf } from './resemblance';

/** How things are told at length: sayings of the entries, and what a sentence resembles. Apart from the catalogue, so that a page loads it when it is up. */
export interface AsTold {
  readonly sayings: Readonly<Record<string, readonly string[]>>;
  readonly resembles: (words: readonly string[]) => Resemblance;
}

/** What the reader knows beside the short sayings: give it to `buildVocabularyIndex`. */
export const asTold: AsTold = { sayings: sayingsAsTold, resembles: resemblanceOf };
