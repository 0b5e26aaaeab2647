import { phraseMark } from '@/core/callline';
import type { FoundMark } from '@/data/language/occurrences';

const firstName = (name: string): string => name.split(' ')[0] ?? name;

/** A found mark as plain words and places, for a list. */
export function describeFound(found: FoundMark, nameOf: (conceptId: string) => string) {
  const { mark, roundId, heldOn, uniform, roundSeconds, footageId, people } = found;
  return {
    markId: mark.id,
    roundId,
    heldOn,
    uniform,
    roundSeconds,
    mediaSeconds: mark.atSeconds,
    footageId,
    a: firstName(people.a.name),
    b: firstName(people.b.name),
    words: phraseMark(mark, { a: firstName(people.a.name), b: firstName(people.b.name) }, nameOf),
  };
}
