import { phraseMark } from '../callline';
import type { Span } from '../clock';
import type { Athlete, Mark, RoundReading } from '../round';
import { conceptName } from '../vocabulary';
import type { Cue } from './timedText';

/** How long a caption stands: long enough to be read, short enough not to cover the next. @source own decision */
const CAPTION_SECONDS = 3;

type Names = Readonly<Record<Athlete, string>>;

/** A round as captions: each mark from its moment on, to the end of the round at most. */
export const captionCues = (
  marks: readonly Mark[],
  round: Span,
  names: Names,
  nameOf: (conceptId: string) => string = conceptName,
): readonly Cue[] =>
  marks.map((mark) => {
    const startSeconds = Math.min(Math.max(mark.atSeconds, round.startSeconds), round.endSeconds - 0.1);
    return {
      ...{ id: mark.id, startSeconds, endSeconds: Math.min(startSeconds + CAPTION_SECONDS, round.endSeconds) },
      text: phraseMark(mark, names, nameOf),
    };
  });

const withoutNote = (words: string, note: string | undefined): string =>
  note ? words.replace(` - ${note}`, '') : words;

/** A round as chapters: one for each stretch with one position; stretches that nobody marked are called so, and none is left out. */
export function chapterCues(
  reading: RoundReading,
  names: Names,
  nameOf: (conceptId: string) => string = conceptName,
): readonly Cue[] {
  const marks = new Map(reading.marks.map((mark) => [mark.id, mark]));
  return reading.intervals.map(({ startSeconds, endSeconds, state, markId }) => {
    const mark = markId === undefined ? undefined : marks.get(markId);
    const isKnown = state.kind !== 'stopped' && state.kind !== 'unmarked' && mark !== undefined;
    const unknown = state.kind === 'stopped' ? 'stopped' : 'not marked';
    return {
      startSeconds,
      endSeconds,
      text: isKnown ? withoutNote(phraseMark(mark, names, nameOf), mark.note) : unknown,
    };
  });
}
