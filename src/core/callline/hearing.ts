import { opponentOf, type RoundState } from '../round';
import { findPosition, findTechnique, isUnnamed, techniques } from '../vocabulary';
import { cutClauses, readAside } from './asides';
import { type AttemptSentence, readAttemptSentence } from './attemptSentence';
import { type BestReading, bestReading, CERTAIN, placeOf } from './bestReading';
import type { CallContext } from './callContext';
import { type Doing, readDoing } from './doings';
import { goingAttempt, hearSuffered } from './hearSuffered';
import { type Judged, judge } from './judgement';
import { TAKEN_CONFIDENCE } from './matchConcept';
import type { Modifiers } from './modifiers';
import { fitsModifiers, modifierOf } from './modifiers';
import { readGripByPart } from './ownWords';
import { type PlainCall, readPlainCall, readTap, saysCondition } from './plainCalls';
import { readPositionSentence } from './positionSentence';
import type { VocabularyIndex } from './vocabularyIndex';
import { athleteCalled, readAthlete, type Who } from './who';
import { stemOf, wordsOf } from './words';

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

/** A name that was said together with a plain verb must be this sure. @source own decision */
const NAMED_WITH_VERB = 0.7;
/** A sentence of the catalogue that begins with the verb of a doing must be this sure to be meant instead. @source own decision */
const SENTENCE_NAMED = 0.9;
const FEINTED = 0.78;

/** Who and what. An initial gives way to a name that begins with that letter: "k guard" is a guard, also when somebody is called Karim. */
function whoAndWhat(words: readonly string[], index: VocabularyIndex, context: CallContext) {
  const who = readAthlete(words, context);
  const judged = judge(who.words);
  const best = bestReading(withoutOther(who, context), index, context, { place: placeOf(who, context.state), judged });
  const [first = ''] = words;
  if (!who.named || first.length > 1 || first === 'a' || first === 'b') return { who, best, judged };
  const whole = bestReading(words, index, context);
  const isName =
    whole && whole.match.confidence >= 0.95 && whole.match.confidence > (best?.match.confidence ?? 0) - 0.03;
  return isName ? { who: { athlete: 'a' as const, named: false, words }, best: whole, judged } : { who, best, judged };
}

/** The words without the name of the one to whom something is done. */
function withoutOther(who: Who, { calledBy }: CallContext): readonly string[] {
  if (!who.named) return who.words;
  const other = calledBy[opponentOf(who.athlete)];
  const isOther = (word: string) => other.includes(word) || (word.endsWith('s') && other.includes(word.slice(0, -1)));
  // "punished from blue" names a belt, not a kit.
  const rest = who.words.filter((word, at) => word.length < 2 || who.words[at - 1] === 'from' || !isOther(word));
  return rest.length > 0 ? rest : who.words;
}

/** What the words say as one statement; undefined where they name nothing. */
export function hear(words: readonly string[], index: VocabularyIndex, context: CallContext): Heard | undefined {
  const { who, best, judged } = whoAndWhat(words, index, context);
  const feint = hearFeint(who, index, context);
  if (feint) return feint;
  const tap = readTap(who, context);
  if (tap) return { kind: 'plain', who, plain: tap, best };
  const told = judged?.firm && judged.judgement === 'good' ? undefined : readAttemptSentence(words, index, context);
  if (told) return attempted(told, who, context);
  const placed = judged?.firm ? undefined : readPositionSentence(words, index, context);
  if (placed) {
    const by: Who = placed.athlete ? { ...who, athlete: placed.athlete, named: true } : { ...who, named: false };
    return { kind: 'named', who: by, best: placed.best, modifiers: placed.modifiers };
  }
  // "I pass", "tips him over": with "I" before it or somebody behind it a verb is a verb, whatever else is called so.
  const isVerb = words[0] === 'i' || doneToSomebody.test(who.words.join(' '));
  const verbal = isVerb ? readDoing(withoutOther(who, context), context.state, words[0] === 'i') : undefined;
  const verbally = verbal && !judged?.firm && hearDoing({ doing: verbal, who, judged, index, context });
  if (verbally) return verbally;
  // The words from the first one on are a name: then it is that name, whatever else they may be.
  const certain =
    best !== undefined &&
    best.match.confidence >= CERTAIN &&
    best.words[0] === who.words[0] &&
    // What has no name is told by its verb: "gets passed" is no "gets past".
    !isUnnamed(best.match.concept.id);
  if (certain) return named(who, best);
  if (who.named && saysCondition(who.words)) return { kind: 'condition', who };
  const suffered = hearSuffered(who, index, context);
  if (suffered) return { kind: 'named', ...suffered };
  const done = readDoing(withoutOther(who, context), context.state, words[0] === 'i');
  if (done?.byOther) {
    const heard = hearDoing({ doing: done, who, best, judged, index, context });
    if (heard) return heard;
  }
  const plain = readPlainCall(who, context);
  if (plain) return { kind: 'plain', who, plain, best };
  if (best && holdsMore(who, best, judged)) return undefined;
  const heard = done && hearDoing({ doing: done, who, best, judged, index, context });
  if (heard) return heard;
  return best && isTaken(best, judged, context.state) ? named(who, best) : undefined;
}

/**
 * How sure a reading must be to be taken. Sentences of the catalogue share words with everything that is said, a name of two words does not; praise is said with
 * a word of praise. @source own decision, by what came true of the calls that others wrote
 */
function isTaken(
  { match: { concept, confidence } }: BestReading,
  judged: Judged | undefined,
  state: RoundState,
): boolean {
  if (concept.kind === 'strength' && judged?.judgement !== 'good') return confidence >= 0.93;
  if (concept.kind !== 'error' && concept.kind !== 'strength') return confidence >= TAKEN_CONFIDENCE;
  const family = state.kind === 'position' ? findPosition(state.positionId)?.family : undefined;
  return confidence >= (family !== undefined && concept.families.includes(family) ? 0.72 : 0.8);
}

const named = (who: Who, best: BestReading): Heard => ({
  kind: 'named',
  who,
  best,
  modifiers: saidAsDone(best, withArrival(best)),
  remark: best.tail?.join(' '),
});

/** A sentence about an attempt of which every word is explained. */
function attempted({ athlete, best, modifiers }: AttemptSentence, who: Who, context: CallContext): Heard {
  const by: Who = athlete ? { ...who, athlete, named: true } : { ...who, named: false };
  const going = modifiers.end ? goingAttempt(best.match.concept.id, athlete, context) : undefined;
  const stage = going && !modifiers.stage ? { stage: going.stage } : {};
  return {
    kind: 'named',
    who: by,
    best,
    modifiers: { ...withArrival({ ...best, modifiers }), ...stage },
    finishesId: going?.id,
  };
}

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
function withArrival({ match, modifiers, to }: BestReading): Modifiers {
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

/** "fakes the pull and hits the ankle pick": the second is meant, the first was shown; "fakes the throw" alone is a bait. */
function hearFeint(who: Who, index: VocabularyIndex, context: CallContext): Heard | undefined {
  const [, shown = '', meant] =
    /^(?:fakes|faked|feints|feinted|fake|pretends)(?: to)? (.+?)(?: (?:and|then|and then|to hit|to get|into)(?: (?:goes|hits|gets|takes|for|the|to))* (.+))?$/.exec(
      who.words.join(' '),
    ) ?? [];
  if (shown === '') return undefined;
  const best = bestReading((meant ?? shown).split(' '), index, context, { place: placeOf(who, context.state) });
  if (!best || best.match.confidence < FEINTED) return undefined;
  if (meant === undefined) return { kind: 'named', who, best, modifiers: { ...best.modifiers, verdict: 'bait' } };
  return { kind: 'named', who, best, modifiers: withArrival(best), remark: `fakes ${shown}` };
}

/** "gets the wrist" holds the wrist and locks nothing: what hands take is a grip, unless a longer name was said or it is judged. */
const holdsMore = (who: Who, { match, words }: BestReading, judged: Judged | undefined): boolean =>
  !judged?.firm &&
  match.concept.kind === 'attempt' &&
  match.confidence < CERTAIN &&
  words.length < 3 &&
  readGripByPart(who.words) !== undefined;

/** @source own decision */
const OBJECT_NAMED = 0.9;
const isSentence = ({ match }: BestReading): boolean => ['error', 'strength'].includes(match.concept.kind);

/** Whether the words of a reading begin with the verb of the call. */
const beginsAlike = ({ words }: BestReading, who: Who): boolean =>
  stemOf(words[0] ?? '') === stemOf(who.words[0] ?? '');
const doneToSomebody = / (?:him|her|them|me|you)(?: over| down| off| again| backwards| to the mat| cleanly)*$/;

interface Told {
  readonly doing: Doing;
  readonly who: Who;
  readonly best?: BestReading;
  readonly judged?: Judged;
  readonly index: VocabularyIndex;
  readonly context: CallContext;
}

const classWords: ReadonlySet<string> = new Set(
  'pass sweep takedown take back guard escape chok lock down over revers submit throw the a his her to on is was are now again just then off'.split(
    ' ',
  ),
);
/** Whether words say more than the class of a technique. */
const namesMore = (words: readonly string[]): boolean => words.some((word) => !classWords.has(stemOf(word)));

/** A plain verb, or the technique that is named beside it when it is one of that class: "passes with the knee slice". */
function hearDoing({ doing, who, best, judged, index, context }: Told): Heard | undefined {
  const { class: wanted } = findTechnique(doing.conceptId) ?? {};
  const classOf = (reading: BestReading | undefined) => reading && findTechnique(reading.match.concept.id)?.class;
  const rest =
    doing.rest === ''
      ? undefined
      : bestReading(doing.rest.replace(/^(?:up|on|in|out) /, '').split(' '), index, context);
  const together = [best, rest].find(
    (one) => one && classOf(one) === wanted && one.match.confidence >= NAMED_WITH_VERB && namesMore(one.words),
  );
  if (together && !doing.byOther)
    return { kind: 'named', who, best: together, modifiers: { ...doing.modifiers, ...together.modifiers } };
  // "throws up a triangle": the verb only brings it on.
  if (
    rest &&
    rest.match.confidence >= OBJECT_NAMED &&
    rest.match.concept.kind === 'attempt' &&
    classOf(rest) !== wanted
  )
    return { kind: 'named', who, best: rest, modifiers: rest.modifiers };
  // A sentence of the catalogue that begins with the same verb: "passes from the knees".
  if (!doing.byOther && best && best.match.confidence >= SENTENCE_NAMED && isSentence(best) && beginsAlike(best, who))
    return undefined;
  const arrival = best?.to ?? rest?.match.concept;
  const known = techniques.filter(
    ({ class: one, ...technique }) =>
      one === wanted &&
      one !== 'submissions' &&
      'resultPositionId' in technique &&
      technique.resultPositionId === arrival?.id,
  );
  const [only] = known;
  if (judged?.firm && judged.judgement !== 'chance' && doing.rest !== '') return undefined;
  return {
    kind: 'plain',
    who,
    best,
    remark: doing.rest || undefined,
    plain: {
      conceptId: wanted === 'guard-pulls' && only ? only.id : doing.conceptId,
      modifiers: judged?.judgement === 'chance' ? { missed: true } : doing.modifiers,
      conceptWords: who.words,
      settled: false,
    },
    ...(doing.byOther ? { byOther: true } : {}),
  };
}

/** "shoots a single leg, bruno sprawls": another name behind a comma begins a statement of its own. */
export function changesSubject(text: string, context: CallContext): boolean {
  const [first = '', ...others] = cutClauses(text).map(wordsOf);
  const who = readAthlete([...first], context);
  return (
    who.named &&
    others.some(
      ([name = '', ...rest]) =>
        rest.length > 0 && name.length > 1 && athleteCalled(name, context) === opponentOf(who.athlete),
    )
  );
}

/** Where the whole says nothing, one of its clauses may: the first that does; what stands beside it says how it went, or stays as a remark. */
export function hearClauses(text: string, index: VocabularyIndex, context: CallContext): Heard | undefined {
  const cut = cutClauses(text);
  const isJoined = cut.length < 2;
  const clauses = isJoined ? text.split(/\s+(?:and then|and|then)\s+/i) : cut;
  if (clauses.length < 2) return undefined;
  const judged = judge(wordsOf(text));
  const subject = readAthlete(wordsOf(clauses[0] ?? ''), context);
  const found = clauses.flatMap((clause, at) => {
    const words = wordsOf(clause);
    if (words.length === 0 || (at > 0 && readAside(words) && !isJoined)) return [];
    const alone = hear(words, index, context);
    if (!alone || alone.kind === 'condition' || !suitsWhole(alone, judged)) return [];
    const who = alone.who.named || !subject.named ? alone.who : { ...alone.who, athlete: subject.athlete, named: true };
    return [{ at, heard: { ...alone, who } as Heard }];
  });
  // Of two things that are joined by "and", what was carried out is the news, the other how it came.
  const told = (isJoined && found.findLast(({ heard }) => isFinished(heard))) || found[0];
  return (
    told &&
    withAsides(
      namedTogether(
        told.heard,
        found.filter((one) => one !== told).map(({ heard }) => heard),
        index,
        context,
      ),
      clauses.filter((_, other) => other !== told.at),
    )
  );
}

const classNouns: Readonly<Record<string, string>> = {
  takedowns: 'takedown',
  passes: 'pass',
  sweeps: 'sweep',
  'back-takes': 'back take',
  escapes: 'escape',
};
/** How sure the name that two clauses make must be. @source own decision */
const MADE_TOGETHER = 0.93;

/** "body locks her and takes her down": what one clause holds and the other does is the body lock takedown, where there is one. */
function namedTogether(told: Heard, others: readonly Heard[], index: VocabularyIndex, context: CallContext): Heard {
  if (told.kind !== 'plain' || told.byOther) return told;
  const { class: wanted = '' } = findTechnique(told.plain.conceptId) ?? {};
  const noun = classNouns[wanted];
  if (!noun) return told;
  for (const other of others) {
    if (other.kind !== 'named') continue;
    const best = bestReading(`${other.best.match.concept.name} ${noun}`.split(' '), index, context);
    const isMade =
      best && best.match.confidence >= MADE_TOGETHER && findTechnique(best.match.concept.id)?.class === wanted;
    if (isMade) return { kind: 'named', who: told.who, best, modifiers: told.plain.modifiers, remark: told.remark };
  }
  return told;
}

/** A call that says outright that something is wrong is no grip and no position, unless that was named as it stands. */
const suitsWhole = (heard: Heard, judged: Judged | undefined): boolean =>
  heard.kind !== 'named' ||
  !judged?.firm ||
  judged.judgement !== 'error' ||
  !['grip', 'position'].includes(heard.best.match.concept.kind) ||
  heard.best.match.confidence >= CERTAIN;

const isFinished = (heard: Heard): boolean =>
  (heard.kind === 'named' ? heard.modifiers : heard.kind === 'plain' ? heard.plain.modifiers : {}).end === 'finished';

/** Adds what side clauses say to the mark, as far as its kind can carry it; the rest stays as its remark. */
function withAsides(heard: Heard, clauses: readonly string[]): Heard {
  if (heard.kind === 'condition') return heard;
  const kind = heard.kind === 'named' ? heard.best.match.concept.kind : 'attempt';
  let added: Modifiers = {};
  const left: string[] = [];
  for (const clause of clauses) {
    const words = wordsOf(clause);
    const exact = modifierOf(words);
    const aside = exact ?? readAside(words);
    if (aside && fitsModifiers(kind, aside)) added = { ...added, ...aside };
    if (!exact || !fitsModifiers(kind, exact)) left.push(clause);
  }
  const remark = [heard.remark, ...left].filter(Boolean).join(' - ') || undefined;
  return heard.kind === 'named'
    ? { ...heard, remark, modifiers: { ...heard.modifiers, ...added } }
    : { ...heard, remark, plain: { ...heard.plain, modifiers: { ...heard.plain.modifiers, ...added } } };
}
