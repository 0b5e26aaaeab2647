import { findTechnique } from '../vocabulary';
import type { BestReading } from './bestReading';
import type { Modifiers } from './modifiers';
import type { PlainCall } from './plainCalls';
import type { Who } from './who';

/** What a call was heard to say, before it is made a mark. */
export type Heard =
  | { readonly kind: 'condition'; readonly who: Who }
  | {
      readonly kind: 'named';
      readonly who: Who;
      readonly best: BestReading;
      readonly modifiers: Modifiers;
      readonly remark?: string;
      /** The attempt that was on and is over with this. */
      readonly finishesId?: string;
    }
  | {
      readonly kind: 'plain';
      readonly who: Who;
      readonly plain: PlainCall;
      /** The other one does it: "gets swept". */
      readonly byOther?: true;
      readonly best?: BestReading;
      readonly remark?: string;
    };

/** What a name that was found says, with what its words add to it. */
export const named = (who: Who, best: BestReading): Heard => ({
  kind: 'named',
  who,
  best,
  modifiers: saidAsDone(best, withArrival(best)),
  remark: best.tail?.join(' '),
});

/** Verbs of what is begun and not done by itself. */
const begins =
  /^(?:tries|starts|attempts|looks|works|wants|hunts|sets|shoots|dives|drives|attacks|threatens|goes|fights|pushes|bridges|shrimps|frames|posts|grabs|grips|holds|keeps|stays|waits|needs|feels|seems|sits)$/;
const isVerbForm =
  /^(?!unnamed$|(?:hips|hooks|elbows|legs|knees|feet|arms|hands|shoulders|heels|ankles|wrists|lapels|sleeves|underhooks|overhooks)$)[a-z]{2,}(?:[^s]s|sses|ed)$/;

/** "pulls guard", "rolls back to guard", "swept with the scissor": a name that begins with a verb in the third person or the past tells what was done. */
function saidAsDone({ match, words }: BestReading, modifiers: Modifiers): Modifiers {
  const [verb = ''] = words;
  const technique = findTechnique(match.concept.id);
  const isDone =
    /^(?:pulls|jumps|passes|sweeps|swept|escapes|takes|took|throws|threw)$/.test(verb) ||
    (technique?.class !== 'submissions' && words.length > 1 && isVerbForm.test(verb) && !begins.test(verb));
  const isMove =
    technique !== undefined && !modifiers.stage && !modifiers.end && !modifiers.missed && !modifiers.verdict;
  return isDone && isMove ? { ...modifiers, stage: 'finished', end: 'finished' } : modifiers;
}

/** "knee cut to side": a move that arrives where it leads is finished. */
export function withArrival({ match, modifiers, to }: BestReading): Modifiers {
  const technique = findTechnique(match.concept.id);
  const arrives =
    to?.kind === 'position' &&
    technique &&
    technique.class !== 'submissions' &&
    !modifiers.stage &&
    !modifiers.end &&
    !modifiers.missed;
  return arrives ? { ...modifiers, stage: 'finished', end: 'finished' } : modifiers;
}
