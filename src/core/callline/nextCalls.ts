import type { Athlete } from '../round';
import { conceptName, findError, findPosition, findStrength, type Uniform } from '../vocabulary';
import { type CallHabits, guessCalls, type HabitContext } from './callHabits';
import { holderOf } from './draftOf';
import { phrasePosition } from './phraseMark';

/** A call that is likely now, as it would be typed. */
export interface NextCall {
  readonly conceptId: string;
  readonly athlete: Athlete;
  readonly text: string;
}

/**
 * The five likeliest next calls of a moment, from the academy's own marks and, where those are silent, from the position graph.
 * Read back, each text makes the mark that it names.
 */
export function listNextCalls(
  habits: CallHabits,
  context: HabitContext,
  uniform: Uniform,
  names: Readonly<Record<Athlete, string>>,
  nameOf: (conceptId: string) => string = conceptName,
): NextCall[] {
  return guessCalls(habits, context, uniform, 5).map(({ conceptId, athlete, missed }) => {
    const who = athlete ?? 'a';
    const name = nameOf(conceptId);
    if (findPosition(conceptId)) {
      const holder = athlete && holderOf(conceptId, athlete, 'over');
      return { conceptId, athlete: who, text: phrasePosition(conceptId, holder, names, nameOf) };
    }
    const owner = athlete || findError(conceptId) || findStrength(conceptId) ? `${names[who]} ` : '';
    const kind = findStrength(conceptId) ? 'good ' : missed ? 'missed ' : '';
    return { conceptId, athlete: who, text: `${owner}${kind}${name}` };
  });
}
