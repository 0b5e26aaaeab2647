import { readDoing } from '../callline';
import { type Athlete, opponentOf, stateAfterAttempt } from '../round';
import { findTechnique } from '../vocabulary';
import type { Hearer } from './freeSpeech';
import type { Hearing } from './hearing';

const taps = /^(?:and )?(?:taps?|tapped|taps? out|has to tap|have to tap|had to tap|is tapping|tapping)\b/;
/** "and ana taps": the attack that was on is finished, or one of which nothing was told. */
export const hearTap: Hearer = ({ told, athlete, doer, named, sentence, atSeconds, propose }, hearing) => {
  if (!athlete || !taps.test(told.join(' '))) return false;
  const winner = opponentOf(athlete);
  if (!endByTap(winner, atSeconds, hearing) && named.size === 0)
    propose({
      ...{ kind: 'attempt', techniqueId: 'unnamed-submission', athlete: winner, stage: 'finished', end: 'finished' },
      ...{ note: sentence.text, sureWho: doer !== undefined },
    });
  return true;
};

/** "locks it up": the attempt that was told of has come further. */
export const hearFurther: Hearer = ({ told, athlete, named, atSeconds }, hearing) => {
  const further = athlete && named.size === 0 ? stageOfIt(told.join(' ')) : undefined;
  if (!further || !athlete) return false;
  takeFurther(athlete, further, atSeconds, hearing);
  return true;
};

/** "he just walks around": a class of techniques, told by its verb. */
export const hearDoing: Hearer = (free, hearing) => {
  const { words, told, athlete, doer, judged, named, sentence, atSeconds, propose } = free;
  const isFault = judged?.firm && judged.judgement === 'error';
  if (!athlete || named.has('attempt') || named.has('position') || isFault) return false;
  const doing = readDoing(told, hearing.state, doer !== undefined && bareVerbs.has(words[doer.at] ?? ''));
  if (!doing) return false;
  const by = doing.byOther ? opponentOf(athlete) : athlete;
  const sureWho = doer !== undefined;
  if (judged?.judgement === 'chance') {
    propose({ kind: 'chance', techniqueId: doing.conceptId, athlete: by, sureWho });
    return true;
  }
  const { stage = 'entry', end } = doing.modifiers;
  const draft = { kind: 'attempt' as const, techniqueId: doing.conceptId, athlete: by, stage, end };
  if (!propose({ ...draft, note: sentence.text, sureWho })) return true;
  hearing.lastAttempt = { athlete: by, atSeconds, at: hearing.readings.length - 1 };
  const after = end === 'finished' ? stateAfterAttempt({ ...draft, id: '', atSeconds: 0 }) : undefined;
  if (after) {
    hearing.state = after;
    hearing.stateIsImplied = true;
  }
  return true;
};

/** Behind these a verb has no ending: "you take the back". */
const bareVerbs: ReadonlySet<string> = new Set(['i', 'you', 'we', 'they']);

/** "locks it up", "finishes it": how far the attempt that was just told of has come. */
function stageOfIt(text: string): { readonly stage: 'locked' | 'finished'; readonly end?: 'finished' } | undefined {
  if (/^(?:finishes|finished|finish|gets|completes) it\b/.test(text)) return { stage: 'finished', end: 'finished' };
  return /^(?:locks|locked|lock|closes|squeezes) (?:it|that)(?: up| in| on| tight)?\b/.test(text)
    ? { stage: 'locked' }
    : undefined;
}

/** Takes the last attempt of this athlete so far, when it was told of a moment ago. */
function takeFurther(
  athlete: Athlete,
  further: { readonly stage: 'locked' | 'finished'; readonly end?: 'finished' },
  atSeconds: number,
  hearing: Hearing,
): void {
  const at = hearing.readings.findLastIndex(({ draft }) => draft.kind === 'attempt' && draft.athlete === athlete);
  const one = hearing.readings[at];
  if (one?.draft.kind !== 'attempt' || one.draft.end || atSeconds - one.saidAtSeconds > TAP_SECONDS) return;
  hearing.readings[at] = { ...one, draft: { ...one.draft, ...further } };
}

/** A tap belongs to the attack that was on a moment ago. @source own decision */
const TAP_SECONDS = 30;

/** "and ana taps": the other one's attack is finished. Answers whether there was one. */
function endByTap(winner: Athlete, atSeconds: number, hearing: Hearing): boolean {
  const at = hearing.readings.findLastIndex(
    ({ draft }) =>
      draft.kind === 'attempt' &&
      draft.athlete === winner &&
      draft.end !== 'escaped' &&
      findTechnique(draft.techniqueId)?.class === 'submissions',
  );
  const one = hearing.readings[at];
  if (one?.draft.kind !== 'attempt' || atSeconds - one.saidAtSeconds > TAP_SECONDS) return false;
  hearing.readings[at] = { ...one, draft: { ...one.draft, stage: 'finished', end: 'finished' } };
  return true;
}
