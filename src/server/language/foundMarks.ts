import { phraseMark } from '@/core/callline';
import { firstNameOf } from '@/core/kernel';
import type { MarkLine } from '@/core/search';
import type { FoundMark } from '@/data/language/occurrences';

/** A found mark as plain words and places, for a list. */
export function describeFound(found: FoundMark, nameOf: (conceptId: string) => string): MarkLine {
  const { mark, roundId, heldOn, uniform, roundSeconds, footageId, people } = found;
  return {
    markId: mark.id,
    roundId,
    heldOn,
    uniform,
    roundSeconds,
    mediaSeconds: mark.atSeconds,
    footageId,
    a: firstNameOf(people.a.name),
    b: firstNameOf(people.b.name),
    words: phraseMark(mark, { a: firstNameOf(people.a.name), b: firstNameOf(people.b.name) }, nameOf),
  };
}
