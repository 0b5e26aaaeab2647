import { compareMarks, linksOf, type Mark } from '../marks';
import { descendantIds } from './chains';

/** The marks of a chain in order of time, the first cause included; only itself for a mark without consequences. */
export function chainOf(marks: readonly Mark[], rootId: string): Mark[] {
  const below = descendantIds(marks, rootId);
  return marks.filter((mark) => mark.id === rootId || below.has(mark.id)).sort(compareMarks);
}

/** What led to a mark; the latest one where there are several. Undefined for a first cause. */
export function causeOf(marks: readonly Mark[], markId: string): Mark | undefined {
  return marks
    .filter((mark) => mark.id !== markId && linksOf(mark).includes(markId))
    .sort(compareMarks)
    .at(-1);
}
