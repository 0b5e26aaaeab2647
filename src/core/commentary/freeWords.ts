import { holderOf, type MarkDraft, readDoing, readGripByPart } from '../callline';
import { type Athlete, opponentOf, placeOfRole, roleIn, stateAfterAttempt } from '../round';
import { findPosition, findTechnique } from '../vocabulary';
import type { Pointing } from './athletes';
import { hearRuling, hearStop } from './calledOut';
import { add, type DraftPart } from './collect';
import { actorOf, leading } from './doer';
import type { Hearing, Said } from './hearing';
import { proposeJudged } from './judgedClause';
import { judgeSpeech } from './judgeSpeech';
import type { Sentence, SpokenWord } from './sentences';

/** A clause that names no entry of the catalogue, and whom it points at. */
export interface FreeClause {
  readonly sentence: Sentence;
  readonly words: readonly string[];
  readonly pointings: readonly Pointing[];
}

/**
 * What a clause tells without naming an entry: a plain doing ("he just walks around it"), a grip as a verb and what the hand holds, a judgement about a part of
 * the body. Answers whether something was proposed.
 */
export function proposeFree(
  clause: FreeClause,
  hearing: Hearing,
  named: ReadonlySet<MarkDraft['kind']> = new Set(),
): boolean {
  const { words, pointings, sentence } = clause;
  const doer = actorOf(pointings, sentence.words);
  const isOver = /^(?:and |so |then )*over (?:he|she|they|you|we) go/.test(words.join(' '));
  const from = doer && doer.role === 'doer' && !isOver ? doer.at + 1 : 0;
  const told = withoutLeading(words.slice(from));
  const athlete = doer?.athlete ?? hearing.listener.last?.athlete;
  const at = sentence.words[0]?.atSeconds ?? 0;
  const judged = judgeSpeech(withoutLeading(words));
  const said: Said = {
    mention: {
      concept: { id: '', kind: 'error', name: '', families: [], uniform: 'both' },
      rivals: [],
      from: Math.min(from, words.length - 1),
      to: words.length - 1,
      score: 0,
    },
    clause: { before: '', after: '', from: 0, to: words.length - 1 },
    words: sentence.words,
    pointings,
    sentence,
    whole: ` ${words.join(' ')} `,
  };
  const propose = (draft: DraftPart & { readonly sureWho?: boolean }, others: readonly MarkDraft[] = []) =>
    add(draft, said, hearing, others);
  const sureWho = doer !== undefined;
  const whole = words.join(' ');
  const stop = hearStop(whole);
  if (stop) {
    const { forSeconds, reason } = stop;
    return propose({
      kind: 'stoppage',
      endSeconds: at + forSeconds,
      note: sentence.text,
      ...(reason ? { reason } : {}),
    });
  }
  const ruling = hearRuling(whole, pointings.find((one) => one.byName)?.athlete ?? hearing.lastAttempt?.athlete);
  if (ruling) return propose({ kind: 'ruling', ...ruling, note: sentence.text, sureWho });
  if (told.length === 0) return false;
  if (athlete && taps.test(told.join(' '))) {
    const winner = opponentOf(athlete);
    const tapped = {
      kind: 'attempt',
      techniqueId: 'unnamed-submission',
      athlete: winner,
      stage: 'finished',
      end: 'finished',
    } as const;
    return endByTap(winner, at, hearing) || (named.size === 0 && propose({ ...tapped, note: sentence.text, sureWho }));
  }
  const further = athlete && named.size === 0 ? stageOfIt(told.join(' ')) : undefined;
  if (further && athlete) return takeFurther(athlete, further, at, hearing);
  const inside = named.has('position') ? undefined : insideOf(sentence.words, pointings, hearing);
  if (inside) return propose({ ...inside, sureWho: true });
  const risen = athlete && !named.has('position') ? standsUp(told.join(' '), athlete, hearing) : undefined;
  if (risen) return propose({ ...risen, sureWho });
  const doing =
    named.has('attempt') || named.has('position') || (judged?.firm && judged.judgement === 'error')
      ? undefined
      : readDoing(told, hearing.state, doer !== undefined && bareVerbs.has(words[doer.at] ?? ''));
  if (doing && athlete) {
    const by = doing.byOther ? opponentOf(athlete) : athlete;
    const { stage = 'entry', end } = doing.modifiers;
    if (judged?.judgement === 'chance')
      return propose({ kind: 'chance', techniqueId: doing.conceptId, athlete: by, sureWho });
    const draft = { kind: 'attempt' as const, techniqueId: doing.conceptId, athlete: by, stage, end };
    const isNew = propose({ ...draft, note: sentence.text, sureWho });
    if (isNew)
      hearing.lastAttempt = {
        athlete: by,
        atSeconds: sentence.words[0]?.atSeconds ?? 0,
        at: hearing.proposals.length - 1,
      };
    const after = isNew && end === 'finished' ? stateAfterAttempt({ ...draft, id: '', atSeconds: 0 }) : undefined;
    if (after) {
      hearing.state = after;
      hearing.stateIsImplied = true;
    }
    return isNew;
  }
  // "has both sleeves": what leads in may be the verb.
  const grip =
    judged?.firm || named.has('grip') || named.has('error')
      ? undefined
      : (readGripByPart(told) ?? readGripByPart(words.slice(from)));
  if (grip && athlete)
    return propose({ kind: 'grip', gripId: grip.gripId, athlete, outcome: grip.outcome, note: sentence.text, sureWho });
  return proposeJudged({ clause, told, athlete, judged, named, propose }, hearing);
}

/** Behind these a verb has no ending: "you take the back". */
const bareVerbs: ReadonlySet<string> = new Set(['i', 'you', 'we', 'they']);

const taps = /^(?:and )?(?:taps?|tapped|taps? out|has to tap|have to tap|had to tap|is tapping|tapping)\b/;

/** "locks it up", "finishes it": how far the attempt that was just told of has come. */
function stageOfIt(text: string): { readonly stage: 'locked' | 'finished'; readonly end?: 'finished' } | undefined {
  if (/^(?:finishes|finished|finish|gets|completes) it\b/.test(text)) return { stage: 'finished', end: 'finished' };
  return /^(?:locks|locked|lock|closes|squeezes) (?:it|that)(?: up| in| on| tight)?\b/.test(text)
    ? { stage: 'locked' }
    : undefined;
}

/** Takes the last attempt of this athlete so far, when it was told of a moment ago; proposes nothing new. */
function takeFurther(
  athlete: Athlete,
  further: { readonly stage: 'locked' | 'finished'; readonly end?: 'finished' },
  atSeconds: number,
  hearing: Hearing,
): boolean {
  const at = hearing.proposals.findLastIndex(({ draft }) => draft.kind === 'attempt' && draft.athlete === athlete);
  const one = hearing.proposals[at];
  if (one?.draft.kind !== 'attempt' || one.draft.end || atSeconds - one.saidAtSeconds > TAP_SECONDS) return false;
  hearing.proposals[at] = { ...one, draft: { ...one.draft, ...further } };
  return false;
}

/**
 * "You're in his half", "with her in your guard": where somebody is by whose legs they are between. A guard of which nothing more is told is the closed one,
 * unless a guard of theirs is known already. @source common practice
 */
function insideOf(words: readonly SpokenWord[], pointings: readonly Pointing[], { state }: Hearing) {
  const wordAt = (at: number) => words[at]?.word ?? '';
  const owner = pointings.find(
    ({ role, at }) =>
      role === 'owner' &&
      /^(?:in|inside|into|between)$/.test(wordAt(at - 1)) &&
      /^(?:guard|half|legs)$/.test(wordAt(at + (/^(?:full|closed)$/.test(wordAt(at + 1)) ? 2 : 1))),
  );
  if (!owner) return undefined;
  const positionId = /^half$/.test(wordAt(owner.at + 1)) ? 'half-guard' : 'closed-guard';
  const holder = holderOf(positionId, owner.athlete, 'under');
  const known = state.kind === 'position' ? findPosition(state.positionId) : undefined;
  const isKnown =
    state.kind === 'position' &&
    placeOfRole(roleIn(state.positionId, state.holder, owner.athlete)) === 'under' &&
    (positionId === 'half-guard' ? known?.family === 'half-guard' : /guard/.test(known?.family ?? ''));
  return isKnown ? undefined : ({ kind: 'position', positionId, holder } as const);
}

/** Who stands up in the closed guard stands in it. */
function standsUp(text: string, athlete: Athlete, { state }: Hearing) {
  if (!/^(?:gets|get|got|stands|stand|stood|rises|rose|comes|pops) (?:right |back |straight )?up\b/.test(text))
    return undefined;
  if (state.kind !== 'position' || !['closed-guard', 'high-closed-guard'].includes(state.positionId)) return undefined;
  if (placeOfRole(roleIn(state.positionId, state.holder, athlete)) !== 'over') return undefined;
  return {
    kind: 'position',
    positionId: 'closed-guard-standing',
    holder: holderOf('closed-guard-standing', athlete, 'over'),
  } as const;
}

/** A tap belongs to the attack that was on a moment ago. @source own decision */
const TAP_SECONDS = 30;

/** "and ana taps": the other one's attack is finished. Answers whether there was one. */
function endByTap(winner: Athlete, atSeconds: number, hearing: Hearing): boolean {
  const at = hearing.proposals.findLastIndex(
    ({ draft }) =>
      draft.kind === 'attempt' &&
      draft.athlete === winner &&
      draft.end !== 'escaped' &&
      findTechnique(draft.techniqueId)?.class === 'submissions',
  );
  const one = hearing.proposals[at];
  if (one?.draft.kind !== 'attempt' || atSeconds - one.saidAtSeconds > TAP_SECONDS) return false;
  hearing.proposals[at] = { ...one, draft: { ...one.draft, stage: 'finished', end: 'finished' } };
  return true;
}

function withoutLeading(words: readonly string[]): readonly string[] {
  const at = words.findIndex((word) => !leading.has(word));
  return at < 0 ? [] : words.slice(at);
}
