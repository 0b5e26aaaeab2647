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

/** "pulls guard", "swept with the scissor": a name that begins with a verb in the third person or the past tells what was done. */
function saidAsDone({ match, words }: BestReading, modifiers: Modifiers): Modifiers {
  const isDone =
    /^(?:pulls|pulled|jumps|jumped|passes|passed|sweeps|swept|escapes|escaped|takes|took|throws|threw)$/.test(
      words[0] ?? '',
    );
  const isMove =
    findTechnique(match.concept.id) !== undefined &&
    !modifiers.stage &&
    !modifiers.end &&
    !modifiers.missed &&
    !modifiers.verdict;
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
