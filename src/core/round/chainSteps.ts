import { compareMarks, type ErrorMark, type Mark } from '../marks';
import { descendantIds } from './chains';

/** The marks of a chain in order of time, the first cause included; only itself for an error without consequences. */
export function chainOf(marks: readonly Mark[], rootId: string): Mark[] {
  const below = descendantIds(marks, rootId);
  return marks.filter((mark) => mark.id === rootId || below.has(mark.id)).sort(compareMarks);
}

/** The error that led to a mark; the latest one where there are several. Undefined for a first cause. */
export function causeOf(marks: readonly Mark[], markId: string): ErrorMark | undefined {
  return marks
    .filter((mark): mark is ErrorMark => mark.kind === 'error' && mark.id !== markId && mark.ledTo.includes(markId))
    .sort(compareMarks)
    .at(-1);
}
