import { phraseMark } from '@/core/callline';
import { shortNamesOf } from '@/core/kernel';
import type { MarkLine } from '@/core/search';
import type { FoundMark } from '@/data/language/occurrences';

/** A found mark as plain words and places, for a list. */
export function describeFound(found: FoundMark, nameOf: (conceptId: string) => string): MarkLine {
  const { mark, roundId, heldOn, uniform, roundSeconds, footageId, people } = found;
  const [a = '', b = ''] = shortNamesOf([people.a.name, people.b.name]);
  return {
    markId: mark.id,
    roundId,
    heldOn,
    uniform,
    roundSeconds,
    mediaSeconds: mark.atSeconds,
    footageId,
    ...{ a, b },
    words: phraseMark(mark, { a, b }, nameOf),
  };
}
